import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import clsx from 'clsx';
import { SlidersHorizontal, Sun, Volume2, VolumeX } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { USUAL_LINE_KEYS } from '../keys/index.ts';
import { commands, useDo } from '../store/index.ts';
import { PARTS, PART_WORDS, setHand, useHand } from './hand.ts';
import { canSpeak, silencedBy } from './sound.ts';

/** How often it is looked whether the browser lets anything be heard. */
const LOOK_MS = 2000;

const WHY = { 'no-sound': 'no sound in this browser', 'not-touched': 'tap for sound' } as const;

/** Four letters for the line's touches; each another one. Empty: none, so that a letter that slips does nothing. */
const Keys = ({ kit }: { readonly kit: Kit }) => {
  const carryOut = useDo();
  const kept = kit.lineKeys ?? USUAL_LINE_KEYS;
  const [typed, setTyped] = useState(kept);
  const isRight = /^(?:[a-z]{4})?$/.test(typed) && new Set(typed).size === typed.length;
  return (
    <label className="flex flex-col">
      keys
      <input
        aria-label="Keys for poured, closed, opened, undo"
        aria-invalid={!isRight}
        title="Four letters: poured, closed, opened, undo. Empty: none"
        className="h-12 w-20 rounded-md border-2 border-white/60 bg-transparent text-center text-lg tracking-widest text-white"
        maxLength={4}
        value={typed}
        placeholder="off"
        onChange={(event) => setTyped(event.target.value.toLowerCase())}
        onBlur={() => {
          if (isRight && typed !== kept) void carryOut(commands.changeKit((now) => ({ ...now, lineKeys: typed })));
          if (!isRight) setTyped(kept);
        }}
      />
      {!isRight && <span role="alert">four different letters, or none</span>}
    </label>
  );
};

/** Whose hands this screen is, where several are at the line: each tab or device has its own. */
const Hands = () => {
  const { part, name } = useHand();
  return (
    <fieldset className="flex flex-wrap items-end gap-2">
      <legend>this screen’s hands</legend>
      {PARTS.map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={part === one}
          className="min-h-16 rounded-lg border-2 border-white/60 px-3 text-base font-semibold aria-pressed:bg-white aria-pressed:text-ink"
          onClick={() => setHand({ part: one })}
        >
          {PART_WORDS[one]}
        </button>
      ))}
      <label className="flex flex-col">
        name
        <input
          aria-label="Name for the log"
          className="h-12 w-28 rounded-md border-2 border-white/60 bg-transparent px-2 text-lg text-white"
          maxLength={40}
          defaultValue={name}
          onBlur={({ target }) => setHand({ name: target.value })}
        />
      </label>
    </fieldset>
  );
};

/** Whether cues can be heard, and whether they are said aloud. */
export const Heard = ({ kit }: { readonly kit: Kit }) => {
  const carryOut = useDo();
  const [silenced, setSilenced] = useState(silencedBy);
  useEffect(() => {
    const timer = setInterval(() => setSilenced(silencedBy()), LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  const isSpoken = kit.isSpoken === true;
  const isLight = kit.isLineLight === true;
  return (
    <div className="flex shrink-0 items-center gap-3 text-[13px] leading-tight text-white/80">
      {silenced !== null && (
        <span role="status" className="flex max-w-32 items-center gap-1.5">
          <VolumeX aria-hidden className="size-5 shrink-0" />
          {WHY[silenced]}
        </span>
      )}
      <Popover className="relative">
        <PopoverButton
          aria-label="Sound, keys and light"
          title="Sound, keys and light"
          className="grid size-16 place-items-center rounded-lg border-2 border-white/60"
        >
          <SlidersHorizontal aria-hidden className="size-6" />
        </PopoverButton>
        <PopoverPanel
          anchor={{ to: 'top end', gap: 6, padding: 8 }}
          className={clsx(
            'z-30 flex max-w-[95vw] flex-wrap items-center gap-3 rounded-lg border-2 border-white/60 bg-bench p-3 text-white',
            isLight ? 'bench-light' : 'on-dark',
          )}
        >
          <Hands />
          <Keys key={kit.lineKeys ?? USUAL_LINE_KEYS} kit={kit} />
          <button
            type="button"
            aria-pressed={isLight}
            aria-label="Light ground"
            title="A light ground, for a bright kitchen"
            className="grid size-16 place-items-center rounded-lg border-2 border-white/60 aria-pressed:bg-white aria-pressed:text-ink"
            onClick={() => void carryOut(commands.changeKit((now) => ({ ...now, isLineLight: !isLight })))}
          >
            <Sun aria-hidden className="size-6" />
          </button>
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
        </PopoverPanel>
      </Popover>
    </div>
  );
};
