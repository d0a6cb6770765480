import { PUBLISHED } from '../safety/index.ts';
import { crumbSlab, FREEZER_C } from './reheat.ts';
import type { Heater } from './slab.ts';
import { slabTime_s } from './slab.ts';

/** Off the iron its crumb is at the boil. */
const OFF_THE_IRON_C = 96;
/** Warmer than the room by less, nothing sweats in a bag any more (*common practice*). */
const COOL_K = 5;
/** Hard enough that pieces don't freeze together. */
const HARD_C = -10;
const LONGEST_S = 48 * 3600;

/** Still air with what is radiated, on a rack from both sides, W/m²K; on a freezer's tray; in a bag, whose film and air keep heat in (from memory of heat-transfer handbooks). */
const RACK_WPerM2K = 11;
const TRAY_WPerM2K = 9;
const BAG_WPerM2K = 6;

/** One way to cool or freeze: how long until it is so, s; null: not within two days. */
export type CoolFreeze = {
  /** Cooled on a rack, one layer, and in a pile, until it may be bagged. */
  readonly rack_s: number | null;
  readonly pile_s: number | null;
  /** From the room's warmth until it is hard: flat on a tray, and straight in a bag. */
  readonly tray_s: number | null;
  readonly bag_s: number | null;
  /** The pile, put into the freezer hot in its bag, is at 5 °C so long after: beside `PUBLISHED.coolingCooked`. */
  readonly hotBag_s: number | null;
};

/**
 * Pieces as thick as a slab of their volume and surface, `together` of them in a pile or a bag: as one slab so many times as thick. What evaporates as they
 * cool is left out, so a rack is a little quicker than said.
 */
export const coolFreeze = (thickness_mm: number, together: number, room_C: number): CoolFreeze => {
  const both = (air_C: number, h_WPerM2K: number): Heater => ({ air_C, h_WPerM2K, faces: 'both' });
  const [one, many] = [crumbSlab(thickness_mm), crumbSlab(thickness_mm * Math.max(1, together))];
  const room = both(room_C, RACK_WPerM2K);
  return {
    rack_s: slabTime_s(one, OFF_THE_IRON_C, room_C + COOL_K, room, LONGEST_S),
    pile_s: slabTime_s(many, OFF_THE_IRON_C, room_C + COOL_K, room, LONGEST_S),
    tray_s: slabTime_s(one, room_C, HARD_C, both(FREEZER_C, TRAY_WPerM2K), LONGEST_S),
    bag_s: slabTime_s(many, room_C, HARD_C, both(FREEZER_C, BAG_WPerM2K), LONGEST_S),
    hotBag_s: slabTime_s(many, OFF_THE_IRON_C, PUBLISHED.coolingCooked.then_C, both(FREEZER_C, BAG_WPerM2K), LONGEST_S),
  };
};
