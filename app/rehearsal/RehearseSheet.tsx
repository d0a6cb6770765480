import { useState } from 'react';
import { Sheet } from '../ui/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useKitchen } from '../store/index.ts';
import { beginRehearsal } from './begin.ts';
import type { Pace, Rehearsal } from './kept.ts';
import { PACES } from './change.ts';

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  /** The exercise that it is; null: one's own morning. */
  readonly levelId: string | null;
  readonly onClose: () => void;
};

/** Asks how a morning is to be rehearsed, and begins. */
export const RehearseSheet = ({ session, planned, levelId, onClose }: Props) => {
  const kitchen = useKitchen();
  const [pace, setPace] = useState<Pace>(15);
  const [hands, setHands] = useState<Rehearsal['hands']>('mine');
  const [hasSurprises, setHasSurprises] = useState(false);
  const [state, setState] = useState<'asked' | 'copying' | 'no-room'>('asked');
  const begin = async (): Promise<void> => {
    setState('copying');
    const seed = Math.floor(Math.random() * 1_000_000);
    if (!(await beginRehearsal(kitchen, planned, session.workspace, { seed, hands, pace, hasSurprises, levelId }))) setState('no-room');
  };
  const choice = (isOn: boolean): string =>
    `min-h-14 min-w-14 rounded-lg border-2 px-4 text-lg font-semibold ${isOn ? 'border-act bg-act text-white' : 'border-line bg-white'}`;
  return (
    <Sheet title={`Rehearse ${planned.run.name}`} open onClose={onClose}>
      <div className="flex flex-col gap-4">
        <p className="max-w-prose">
          A copy of this kitchen, with its clock set to the beginning of the plan. Its irons are simulated and not quite what you believe of
          them; what happens in it touches neither your book nor your irons.
        </p>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1">How fast time goes by</legend>
          {PACES.filter((value) => value > 0).map((value) => (
            <button
              key={value}
              type="button"
              aria-pressed={pace === value}
              className={choice(pace === value)}
              onClick={() => setPace(value)}
            >
              ×{value}
            </button>
          ))}
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1">Whose hands</legend>
          {(
            [
              ['mine', 'mine'],
              ['simulated', 'simulated, I watch'],
            ] as const
          ).map(([value, words]) => (
            <button
              key={value}
              type="button"
              aria-pressed={hands === value}
              className={choice(hands === value)}
              onClick={() => setHands(value)}
            >
              {words}
            </button>
          ))}
        </fieldset>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-act"
            checked={hasSurprises}
            onChange={({ target }) => setHasSurprises(target.checked)}
          />
          guests come who weren’t announced
        </label>
        {state === 'no-room' && (
          <p role="alert" className="border-l-3 border-ink bg-white p-2">
            No copy could be made: the device has no room for it, or the browser stores nothing here.
          </p>
        )}
        <button type="button" className="button-act min-h-16 text-xl" disabled={state === 'copying'} onClick={() => void begin()}>
          {state === 'copying' ? 'Copying the kitchen …' : 'Begin'}
        </button>
      </div>
    </Sheet>
  );
};
