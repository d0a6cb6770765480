import type { KeepItem } from '../../core/keep/index.ts';
import { batterLimits, staysOf } from '../../core/keep/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { headerOf } from '../../core/lot/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import { dayAndTime } from '../look/index.ts';
import { commands, useDo } from '../store/index.ts';
import { bowlsOf, placeOf } from './bowls.ts';

type BowlsProps = { readonly kit: Kit; readonly lots: readonly Lot[]; readonly kept: readonly KeepItem[] };

const MINUTE_MS = 60_000;
const STAYS = { room: 'on the bench', refrigerator: 'in the refrigerator' } as const;

/** "1:20 h". */
const hours = (ms: number): string => {
  const minutes = Math.max(0, Math.round(ms / MINUTE_MS));
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')} h`;
};

/** Batter that stands in its bowl: where, until when, and what became of it. */
export const Bowls = ({ kit, lots, kept }: BowlsProps) => {
  const carryOut = useDo();
  const now = useNow(MINUTE_MS);
  const standing = bowlsOf(lots, kept, now);
  if (standing.length === 0) return null;
  const end = (lot: Lot, kind: 'used-up' | 'discarded' | 'kept'): void => void carryOut(commands.endLot(lot.id, kind, wallNow()));
  return (
    <section aria-label="Bowls">
      <h2 className="text-xl">Bowls of batter</h2>
      <ul>
        {standing.map((lot) => {
          const stays = staysOf(
            lot.madeAt,
            lot.events.flatMap((event) => (event.kind === 'moved' ? [{ at: event.at, place: event.data.place }] : [])),
            now,
          );
          const { limits, outOfCold } = batterLimits({
            form: 'batter',
            stays,
            code: kit.codeOfPractice,
            refrigerator_C: kit.refrigerator_C,
          });
          const first = limits.find((limit) => limit.kind === 'safety');
          const place = placeOf(lot);
          const isOver = first !== undefined && first.until < now;
          return (
            <li key={lot.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-1">
              <input
                aria-label={`Name of the bowl ${lot.name}`}
                className="min-h-11 border-b border-transparent bg-transparent font-display text-lg font-bold hover:border-line focus:bg-white"
                key={lot.name}
                defaultValue={lot.name}
                maxLength={120}
                onBlur={(event) => {
                  const name = event.target.value.trim();
                  if (name !== '' && name !== lot.name)
                    void carryOut(commands.noteLot(headerOf(lot), [{ kind: 'renamed', data: { name } }], wallNow()));
                }}
              />
              <span>
                mixed {dayAndTime(lot.madeAt, kit.zone)},{' '}
                {stays.map((stay) => `${STAYS[stay.place]} ${hours(stay.until - stay.from)}`).join(', then ')}
              </span>
              {first !== undefined && (
                <span className={isOver ? 'font-bold text-hazard' : ''}>
                  {isOver ? 'over since' : 'use by'} {dayAndTime(first.until, kit.zone)}{' '}
                  <span className="text-[15px] text-quiet">({first.source})</span>
                </span>
              )}
              <span className="text-[15px]" data-figure="out of the cold" data-exact={Math.round(outOfCold.used_ms / MINUTE_MS)}>
                {hours(outOfCold.used_ms)} of {hours(outOfCold.allowed_ms)} out of the cold
              </span>
              <span className="ml-auto flex flex-wrap gap-2">
                <button
                  type="button"
                  className="button-plain"
                  onClick={() =>
                    void carryOut(
                      commands.noteLot(
                        headerOf(lot),
                        [{ kind: 'moved', data: { place: place === 'room' ? 'refrigerator' : 'kitchen' } }],
                        wallNow(),
                      ),
                    )
                  }
                >
                  {place === 'room' ? 'Into the refrigerator' : 'Onto the bench'}
                </button>
                <button type="button" className="button-plain" onClick={() => end(lot, 'used-up')}>
                  Used up
                </button>
                <button type="button" className="button-plain" onClick={() => end(lot, 'discarded')}>
                  Thrown away
                </button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
};
