import { Volume2, VolumeX } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { commands, useDo } from '../store/index.ts';
import { canSpeak, silencedBy } from './sound.ts';

/** How often it is looked whether the browser lets anything be heard. */
const LOOK_MS = 2000;

const WHY = { 'no-sound': 'no sound in this browser', 'not-touched': 'silent until the line is touched' } as const;

/** Whether cues can be heard, and whether they are said aloud. */
export const Heard = ({ kit }: { readonly kit: Kit }) => {
  const carryOut = useDo();
  const [silenced, setSilenced] = useState(silencedBy);
  useEffect(() => {
    const timer = setInterval(() => setSilenced(silencedBy()), LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  const isSpoken = kit.isSpoken === true;
  return (
    <div className="flex shrink-0 items-center gap-3 text-[13px] leading-tight text-white/80">
      {silenced !== null && (
        <span role="status" className="flex max-w-32 items-center gap-1.5">
          <VolumeX aria-hidden className="size-5 shrink-0" />
          {WHY[silenced]}
        </span>
      )}
      {canSpeak() && (
        <button
          type="button"
          aria-pressed={isSpoken}
          className="flex min-h-16 items-center gap-2 rounded-lg border-2 border-white/60 px-4 text-lg font-semibold aria-pressed:bg-white aria-pressed:text-ink"
          onClick={() => void carryOut(commands.changeKit((now) => ({ ...now, isSpoken: !isSpoken })))}
        >
          <Volume2 aria-hidden className="size-5" /> {isSpoken ? 'Said aloud' : 'Say it aloud'}
        </button>
      )}
    </div>
  );
};
