import type { BelievedIron } from '../../core/rehearsal/index.ts';
import { clock } from '../clock/index.ts';
import { Listeners } from '../listeners.ts';
import { keepJson, keepText, keptJson } from '../webStorage.ts';

export type Pace = 0 | 1 | 4 | 15 | 30 | 60;

/** A rehearsal of one tab: where its clock stands, what its irons are, and whose hands are at them. */
export type Rehearsal = {
  readonly seed: number;
  /** At this moment of the wall clock its own clock stood there. */
  readonly at: { readonly wall: number; readonly own: number };
  readonly pace: Pace;
  /** The cook's own, or a simulated pair. */
  readonly hands: 'mine' | 'simulated';
  /** Guests come who weren't announced. */
  readonly hasSurprises: boolean;
  /** Those that were planned for, by their ids. */
  readonly met: readonly string[];
  readonly believed: readonly BelievedIron[];
  /** The exercise that it is; null: one's own morning. */
  readonly levelId: string | null;
  /** The plan as it was at the beginning. */
  readonly planned: { readonly startAt: number; readonly firstPourAt: number; readonly lastPlateAt: number };
  /** Where it was begun. */
  readonly from: string;
};

const KEY = 'tawny-lattice-rehearsal';
export const PLAYED_KEY = 'tawny-lattice-rehearsed';
const listeners = new Listeners();
let kept: Rehearsal | null | undefined;

/** Null: none is on in this tab. */
export const keptRehearsal = (): Rehearsal | null => {
  if (kept === undefined) {
    const found = keptJson('tab', KEY) as Partial<Rehearsal> | null;
    kept = Array.isArray(found?.believed) && found.at !== undefined && typeof found.pace === 'number' ? (found as Rehearsal) : null;
  }
  return kept;
};

export const onRehearsal = listeners.subscribe;

export const keep = (rehearsal: Rehearsal): void => {
  kept = rehearsal;
  keepJson('tab', KEY, rehearsal);
  listeners.tell();
};

/** The clock of this page goes on where the rehearsal's stands. */
export const resumeRehearsal = (): void => {
  const rehearsal = keptRehearsal();
  if (rehearsal === null) return;
  const { at, pace } = rehearsal;
  clock.rehearse(at.own + Math.max(0, Date.now() - at.wall) * pace, pace);
};

/** How an exercise went, for the page that it was begun on. */
export type PlayedExercise = {
  readonly levelId: string;
  readonly seed: number;
  readonly loads: number;
  readonly guests: number;
  readonly waited_min: number;
  readonly planned_min: number;
};

/** Back to the kitchen and the clock on the wall; what was rehearsed is left behind, but for how an exercise went. */
export const endRehearsal = (played: PlayedExercise | null = null): void => {
  const from = keptRehearsal()?.from ?? '/plan';
  if (played !== null) keepJson('tab', PLAYED_KEY, played);
  keepText('tab', KEY, null);
  window.location.assign(from);
};
