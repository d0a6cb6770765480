import { Sun, Volume2 } from 'lucide-react';
import { useState } from 'react';
import type { Kit } from '../../../core/kit/index.ts';
import { USUAL_LINE_KEYS } from '../../keys/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { PARTS, PART_WORDS, setHand, useHand } from '../line/hand.ts';
import { canSpeak, testSound } from '../cues/sound.ts';
import { Sheet } from '../../ui/index.ts';

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
        className="entry h-14 w-28 text-center text-xl tracking-widest"
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
      <legend className="mb-1 text-lg">This screen’s hands</legend>
      {PARTS.map((one) => (
        <button key={one} type="button" aria-pressed={part === one} className={PRESS} onClick={() => setHand({ part: one })}>
          {PART_WORDS[one]}
        </button>
      ))}
      <label className="flex flex-col">
        name
        <input
          aria-label="Name for the log"
          className="entry h-14 w-40 text-lg"
          maxLength={40}
          defaultValue={name}
          onBlur={({ target }) => setHand({ name: target.value })}
        />
      </label>
    </fieldset>
  );
};

const PRESS =
  'flex min-h-14 items-center gap-2 rounded-xl border-2 border-line px-4 text-lg font-semibold aria-pressed:border-act aria-pressed:bg-act aria-pressed:text-page';

/** Each cue can be told from the others by ear, and each iron by its pitch: heard here before it is needed. */
const TestSound = ({ irons }: { readonly irons: readonly string[] }) => (
  <fieldset className="flex flex-wrap gap-2">
    <legend className="mb-1 w-full text-lg">Hear the sounds</legend>
    {TONE_WORDS.map(([tone, words]) => (
      <button key={tone} type="button" className={PRESS} onClick={() => testSound(tone, 0)}>
        <Volume2 aria-hidden className="size-5" /> {words}
      </button>
    ))}
    {irons.length > 1 &&
      irons.map((name, i) => (
        <button key={name} type="button" className={PRESS} onClick={() => testSound('open', i)}>
          Open {name}
        </button>
      ))}
  </fieldset>
);

const TONE_WORDS = [
  ['before', 'Get ready'],
  ['open', 'Open'],
  ['late', 'Late'],
] as const;

/** What can be heard and read, by whose hands; and letters for the four touches. */
export const CookSettings = ({
  kit,
  irons,
  onClose,
}: {
  readonly kit: Kit;
  readonly irons: readonly string[];
  readonly onClose: () => void;
}) => {
  const carryOut = useDo();
  const isSpoken = kit.isSpoken === true;
  const isLight = kit.isLineLight === true;
  return (
    <Sheet title="Sound, keys and light" open onClose={onClose}>
      <div className="flex flex-col gap-6">
        <TestSound irons={irons} />
        <div className="flex flex-wrap gap-2">
          {canSpeak() && (
            <button
              type="button"
              aria-pressed={isSpoken}
              className={PRESS}
              onClick={() => void carryOut(commands.changeKit((now) => ({ ...now, isSpoken: !isSpoken })))}
            >
              <Volume2 aria-hidden className="size-5" /> {isSpoken ? 'Said aloud' : 'Say it aloud'}
            </button>
          )}
          <button
            type="button"
            aria-pressed={isLight}
            className={PRESS}
            onClick={() => void carryOut(commands.changeKit((now) => ({ ...now, isLineLight: !isLight })))}
          >
            <Sun aria-hidden className="size-5" /> Light ground
          </button>
        </div>
        <Keys key={kit.lineKeys ?? USUAL_LINE_KEYS} kit={kit} />
        <Hands />
      </div>
    </Sheet>
  );
};
