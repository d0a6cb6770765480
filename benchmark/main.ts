import { createRequire } from 'node:module';
import type { Advice } from '../core/advise/index.ts';
import { advise, DEFAULT_CONDITIONS, heatCourse, destinations } from '../core/advise/index.ts';
import { batterOf } from '../core/cook/index.ts';
import {
  actsOf,
  claimsOf,
  DEFAULT_READ_SETTINGS,
  linesFromText,
  readFormula,
  readLine,
  formulaFromText,
  formulaIssues,
  swapTogether,
} from '../core/formula/index.ts';
import type { Ferment } from '../core/lift/index.ts';
import { corrected, ferment, yeastForClock } from '../core/lift/index.ts';
import type { FaceRequest } from '../core/photo/index.ts';
import { readFace } from '../core/photo/index.ts';
import { patternCurve, patternMap, plateMachine, portion, recoveredPlates, simulate } from '../core/plate/index.ts';
import type { LineIron } from '../core/line/index.ts';
import { conduct } from '../core/line/index.ts';
import type { RunRequest } from '../core/run/index.ts';
import { jittered, planRun, whatWouldHelp } from '../core/run/index.ts';
import { DEFAULT_KIT } from '../core/kit/index.ts';
import { weighPlan } from '../core/weigh/index.ts';
import { sampleScene, samplePhoto, sampleTruth } from '../demo/samplePhoto.ts';
import { BATTERS, presetIron, readBatter } from '../core/testing/batters.ts';
import { dialInHolds, dialInItems, dialInStatistics } from './dialin.ts';
import { practiceTable } from './practice.ts';
import { againstOdex } from './odex.ts';
import { morningOf, OWN_DISH } from '../core/testing/morning.ts';

/** What takes seconds is run less often: three times at least. */
const LONG_ENOUGH_MS = 3000;

/** The gate allows three times the budget: fewer runs tell as well. */
const RUNS = process.argv.includes('--gate') ? 5 : 15;

/** Minimum of so many runs, ms. */
const best = (run: () => unknown): number => {
  let least = Infinity;
  const since = performance.now();
  for (let i = 0; i < RUNS && (i < 3 || performance.now() - since < LONG_ENOUGH_MS); i++) {
    const from = performance.now();
    run();
    least = Math.min(least, performance.now() - from);
  }
  return least;
};

/** What everything is measured against in the same process: 100,000 dependent exponentials. */
const kernel = (): number => {
  let x = 0.5;
  for (let i = 0; i < 100_000; i++) x = Math.exp(-x) * 1.0001;
  return x;
};

const iron = presetIron('deep-round');
const bowl = batterOf(readBatter('quick'), DEFAULT_CONDITIONS);
if (!bowl.ok) throw new Error(bowl.failure.code);
const machine = plateMachine(iron);
const load = (duration_s: number) => ({
  machine,
  batter: bowl.value,
  portion_kg: portion(iron, bowl.value).portion_g / 1000,
  plates: recoveredPlates(machine, 170, 22),
  setting_C: 170,
  room_C: 22,
  duration_s,
});

/** A night and a day with the compressor going on and off. */
const night: Ferment = {
  yeast_g: 4,
  batter_g: 1560,
  density_gPerML: 1.05,
  food_g: 45,
  sugarPerWater: 0.033,
  saltPerWater: 0.011,
  start_C: 28,
  vessel: 'bowl',
  stays: [
    { at_s: 0, place: { kind: 'kitchen', air_C: 19 } },
    { at_s: 1800, place: { kind: 'refrigerator', air_C: 4, swing_K: 1.2, period_s: 1500 } },
  ],
  duration_s: 36 * 3600,
  pressure_Pa: 101_325,
  tauFactor: 1,
  rateFactor: 1,
};

const WHOLE_RECIPE = `Barn waffles (makes 8)
Dry:
2 cups flour
1 tbsp baking powder
3/4 tsp salt
For the batter
3 large eggs, separated
1 3/4 cups buttermilk
1/2 cup butter, melted
2 tbsp sugar for the whites
1. Whisk the dry things for a minute.
2. Beat yolks, buttermilk and warm butter, stir into the dry.
3. Whip the whites soft, then the sugar in, and fold.
4. Preheat the iron for ten minutes; pour 3/4 cup and cook 4 to 5 minutes on mark 3 1/2.
To serve: maple syrup`;

/** Forty lines of five hands, as a formula. */
const forty = {
  lines: linesFromText(Array.from({ length: 5 }, () => BATTERS.quick).join('\n'), () => Math.random().toString(36)).lines.slice(0, 40),
  lift: null,
};
const tenThousand = Array.from({ length: 10_000 }, (_, i) => BATTERS.quick.split('\n')[i % 8] ?? '');

/** The largest morning: three dishes for 300 on six irons of two circuits, by two pairs of hands. */
const LARGE: RunRequest = morningOf({
  people: 120,
  piecesPerPerson: 1,
  serveAt: 0,
  mode: 'together',
  batter_g: null,
  hands: 2,
  circuits: [
    { id: 'wall', name: 'Wall', limit_W: 3680 },
    { id: 'bar', name: 'Bar', limit_W: 3680 },
  ],
  others: [
    { dishId: 'wafers', people: 120, piecesPerPerson: 2, batter_g: null },
    { dishId: 'balls', people: 60, piecesPerPerson: 1, batter_g: null },
  ],
  irons: Array.from({ length: 6 }, (_, i) => ({
    ironId: `i${i}`,
    dishId: i < 3 ? OWN_DISH : i < 5 ? 'wafers' : 'balls',
    piecesPerLoad: i < 3 ? 4 : 2,
    portion_g: 200,
    leastPortion_g: 190,
    preheat_s: 300,
    cook_s: i < 3 ? 200 + 20 * i : 70 + 10 * i,
    open_s: 20,
    recovery_s: 20,
    power_W: 1000,
    circuitId: i % 2 === 0 ? 'wall' : 'bar',
  })),
});
const LARGE_PLAN = planRun(LARGE);

/** Half of them cooking, half of them hot: every pour looks for a moment between the lids. */
const TWELVE: readonly LineIron[] = Array.from({ length: 12 }, (_, i) => ({
  ironId: String(i),
  state: i % 2 === 0 ? 'cooking' : 'hot',
  at: 17_000 * i,
  turnAt: null,
  cook_s: 180 + 11 * i,
  open_s: 25,
}));

const LEANING = Array.from({ length: 64 }, (_, i) => (i % 8) * 2 - 7 + Math.floor(i / 8) * 0.5);

let picture: FaceRequest | null = null;
/** Drawn once at half its size, every pixel then taken four times: drawing takes longer than reading. */
const twelve = (): FaceRequest => {
  if (picture !== null) return picture;
  const truth = sampleTruth(7, 9, 9, 'square');
  const small = samplePhoto(truth, sampleScene(7, 2000, 1500));
  const [from, width, height] = [new Uint32Array(small.data.buffer), 4000, 3000];
  const to = new Uint32Array(width * height);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) to[y * width + x] = from[(y >> 1) * small.width + (x >> 1)] ?? 0;
  const twice = ({ x, y }: { readonly x: number; readonly y: number }) => ({ x: 2 * x, y: 2 * y });
  picture = {
    pixels: { data: new Uint8ClampedArray(to.buffer), width, height },
    corners: small.corners.map(twice) as unknown as FaceRequest['corners'],
    white: twice(small.white),
    ...truth,
  };
  return picture;
};
let advised: Advice | null = null;
const served = (): Advice => {
  if (advised !== null) return advised;
  const advice = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron });
  if (!advice.ok) throw new Error(advice.failure.code);
  advised = advice.value;
  return advised;
};

/** Name, what is run, budget in ms here and in kernels. */
const ITEMS: readonly (readonly [string, () => unknown, number, number])[] = [
  ['a 10-minute deep load', () => simulate(load(600)), 5, 4],
  ['the same, kept for the drawing', () => simulate({ ...load(600), profiles: true }), 7, 5],
  ['an advice: setting found, band, curves', () => advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron }), 90, 60],
  ['a wafer advice', () => advise({ ...DEFAULT_CONDITIONS, reading: readBatter('wafer'), iron: presetIron('wafer') }), 40, 25],
  ['200 lines read', () => Array.from({ length: 25 }, () => BATTERS.quick.split('\n').map((line) => readLine(line))), 20, 10],
  [
    'a pasted recipe: read, checked, its weighing planned',
    () => {
      const formula = formulaFromText(WHOLE_RECIPE, () => Math.random().toString(36));
      const reading = readFormula({ lines: [...formula.lines], lift: formula.lift }, DEFAULT_READ_SETTINGS);
      return [
        formulaIssues(reading, claimsOf(formula.steps, formula.yieldHint), null),
        weighPlan(reading, { scales: DEFAULT_KIT.scales, factor: 1, lineIds: formula.lines.map(({ id }) => id), acts: actsOf(formula) }),
      ];
    },
    100,
    60,
  ],
  [
    'all of a 40-line formula after one keystroke',
    () => {
      const reading = readFormula(forty, DEFAULT_READ_SETTINGS);
      return [
        formulaIssues(reading, claimsOf(['Pour ½ cup batter into the iron, cook 4 minutes'], 'makes 8'), null),
        batterOf(reading, DEFAULT_CONDITIONS),
      ];
    },
    16,
    10,
  ],
  [
    'three swaps solved together',
    () =>
      swapTogether([
        { ingredientId: 'butter', grams: 100, parts: ['oil', 'water'] },
        { ingredientId: 'milk', grams: 400, parts: ['milk-powder', 'water', 'butter'] },
        { ingredientId: 'egg', grams: 150, parts: ['yogurt', 'oil'] },
      ]),
    50,
    30,
  ],
  ['a 36-hour ferment, refrigerator cycling', () => ferment(night), 5, 3],
  ['yeast for a clock, backwards over 14 hours', () => yeastForClock({ ...night, duration_s: 14 * 3600 }), 50, 30],
  [
    'a path bent to two readings',
    () =>
      corrected(night, [
        { at_s: 7200, what: 'temperature_C', value: 14 },
        { at_s: 36_000, what: 'rise', value: 1.3 },
      ]),
    120,
    70,
  ],
  ['10,000 ingredient lines read', () => tenThousand.map((line) => readLine(line)), 1000, 600],
  ['a pattern of 8 × 8 pockets', () => patternMap(patternCurve(load(240), 240), 'lower', LEANING), 150, 90],
  ['a picture of 12 megapixels, read', () => readFace(twelve()), 1000, 600],
  ['crispness for half an hour in every place, and four ways of serving', () => destinations(served()), 250, 150],
  [
    'the heat of a morning: ten minutes and five loads',
    () => heatCourse(served(), { preheat_s: 600, loads: 5, pause_s: 60, mains: 1 }),
    100,
    60,
  ],
  [
    'a plan for 200 people on four irons',
    () =>
      planRun(
        morningOf({
          people: 200,
          piecesPerPerson: 1,
          serveAt: 0,
          mode: 'together',
          batter_g: null,
          irons: ['a', 'b', 'c', 'd'].map((ironId) => ({
            ironId,
            dishId: OWN_DISH,
            piecesPerLoad: 1,
            portion_g: 200,
            leastPortion_g: 190,
            preheat_s: 300,
            cook_s: 240,
            open_s: 25,
            recovery_s: 30,
          })),
        }),
      ),
    6,
    3,
  ],
  ['300 people, six irons, three dishes, two hands, two circuits: the plan', () => planRun(LARGE), 200, 100],
  ['the same with a load dragged', () => planRun({ ...LARGE, pins: [{ ironId: 'i0', n: 3, beforeServe_s: 2400 }] }), 50, 30],
  [
    'the same played two hundred times, and what would help',
    () => [jittered(LARGE_PLAN, LARGE), whatWouldHelp(LARGE, LARGE_PLAN)],
    1500,
    900,
  ],
  ['the next thing to do, over twelve irons', () => conduct(TWELVE, 0), 10, 0.1],
];

/** Heap growth over 1,000 loads, kB; must not depend on how long they are. Needs --expose-gc. */
const growth_kB = (duration_s: number): number | null => {
  const { gc } = globalThis as { gc?: () => void };
  if (gc === undefined) return null;
  gc();
  const before = process.memoryUsage().heapUsed;
  for (let i = 0; i < 1000; i++) simulate(load(duration_s));
  gc();
  return (process.memoryUsage().heapUsed - before) / 1024;
};

const gate = process.argv.includes('--gate') ? 3 : Infinity;
for (let i = 0; i < 5; i++) kernel();
const unit = best(kernel);
let slow = 0;
process.stdout.write(`kernel ${unit.toFixed(2)} ms\n`);
for (const [name, run, budget_ms, budget_kernels] of [...ITEMS, ...dialInItems()]) {
  const warm = performance.now();
  for (let i = 0; i < 6 && (i < 1 || performance.now() - warm < LONG_ENOUGH_MS / 3); i++) run();
  const ms = best(run);
  const over = ms > gate * budget_ms && ms / unit > gate * budget_kernels;
  if (over) slow++;
  process.stdout.write(
    `${name.padEnd(42)} ${ms.toFixed(2).padStart(7)} ms of ${budget_ms}, ${(ms / unit).toFixed(2).padStart(6)} kernels of ${budget_kernels}${over ? '  TOO SLOW' : ''}\n`,
  );
}
const [short, long] = [growth_kB(60), growth_kB(600)];
if (short !== null && long !== null)
  process.stdout.write(`heap growth over 1,000 loads: ${short.toFixed(0)} kB at 60 s, ${long.toFixed(0)} kB at 600 s\n`);
if (!againstOdex(createRequire(import.meta.url), process.argv.includes('--gate'))) slow++;
if (!dialInHolds()) slow++;
if (process.argv.includes('--practice')) practiceTable();
if (process.argv.includes('--statistics')) dialInStatistics(500);
if (slow > 0) process.exitCode = 1;
