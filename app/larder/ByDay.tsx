import { DAY_MS, wallTime } from '../../core/basis/index.ts';
import { ingredientById } from '../../core/matter/index.ts';
import { wallNow } from '../clock/index.ts';
import { calendarDay, grams } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useInHouse } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

/** Days from one to another, "YYYY-MM-DD". */
const daysTo = (from: string, to: string): number => Math.round((Date.parse(`${to}T12:00:00Z`) - Date.parse(`${from}T12:00:00Z`)) / DAY_MS);

export type Dated = {
  readonly id: string;
  readonly name: string;
  readonly left_g: number;
  readonly goodUntil: string;
  readonly days: number;
};

/** What is in the house that has a day on its packet, the nearest first; nothing that is used up. */
export const useDated = (session: Session): readonly Dated[] => {
  const { kit, readSettings } = session;
  const inHouse = useInHouse(session, null);
  const today = wallTime(wallNow(), kit.zone).slice(0, 10);
  return (kit.stock ?? [])
    .flatMap(({ id, goodUntil }): Dated[] => {
      const left_g = inHouse.get(id) ?? 0;
      const name = readSettings.own?.find((own) => own.id === id)?.name ?? ingredientById(id)?.name ?? id;
      return goodUntil === undefined || left_g < 1 ? [] : [{ id, name, left_g, goodUntil, days: daysTo(today, goodUntil) }];
    })
    .sort((a, b) => a.days - b.days);
};

export const daysWords = (days: number): string =>
  days < 0 ? 'past its day' : days === 0 ? 'its last day' : `${days} ${days === 1 ? 'day' : 'days'} left`;

/** Ingredients by the day on their packets. */
export const ByDay = ({ dated }: { readonly dated: readonly Dated[] }) => {
  const carryOut = useDo();
  if (dated.length === 0) return null;
  const gone = (id: string): void =>
    void carryOut(
      commands.changeKit((kit) => ({
        ...kit,
        stock: (kit.stock ?? []).map((one) => (one.id === id ? { id, grams: 0, at: Math.round(wallNow()) } : one)),
      })),
    );
  return (
    <section aria-label="Ingredients by their day">
      <h2 className="text-xl">Ingredients by their day</h2>
      <ul className="max-w-3xl">
        {dated.map(({ id, name, left_g, goodUntil, days }) => (
          <li key={id} data-dated={id} data-exact={days} className="flex flex-wrap items-baseline gap-x-4 border-b border-line py-1">
            <b className="font-display text-lg">{name}</b>
            <span>
              {grams(left_g)} g · good until {calendarDay(goodUntil)}
            </span>
            <span className={days < 0 ? 'font-bold text-hazard' : days < 3 ? 'font-bold' : 'text-quiet'}>{daysWords(days)}</span>
            <button type="button" className="button-plain ml-auto" aria-label={`${name}: none is left`} onClick={() => gone(id)}>
              None is left
            </button>
          </li>
        ))}
      </ul>
      <p className="text-[15px] text-quiet">
        As you counted them, less what your bowls took since. “Best before” is about taste, “use by” about safety: after that day nothing is
        used (EU 1169/2011, article 24; from memory).
      </p>
    </section>
  );
};
