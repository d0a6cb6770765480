import type { Run } from './run.ts';

/** What is wished of every load of a run, and what is done to it: it belongs to the dish, not to a screen. */
export type Dish = Pick<Run, 'target' | 'batter_C'> & {
  readonly onPlate: NonNullable<Run['onPlate']> | null;
  readonly delay_s: number;
  readonly turn_s: number | null;
  readonly lightness: number | null;
};

export const DISH_FIELDS = ['target', 'batter_C', 'onPlate', 'delay_s', 'turn_s', 'lightness'] as const satisfies readonly (keyof Dish)[];

export const dishOf = ({ target, batter_C, onPlate, delay_s, turn_s, lightness }: Pick<Run, (typeof DISH_FIELDS)[number]>): Dish => ({
  target,
  batter_C,
  onPlate: onPlate ?? null,
  delay_s: delay_s ?? 0,
  turn_s: turn_s ?? null,
  lightness: lightness ?? null,
});

/** True where this iron with this formula is a dish of the run: then the run's wish is the one that counts, wherever it is looked at. */
export const isDishOf = (
  run: Pick<Run, 'formulaId' | 'ironIds'> | null,
  { formulaId, ironId }: { formulaId: string; ironId: string },
): boolean => run !== null && run.formulaId === formulaId && run.ironIds.includes(ironId);
