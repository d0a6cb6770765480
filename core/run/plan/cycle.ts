/** What the plan needs to know of one iron with one batter; seconds and grams. */
export type IronCycle = {
  readonly ironId: string;
  readonly piecesPerLoad: number;
  readonly portion_g: number;
  /** Least portion that still fills, g. */
  readonly leastPortion_g: number;
  readonly preheat_s: number;
  readonly cook_s: number;
  /** Of the first load, on plates that have not cooked yet; left out: as the others. */
  readonly firstCook_s?: number;
  /** Lid open to take out and pour. */
  readonly open_s: number;
  /** Closed and empty until the plates are back. */
  readonly recovery_s: number;
  /** How far a load's time is off, in its logarithm; left out: as is usual. */
  readonly timeSd?: number;
  /** Loads at its beginning that are for nobody: they show how it is. Left out: none. */
  readonly trials?: number;
  /** What it is set to, °C; left out: another dish needs no other setting. */
  readonly setting_C?: number;
  /** How it is called in what is said of it; left out: by its id. */
  readonly name?: string;
  /** Its full power, W, and the circuit that it is on; left out or null: nobody has said. */
  readonly power_W?: number;
  readonly circuitId?: string | null;
};

/** An iron in a plan, with the dish that it cooks so: one that cooks two dishes stands in it twice. */
export type PlannedIron = IronCycle & { readonly dishId: string };

/** One load on an iron; seconds from the first pour. */
export type Slot = {
  readonly iron: PlannedIron;
  readonly index: number;
  readonly n: number;
  readonly pour_s: number;
  readonly open_s: number;
};

/** What the guests get of its load `n`, from 1. */
export const piecesOfLoad = ({ piecesPerLoad, trials = 0 }: PlannedIron, n: number): number => (n <= trials ? 0 : piecesPerLoad);

/** `n`: which load of this iron, from 1. */
export const cookOf_s = (iron: PlannedIron, n: number): number => (n === 1 ? (iron.firstCook_s ?? iron.cook_s) : iron.cook_s);

/** From an open lid to the next pour on this iron, at the least. */
export const turnaround_s = ({ open_s, recovery_s }: PlannedIron): number => open_s + recovery_s;

/** Plates wiped before another batter, s (*common practice*). */
const WIPE_S = 30;
/** Plates of 2.7 kJ/K that lose 1.9 W/K with the lid open, 150 K above the room, cool by a tenth of a kelvin a second. */
const COOLS_S_PER_K = 10;
const ROOM_C = 20;

/** What another dish on the same iron costs beyond its turnaround, s: wiping, and the way to its setting. */
export const changeOver_s = (before: PlannedIron, next: PlannedIron): number => {
  if (before.dishId === next.dishId) return 0;
  const from_C = before.setting_C;
  const to_C = next.setting_C;
  if (from_C === undefined || to_C === undefined) return WIPE_S;
  return WIPE_S + (to_C > from_C ? ((to_C - from_C) * next.preheat_s) / Math.max(1, to_C - ROOM_C) : (from_C - to_C) * COOLS_S_PER_K);
};
