import { JUMP_MS } from './heartbeat.ts';

/** A wall clock that doesn't follow jumps of the wall clock unless told: it counts by the monotonic one. */
export type TimeSource = { readonly wall: () => number; readonly monotonic: () => number };

const BROWSER: TimeSource = { wall: () => Date.now(), monotonic: () => performance.now() };

/** Begins at `at` (epoch ms) and goes by at `pace` seconds a second. */
export const pacedFrom = (at: number, pace: number, monotonic: () => number = BROWSER.monotonic): TimeSource => {
  const from = monotonic();
  const since = (): number => (monotonic() - from) * pace;
  return { wall: () => at + since(), monotonic: since };
};

export class SteadyClock {
  private wallAnchor: number;
  private monotonicAnchor: number;

  constructor(private readonly source: TimeSource = BROWSER) {
    this.wallAnchor = source.wall();
    this.monotonicAnchor = source.monotonic();
  }

  /** Epoch ms, as the clock was set when this page (or the last noticed jump) began. */
  now(): number {
    return this.wallAnchor + this.source.monotonic() - this.monotonicAnchor;
  }

  /**
   * How far the wall clock has jumped (ms, later is positive) since it was last looked at, or 0. A jump is taken over:
   * from now on instants are on the new clock, and earlier ones have to be moved by it.
   */
  takeJump(): number {
    const jump = Math.round(this.source.wall() - this.now());
    if (Math.abs(jump) <= JUMP_MS) return 0;
    this.wallAnchor += jump;
    return jump;
  }
}
