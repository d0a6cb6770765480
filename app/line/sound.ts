/** Cues are scheduled ahead on the audio clock, so that a busy or sleeping page still rings on time. */
type Scheduled = { readonly stop: () => void };

const TONES = {
  /** Two soft notes: get ready. */
  before: [
    { at: 0, hz: 587, length: 0.16 },
    { at: 0.22, hz: 587, length: 0.16 },
  ],
  /** Three rising ones: open. */
  open: [
    { at: 0, hz: 659, length: 0.2 },
    { at: 0.24, hz: 784, length: 0.2 },
    { at: 0.48, hz: 988, length: 0.42 },
  ],
} as const;

export type Tone = keyof typeof TONES;

let context: AudioContext | null = null;

/** Browsers let sound begin only after a touch; called by every touch on the line. */
export const wakeSound = (): void => {
  if (typeof AudioContext === 'undefined') return;
  context ??= new AudioContext();
  if (context.state === 'suspended') void context.resume();
};

/** Rings `tone` in `in_s` seconds; null where there is no sound. */
export const ringIn = (tone: Tone, in_s: number): Scheduled | null => {
  if (context === null || in_s < 0) return null;
  const start = context.currentTime + in_s;
  const gain = context.createGain();
  gain.gain.value = 0.25;
  gain.connect(context.destination);
  const notes = TONES[tone].map(({ at, hz, length }) => {
    const note = context!.createOscillator();
    note.type = 'triangle';
    note.frequency.value = hz;
    note.connect(gain);
    note.start(start + at);
    note.stop(start + at + length);
    return note;
  });
  return {
    stop: () => {
      for (const note of notes) note.disconnect();
      gain.disconnect();
    },
  };
};
