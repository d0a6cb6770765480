import { MINUTE_MS } from '../../core/basis/index.ts';
import { Plus, Printer, Undo2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { KeepItem } from '../../core/keep/index.ts';
import { partUsed } from '../../core/keep/index.ts';
import { CODES } from '../../core/safety/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import { ActButton, dayAndTime, LinkButton, Removed, useFolded, useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { commands, newId, useDo, useRows } from '../store/index.ts';
import { Boards } from './Boards.tsx';
import { Bowls } from './Bowls.tsx';
import { ByDay, useDated } from './ByDay.tsx';
import { DayList } from './DayList.tsx';
import { Kept } from './Kept.tsx';
import { LeftOver } from './LeftOver.tsx';
import { limitsOf } from './limitsOf.ts';
import { Par } from './Par.tsx';
import { PutAway } from './PutAway.tsx';
import { ReadLabel } from './ReadLabel.tsx';
import type { Thing } from './things.ts';
import { untilWords } from './words.ts';
import { thingsOf } from './things.ts';
import { Waste } from './Waste.tsx';

const Labels = lazy(async () => ({ default: (await import('./Labels.tsx')).Labels }));

export const LarderDoor = () => {
  const session = useSession();
  const items = useRows('keepItems');
  return session === undefined || items === undefined ? null : <Keep session={session} items={items} />;
};

const Keep = ({ session, items }: { readonly session: Session; readonly items: readonly KeepItem[] }) => {
  const dated = useDated(session);
  const [label, setLabel] = useState<{ readonly item: KeepItem; readonly copies: number } | null>(null);
  const [removed, setRemoved] = useState<KeepItem | null>(null);
  const guard = useGuard();
  const carryOut = useDo();
  const [found, setFound] = useState<string | null>(null);
  const { kit } = session;
  const now = useNow(MINUTE_MS);
  const kept = items
    .filter((item) => item.usedAt === null)
    .map((item) => ({ item, until: limitsOf(session, item)[0]?.until ?? Infinity }))
    .sort((a, b) => a.until - b.until)
    .map(({ item }) => item);
  const things = thingsOf(session, kept, now);
  const [isOpen, setOpen] = useFolded('larder');
  /** To the card of what is meant. */
  const show = (id: string): void => {
    setOpen(true);
    setFound(id);
    requestAnimationFrame(() => document.getElementById(`kept-${id}`)?.focus());
  };
  const gone = items.find(({ id, usedAt }) => id === found && usedAt !== null);
  const used = items.filter((item) => item.usedAt !== null).sort((a, b) => (b.usedAt ?? 0) - (a.usedAt ?? 0));
  return (
    <>
      <div className="no-print flex flex-col gap-5 px-8 py-4 max-sm:px-5">
        <div className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
          <UseFirst first={things[0]} now={now} zone={kit.zone} />
          <span className="flex flex-wrap items-center gap-x-6">
            {kept.length + dated.length > 0 && (
              <LinkButton icon={<Printer aria-hidden className="size-5" />} onClick={() => window.print()}>
                Day list
              </LinkButton>
            )}
            <ReadLabel
              items={[...items, ...session.lots.map(({ id }) => ({ id, usedAt: null }))]}
              onFound={({ id, usedAt }) => (usedAt === null ? show(id) : setFound(id))}
            />
            <ActButton className="px-5 text-[18px]" icon={<Plus aria-hidden className="size-5" />} onClick={() => show('new')}>
              Put away
            </ActButton>
          </span>
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
        {things.length === 0 && (
          <p className="max-w-xl text-lg">
            Nothing here yet. Put leftovers away and you get a use-by date, the rule behind it, and a label.
          </p>
        )}
        <Boards kit={kit} now={now} things={things} onTouch={({ id }) => show(id)} />
        <LinkButton className="self-start" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          {isOpen ? 'Hide the details' : 'Show every item'}
        </LinkButton>
        {isOpen && (
          <>
            <ul className="flex flex-col gap-3">
              {kept.map((item) => (
                <Kept
                  key={item.id}
                  session={session}
                  item={item}
                  now={now}
                  isFound={item.id === found}
                  onLabel={() => setLabel({ item, copies: 1 })}
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
            <Bowls session={session} kept={kept} onLabel={(item, copies) => setLabel({ item, copies })} />
            <ByDay dated={dated} />
            <Par session={session} items={items} />
            <div id="kept-new" tabIndex={-1} className="outline-none">
              <PutAway session={session} />
            </div>
            {used[0] !== undefined && (
              <p>
                Last {used[0].thrown === undefined ? 'used' : 'thrown away'}: {used[0].name}.{' '}
                <button
                  type="button"
                  className="inline-flex min-h-11 items-center gap-1 font-semibold text-act underline underline-offset-2"
                  onClick={() => used[0] !== undefined && void carryOut(commands.markKeepItemUsed(used[0].id, null))}
                >
                  <Undo2 aria-hidden className="size-4" /> Undo
                </button>
              </p>
            )}
            <Waste items={items} />
            <p className="text-[15px] text-quiet">
              Limits follow {CODES[kit.codeOfPractice].coldSource.split(',')[0]} and common practice, the strictest first. Your local code
              decides. Never taste to find out.
            </p>
          </>
        )}
      </div>
      {label === null && kept.length + dated.length > 0 && <DayList session={session} items={kept} dated={dated} />}
      {label !== null && (
        <Suspense>
          <Labels {...label} session={session} onClose={() => setLabel(null)} />
        </Suspense>
      )}
    </>
  );
};

/** What goes first, in one sentence. */
const UseFirst = ({ first, now, zone }: { readonly first: Thing | undefined; readonly now: number; readonly zone: string }) => (
  <h1 className="text-[28px] max-sm:text-2xl">
    {first === undefined ? (
      'Larder'
    ) : (
      <>
        <span className="font-normal text-quiet">Use first:</span> {first.name}
        {first.first !== undefined && (
          <span className="font-normal text-quiet">
            , {first.isOver ? 'past since' : 'by'} <b className="whitespace-nowrap text-ink">{untilWords(first.first.until, now, zone)}</b>
          </span>
        )}
      </>
    )}
  </h1>
);
