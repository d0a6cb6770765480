import type { Formula, Starter } from '../core/formula/index.ts';
import { linesFromText } from '../core/formula/index.ts';

type Sketch = Starter & { readonly yieldHint: string | null };

/** The Bunkhouse's own formulas: round, invented numbers. */
const SKETCHES: readonly Sketch[] = [
  {
    id: 'oat-rye',
    name: 'Fellside oat and rye',
    family: 'quick',
    lift: null,
    text: '600 g flour\n200 g oat flour\n120 g rye flour\n40 g baking powder\n14 g salt\n60 g brown sugar\n10 large eggs\n1100 g milk\n280 g butter, melted',
    steps: ['Whisk the dry bowl.', 'Whisk eggs, milk and warm butter.', 'Wet into dry; stop while small lumps show.'],
    yieldHint: null,
  },
  {
    id: 'folded-tarn',
    name: 'Folded tarn batter',
    family: 'folded',
    lift: 'folded',
    text: '2 cups flour\n1/4 cup cornstarch\n1 tbsp baking powder\n3/4 tsp salt\n3 large eggs, separated\n1 3/4 cups cultured milk\n6 tbsp (85 g) butter, melted\n3 tbsp sugar',
    steps: ['Whip the whites soft, then the sugar in.', 'Stir in a third, fold the rest.'],
    yieldHint: '4 deep rounds',
  },
  {
    id: 'overnight',
    name: 'Overnight yeasted',
    family: 'yeasted',
    lift: 'yeasted',
    text: '500 g strong flour\n4 g dry yeast\n10 g salt\n30 g sugar\n720 g milk\n150 g butter\n3 large eggs\nvanilla to taste',
    steps: ['Warm milk and butter; cool until just warm.', 'Beat smooth, cover, refrigerate overnight.', 'Whisk flat before cooking.'],
    yieldHint: '7 deep rounds',
  },
  {
    id: 'lantern',
    name: 'Lantern egg waffle',
    family: 'rested',
    lift: 'rested',
    text: '280 g flour\n50 g tapioca flour\n14 g baking powder\n20 g custard powder\n200 g sugar\n4 large eggs\n220 g evaporated milk\n230 g water\n60 g oil\n2 tsp vanilla',
    steps: ['Mix at low speed 2½ min, sieve.', 'Chill at least an hour.'],
    yieldHint: '4 sheets',
  },
  {
    id: 'orange-wafer',
    name: 'Orange-cardamom wafers',
    family: 'wafer',
    lift: null,
    text: '400 g flour\n220 g sugar\n5 large eggs\n170 g butter, melted\n2 tsp baking powder\nzest of 2 oranges\n1 tsp cardamom\na pinch of salt',
    steps: ['Beat eggs and sugar pale.', 'Chill two hours.'],
    yieldHint: '80 wafers',
  },
  {
    id: 'cocoa-eggless',
    name: 'Eggless cocoa',
    family: 'eggless',
    lift: null,
    text: '260 g flour\n40 g cocoa\n30 g corn starch\n90 g sugar\n12 g baking powder\n3 g baking soda\n4 g salt\n250 g yogurt\n260 g water\n80 g oil',
    steps: ['Whisk dry, whisk wet, stir together.'],
    yieldHint: null,
  },
];

export const demoFormulas = (): Formula[] =>
  SKETCHES.map(({ id, name, family, lift, text, steps, yieldHint }) => {
    let n = 0;
    const { lines } = linesFromText(text, () => `${id}-${++n}`);
    return {
      id,
      rev: 1,
      parentRev: null,
      name,
      family,
      lift,
      lines,
      steps: [...steps],
      yieldHint,
      provenance: 'Quillfell Bunkhouse (invented)',
    };
  });
