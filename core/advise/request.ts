import type { BelievedIron } from './believed.ts';
import type { ParsedFormula } from '../formula/index.ts';
import type { Iron, OnPlate } from '../plate/index.ts';
import type { Target } from '../cook/index.ts';

export type AdviceRequest = {
  readonly reading: ParsedFormula;
  readonly iron: Iron;
  readonly altitude_m: number;
  readonly batter_C: number;
  readonly room_C: number;
  readonly target: Target;
  /** Null: find it. Ignored, with a finding, by irons that have none. */
  readonly setting_C: number | null;
  /** A portion of the cook's own, g, all moulds together; null or left out: what fills. */
  readonly portion_g?: number | null;
  /** A time of the cook's own, s from the closed lid, whatever the load is then; null or left out: the best moment. */
  readonly cookTime_s?: number | null;
  /** Which load of a row this is, from 1; later ones start on plates that have just cooked. */
  readonly load: number;
  /** How long the iron has been on before the first load, s; null: long enough. */
  readonly preheat_s: number | null;
  /** Air in the batter, measured (a level cup weighed), 0–0.85; null: as usual for the lift. */
  readonly airFraction: number | null;
  /** From the pour to the closed lid, s. */
  readonly delay_s: number;
  /** What is scattered in with it; null: plain. */
  readonly onPlate: OnPlate | null;
  /** Poured over what just fills, share: rather leak than miss a corner (positive), or the reverse. */
  readonly overfill: number;
  /** How light a piece is wished, 1 (airy) to 5 (dense); null: as the batter gives. */
  readonly lightness: number | null;
  /** When a pan that is turned is turned over, s from the closed lid; null: at once. Others take no notice. */
  readonly turn_s: number | null;
  /** What is believed of this iron, from its loads; null: nobody has cooked on it, or it is to be taken as new. */
  readonly believed: BelievedIron | null;
};

export const DEFAULT_TARGET: Target = { tawny: 4, crisp: null };

export const DEFAULT_CONDITIONS = {
  altitude_m: 0,
  batter_C: 20,
  room_C: 22,
  target: DEFAULT_TARGET,
  setting_C: null,
  load: 1,
  preheat_s: null,
  airFraction: null,
  delay_s: 0,
  onPlate: null,
  overfill: 0,
  lightness: null,
  turn_s: null,
  believed: null,
} as const satisfies Omit<AdviceRequest, 'reading' | 'iron'>;
