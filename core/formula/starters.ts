import type { Lift } from './lift.ts';

/** A batter to begin with, in the amounts that are usual for its family. */
export type Starter = {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly lift: Lift | null;
  /** One ingredient a line. */
  readonly text: string;
  readonly steps: readonly string[];
};

/**
 * One batter of each family, for a kitchen that has none yet: proportions of flour, liquid, egg, fat, sugar and leavening in the middle of what
 * cooks take (*common practice*); the amounts are round numbers of this project's own. To be replaced by the cook's own batter.
 */
export const STARTERS: readonly Starter[] = [
  {
    id: 'quick',
    name: 'Plain batter with powder',
    family: 'quick',
    lift: null,
    text: '250 g flour\n12 g baking powder\n4 g salt\n25 g sugar\n2 large eggs\n370 g milk\n85 g butter, melted',
    steps: [
      'Whisk the dry things together.',
      'Whisk eggs, milk and butter; stir into the dry until only small lumps show.',
      'Rest 5 minutes.',
    ],
  },
  {
    id: 'folded',
    name: 'Light batter, whites folded in',
    family: 'folded',
    lift: 'folded',
    text: '230 g flour\n30 g cornstarch\n10 g baking powder\n4 g salt\n40 g sugar\n3 large eggs, separated\n400 g buttermilk\n85 g butter, melted',
    steps: [
      'Stir everything but whites and sugar together.',
      'Whip the whites soft, then the sugar in.',
      'Stir in a third, fold in the rest.',
    ],
  },
  {
    id: 'yeasted',
    name: 'Overnight batter with yeast',
    family: 'yeasted',
    lift: 'yeasted',
    text: '260 g flour\n3 g dry yeast\n5 g salt\n15 g sugar\n370 g milk\n90 g butter, melted\n2 large eggs',
    steps: [
      'Warm milk and butter until just warm.',
      'Beat smooth with flour, yeast, salt and sugar; refrigerate overnight.',
      'Beat in the eggs in the morning.',
    ],
  },
  {
    id: 'rested',
    name: 'Egg waffle batter',
    family: 'rested',
    lift: 'rested',
    text: '140 g flour\n25 g tapioca flour\n7 g baking powder\n8 g custard powder\n100 g sugar\n2 large eggs\n110 g evaporated milk\n115 g water\n30 g oil',
    steps: ['Mix slowly until smooth, sieve.', 'Chill at least an hour.'],
  },
  {
    id: 'wafer',
    name: 'Pressed wafers',
    family: 'wafer',
    lift: null,
    text: '210 g flour\n120 g sugar\n3 large eggs\n90 g butter, melted\n4 g baking powder\n1 tsp vanilla\n1 g salt',
    steps: ['Beat eggs and sugar pale.', 'Stir in butter, then flour and powder.', 'Rest half an hour.'],
  },
  {
    id: 'eggless',
    name: 'Batter without egg',
    family: 'eggless',
    lift: null,
    text: '230 g flour\n30 g cornstarch\n12 g baking powder\n2 g baking soda\n4 g salt\n40 g sugar\n200 g yogurt\n240 g water\n60 g oil',
    steps: ['Whisk dry, whisk wet, stir together.', 'Rest 10 minutes.'],
  },
];
