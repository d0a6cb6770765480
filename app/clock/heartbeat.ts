import { keepJson, keptJson } from '../webStorage.ts';

/** Both clocks at one moment, ms. `monotonic`: nobody sets it; it goes on over a reload, and stands while the device sleeps. */
export type Beat = { readonly wall: number; readonly monotonic: number };

const KEY = 'tawny-lattice-heartbeat';

/** Smaller differences are drift. */
export const JUMP_MS = 2000;

export const beatNow = (): Beat => ({ wall: Date.now(), monotonic: performance.timeOrigin + performance.now() });

export const keepBeat = (beat: Beat): void => keepJson('browser', KEY, beat);

export const lastBeat = (): Beat | null => {
  const found = keptJson('browser', KEY) as Partial<Beat> | null;
  return typeof found?.wall === 'number' && typeof found.monotonic === 'number' ? { wall: found.wall, monotonic: found.monotonic } : null;
};

/**
 * How far the wall clock was set while the page was away, ms; 0: not that it could be told. Where the monotonic clock began anew (another start of the
 * browser) only a clock that was set back can be, by as much as it runs behind its last beat; one that was set forward looks like time that went by,
 * and is counted as such: that is the more dangerous of the two.
 */
export const jumpSince = (last: Beat, now: Beat): number => {
  const wall_ms = now.wall - last.wall;
  const monotonic_ms = now.monotonic - last.monotonic;
  const jump_ms = Math.round(monotonic_ms >= 0 ? wall_ms - monotonic_ms : Math.min(0, wall_ms));
  return Math.abs(jump_ms) > JUMP_MS ? jump_ms : 0;
};
