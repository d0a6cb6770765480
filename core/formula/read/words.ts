import type { CupStandard } from '../../basis/index.ts';
import { GRAMS_PER_OUNCE, GRAMS_PER_POUND } from '../../basis/index.ts';

/** What a unit word means: a mass, a volume under the chosen cup standard, or a measure of the ingredient's own. */
export type Unit =
  | { readonly kind: 'mass'; readonly grams: number }
  | { readonly kind: 'volume'; readonly mL: (standard: CupStandard) => number; readonly rough?: boolean }
  | { readonly kind: 'measure'; readonly name: string }
  | { readonly kind: 'container' };

const mass = (grams: number): Unit => ({ kind: 'mass', grams });
const volume = (mL: (s: CupStandard) => number, rough = false): Unit => ({ kind: 'volume', mL, rough });
const fixed = (mL: number): Unit => volume(() => mL);
const measure = (name: string): Unit => ({ kind: 'measure', name });
const CONTAINER: Unit = { kind: 'container' };

const table: readonly (readonly [string, Unit])[] = [
  ['g gram gramme gr gm', mass(1)],
  ['kg kilo kilogram kilogramme', mass(1000)],
  ['mg milligram', mass(0.001)],
  ['oz ounce', mass(GRAMS_PER_OUNCE)],
  ['lb pound', mass(GRAMS_PER_POUND)],
  ['cup c cupful', volume((s) => s.cup)],
  ['tablespoon tbsp tbs tblsp tbl tablespoonful', volume((s) => s.tablespoon)],
  ['teaspoon tsp teasp teaspoonful', volume((s) => s.teaspoon)],
  ['dessertspoon dsp', fixed(10)],
  ['floz', volume((s) => s.fluidOunce)],
  ['pint pt', volume((s) => s.pint)],
  ['quart qt', volume((s) => s.quart)],
  ['gallon gal', volume((s) => s.gallon)],
  ['ml millilitre milliliter cc', fixed(1)],
  ['cl centilitre centiliter', fixed(10)],
  ['dl decilitre deciliter', fixed(100)],
  ['l litre liter ltr', fixed(1000)],
  // Rough hand measures (common practice): 1/16, 1/8 and 1/32 of a teaspoon, a tablespoon, half a cup.
  ['pinch', volume((s) => s.teaspoon / 16, true)],
  ['dash', volume((s) => s.teaspoon / 8, true)],
  ['smidgen', volume((s) => s.teaspoon / 32, true)],
  ['splash glug', volume((s) => s.tablespoon, true)],
  ['handful', volume((s) => s.cup / 2, true)],
  ['stick', measure('stick')],
  ['knob', measure('knob')],
  ['pat', measure('pat')],
  ['packet pkt package pkg sachet envelope', measure('packet')],
  ['cube', measure('cube')],
  ['drop', measure('drop')],
  ['can tin jar carton bottle box pack bag tub container', CONTAINER],
];

const units = new Map<string, Unit>();
for (const [words, unit] of table) for (const word of words.split(' ')) units.set(word, unit);

/** Capital T is a tablespoon and small t a teaspoon, the only place where case speaks. */
export const unitOf = (word: string): Unit | undefined => {
  if (word === 'T') return units.get('tablespoon');
  if (word === 't') return units.get('teaspoon');
  const lower = word.toLowerCase().replace(/\.$/, '');
  return units.get(lower) ?? units.get(lower.replace(/(?<=[^s])(e?s)$/, '')) ?? units.get(lower.replace(/s$/, ''));
};

/** Sizes that stand before eggs. */
export const SIZE_WORDS: ReadonlySet<string> = new Set(['small', 'medium', 'large', 'xl', 'jumbo']);

export const NUMBER_WORDS: ReadonlyMap<string, number> = new Map([
  ['a', 1],
  ['an', 1],
  ['one', 1],
  ['two', 2],
  ['three', 3],
  ['four', 4],
  ['five', 5],
  ['six', 6],
  ['seven', 7],
  ['eight', 8],
  ['nine', 9],
  ['ten', 10],
  ['eleven', 11],
  ['twelve', 12],
  ['half', 0.5],
  ['third', 1 / 3],
  ['quarter', 0.25],
  ['dozen', 12],
  ['couple', 2],
]);

/** How full a spoon or cup is: factor on the amount (common practice). */
export const FULLNESS: ReadonlyMap<string, number> = new Map([
  ['heaping', 1.25],
  ['heaped', 1.25],
  ['rounded', 1.2],
  ['generous', 1.1],
  ['good', 1.1],
  ['big', 1.2],
  ['scant', 0.93],
  ['level', 1],
]);

/** Words beside an ingredient that change neither what it is nor how much. */
export const DESCRIPTORS: ReadonlySet<string> = new Set(
  `about approx approximately roughly around melted softened soft warm warmed lukewarm cold cool cooled chilled room temperature temp at
  hot boiling fresh freshly ground fine finely coarse coarsely grated chopped sliced sifted sieved packed firmly lightly loosely beaten
  whisked whipped stiff stiffly stiff separated divided optional or and plus extra more for the greasing grease brushing iron plate serve
  serving to taste of in into with pure organic good quality best free range unsalted salted sweet unsweetened sweetened plain natural
  whole full fat low reduced skimmed large medium small xl jumbo heaping heaped level scant rounded generous dry dried active instant
  fast quick acting double single unbleached bleached enriched white light dark pitted peeled rinsed drained toasted roasted ripe mashed
  from frozen thawed ml if needed as desired your choice favourite favorite any kind such like cooled slightly until just but not bubbly
  foamy frothy dissolved well mixed cut cubed cubes small pieces diced divide one each total weight about organic raw real yellow thick
  thin shelled unshelled flakes flaked powdered liquid homemade store bought day old eggs egg size sized by volume spooned levelled leveled
  poured weighed measured up do it the a an uncooked cooked crushed torn split seeds seeded scraped bean beans medium-sized lukewarm tepid
  neutral-flavoured flavoured flavored regular normal standard all purpose all-purpose granulated vegetable virgin evaporated canned tinned
  can tin`.split(/\s+/),
);
