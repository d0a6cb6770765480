import { Listeners } from '../listeners.ts';
import { pacedFrom, SteadyClock } from './steadyClock.ts';

/** A jump of the wall clock that this page has noticed; `at` is on the new clock. */
export type Jump = { readonly at: number; readonly jump_ms: number };

/**
 * The one clock of the application, from its start: it counts by the monotonic clock, notices when the wall clock was set, and says so to
 * whoever listens. Whatever station is open, a jump is noticed once.
 */
class ApplicationClock {
  private steady = new SteadyClock();
  private readonly listeners = new Listeners<Jump>();
  private readonly paceListeners = new Listeners();
  private pace_ = 1;
  private found: readonly Jump[] = [];

  now(): number {
    return this.steady.now();
  }

  /** So many seconds of its own go by in a second: 1, except in a rehearsal. 0: it stands. */
  get pace(): number {
    return this.pace_;
  }

  readonly onPace = this.paceListeners.subscribe;

  /** From now on it is `at` (epoch ms), and time goes by at this pace; nobody sets such a clock but us. */
  rehearse(at: number, pace: number): void {
    this.steady = new SteadyClock(pacedFrom(at, pace));
    this.pace_ = pace;
    this.paceListeners.tell();
  }

  /** Jumps since the page was opened. */
  get jumps(): readonly Jump[] {
    return this.found;
  }

  readonly onJump = this.listeners.subscribe;

  /** Looks whether the wall clock was set, or the device has slept while the monotonic clock stood. */
  look(): void {
    const jump_ms = this.steady.takeJump();
    if (jump_ms === 0) return;
    const jump = { at: Math.round(this.steady.now()), jump_ms };
    this.found = [...this.found, jump];
    this.listeners.tell(jump);
  }
}

export const clock = new ApplicationClock();

/** Epoch milliseconds now, as this page counts them: whole ones, for writing down. */
export const wallNow = (): number => Math.round(clock.now());

const LOOK_MS = 500;

/** From the application's start on. */
export const startClock = (): void => {
  const look = (): void => clock.look();
  setInterval(look, LOOK_MS);
  // A sleeping page ticks late; waking must not wait for the next look.
  document.addEventListener('visibilitychange', look);
  window.addEventListener('focus', look);
};
