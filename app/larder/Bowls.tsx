import { MINUTE_MS } from '../../core/basis/index.ts';
import { batterOf } from '../../core/cook/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { allergensOf } from '../../core/formula/index.ts';
import type { InJugs, KeepItem } from '../../core/keep/index.ts';
import { inJugs, lotLimits } from '../../core/keep/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { headerOf, mixed_g } from '../../core/lot/index.ts';
import { CODES } from '../../core/safety/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import { dayAndTime, temperature } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { judgedBatter, readingOf } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import { bowlsOf } from './bowls.ts';

type BowlsProps = {
  readonly session: Session;
  readonly kept: readonly KeepItem[];
  /** A label for each of the jugs that it is filled into. */
  readonly onLabel: (label: KeepItem, copies: number) => void;
};

const STAYS = { room: 'on the counter', refrigerator: 'in the refrigerator' } as const;

/** "1:20 h". */
const hours = (ms: number): string => {
  const minutes = Math.max(0, Math.round(ms / MINUTE_MS));
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')} h`;
};

/** Batter that stands in its bowl: where, until when, and what became of it. */
export const Bowls = ({ session, kept, onLabel }: BowlsProps) => {
  const { kit, lots } = session;
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
          const batter = batterIn(session, lot);
          const jugs = batter?.jugs ?? null;
          const { stays, limits, outOfCold } = lotLimits(lot, judgedBatter(session, formulaOf(session, lot)), now);
          // Over for safety comes before past its best.
          const over = limits.find(({ kind, until }) => kind === 'safety' && until < now);
          const first = over ?? limits[0];
          const place = stays.at(-1)?.place ?? 'room';
          const isPast = first !== undefined && first.until < now;
          return (
            <li
              key={lot.id}
              id={`kept-${lot.id}`}
              tabIndex={-1}
              className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-1"
            >
              <input
                aria-label={`Name of the bowl ${lot.name}`}
                className="min-h-11 border-b border-transparent bg-transparent font-display text-lg font-bold hover:border-line focus:bg-sheet"
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
                <span className={over === undefined ? '' : 'font-bold text-hazard'} data-figure="use by" data-exact={first.until}>
                  {over !== undefined ? 'over since' : isPast ? 'past its best since' : 'use by'} {dayAndTime(first.until, kit.zone)}{' '}
                  <span className="text-[15px] text-quiet">({first.source})</span>
                </span>
              )}
              <span className="text-[15px]" data-figure="out of the cold" data-exact={Math.round(outOfCold.used_ms / MINUTE_MS)}>
                {hours(outOfCold.used_ms)} of {hours(outOfCold.allowed_ms)} out of the cold
              </span>
              {place === 'refrigerator' && kit.refrigerator_C > CODES[kit.codeOfPractice].cold_C && (
                <b className="text-[15px] text-hazard">
                  this refrigerator is at {temperature(kit.refrigerator_C, kit.temperatureUnit)}: too warm to count as cold
                </b>
              )}
              {batter !== null && jugs !== null && first !== undefined && (
                <span className="text-[15px]" data-figure="jugs" data-exact={jugs.count}>
                  for the refrigerator {jugs.count} × {jugs.jug.name}, at most{' '}
                  {batter.isYeasted ? 'half full: it rises' : 'three quarters full'} (common practice), each marked with its day{' '}
                  <button
                    type="button"
                    className="min-h-11 font-semibold text-act underline underline-offset-2"
                    onClick={() => onLabel(jugLabel(session, lot, jugs, batter.isYeasted), jugs.count)}
                  >
                    {jugs.count === 1 ? 'its label' : 'their labels'}
                  </button>
                </span>
              )}
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
                  {place === 'room' ? 'Into the refrigerator' : 'Onto the counter'}
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

const formulaOf = ({ everyFormula }: Session, lot: Lot): Formula | undefined => everyFormula.find(({ id }) => id === lot.formulaId);

type InBowl = { readonly isYeasted: boolean; readonly jugs: InJugs | null };

/** What is in a bowl by its formula: whether it goes on rising, and how many jugs it fills. Null: its formula is gone, or can't be reckoned. */
const batterIn = (session: Session, lot: Lot): InBowl | null => {
  const { kit, workspace } = session;
  const formula = formulaOf(session, lot);
  if (formula === undefined) return null;
  const reading = readingOf(session, formula);
  const isYeasted = reading.lift === 'yeasted';
  const batter = batterOf(reading, { batter_C: workspace.batter_C, altitude_m: kit.altitude_m });
  return { isYeasted, jugs: batter.ok ? inJugs(kit.bowls, mixed_g(lot) / batter.value.density_gPerML, isYeasted) : null };
};

/** What stands on each jug: as if it had been put into the refrigerator when it was mixed. Reading it back finds the bowl. */
const jugLabel = (session: Session, lot: Lot, jugs: InJugs, isYeasted: boolean): KeepItem => {
  const formula = formulaOf(session, lot);
  return {
    id: lot.id,
    lotId: lot.id,
    name: lot.name,
    form: isYeasted ? 'yeasted-batter' : 'batter',
    place: 'refrigerator',
    from: lot.madeAt,
    amount: `one of ${jugs.count}, ${jugs.jug.name}`.slice(0, 60),
    allergens: formula === undefined ? [] : allergensOf(readingOf(session, formula)),
    codeOfPractice: session.kit.codeOfPractice,
    refrigerator_C: session.kit.refrigerator_C,
    usedAt: null,
  };
};
