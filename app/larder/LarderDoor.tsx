import { MINUTE_MS } from '../../core/basis/index.ts';
import { Printer, Undo2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { KeepItem } from '../../core/keep/index.ts';
import { partUsed } from '../../core/keep/index.ts';
import { CODES } from '../../core/safety/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import { dayAndTime, Removed, useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { commands, newId, useDo, useRows } from '../store/index.ts';
import { Bowls } from './Bowls.tsx';
import { ByDay, useDated } from './ByDay.tsx';
import { DayList } from './DayList.tsx';
import { Kept } from './Kept.tsx';
import { LeftOver } from './LeftOver.tsx';
import { limitsOf } from './limitsOf.ts';
import { Par } from './Par.tsx';
import { PutAway } from './PutAway.tsx';
import { ReadLabel } from './ReadLabel.tsx';
import { StoreRoom } from './StoreRoom.tsx';
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
  /** To the card of what is meant. */
  const show = (id: string): void => {
    setFound(id);
    requestAnimationFrame(() => document.getElementById(`kept-${id}`)?.focus());
  };
  const gone = items.find(({ id, usedAt }) => id === found && usedAt !== null);
  const used = items.filter((item) => item.usedAt !== null).sort((a, b) => (b.usedAt ?? 0) - (a.usedAt ?? 0));
  return (
    <>
      <div className="no-print flex flex-col gap-5 px-5 py-3">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">Keep: what to use first</h1>
          <span className="flex flex-wrap gap-2">
            {kept.length + dated.length > 0 && (
              <button type="button" className="button-plain" onClick={() => window.print()}>
                <Printer aria-hidden className="size-5" /> Day list
              </button>
            )}
            <ReadLabel
              items={[...items, ...session.lots.map(({ id }) => ({ id, usedAt: null }))]}
              onFound={({ id, usedAt }) => (usedAt === null ? show(id) : setFound(id))}
            />
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
        {kept.length === 0 && (
          <p className="max-w-xl text-lg">
            Nothing is put away. What is left of a bowl or a plate gets a use-by here, with the limit behind it, and a label.
          </p>
        )}
        <StoreRoom session={session} items={kept} now={now} onTouch={({ id }) => show(id)} />
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
      {label === null && kept.length + dated.length > 0 && <DayList session={session} items={kept} dated={dated} />}
      {label !== null && (
        <Suspense>
          <Labels {...label} session={session} onClose={() => setLabel(null)} />
        </Suspense>
      )}
    </>
  );
};
