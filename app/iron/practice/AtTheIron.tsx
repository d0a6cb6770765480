import { useEffect, useRef, useState } from 'react';
import type { PracticeLoad } from '../../../core/practice/index.ts';
import { nearestStep } from '../../../core/matter/index.ts';
import { useKey } from '../../keys/index.ts';
import { clock, tawnyCss } from '../../ui/index.ts';
import type { SteamSound } from './steamSound.ts';

const TICK_MS = 80;
/** A look through the crack takes so long. */
const LOOK_S = 4;

/** The closed iron: what can be seen, heard and smelt, and the moment to open. */
export const AtTheIron = ({
  load,
  speed,
  sound,
  onOpen,
}: {
  readonly load: PracticeLoad;
  readonly speed: number;
  readonly sound: SteamSound;
  readonly onOpen: (open_s: number) => void;
}) => {
  const [elapsed, setElapsed] = useState(0);
  const [looks, setLooks] = useState<readonly { readonly at_s: number; readonly step: number }[]>([]);
  const elapsedRef = useRef(0);
  const hasBeeped = useRef(false);
  useEffect(() => {
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      elapsedRef.current = Math.min(load.seconds, elapsedRef.current + ((now - last) / 1000) * speed);
      last = now;
      sound.level(load.steam[Math.floor(elapsedRef.current)] ?? 0);
      if (load.beeps_s !== null && elapsedRef.current >= load.beeps_s && !hasBeeped.current) {
        hasBeeped.current = true;
        sound.beep();
      }
      setElapsed(elapsedRef.current);
    }, TICK_MS);
    return () => {
      clearInterval(timer);
      sound.level(0);
    };
  }, [load, speed, sound]);
  const [lookKey, openKey] = [useKey('practice.look'), useKey('practice.open')];
  const second = Math.floor(elapsed);
  const steam = load.steam[second] ?? 0;
  const smells = load.smells_s !== null && elapsed >= load.smells_s;
  const beeped = load.beeps_s !== null && elapsed >= load.beeps_s;
  const look = (): void => {
    const [lower] = load.front[second] ?? [1, 1];
    setLooks([...looks, { at_s: second, step: lower }]);
    elapsedRef.current = Math.min(load.seconds, elapsedRef.current + LOOK_S);
  };
  return (
    <section aria-label="At the iron" data-elapsed={second} data-steam={steam.toFixed(2)} className="flex flex-col gap-3">
      <Steaming steam={steam} />
      <p role="timer" className="figure text-center text-[72px]">
        {clock(elapsed)}
      </p>
      <p className="min-h-7 text-center text-lg" aria-live="polite">
        {[smells ? 'It smells.' : '', beeped ? 'It beeped.' : ''].filter((word) => word !== '').join(' ')}
      </p>
      {looks.length > 0 && (
        <ul className="flex flex-wrap justify-center gap-2 text-[15px]">
          {looks.map(({ at_s, step }) => (
            <li key={at_s} className="flex items-center gap-1.5">
              <i aria-hidden className="inline-block size-5 rounded-sm" style={{ background: tawnyCss(step) }} />
              at {clock(at_s)}: {nearestStep(step).step} {nearestStep(step).name}
            </li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-[1fr_2fr] gap-3">
        <button type="button" className="button-plain min-h-16 text-lg" aria-keyshortcuts={lookKey} data-act="look" onClick={look}>
          Look
        </button>
        <button
          type="button"
          className="button-act min-h-16 text-2xl"
          aria-keyshortcuts={openKey}
          data-act="open"
          onClick={() => onOpen(elapsedRef.current)}
        >
          Open
        </button>
      </div>
    </section>
  );
};

const PLUMES = 7;

/** Steam at the seam of the lid: as much of it as there is. */
const Steaming = ({ steam }: { readonly steam: number }) => (
  <svg viewBox="0 0 360 150" role="img" aria-label={`Steam: ${steamWord(steam)}`} className="w-full">
    {Array.from({ length: PLUMES }, (_, i) => {
      const x = 40 + (280 * i) / (PLUMES - 1);
      const height = 12 + 84 * steam * (0.75 + 0.25 * Math.sin(i * 2.1));
      const lean = 14 * Math.sin(i * 1.7);
      return (
        <path
          key={i}
          d={`M${x} 104c${-8 + lean} ${-height / 3} ${8 + lean} ${(-2 * height) / 3} ${lean} ${-height}`}
          fill="none"
          stroke="#7f9493"
          strokeWidth={3 + 13 * steam}
          strokeLinecap="round"
          opacity={0.08 + 0.5 * steam}
        />
      );
    })}
    <path d="M24 104h312l-10-13H34z" fill="#3a4247" />
    <path d="M20 106h320v24a8 8 0 0 1-8 8H28a8 8 0 0 1-8-8z" fill="#2a3034" />
    <rect x="330" y="98" width="26" height="9" rx="4" fill="var(--color-quiet)" />
  </svg>
);

const steamWord = (steam: number): string => (steam > 0.6 ? 'much' : steam > 0.25 ? 'some' : steam > 0.08 ? 'little' : 'hardly any');
