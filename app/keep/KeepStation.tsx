import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Printer, Undo2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import type { Lot } from '../../core/log/index.ts';
import type { KeepItem, KeepLimit, WasteReason } from '../../core/keep/index.ts';
import { countOf, keepLimits, partUsed, WASTE_REASONS, wasteSince } from '../../core/keep/index.ts';
import { headerOf } from '../../core/lot/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { CODES } from '../../core/kit/index.ts';
import { describeSentence, describeStored } from '../../words/index.ts';
import { dayAndTime, NumberEntry, Removed, useGuard } from '../look/index.ts';
import { useSession } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo, useRows } from '../store/index.ts';
import type { Session } from '../session/index.ts';
import { bowlsOf, placeOf } from './bowls.ts';
import { HotAgain } from './HotAgain.tsx';
import { DampAir } from './DampAir.tsx';
import { LeftOver } from './LeftOver.tsx';
import { FORM_WORDS, PLACE_WORDS, WASTE_WORDS } from './words.ts';
import { Par } from './Par.tsx';
import { PutAway } from './PutAway.tsx';
import { ReadLabel } from './ReadLabel.tsx';

const Labels = lazy(async () => ({ default: (await import('./Labels.tsx')).Labels }));

const limitsOf = (item: KeepItem): KeepLimit[] =>
  keepLimits({ form: item.form, place: item.place, from: item.from, code: item.codeOfPractice, refrigerator_C: item.refrigerator_C });

export const KeepStation = () => {
  const session = useSession();
  const items = useRows('keepItems');
  const [label, setLabel] = useState<KeepItem | null>(null);
  const [removed, setRemoved] = useState<KeepItem | null>(null);
  const guard = useGuard();
  const carryOut = useDo();
  const [found, setFound] = useState<string | null>(null);
  if (session === undefined || items === undefined) return null;
  const { kit } = session;
  const kept = items
    .filter((item) => item.usedAt === null)
    .sort((a, b) => (limitsOf(a)[0]?.until ?? Infinity) - (limitsOf(b)[0]?.until ?? Infinity));
  const gone = items.find(({ id, usedAt }) => id === found && usedAt !== null);
  const used = items.filter((item) => item.usedAt !== null).sort((a, b) => (b.usedAt ?? 0) - (a.usedAt ?? 0));
  return (
    <>
      <div className="no-print flex flex-col gap-5 px-5 py-3">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">Keep: what to use first</h1>
          <ReadLabel
            items={items}
            onFound={({ id, usedAt }) => {
              setFound(id);
              if (usedAt === null) requestAnimationFrame(() => document.getElementById(`kept-${id}`)?.focus());
            }}
          />
        </div>
        {gone !== undefined && (
          <p role="status" className="text-lg">
            {gone.name} was used up {dayAndTime(gone.usedAt ?? gone.from, kit.zone)}.
          </p>
        )}
        {removed !== null && (
          <Removed
            name={removed.name}
            note="as if it had never been put away"
            onBack={() => {
              void carryOut(commands.addKeepItem(removed, newId()));
              setRemoved(null);
            }}
          />
        )}
        <LeftOver session={session} items={items} />
        {kept.length === 0 && (
          <p className="max-w-xl text-lg">
            Nothing is put away. What is left of a bowl or a plate gets a use-by here, with the limit behind it, and a label.
          </p>
        )}
        <ul className="flex flex-col gap-3">
          {kept.map((item) => (
            <Kept
              key={item.id}
              session={session}
              item={item}
              kit={kit}
              isFound={item.id === found}
              onLabel={() => setLabel(item)}
              onPartUsed={(wanted) => {
                const parted = partUsed(item, wanted, newId(), wallNow());
                if (!parted.ok) return parted.failure;
                void carryOut(commands.usePartOfKeepItem(item.id, wanted, wallNow()));
                return null;
              }}
              onUsedFor={(runId) => void carryOut(commands.useKeepItemForRun(runId, item.id, wallNow()))}
              onUsed={() => void carryOut(commands.markKeepItemUsed(item.id, wallNow()))}
              onThrown={(reason) => void carryOut(commands.markKeepItemUsed(item.id, wallNow(), reason))}
              onRename={(name) => void carryOut(commands.addKeepItem({ ...item, name }, newId()))}
              onCopy={guard(() => void carryOut(commands.addKeepItem({ ...item, id: newId() })))}
              onRemove={() => {
                setRemoved(item);
                void carryOut(commands.removeKeepItem(item.id));
              }}
            />
          ))}
        </ul>
        <Bowls kit={kit} lots={session.lots} kept={kept} />
        <Par session={session} items={items} />
        <PutAway session={session} />
        {used[0] !== undefined && (
          <p>
            Last {used[0].thrown === undefined ? 'used' : 'thrown away'}: {used[0].name}.{' '}
            <button
              type="button"
              className="inline-flex min-h-11 items-center gap-1 font-semibold text-act underline underline-offset-2"
              onClick={() => used[0] !== undefined && void carryOut(commands.markKeepItemUsed(used[0].id, null))}
            >
              <Undo2 aria-hidden className="size-4" /> undo
            </button>
          </p>
        )}
        <Waste items={items} />
        <p className="text-[15px] text-quiet">
          Limits are those of {CODES[kit.codeOfPractice].coldSource.split(',')[0]} and of common practice, the strictest first. Your local
          code decides. Never taste to find out.
        </p>
      </div>
      {label !== null && (
        <Suspense>
          <Labels item={label} kit={kit} onClose={() => setLabel(null)} />
        </Suspense>
      )}
    </>
  );
};

type BowlsProps = { readonly kit: Kit; readonly lots: readonly Lot[]; readonly kept: readonly KeepItem[] };

/** Batter that stands in its bowl: where, until when, and what became of it. */
const Bowls = ({ kit, lots, kept }: BowlsProps) => {
  const carryOut = useDo();
  const [now] = useState(wallNow);
  const standing = bowlsOf(lots, kept, now);
  if (standing.length === 0) return null;
  const end = (lot: Lot, kind: 'used-up' | 'discarded' | 'kept'): void => void carryOut(commands.endLot(lot.id, kind, wallNow()));
  return (
    <section aria-label="Bowls">
      <h2 className="text-xl">Bowls of batter</h2>
      <ul>
        {standing.map((lot) => {
          const [first] = keepLimits({
            form: 'batter',
            place: placeOf(lot),
            from: lot.madeAt,
            code: kit.codeOfPractice,
            refrigerator_C: kit.refrigerator_C,
          }).filter((limit) => limit.kind === 'safety');
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
                mixed {dayAndTime(lot.madeAt, kit.zone)}, {placeOf(lot) === 'room' ? 'on the bench' : 'in the refrigerator'}
              </span>
              {first !== undefined && (
                <span className={isOver ? 'font-bold text-hazard' : ''}>
                  {isOver ? 'over since' : 'use by'} {dayAndTime(first.until, kit.zone)}{' '}
                  <span className="text-[15px] text-quiet">({first.source})</span>
                </span>
              )}
              <span className="ml-auto flex gap-2">
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

const HOUR_MS = 3_600_000;
const remaining = (until: number, now: number): string => {
  const hours = (until - now) / HOUR_MS;
  if (hours < 0) return 'over';
  if (hours < 48) return `${Math.floor(hours)} h left`;
  return `${Math.floor(hours / 24)} days left`;
};

const Kept = ({
  session,
  item,
  kit,
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
  readonly kit: Kit;
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
  const [now] = useState(wallNow);
  const limits = limitsOf(item);
  const first = limits[0];
  const isOver = first !== undefined && first.until < now;
  const share = first === undefined ? 1 : Math.max(0, Math.min(1, (first.until - now) / Math.max(1, first.until - item.from)));
  const isHazard = isOver && first.kind === 'safety';
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
            <div aria-hidden className="mt-1 h-2 w-full max-w-xl rounded bg-[#dde2df]">
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
        {session.runs.flatMap(({ id, name, serveAt, zone, fromKept = [] }) =>
          fromKept
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
            className="z-40 flex w-72 flex-col gap-2 rounded-lg border border-line bg-white p-3 shadow-lg [--anchor-gap:4px]"
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

const WASTE_DAYS = 30;
const DAY_MS = 86_400_000;

/** What was thrown away lately, and why: the first thing to bake less of, or to put away sooner. */
const Waste = ({ items }: { readonly items: readonly KeepItem[] }) => {
  const [now] = useState(wallNow);
  const waste = wasteSince(items, now - WASTE_DAYS * DAY_MS);
  return (
    waste.length > 0 && (
      <p data-figure="thrown away" data-exact={waste.reduce((sum, { things }) => sum + things, 0)}>
        Thrown away in {WASTE_DAYS} days:{' '}
        {waste.map(({ reason, things, pieces }) => `${pieces > 0 ? `${pieces} pieces` : `${things}`} ${WASTE_WORDS[reason]}`).join(', ')}.
      </p>
    )
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
