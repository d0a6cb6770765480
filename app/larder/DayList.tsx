import { useState } from 'react';
import type { KeepItem } from '../../core/keep/index.ts';
import { wallNow } from '../clock/index.ts';
import { calendarDay, day, dayAndTime } from '../ui/index.ts';
import type { Dated } from './ByDay.tsx';
import { daysWords } from './ByDay.tsx';
import type { Keeper } from './limitsOf.ts';
import { limitsOf } from './limitsOf.ts';
import { FORM_WORDS, STORE_WORDS } from './words.ts';

type Props = { readonly session: Keeper; readonly items: readonly KeepItem[]; readonly dated: readonly Dated[] };

/** Only on paper: what there is today, where, until when, with what in it; a box for each to tick when it is sold out or thrown away. `items`, `dated`: to be used first, first. */
export const DayList = ({ session, items, dated }: Props) => {
  const { kit } = session;
  const [now] = useState(wallNow);
  return (
    <section aria-label="Day list" className="hidden text-black print:block">
      <h1 className="text-2xl">
        {kit.name}, {day(now, kit.zone)}
      </h1>
      <table className="mt-3 w-full text-sm">
        <thead>
          <tr className="border-b-2 border-black text-left">
            {['', 'What', 'How much', 'Where', 'Made', 'Use by', 'Contains'].map((head) => (
              <th key={head} scope="col" className="py-1 pr-3">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {items.map((item) => {
            const [first] = limitsOf(session, item);
            return (
              <tr key={item.id} className="border-b border-black/30 align-baseline">
                <td className="pr-2">
                  <span aria-hidden className="inline-block size-4 border border-black" />
                </td>
                <th scope="row" className="py-1 pr-3 text-left">
                  {item.name}
                </th>
                <td className="pr-3">{item.amount === '' ? FORM_WORDS[item.form] : item.amount}</td>
                <td className="pr-3">{STORE_WORDS[item.place]}</td>
                <td className="pr-3">{dayAndTime(item.from, kit.zone)}</td>
                <td className="pr-3 font-bold">
                  {first === undefined
                    ? ''
                    : first.until < now
                      ? `over: ${dayAndTime(first.until, kit.zone)}`
                      : dayAndTime(first.until, kit.zone)}
                </td>
                <td>{item.allergens.join(', ')}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {dated.length > 0 && (
        <p className="mt-3 text-sm">
          By the day on their packets:{' '}
          {dated.map(({ name, goodUntil, days }) => `${name} ${calendarDay(goodUntil)} (${daysWords(days)})`).join(', ')}.
        </p>
      )}
      <p className="mt-3 text-xs">What is over is not sold. The local code decides.</p>
    </section>
  );
};
