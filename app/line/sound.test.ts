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

  test('a browser without sound is silent, not broken', async () => {
    Object.assign(globalThis, { AudioContext: undefined });
    const { ringIn, wakeSound } = await import('./sound.ts');
    wakeSound();
    expect(ringIn('open', 1)).toBeNull();
  });
});
