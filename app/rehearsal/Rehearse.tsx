import { Hourglass } from 'lucide-react';
import { useState } from 'react';
import type { PlannedRun, Session } from '../session/index.ts';
import { RehearseSheet } from './RehearseSheet.tsx';
import { useRehearsal } from './useRehearsal.ts';

/** The way into a rehearsal of a planned morning; within one there is none. */
export const Rehearse = ({
  session,
  planned,
  words = 'Rehearse it',
  levelId = null,
}: {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly words?: string;
  readonly levelId?: string | null;
}) => {
  const [isOpen, setOpen] = useState(false);
  if (useRehearsal() !== null) return null;
  return (
    <>
      <button type="button" className="button-plain" onClick={() => setOpen(true)}>
        <Hourglass aria-hidden className="size-5" /> {words}
      </button>
      {isOpen && <RehearseSheet session={session} planned={planned} levelId={levelId} onClose={() => setOpen(false)} />}
    </>
  );
};
