import type { ParsedFormula } from '../formula/index.ts';
import { readLine, summarise } from '../formula/index.ts';
import type { Iron } from '../plate/index.ts';
import { PRESET_IRONS } from '../plate/index.ts';

/** Batters for the tests: round numbers of our own, one of each family. */
export const BATTERS = {
  quick: '250 g flour\n10 g baking powder\n4 g salt\n15 g sugar\n3 large eggs\n420 g milk\n110 g butter',
  folded: '250 g flour\n10 g baking powder\n4 g salt\n25 g sugar\n3 large eggs, separated\n400 g milk\n100 g butter',
  yeasted: '300 g flour\n3 g dry yeast\n5 g salt\n20 g sugar\n450 g milk\n100 g butter\n2 large eggs',
  rested: '140 g flour\n28 g tapioca starch\n6 g baking powder\n120 g sugar\n2 large eggs\n120 g evaporated milk\n120 g water\n30 g oil',
  wafer: '250 g flour\n150 g sugar\n3 large eggs\n115 g butter\n5 g baking powder',
} as const;

export const readText = (text: string): ParsedFormula =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
export const readBatter = (name: keyof typeof BATTERS): ParsedFormula => readText(BATTERS[name]);

export const presetIron = (id: string): Iron => {
  const found = PRESET_IRONS.find((iron) => iron.id === id);
  if (found === undefined) throw new RangeError(id);
  return found;
};
