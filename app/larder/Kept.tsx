import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import type { KeepItem, WasteReason } from '../../core/keep/index.ts';
import { countOf, WASTE_REASONS } from '../../core/keep/index.ts';
import { describeSentence, describeStored } from '../../words/index.ts';
import { dayAndTime, NumberEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { DampAir } from './DampAir.tsx';
import { HotAgain } from './HotAgain.tsx';
import { limitsOf, standingOf } from './limitsOf.ts';
import { remaining } from './remaining.ts';
import { FORM_WORDS, PLACE_WORDS, WASTE_WORDS } from './words.ts';

/** One thing that is put away: until when, by which limits, and what becomes of it. */
export const Kept = ({
  session,
  item,
  now,
  isFound,
  onLabel,
  onPartUsed,
  onUsedFor,
  onUsed,
  onThrown,
  onRename,
  onCopy,
  onRemove,
}: {
  readonly session: Session;
  readonly item: KeepItem;
  readonly now: number;
  /** Its label was just read. */
  readonly isFound: boolean;
  readonly onLabel: () => void;
  readonly onPartUsed: (wanted: number) => Failure | null;
  /** What this run was to use of it was used. */
  readonly onUsedFor: (runId: string) => void;
  readonly onUsed: () => void;
  readonly onThrown: (reason: WasteReason) => void;
  readonly onRename: (name: string) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
}) => {
  const { kit } = session;
  const limits = limitsOf(session, item);
  const { first, share, isOver, isHazard } = standingOf(item, limits, now);
  return (
    <li
      id={`kept-${item.id}`}
      tabIndex={-1}
      data-found={isFound}
      className={`grid data-[found=true]:outline-4 data-[found=true]:outline-act lg:grid-cols-[minmax(0,1fr)_auto] items-center gap-x-6 gap-y-1 border-l-4 bg-sheet p-3 ${isHazard ? 'border-hazard' : 'border-ink'}`}
    >
      <div>
        <p className="flex flex-wrap items-baseline gap-x-3">
          <b className="font-display text-xl">{item.name}</b>
          <span>
            {item.amount === '' ? '' : `${item.amount}, `}
            {FORM_WORDS[item.form]} {PLACE_WORDS[item.place]} since {dayAndTime(item.from, kit.zone)}
          </span>
        </p>
        {first !== undefined && (
          <>
            <p className={`mt-1 text-lg ${isHazard ? 'font-bold text-hazard' : ''}`}>
              use by <b className="figure text-2xl">{dayAndTime(first.until, kit.zone)}</b> ·{' '}
              {isHazard ? 'over: throw it away' : isOver ? 'past its best' : remaining(first.until, now)}
            </p>
            <div aria-hidden className="mt-1 h-2 w-full max-w-xl rounded bg-track">
              <div className={`h-2 rounded ${isHazard ? 'bg-hazard' : 'bg-ink/70'}`} style={{ width: `${100 * share}%` }} />
            </div>
          </>
        )}
        <ul className="mt-1 text-[15px] text-quiet">
          {limits.map((limit) => (
            <li key={limit.code}>
              {describeStored(limit.code)}: until {dayAndTime(limit.until, kit.zone)} ({limit.source})
            </li>
          ))}
        </ul>
        {session.runs.flatMap(({ id, name, serveAt, zone, dishes }) =>
          dishes
            .flatMap(({ fromKept = [] }) => fromKept)
            .filter(({ itemId }) => itemId === item.id)
            .map(({ pieces }) => (
              <p key={id} data-planned={pieces}>
                <b>{pieces}</b> {pieces === 1 ? 'is' : 'are'} planned for “{name}”, {dayAndTime(serveAt, zone)}.{' '}
                {serveAt < now && (
                  <button
                    type="button"
                    className="min-h-11 font-semibold text-act underline underline-offset-2"
                    onClick={() => onUsedFor(id)}
                  >
                    They were used
                  </button>
                )}
              </p>
            )),
        )}
        <HotAgain session={session} item={item} />
        <DampAir session={session} item={item} />
      </div>
      <div className="flex max-w-md flex-wrap items-end gap-2 lg:justify-end">
        <button type="button" className="button-plain" onClick={onLabel}>
          <Printer aria-hidden className="size-5" /> Label
        </button>
        <button type="button" className="button-plain" onClick={onUsed}>
          Used up
        </button>
        {countOf(item) !== null && <SomeUsed most={countOf(item) ?? 1} onUsed={onPartUsed} />}
        <Popover className="relative">
          <PopoverButton
            className="min-h-11 px-2 font-semibold text-act underline underline-offset-2"
            aria-label={`More about ${item.name}`}
          >
            More
          </PopoverButton>
          <PopoverPanel
            anchor="bottom end"
            className="z-40 flex w-72 flex-col gap-2 rounded-lg border border-line bg-sheet p-3 shadow-lg [--anchor-gap:4px]"
          >
            <label className="flex flex-col gap-1 text-[15px]">
              Name
              <input
                className="entry"
                maxLength={120}
                defaultValue={item.name}
                onBlur={(event) => {
                  const name = event.target.value.trim();
                  if (name !== '' && name !== item.name) onRename(name);
                }}
              />
            </label>
            <fieldset className="flex flex-wrap gap-1">
              <legend className="mb-1 text-[15px]">Thrown away, because</legend>
              {WASTE_REASONS.map((reason) => (
                <button
                  key={reason}
                  type="button"
                  className="min-h-11 rounded-full border-2 border-line px-3 text-[15px] font-semibold"
                  onClick={() => onThrown(reason)}
                >
                  {WASTE_WORDS[reason]}
                </button>
              ))}
            </fieldset>
            <button type="button" className="button-plain" onClick={onCopy}>
              Another like it
            </button>
            <button type="button" className="button-plain" onClick={onRemove}>
              Remove it
            </button>
          </PopoverPanel>
        </Popover>
      </div>
    </li>
  );
};

/** Some of a bag, by number. */
const SomeUsed = ({ most, onUsed }: { readonly most: number; readonly onUsed: (wanted: number) => Failure | null }) => {
  const [trouble, setTrouble] = useState<Failure | null>(null);
  return (
    <div className="w-32">
      <NumberEntry
        key={most}
        narrow
        mayBeEmpty
        label={`some of ${most} used`}
        value={null}
        min={1}
        max={most}
        placeholder="how many"
        onChange={() => undefined}
        onEnter={(wanted) => setTrouble(onUsed(wanted))}
      />
      {trouble !== null && <p role="alert">{describeSentence(trouble)}.</p>}
    </div>
  );
};
