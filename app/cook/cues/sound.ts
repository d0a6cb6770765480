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
  /** Two falling ones, twice: it is late. */
  late: [
    { at: 0, hz: 988, length: 0.18 },
    { at: 0.2, hz: 698, length: 0.28 },
    { at: 0.6, hz: 988, length: 0.18 },
    { at: 0.8, hz: 698, length: 0.28 },
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

/** Whether the browser lets this page be heard without a touch first; asked where a load was running before the page was. */
export const mayRing = async (): Promise<boolean> => {
  wakeSound();
  // A page that may not ring never answers.
  await Promise.race([context?.resume(), new Promise((resolve) => setTimeout(resolve, ANSWERS_WITHIN_MS))]);
  return silencedBy() !== 'not-touched';
};
const ANSWERS_WITHIN_MS = 500;

/** Why nothing would be heard now; null: it would. */
export const silencedBy = (): 'no-sound' | 'not-touched' | null => {
  if (typeof AudioContext === 'undefined') return 'no-sound';
  return context?.state === 'running' ? null : 'not-touched';
};

/** So many semitones lie between one iron's tone and the next's, and after so many irons it begins again. */
const SEMITONES = 4;
const VOICES = 4;

/** How much higher the tones of this iron are, counted along the line. */
export const pitchOf = (iron: number): number => 2 ** ((SEMITONES * (iron % VOICES)) / 12);

/** Rings `tone` in `in_s` seconds, as high as this iron's are; null where there is no sound. */
export const ringIn = (tone: Tone, in_s: number, iron = 0): Scheduled | null => {
  if (context === null || in_s < 0) return null;
  const start = context.currentTime + in_s;
  const gain = context.createGain();
  gain.gain.value = 0.25;
  gain.connect(context.destination);
  const notes = TONES[tone].map(({ at, hz, length }) => {
    const note = context!.createOscillator();
    note.type = 'triangle';
    note.frequency.value = hz * pitchOf(iron);
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

/** Rings a cue at once, so that it is known before it is needed. */
export const testSound = (tone: Tone, iron: number): void => {
  wakeSound();
  ringIn(tone, 0.05, iron);
};

const VIBRATIONS: Readonly<Record<Tone, readonly number[]>> = { before: [120], open: [250, 120, 250], late: [400, 150, 400, 150, 400] };

/** True where the device has a voice of its own. */
export const canSpeak = (): boolean => typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined';

/** The same felt and, where it is wished, said aloud by the device's own voice; null: not that soon. */
export const feelIn = (tone: Tone, in_s: number, spoken: string | null): Scheduled | null => {
  if (in_s < 0) return null;
  const timer = setTimeout(() => {
    if (typeof navigator !== 'undefined' && 'vibrate' in navigator) navigator.vibrate([...VIBRATIONS[tone]]);
    if (spoken === null || !canSpeak()) return;
    // What is said of now comes before what was left to say.
    speechSynthesis.cancel();
    const words = new SpeechSynthesisUtterance(spoken);
    words.lang = 'en';
    speechSynthesis.speak(words);
  }, in_s * 1000);
  return { stop: () => clearTimeout(timer) };
};
