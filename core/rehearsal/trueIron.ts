import type { Random } from '../basis/index.ts';
import { clamp, inputsHash, seededRandom } from '../basis/index.ts';

/**
 * What a simulated iron really is, over what is believed of it. Its rules are its own and none of the plate model's, so that a rehearsal can't agree
 * with the plan by sharing its errors.
 */
export type TrueIron = {
  /** Time to heat, and to cook a load, over what is believed. */
  readonly heats: number;
  readonly cooks: number;
  /** Batter that it holds over what is believed. */
  readonly room: number;
  /** By how many steps the lower face comes out darker than the upper. */
  readonly sides: number;
};

/** What is believed of an iron when the rehearsal begins: the times are true where `TrueIron` is 1. */
export type BelievedIron = {
  readonly ironId: string;
  readonly dishId: string;
  readonly best_s: number;
  readonly preheat_s: number;
  readonly portion_g: number;
  readonly setting_C: number;
  /** Step of the paler face at `best_s`. */
  readonly tawny: number;
};

/** Scatter of irons of one kind, in logarithms (*common practice*: a mark on the dial is half a minute or so off). */
const IRON_SD = { heats: 0.12, cooks: 0.1, room: 0.05 } as const;
const SIDES_SD = 0.4;

export const drawTrueIron = (random: Random): TrueIron => ({
  heats: Math.exp(IRON_SD.heats * clamp(random.normal(), -2, 2)),
  cooks: Math.exp(IRON_SD.cooks * clamp(random.normal(), -2, 2)),
  room: Math.exp(IRON_SD.room * clamp(random.normal(), -2, 2)),
  sides: SIDES_SD * random.normal(),
});

/** The irons of a rehearsal, each by its own id: another that joins them changes none. */
export const trueIronOf = (seed: number, ironId: string): TrueIron => drawTrueIron(seededRandom(seed + 7919 * textSeed(ironId)));

/** A number of a text that isn't the same for the next one. */
const textSeed = (text: string): number => Number.parseInt(inputsHash(text).slice(-7), 16);

/** One load is quicker or slower than the next by so much, in its logarithm. */
const LOAD_SD = 0.03;
/** A hotter plate cooks so much sooner a kelvin, a fuller one later by this power; the colour deepens by this power of the time. */
const PER_KELVIN = 0.015;
const BY_AMOUNT = 0.7;
const BY_TIME = 1.6;
/** A plate that was poured on cold lacks heat: that share of its preheat comes back as time. */
const COLD = 0.6;

export type PouredLoad = {
  /** Of this very load: the same id, the same piece. */
  readonly loadId: string;
  readonly poured_g: number;
  readonly setting_C: number;
  /** Of its preheat that the iron has had at the pour, 0–1. */
  readonly heated: number;
  /** How long the batter has stood at the pour, s. */
  readonly stood_s: number;
};

/** When this load is really at its best, s from the closed lid. */
export const trulyBest_s = (iron: TrueIron, believed: BelievedIron, load: PouredLoad): number => {
  const luck = Math.exp(LOAD_SD * seededRandom(textSeed(load.loadId)).normal());
  const amount = (load.poured_g / believed.portion_g) ** BY_AMOUNT;
  const heat = Math.exp(-PER_KELVIN * (load.setting_C - believed.setting_C));
  return believed.best_s * iron.cooks * luck * amount * heat * (1 + COLD * (1 - clamp(load.heated, 0, 1)));
};

export type Piece = {
  /** Steps of the faces, 1–8, not rounded. */
  readonly lower: number;
  readonly upper: number;
  readonly fill: 'missing' | 'full' | 'leaked';
  /** Burnt, or torn because it was opened far too early: nobody gets it. */
  readonly lost: 'burnt' | 'torn' | null;
};

/** Batter that stands thins and runs further: as if there were so much more of it an hour. */
const THINS_PER_H = 0.05;
const MISSES_UNDER = 0.92;
const LEAKS_OVER = 1.08;
const BURNT_FROM = 6.8;
const TORN_UNDER = 0.6;

/** What lies in the iron so long after its lid was closed. */
export const pieceAt = (iron: TrueIron, believed: BelievedIron, load: PouredLoad, cooked_s: number): Piece => {
  const share = Math.max(0, cooked_s) / trulyBest_s(iron, believed, load);
  const paler = 1 + (believed.tawny - 1) * share ** BY_TIME;
  const [less, more] = [Math.max(0, -iron.sides), Math.max(0, iron.sides)];
  // One face is as the believed one, the other darker, as far as it has taken colour at all.
  const taken = Math.min(1, share);
  const fills = (load.poured_g / (believed.portion_g * iron.room)) * (1 + (THINS_PER_H * Math.max(0, load.stood_s)) / 3600);
  return {
    lower: clamp(paler + more * taken, 1, 8),
    upper: clamp(paler + less * taken, 1, 8),
    fill: fills < MISSES_UNDER ? 'missing' : fills > LEAKS_OVER ? 'leaked' : 'full',
    lost: paler >= BURNT_FROM ? 'burnt' : share < TORN_UNDER ? 'torn' : null,
  };
};

/** How much steam is seen, 0–1: most of it soon after the lid, little once it is done. */
export const steamAt = (iron: TrueIron, believed: BelievedIron, load: PouredLoad, cooked_s: number): number => {
  const share = Math.max(0, cooked_s) / trulyBest_s(iron, believed, load);
  return clamp(share < 0.1 ? 10 * share : 1.15 - 0.9 * share, 0, 1);
};
