import { batterOf } from '../cook/index.ts';
import type { Result } from '../basis/index.ts';
import { success } from '../basis/index.ts';
import type { IronWithBatter } from '../fit/index.ts';
import { DEFAULT_READ_SETTINGS, readFormula } from '../formula/index.ts';
import type { Iron } from '../plate/index.ts';
import { PRESET_IRONS } from '../plate/index.ts';
import type { Level } from './level.ts';

/** Plain batters that everybody knows, so that only the iron is strange: one that pours, one for wafers. */
const POURED = [
  '250 g plain flour',
  '10 g baking powder',
  '3 g salt',
  '30 g sugar',
  '2 large eggs',
  '400 g whole milk',
  '90 g butter, melted',
];
const WAFERS = ['220 g plain flour', '150 g sugar', '3 large eggs', '110 g butter, melted', '2 g salt'];

const BATTER_C = 20;
const ROOM_C = 22;

const linesFor = (iron: Iron) =>
  (iron.dryThrough ? WAFERS : POURED).map((text, i) => ({ id: String(i), text, edited_g: null, chosenIngredientId: null }));

/** The iron and batter of a level, as their measures say: what the learner is told. Errors: those of `batterOf`. */
export const practiceIronWithBatter = (level: Level): Result<IronWithBatter> => {
  const iron = PRESET_IRONS.find(({ id }) => id === level.presetId) ?? PRESET_IRONS[0]!;
  const batter = batterOf(readFormula({ lines: linesFor(iron), lift: null }, DEFAULT_READ_SETTINGS), { batter_C: BATTER_C, altitude_m: 0 });
  return batter.ok ? success({ iron, batter: batter.value, room_C: ROOM_C }) : batter;
};
