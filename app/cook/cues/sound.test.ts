import { beforeEach, describe, expect, jest, test } from '@jest/globals';

type Note = { hz: number; start: number; stop: number; disconnected: boolean };
const notes: Note[] = [];

class FakeAudioContext {
  state = 'suspended';
  currentTime = 100;
  destination = {};
  resume = jest.fn(() => Promise.resolve());
  createGain = () => ({ gain: { value: 1 }, connect: () => undefined, disconnect: () => undefined });
  createOscillator = () => {
    const note: Note = { hz: 0, start: 0, stop: 0, disconnected: false };
    notes.push(note);
    return {
      type: '',
      frequency: {
        set value(hz: number) {
          note.hz = hz;
        },
      },
      connect: () => undefined,
      start: (at: number) => (note.start = at),
      stop: (at: number) => (note.stop = at),
      disconnect: () => (note.disconnected = true),
    };
  };
}

describe('cues on the audio clock', () => {
  beforeEach(() => {
    notes.length = 0;
    jest.resetModules();
  });

  test('are scheduled ahead and can be taken back', async () => {
    Object.assign(globalThis, { AudioContext: FakeAudioContext });
    const { ringIn, wakeSound } = await import('./sound.ts');
    expect(ringIn('open', 10)).toBeNull();
    wakeSound();
    const sound = ringIn('open', 42);
    expect(notes.map((note) => note.start)).toEqual([142, 142.24, 142.48]);
    expect(notes.every((note) => note.stop > note.start && note.hz > 400)).toBe(true);
    sound?.stop();
    expect(notes.every((note) => note.disconnected)).toBe(true);
    expect(ringIn('before', -1)).toBeNull();
  });

  test('every iron has its own pitch, higher and lower told apart by ear, and the fifth begins again', async () => {
    Object.assign(globalThis, { AudioContext: FakeAudioContext });
    const { pitchOf, ringIn, silencedBy, wakeSound } = await import('./sound.ts');
    expect(silencedBy()).toBe('not-touched');
    wakeSound();
    ringIn('late', 3, 0);
    const low = notes.map(({ hz }) => hz);
    notes.length = 0;
    ringIn('late', 3, 1);
    notes.forEach(({ hz }, i) => expect(hz / (low[i] ?? NaN)).toBeCloseTo(2 ** (4 / 12), 9));
    expect(pitchOf(4)).toBe(pitchOf(0));
    expect(new Set([0, 1, 2, 3].map(pitchOf)).size).toBe(4);
  });

  test('felt and said aloud at its moment, where that is wished and there is a voice; taken back in time it isn’t', async () => {
    jest.useFakeTimers();
    const said: string[] = [];
    const felt: number[][] = [];
    Object.assign(globalThis, {
      speechSynthesis: { cancel: () => undefined, speak: ({ text }: { text: string }) => said.push(text) },
      SpeechSynthesisUtterance: class {
        lang = '';
        constructor(readonly text: string) {}
      },
    });
    Object.defineProperty(globalThis, 'navigator', { value: { vibrate: (pattern: number[]) => felt.push(pattern) }, configurable: true });
    const { feelIn } = await import('./sound.ts');
    feelIn('open', 5, 'Open Deep A');
    feelIn('late', 6, null);
    feelIn('before', 4, 'Deep A soon')?.stop();
    expect(feelIn('open', -1, 'too late')).toBeNull();
    jest.advanceTimersByTime(4900);
    expect(said).toEqual([]);
    jest.advanceTimersByTime(2000);
    expect(said).toEqual(['Open Deep A']);
    expect(felt.map((pattern) => pattern.length)).toEqual([3, 5]);
    jest.useRealTimers();
  });

  test('a browser without sound is silent, not broken', async () => {
    Object.assign(globalThis, { AudioContext: undefined });
    const { ringIn, wakeSound } = await import('./sound.ts');
    wakeSound();
    expect(ringIn('open', 1)).toBeNull();
  });
});
