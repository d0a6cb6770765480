import type { Lift } from '../lift.ts';

/** What the steps do to eggs and batter, the most telling first. */
const METHODS: readonly (readonly [Lift, RegExp])[] = [
  // Whole eggs (not whites) beaten with sugar over hot water, or until the ribbon stands.
  [
    'ribbon',
    /\b(?:eggs?|yolks?)\b[^.]*\b(?:over|above) (?:hot|simmering|barely simmering|a pan of)[^.]*|\bribbon (?:stands|stage)|\b(?:fall|falls|falling) in a ribbon/i,
  ],
  [
    'folded',
    /\b(?:whites?|meringue)\b[^]*\b(?:stiff|soft|firm|peaks?)\b[^]*\bfold(?:ed|ing)?\b|\bfold(?:ed|ing)? (?:in |under )?(?:the )?(?:beaten |whipped |stiff )?(?:egg )?whites\b/i,
  ],
  [
    'whole-egg',
    /\b(?:beat|whip|whisk)\b[^.]*\beggs?\b[^.]*\b(?:sugar|honey)\b[^.]*\b(?:pale|thick|light|doubled|fluffy|creamy|tripled)\b|\bbeat the eggs\b[^.]*\b(?:pale|thick|fluffy|light)\b/i,
  ],
  ['frothed', /\beggs?\b[^.]*\b(?:froth\w*|foamy|bubbly)\b|\bfroth (?:the )?eggs?\b/i],
];

/** How the steps lift the batter; null: they don't say. Yeast among the lines has its own word (see `detectLift`). */
export const liftInSteps = (steps: readonly string[]): Lift | null => {
  const text = steps.map((step) => step.slice(0, 600)).join(' ');
  return METHODS.find(([, pattern]) => pattern.test(text))?.[0] ?? null;
};
