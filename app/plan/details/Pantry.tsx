import { wallTime } from '../../../core/basis/index.ts';
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { Counted } from '../../../core/lot/index.ts';
import { isPastOn } from '../../../core/lot/index.ts';
import { wallNow } from '../../clock/index.ts';
import { DayEntry, grams, money, NumberEntry } from '../../ui/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { usePantry } from './usePantry.ts';

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: NonNullable<PlannedRun['plan']>;
};

const MOST_G = 1e7;

/** What the morning takes of everything, what of it is there, and what is short; on paper always whole. */
export const Pantry = ({ session, planned, plan }: Props) => {
  const carryOut = useDo();
  const list = usePantry(session, planned, plan);
  if (list === null) return null;
  const { items, byEye } = list;
  const { currency } = session.kit;
  const counted = items.filter(({ there_g }) => there_g !== null);
  const short = counted.filter(({ short_g }) => short_g >= 1);
  const cost = items.reduce((sum, item) => sum + (item.cost ?? 0), 0);
  const shortCost = items.reduce((sum, item) => sum + (item.shortCost ?? 0), 0);
  const count = (id: string, there_g: number | null): void =>
    void carryOut(
      commands.changeKit((kit) => {
        const others = (kit.stock ?? []).filter((one) => one.id !== id);
        const before = (kit.stock ?? []).find((one) => one.id === id);
        return { ...kit, stock: there_g === null ? others : [...others, { ...before, id, grams: there_g, at: Math.round(wallNow()) }] };
      }),
    );
  const dated = (id: string, day: string): void =>
    void carryOut(
      commands.changeKit((kit) => ({
        ...kit,
        stock: (kit.stock ?? []).map((one) => (one.id === id ? { ...one, goodUntil: day === '' ? undefined : day } : one)),
      })),
    );
  const { stock = [] } = session.kit;
  const { run } = planned;
  const serveDay = wallTime(run.serveAt, run.zone).slice(0, 10);
  return (
    <Disclosure as="section" aria-label="Pantry">
      <DisclosureButton className="group no-print flex min-h-11 items-center gap-2 text-lg font-semibold">
        <ChevronDown aria-hidden className="size-5 text-act group-data-open:rotate-180" />
        Pantry: {items.length} things
        <span className="font-normal text-quiet" data-figure="short" data-exact={short.length}>
          {counted.length === 0
            ? 'no stock entered'
            : short.length === 0
              ? `of ${counted.length} counted none is short`
              : `short of ${short.map(({ name }) => name.toLowerCase()).join(', ')}`}
          {cost > 0 && `, ${money(shortCost, currency)} of ${money(cost, currency)} to buy`}
        </span>
      </DisclosureButton>
      <DisclosurePanel static className="hidden data-open:block print:block">
        <table className="w-full max-w-4xl">
          <caption className="sr-only">What the morning takes, what is there, and what is to be bought</caption>
          <thead>
            <tr className="text-left text-[15px] text-quiet">
              <th scope="col">What</th>
              <th scope="col" className="text-right">
                needed, g
              </th>
              <th scope="col" className="pl-6">
                there, g
              </th>
              <th scope="col" className="pl-4">
                good until
              </th>
              <th scope="col" className="text-right">
                to buy, g
              </th>
              <th scope="col" className="text-right">
                cost, {currency}
              </th>
            </tr>
          </thead>
          <tbody>
            {items.map(({ ingredientId, name, grams: needed_g, there_g, short_g, shortCost: own }) => (
              <tr key={ingredientId} className="border-b border-line" data-ingredient={ingredientId}>
                <th scope="row" className="py-1 text-left font-normal">
                  {name}
                </th>
                <td className="text-right">{grams(needed_g)}</td>
                <td className="pl-6 [&_label]:sr-only">
                  <NumberEntry
                    narrow
                    label={`${name} there, g`}
                    value={there_g === null ? null : Math.floor(there_g)}
                    placeholder="not counted"
                    min={0}
                    max={MOST_G}
                    mayBeEmpty
                    onChange={(value) => count(ingredientId, value)}
                  />
                </td>
                <td className="pl-4">
                  <GoodUntil
                    name={name}
                    counted={stock.find(({ id }) => id === ingredientId)}
                    serveDay={serveDay}
                    onChange={(day) => dated(ingredientId, day)}
                  />
                </td>
                <td className="text-right font-semibold">{short_g >= 1 ? grams(short_g) : ''}</td>
                <td className="text-right">{own === null || own < 0.005 ? '' : own.toFixed(2)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {byEye.length > 0 && <p className="mt-1 text-[15px] text-quiet">And by eye: {byEye.join('; ')}.</p>}
      </DisclosurePanel>
    </Disclosure>
  );
};

type GoodUntilProps = {
  readonly name: string;
  readonly counted: Counted | undefined;
  readonly serveDay: string;
  readonly onChange: (day: string) => void;
};

/** The day on the packet of what was counted; past by the morning it isn't there for it. */
const GoodUntil = ({ name, counted, serveDay, onChange }: GoodUntilProps) =>
  counted !== undefined && (
    <span className="flex flex-wrap items-center gap-2">
      <DayEntry label={`${name} good until`} shown="" none="no day" value={counted.goodUntil ?? ''} onChange={onChange} />
      {isPastOn(counted, serveDay) && <b className="text-[15px] text-hazard">past its day by then</b>}
    </span>
  );
