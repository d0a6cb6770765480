import { useState } from 'react';
import { usableOf } from '../../../core/keep/index.ts';
import type { Dish, Run } from '../../../core/run/index.ts';
import { dayAndTime, NumberEntry } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useRows } from '../../store/index.ts';
import type { ChangeDish } from '../change.ts';

type Props = { readonly session: Session; readonly run: Run; readonly dish: Dish; readonly onChange: ChangeDish };

/** What is left from earlier mornings comes first: so many fewer are cooked. */
export const FromKept = ({ session, run, dish, onChange }: Props) => {
  const items = useRows('keepItems');
  // Emptied to be typed anew, an entry stays.
  const [asked, setAsked] = useState<ReadonlySet<string>>(new Set());
  const formula = session.everyFormula.find(({ id }) => id === dish.formulaId);
  if (items === undefined || formula === undefined) return null;
  const taken = dish.fromKept ?? [];
  const usable = usableOf(items, formula, session.lots, run.serveAt, session.kit.room_C);
  // What was used up meanwhile was used for this.
  const gone = taken.filter(
    ({ itemId }) => !usable.some(({ item }) => item.id === itemId) && !items.some(({ id, usedAt }) => id === itemId && usedAt !== null),
  );
  const take = (itemId: string, pieces: number): void =>
    onChange((now) => {
      const others = (now.fromKept ?? []).filter((one) => one.itemId !== itemId);
      return { fromKept: pieces > 0 ? [...others, { itemId, pieces }] : others };
    });
  if (usable.length === 0 && gone.length === 0) return null;
  return (
    <ul aria-label="Left from earlier" className={`no-print flex flex-wrap gap-x-6 gap-y-1 ${taken.length > 0 ? 'w-full' : ''}`}>
      {usable.map(({ item, pieces, until }) => {
        const mine = taken.find(({ itemId }) => itemId === item.id)?.pieces ?? 0;
        return (
          <li
            key={item.id}
            className={`flex flex-wrap gap-x-4 ${mine > 0 || asked.has(item.id) ? 'items-end [&>span]:pb-2.5' : 'items-center'}`}
          >
            <span>
              <b>{pieces}</b> {item.place === 'freezer' ? 'in the freezer' : item.place === 'tin' ? 'in a tin' : 'put away'} since{' '}
              {dayAndTime(item.from, run.zone)}
              {until < run.serveAt && ', past their best by then'}
            </span>
            {(mine > 0 || asked.has(item.id)) && (
              <NumberEntry
                // All of them taken at once by the button beside it.
                key={mine === 0 ? 'none' : 'some'}
                narrow
                label="of them used"
                value={mine === 0 ? null : mine}
                placeholder="none"
                min={0}
                max={pieces}
                whole
                mayBeEmpty
                onChange={(value) => take(item.id, value ?? 0)}
              />
            )}
            {mine === 0 && (
              <button
                type="button"
                className="min-h-11 font-semibold text-act underline underline-offset-2"
                onClick={() => {
                  setAsked(new Set([...asked, item.id]));
                  take(item.id, Math.min(pieces, Math.ceil(dish.people * dish.piecesPerPerson)));
                }}
              >
                Use them first
              </button>
            )}
          </li>
        );
      })}
      {gone.map(({ itemId, pieces }) => (
        <li key={itemId} role="status" className="flex flex-wrap items-center gap-x-4">
          {pieces} that were to be used are no longer there.
          <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={() => take(itemId, 0)}>
            Cook them instead
          </button>
        </li>
      ))}
    </ul>
  );
};
