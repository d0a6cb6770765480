import { Archive, Clock, LampDesk, Refrigerator, Snowflake, TriangleAlert } from 'lucide-react';
import type { LucideIcon } from 'lucide-react';
import type { KeepPlace } from '../../core/keep/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { temperature } from '../ui/index.ts';
import { Container } from './Container.tsx';
import type { Thing } from './things.ts';
import { STORE_WORDS, untilWords } from './words.ts';

const PLACES: readonly KeepPlace[] = ['refrigerator', 'freezer', 'tin', 'room'];
const ICONS: Readonly<Record<KeepPlace, LucideIcon>> = { refrigerator: Refrigerator, freezer: Snowflake, tin: Archive, room: LampDesk };
/** So many are numbered in the order in which they go. */
const RANKED = 3;
const FREEZER_C = -18;

const degreesAt = (place: KeepPlace, kit: Kit): string =>
  temperature({ refrigerator: kit.refrigerator_C, freezer: FREEZER_C, tin: kit.room_C, room: kit.room_C }[place], kit.temperatureUnit);

type Props = { readonly kit: Kit; readonly now: number; readonly things: readonly Thing[]; readonly onTouch: (thing: Thing) => void };

/** Where everything stands, board by board; on each the first to go at the left. */
export const Boards = ({ kit, now, things, onTouch }: Props) => (
  <section aria-label="Where everything is" className="flex flex-col gap-6">
    {PLACES.map((place) => {
      const mine = things.filter((thing) => thing.place === place);
      const Icon = ICONS[place];
      return (
        mine.length > 0 && (
          <div
            key={place}
            data-shelf={place}
            className="grid grid-cols-[8rem_minmax(0,1fr)] items-center gap-4 max-sm:grid-cols-1 max-sm:gap-1"
          >
            <div>
              <Icon aria-hidden className="size-8 max-sm:hidden" />
              <h2 className="mt-1 text-[21px]">{STORE_WORDS[place]}</h2>
              <p className="text-quiet">{degreesAt(place, kit)}</p>
            </div>
            <ul className="flex flex-wrap gap-y-5">
              {mine.map((thing) => (
                <li key={thing.id}>
                  <OneThing thing={thing} rank={things.indexOf(thing) + 1} now={now} zone={kit.zone} onTouch={onTouch} />
                </li>
              ))}
              <li aria-hidden className="h-32 min-w-0 flex-1 border-b-6 border-quiet" />
            </ul>
          </div>
        )
      );
    })}
  </section>
);

type OneProps = {
  readonly thing: Thing;
  readonly rank: number;
  readonly now: number;
  readonly zone: string;
  readonly onTouch: (thing: Thing) => void;
};

const OneThing = ({ thing, rank, now, zone, onTouch }: OneProps) => {
  const { name, amount, first, isOver, isHazard, planned } = thing;
  const until = first === undefined ? '' : untilWords(first.until, now, zone);
  return (
    <button
      type="button"
      data-thing={thing.id}
      className="flex w-64 flex-col items-start text-left hover:bg-act-soft max-sm:w-44"
      onClick={() => onTouch(thing)}
    >
      <span className="flex h-32 w-full items-end gap-2 border-b-6 border-quiet px-1">
        {rank <= RANKED && (
          <span
            aria-label={`${rank}. to use`}
            className={`mb-3 grid size-8 shrink-0 place-items-center rounded-full font-display text-lg font-bold text-page ${rank === 1 ? 'bg-act' : 'bg-ink'}`}
          >
            {rank}
          </span>
        )}
        <Container thing={thing} />
      </span>
      <b className="mt-1 w-full truncate text-[17px]">{name}</b>
      <span className="flex flex-wrap items-center gap-x-2">
        {amount}
        {planned > 0 && (
          <span className="inline-flex items-center gap-1 rounded-full bg-act-soft px-2 text-[15px] font-bold text-act">
            <Clock aria-hidden className="size-4" /> {planned} planned
          </span>
        )}
      </span>
      {first !== undefined && (
        <span className={`inline-flex items-center gap-1.5 font-bold ${isHazard ? 'text-hazard' : ''}`}>
          {isOver && <TriangleAlert aria-hidden className="size-4" />}
          {isHazard ? `over since ${until}: throw it away` : isOver ? `past its best since ${until}` : `by ${until}`}
        </span>
      )}
    </button>
  );
};
