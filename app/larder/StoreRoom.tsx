import type { KeepItem, KeepPlace } from '../../core/keep/index.ts';
import { countOf } from '../../core/keep/index.ts';
import type { Keeper } from './limitsOf.ts';
import { limitsOf, standingOf } from './limitsOf.ts';
import { remaining } from './remaining.ts';
import { STORE_WORDS } from './words.ts';

const PLACES: readonly KeepPlace[] = ['room', 'refrigerator', 'freezer', 'tin'];
/** A thing is as wide as it has pieces, within what a finger and a shelf allow. */
const WIDTH_REM = { least: 10.5, each: 0.15, most: 19 } as const;

type Props = {
  readonly session: Keeper;
  readonly items: readonly KeepItem[];
  readonly now: number;
  readonly onTouch: (item: KeepItem) => void;
};

/** Where everything stands, shelf by shelf: what is to be used first in front; as full as it has time left. `items`: what is to be used first, first. */
export const StoreRoom = ({ session, items, now, onTouch }: Props) => {
  const shelves = PLACES.map((place) => ({ place, things: items.filter((item) => item.place === place) })).filter(
    ({ things }) => things.length > 0,
  );
  if (shelves.length === 0) return null;
  return (
    <section aria-label="Where it stands" className="flex flex-col">
      {shelves.map(({ place, things }) => (
        <div key={place} data-shelf={place} className="border-b-4 border-ink/70 pt-2">
          <h2 className="text-[15px] font-semibold text-quiet">{STORE_WORDS[place]}</h2>
          <div role="group" aria-label={STORE_WORDS[place]} className="flex flex-wrap items-end gap-1.5">
            {things.map((item) => (
              <Thing
                key={item.id}
                item={item}
                standing={standingOf(item, limitsOf(session, item), now)}
                now={now}
                onTouch={() => onTouch(item)}
              />
            ))}
          </div>
        </div>
      ))}
    </section>
  );
};

type ThingProps = {
  readonly item: KeepItem;
  readonly standing: ReturnType<typeof standingOf>;
  readonly now: number;
  readonly onTouch: () => void;
};

const Thing = ({ item, standing, now, onTouch }: ThingProps) => {
  const { first, share, isOver, isHazard } = standing;
  const width = Math.min(WIDTH_REM.most, WIDTH_REM.least + WIDTH_REM.each * (countOf(item) ?? 0));
  const left = first === undefined ? '' : isOver && !isHazard ? 'past its best' : remaining(first.until, now);
  return (
    <button
      type="button"
      data-thing={item.id}
      onClick={onTouch}
      className={`relative flex min-h-16 max-w-full flex-col overflow-hidden rounded-t-md border-2 border-b-0 bg-sheet px-2 py-1 text-left ${isHazard ? 'border-hazard' : 'border-ink/60'}`}
      style={{ width: `${width}rem` }}
    >
      <span aria-hidden className="absolute inset-x-0 bottom-0 bg-act-soft" style={{ height: `${100 * share}%` }} />
      <b className="relative w-full truncate">{item.name}</b>
      <span className="relative w-full truncate text-[15px]">
        {item.amount === '' ? '' : `${item.amount} · `}
        <span className={isHazard ? 'font-bold text-hazard' : ''}>{left}</span>
      </span>
    </button>
  );
};
