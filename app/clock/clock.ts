import { Listeners } from '../listeners.ts';
import { beatNow, jumpSince, keepBeat, lastBeat } from './heartbeat.ts';
import { pendingJumps } from './jumps.ts';
import { pacedFrom, SteadyClock } from './steadyClock.ts';

/**
 * The one clock of the application, from its start: it counts by the monotonic clock and notices when the wall clock was set. Whatever door is open, a
 * jump is noticed once.
 */
class ApplicationClock {
  private steady = new SteadyClock();
  private readonly paceListeners = new Listeners();
  private pace_ = 1;
  private beatAt = -Infinity;

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

  /** Looks whether the wall clock was set, or the device has slept while the monotonic clock stood. */
  look(): void {
    this.notice(this.steady.takeJump());
    if (this.pace_ !== 1 || Math.abs(performance.now() - this.beatAt) < BEAT_MS) return;
    this.beat();
  }

  beat(): void {
    if (this.pace_ !== 1) return;
    this.beatAt = performance.now();
    keepBeat(beatNow());
  }

  /** Looks what happened since the last page of this application went. */
  lookBack(): void {
    const last = lastBeat();
    if (last !== null) this.notice(jumpSince(last, beatNow()));
  }

  private notice(jump_ms: number): void {
    if (jump_ms === 0 || this.pace_ !== 1) return;
    const at = Math.round(this.steady.now());
    pendingJumps.add({ id: `${at}`, at, jump_ms });
  }
}

/** So often both clocks are written down. */
const BEAT_MS = 2000;

export const clock = new ApplicationClock();

/** Epoch milliseconds now, as this page counts them: whole ones, for writing down. */
export const wallNow = (): number => Math.round(clock.now());

/** This moment, for what is written down only later: on the clock as it is set by then, so that a jump in between doesn't part two touches. */
export const thisMoment = (): (() => number) => {
  const from = performance.now();
  const pace = clock.pace;
  return () => Math.round(clock.now() - (performance.now() - from) * pace);
};

const LOOK_MS = 500;

/** From the application's start on. */
export const startClock = (): void => {
  const look = (): void => clock.look();
  clock.lookBack();
  setInterval(look, LOOK_MS);
  window.addEventListener('pagehide', () => clock.beat());
  window.addEventListener('storage', pendingJumps.lookAgain);
  // A sleeping page ticks late; waking must not wait for the next look.
  document.addEventListener('visibilitychange', look);
  window.addEventListener('focus', look);
};
