import type { Finding } from '../basis/index.ts';
import type { BatterProperties, PlateMachine, PlatesState, Portion } from '../plate/index.ts';
import type { Cooked } from '../cook/index.ts';
import type { Division } from './division.ts';
import type { AdviceRequest } from './request.ts';
import type { ToppingSpot } from './toppingSpot.ts';

export type Advice = Division & {
  readonly request: AdviceRequest;
  readonly batter: BatterProperties;
  readonly machine: PlateMachine;
  readonly portion: Portion;
  readonly setting: { readonly temperature_C: number; readonly dial: number | null; readonly chosen: 'found' | 'given' | 'fixed' };
  readonly plates: PlatesState;
  readonly cooked: Cooked;
  /** Uncertainty of the best moment, s, and what it rests on. */
  readonly band_s: { readonly p10: number; readonly p90: number };
  readonly band_C: { readonly p10: number; readonly p90: number } | null;
  readonly band_g: { readonly p10: number; readonly p90: number };
  /** Around a piece of what lies on the plate; null: plain. */
  readonly spot: ToppingSpot | null;
  /** A pan that is turned: its latest turn (null: any), the share of batter on the first side, and of room that stays hollow. */
  readonly turned: { readonly latest_s: number | null; readonly stays: number; readonly hollow: number } | null;
  readonly pieceMass_g: number;
  readonly pieceDensity_gPerML: number;
  readonly waterLoss: number;
  /** Where the wished lightness isn't met: the wish, and the batter that would bring it (null: none); null: met, or not wished. */
  readonly lighter: { readonly wished_gPerML: number; readonly batter_gPerML: number | null } | null;
  readonly findings: readonly Finding[];
};
