import type { Random } from '../core/basis/index.ts';
import { DAY_MS, seededRandom } from '../core/basis/index.ts';
import { AS_USUAL, targetOn } from '../core/cook/index.ts';
import { plainDish } from '../core/run/index.ts';
import type { Advice } from '../core/advise/index.ts';
import { advise, DEFAULT_CONDITIONS, predictionOf } from '../core/advise/index.ts';
import type { KitchenFile } from '../core/kitchen/index.ts';
import type { LotHeader, Prediction, Load, NewLoadEvent, Observation } from '../core/log/index.ts';
import { FILE_SCHEMA, FILE_VERSION, readSettingsOf } from '../core/kitchen/index.ts';
import type { Formula } from '../core/formula/index.ts';
import { readFormula } from '../core/formula/index.ts';
import type { Iron } from '../core/plate/index.ts';
import { demoFormulas } from './formulas.ts';
import { DEMO_IRONS, DEMO_KIT, HOUSE_BLEND } from './kit.ts';
import type { HiddenTruth } from './simulatedIron.ts';
import { cookForReal } from './simulatedIron.ts';

/** The last morning in the file, 06:40 UTC; the application moves all instants by whole days, so that it is yesterday. */
export const LAST_MORNING = Date.UTC(2026, 10, 22, 6, 40);

const TRUTHS: Readonly<Record<string, HiddenTruth>> = {
  'deep-a': { cavity: 0.94, plates_K: 8, contact: 1.05, browning: 1.1, upperDarker: 0.3 },
  'deep-b': { cavity: 1.02, plates_K: -7, contact: 0.92, browning: 1.1, upperDarker: -0.4 },
  'thin-four': { cavity: 1.08, plates_K: 4, contact: 0.95, browning: 1.1, upperDarker: 0.5, runsTo: 'hinge' },
  balls: { cavity: 1, plates_K: -3, contact: 1, browning: 1.1, upperDarker: -0.8 },
  wafers: { cavity: 1.05, plates_K: 5, contact: 1.1, browning: 1.1, upperDarker: 0 },
};

/** Causes that the book doesn't name: whoever asks it why has to find them. `open`: over the time that was promised; `air`: what is left of the batter's. */
const MISHAPS = {
  /** Everybody waited: the lid came up long before it was time. */
  hurried: { open: 0.62, air: 1, poured_s: 0, note: 'Soggy after five minutes' },
  /** A second sitting, from the same bowl of folded batter. */
  stood: { open: 1, air: 0.84, poured_s: 40 * 60, note: 'Second sitting: denser than the first, corners missing' },
} as const;
type Mishap = (typeof MISHAPS)[keyof typeof MISHAPS];

/** What was cooked on which morning, counted back from the last. */
const MORNINGS: readonly {
  readonly back: number;
  readonly formulaId: string;
  readonly ironIds: readonly string[];
  readonly loads: number;
  /** What went wrong with loads of its first iron, and isn't said in the book. */
  readonly mishap?: { readonly what: keyof typeof MISHAPS; readonly loads: readonly number[] };
}[] = [
  { back: 20, formulaId: 'oat-rye', ironIds: ['deep-a', 'deep-b'], loads: 3, mishap: { what: 'hurried', loads: [2, 3] } },
  { back: 18, formulaId: 'folded-tarn', ironIds: ['deep-a'], loads: 4, mishap: { what: 'stood', loads: [3, 4] } },
  { back: 15, formulaId: 'orange-wafer', ironIds: ['wafers'], loads: 4 },
  { back: 13, formulaId: 'oat-rye', ironIds: ['deep-a', 'deep-b', 'thin-four'], loads: 3 },
  { back: 9, formulaId: 'overnight', ironIds: ['deep-a', 'deep-b'], loads: 3 },
  { back: 7, formulaId: 'lantern', ironIds: ['balls'], loads: 4 },
  { back: 4, formulaId: 'cocoa-eggless', ironIds: ['thin-four'], loads: 2 },
  { back: 2, formulaId: 'oat-rye', ironIds: ['deep-a', 'thin-four'], loads: 4 },
  { back: 0, formulaId: 'folded-tarn', ironIds: ['deep-a', 'deep-b'], loads: 2 },
];

/** Exercises of the weeks before, by somebody who learned. */
const PRACTICES: KitchenFile['practices'] = (
  [
    ['hot-or-cool', 19, 5, true, 2],
    ['hot-or-cool', 19, 3, true, 1],
    ['how-much', 16, 4, true, 2],
    ['hot-or-cool', 12, 2, true, 2],
    ['nothing-to-set', 12, 6, false, 2],
    ['nothing-to-set', 8, 3, true, 1],
    ['how-much', 5, 2, true, 1],
    ['a-stranger', 3, 6, true, 3],
    ['a-stranger', 1, 4, true, 2],
  ] as const
).map(([levelId, back, loads, isLanded, estimatorLoads], i) => ({
  id: `practice-${i + 1}`,
  levelId,
  seed: 100 + i,
  at: LAST_MORNING - back * DAY_MS + DAY_MS / 3 + i * 600_000,
  loads,
  isLanded,
  estimatorLoads,
}));

type History = {
  lots: LotHeader[];
  lotEvents: KitchenFile['lotEvents'];
  predictions: Prediction[];
  loads: Load[];
  loadEvents: KitchenFile['loadEvents'];
};

/** The Bunkhouse with some weeks in its book. The same seed gives the same file. */
export const demoKitchen = (seed = 1240): KitchenFile => {
  const random = seededRandom(seed);
  const formulas = demoFormulas();
  const history: History = { lots: [], lotEvents: [], predictions: [], loads: [], loadEvents: [] };
  MORNINGS.forEach((morning, index) => cookMorning(morning, index, formulas, history, random));
  spoilOneEntry(history);
  return {
    schema: FILE_SCHEMA,
    version: FILE_VERSION,
    appVersion: 'demo',
    exportedAt: LAST_MORNING + DAY_MS / 4,
    kit: DEMO_KIT,
    irons: [...DEMO_IRONS],
    ingredients: [HOUSE_BLEND],
    formulas,
    weighings: [],
    weighEvents: [],
    ...history,
    runs: [
      {
        id: 'breakfast',
        name: 'Breakfast for 36',
        zone: DEMO_KIT.zone,
        mode: 'together',
        serveAt: LAST_MORNING + 2 * DAY_MS + 35 * 60_000,
        dishes: [
          { ...plainDish({ id: 'own', formulaId: 'oat-rye', ironIds: ['deep-a', 'deep-b', 'thin-four'], batter_C: 18 }), people: 36 },
        ],
      },
    ],
    photos: [],
    practices: PRACTICES,
    keepItems: [
      {
        id: 'kept-wafers',
        lotId: history.lots[2]?.id ?? null,
        name: 'Orange-cardamom wafers',
        form: 'wafers',
        place: 'tin',
        from: LAST_MORNING - 15 * DAY_MS + DAY_MS / 6,
        amount: '60 pieces',
        allergens: ['wheat', 'gluten', 'egg', 'milk'],
        codeOfPractice: DEMO_KIT.codeOfPractice,
        refrigerator_C: 6,
        usedAt: null,
      },
      {
        id: 'kept-deep',
        lotId: history.lots[7]?.id ?? null,
        name: 'Fellside oat and rye',
        form: 'pieces',
        place: 'freezer',
        from: LAST_MORNING - 2 * DAY_MS + DAY_MS / 8,
        amount: '9 pieces',
        allergens: ['wheat', 'gluten', 'egg', 'milk'],
        codeOfPractice: DEMO_KIT.codeOfPractice,
        refrigerator_C: 6,
        usedAt: null,
      },
    ],
  };
};

const cookMorning = (
  morning: (typeof MORNINGS)[number],
  index: number,
  formulas: readonly Formula[],
  history: History,
  random: Random,
): void => {
  const formula = formulas.find((candidate) => candidate.id === morning.formulaId);
  if (formula === undefined) throw new RangeError(morning.formulaId);
  const reading = readFormula(formula, readSettingsOf(DEMO_KIT, [HOUSE_BLEND]));
  const start = LAST_MORNING - morning.back * DAY_MS;
  const lotId = `lot-${index + 1}`;
  const batter_C = 14 + Math.round(5 * random.next());
  history.lots.push({
    id: lotId,
    formulaId: formula.id,
    formulaRev: 1,
    name: formula.name,
    madeAt: start - 25 * 60_000,
    mass_g: Math.round(reading.totalMass_g),
    temperature_C: batter_C,
    weighed: [],
  });
  morning.ironIds.forEach((ironId, lane) => {
    const iron = DEMO_IRONS.find((candidate) => candidate.id === ironId);
    if (iron === undefined) throw new RangeError(ironId);
    let at = start + lane * 40_000;
    for (let n = 1; n <= morning.loads; n++) {
      const advice = advise({
        ...DEFAULT_CONDITIONS,
        reading,
        iron,
        altitude_m: DEMO_KIT.altitude_m,
        room_C: DEMO_KIT.room_C,
        batter_C,
        target: targetOn(iron, AS_USUAL),
        load: n,
      });
      if (!advice.ok) throw new Error(advice.failure.code);
      const mishap = lane === 0 && morning.mishap?.loads.includes(n) === true ? MISHAPS[morning.mishap.what] : null;
      if (mishap !== null && morning.mishap?.loads[0] === n) at += 1000 * mishap.poured_s;
      at = cookLoad({ advice: advice.value, iron, formula, lotId, n, at, history, random, mishap });
    }
  });
};

type LoadToCook = {
  advice: Advice;
  iron: Iron;
  formula: Formula;
  lotId: string;
  n: number;
  at: number;
  history: History;
  random: Random;
  mishap: Mishap | null;
};

/** Writes one load and its log; returns when the iron is free again. */
const cookLoad = ({ advice, iron, formula, lotId, n, at, history, random, mishap }: LoadToCook): number => {
  const id = `load-${history.loads.length + 1}`;
  const truth = TRUTHS[iron.id];
  if (truth === undefined) throw new RangeError(iron.id);
  history.predictions.push(predictionOf(advice, { id: `prediction-${id}`, formulaId: formula.id, formulaRev: formula.rev }));
  history.loads.push({
    id,
    runId: null,
    lotId,
    ironId: iron.id,
    ironRev: iron.rev,
    n,
    isTrial: n === 1,
    predictionId: `prediction-${id}`,
    startedAt: Math.round(at),
  });
  const meant_s = advice.cooked.window.best_s * (1 + 0.06 * random.normal());
  const opened_s = mishap === null ? meant_s : mishap.open * advice.cooked.window.best_s;
  const usual = cookForReal(advice, truth, meant_s, random);
  // Of its own, so that the loads after it are what they were.
  const { observations } = mishap === null ? usual : spoilt(cookForReal(advice, aired(truth, mishap), opened_s, seededRandom(at)), mishap);
  let clock = at;
  let seq = 0;
  const note = (after_s: number, event: NewLoadEvent): void => {
    clock += after_s * 1000;
    history.loadEvents.push({ loadId: id, seq, event: { ...event, seq, at: Math.round(clock) } });
    seq++;
  };
  note(0, { kind: 'poured', data: {} });
  note(6.5 + 7 * random.next(), { kind: 'closed', data: {} });
  const smells_s = opened_s * (0.45 + 0.2 * random.next());
  if (random.next() < 0.5) note(smells_s, { kind: 'signal', data: { signal: 'smells' } });
  const closedAt = history.loadEvents.findLast(({ event }) => event.kind === 'closed')?.event.at ?? clock;
  note(opened_s - (clock - closedAt) / 1000, { kind: 'opened', data: {} });
  for (const observation of observations) note(2 + 3 * random.next(), { kind: 'logged', data: observation });
  return closedAt + (opened_s + 70) * 1000;
};

/** A batter that has lost air doesn't fill what it filled. */
const aired = (truth: HiddenTruth, { air }: Mishap): HiddenTruth => ({ ...truth, cavity: truth.cavity / air });

/** What is seen of it beside what the simulation shows. */
const spoilt = (
  { observations }: ReturnType<typeof cookForReal>,
  { open, air, note }: Mishap,
): { readonly observations: Observation[] } => ({
  observations: [
    ...observations.map((said): Observation => {
      if (said.kind === 'crumb' && air < 1) return { ...said, value: 'dense' };
      // Too wet for a crust.
      return said.kind === 'crisp' && open < 1 ? { ...said, value: 2 } : said;
    }),
    { kind: 'note', mould: 0, value: note },
  ],
});

/** Somebody logged a leak where a corner was missing, as people do. */
const spoilOneEntry = (history: History): void => {
  const index = history.loadEvents.findLastIndex(
    ({ event }) => event.kind === 'logged' && event.data.kind === 'fill' && event.data.value === 'missing',
  );
  const entry = history.loadEvents[index];
  if (entry === undefined || entry.event.kind !== 'logged') return;
  history.loadEvents[index] = {
    ...entry,
    event: { ...entry.event, data: { kind: 'fill', mould: entry.event.data.mould, value: 'leaked' } },
  };
};
