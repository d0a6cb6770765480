import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { Cause, Evidence, Symptom } from '../diagnose/index.ts';
import { NOTHING_KNOWN } from '../diagnose/index.ts';

/**
 * A kitchen in which something goes wrong, by rules of its own: a load is a handful of quantities, hidden causes push them, and somebody says what he sees.
 * It shares nothing with the diagnosis but the names.
 */
type Load = {
  /** Plates, K over what was meant; lower and upper apart; from hinge to front. */
  heat_K: number;
  lean_K: number;
  slope_K: number;
  /** Of what they should have been. */
  time: number;
  delay_s: number;
  fill: number;
  centred: number;
  air: number;
  gas: number;
  flow: number;
  cold_K: number;
  toughness: number;
  /** Shares of flour, %. */
  salt: number;
  sugar: number;
  fat: number;
  soda_meq: number;
  grease: number;
  crust: number;
  wetTopping_g: number;
  wait_min: number;
  piled: boolean;
  damp: number;
  turn: number;
  isPan: boolean;
  isWafer: boolean;
  /** Beside what is usual for its place in the morning. */
  stood_min: number;
  n: number;
  morningPour: number;
  mixed: number;
  late_s: number;
  irons: number;
};

const ordinary = (random: Random): Load => ({
  heat_K: 3 * random.normal(),
  lean_K: 1.5 * random.normal(),
  slope_K: 2 * random.normal(),
  time: Math.exp(0.04 * random.normal()),
  delay_s: Math.max(2, 8 + 3 * random.normal()),
  fill: Math.exp(0.025 * random.normal()),
  centred: 0.03 * Math.abs(random.normal()),
  air: Math.exp(0.06 * random.normal()),
  gas: 14 * Math.exp(0.25 * random.normal()),
  flow: Math.exp(0.08 * random.normal()),
  cold_K: 1.5 * random.normal(),
  toughness: 0.15 * Math.abs(random.normal()),
  salt: 1.6 + 0.2 * random.normal(),
  sugar: 12 + 3 * random.normal(),
  fat: 30 + 5 * random.normal(),
  soda_meq: 1.5 * Math.abs(random.normal()),
  grease: 1,
  crust: 0,
  wetTopping_g: random.next() < 0.12 ? 10 : 0,
  wait_min: Math.max(0.5, 2 + 1.2 * random.normal()),
  piled: false,
  damp: 0.15 * Math.abs(random.normal()),
  turn: 0,
  isPan: false,
  isWafer: false,
  stood_min: 3 * random.normal(),
  n: 1 + random.below(6),
  morningPour: Math.exp(0.02 * random.normal()),
  mixed: Math.exp(0.03 * random.normal()),
  late_s: Math.max(0, 30 * random.normal()),
  irons: 1,
});

/** What each hidden cause does to a load. */
const PUSHES: Partial<Readonly<Record<Cause, (l: Load, random: Random) => void>>> = {
  'plates-cool': (l, r) => (l.heat_K -= 15 + 6 * r.next()),
  'plates-hot': (l, r) => (l.heat_K += 15 + 8 * r.next()),
  'preheat-short': (l, r) => {
    l.n = 1;
    l.heat_K -= 16 + 8 * r.next();
    l.grease -= 0.2;
  },
  'no-recovery': (l, r) => {
    l.n = 2 + r.below(5);
    l.heat_K -= 14 + 6 * r.next();
  },
  'one-plate-hotter': (l, r) => (l.lean_K += (r.next() < 0.5 ? -1 : 1) * (16 + 6 * r.next())),
  'plate-uneven': (l, r) => (l.slope_K += 20 + 8 * r.next()),
  'opened-early': (l, r) => (l.time *= 0.6 + 0.15 * r.next()),
  'opened-late': (l, r) => (l.time *= 1.35 + 0.25 * r.next()),
  'closed-late': (l, r) => (l.delay_s += 28 + 15 * r.next()),
  'poured-little': (l, r) => (l.fill *= 0.8 + 0.08 * r.next()),
  'poured-much': (l, r) => (l.fill *= 1.16 + 0.1 * r.next()),
  'poured-off-centre': (l, r) => (l.centred += 0.18 + 0.08 * r.next()),
  'batter-thick': (l, r) => (l.flow *= 0.5 + 0.12 * r.next()),
  'batter-thin': (l, r) => (l.flow *= 1.9 + 0.5 * r.next()),
  'batter-cold': (l, r) => (l.cold_K += 12 + 5 * r.next()),
  'air-lost': (l, r) => {
    l.n = 3 + r.below(5);
    l.stood_min += 25 + 15 * r.next();
    l.air *= 0.55 + 0.12 * r.next();
  },
  overmixed: (l, r) => (l.toughness += 0.9 + 0.4 * r.next()),
  'powder-old': (l, r) => (l.air *= 0.5 + 0.12 * r.next()),
  'gas-too-little': (l, r) => {
    l.gas = 1.5 + 1.5 * r.next();
    l.air *= 0.55;
  },
  'gas-too-much': (l, r) => (l.gas = 40 + 10 * r.next()),
  'soda-too-much': (l, r) => (l.soda_meq += 10 + 5 * r.next()),
  'salt-too-much': (l, r) => (l.salt += 2.5 + r.next()),
  'salt-forgotten': (l) => (l.salt = 0.05),
  'sugar-too-much': (l, r) => (l.sugar += 40 + 15 * r.next()),
  'fat-too-little': (l, r) => (l.fat = 4 + 4 * r.next()),
  'not-greased': (l) => (l.grease = 0),
  'plates-crusted': (l, r) => {
    l.crust += 0.9 + 0.3 * r.next();
    l.n = 4 + r.below(4);
  },
  'topping-wet': (l, r) => (l.wetTopping_g = 30 + 20 * r.next()),
  piled: (l) => (l.piled = true),
  'waited-long': (l, r) => (l.wait_min += 12 + 10 * r.next()),
  'tin-damp': (l, r) => {
    l.isWafer = true;
    l.damp += 0.8 + 0.3 * r.next();
  },
  'portions-bigger': (l, r) => (l.morningPour *= 1.12 + 0.06 * r.next()),
  'mixed-too-little': (l, r) => (l.mixed *= 0.82 + 0.05 * r.next()),
  'mixed-too-much': (l, r) => (l.mixed *= 1.25 + 0.1 * r.next()),
  'started-late': (l, r) => (l.late_s += 420 + 300 * r.next()),
  'too-few-irons': (l) => (l.irons = 0.6),
  'turned-late': (l, r) => {
    l.isPan = true;
    l.turn += 1 + 0.3 * r.next();
  },
};
export const HIDDEN = Object.keys(PUSHES) as readonly Cause[];

/** What can be seen of it, each with how plainly: over 1 nobody overlooks it. */
const visible = (l: Load): readonly (readonly [Symptom, number])[] => {
  const heat = l.heat_K - 0.35 * l.cold_K;
  const browning = Math.exp(0.028 * heat) * (1 + 0.012 * Math.max(-10, l.sugar - 12)) * (1 + 0.05 * l.soda_meq);
  const step = 4 + 3.2 * Math.log(l.time ** 1.3 * browning);
  const [below, above] = [step - 0.06 * l.lean_K + 0.02 * l.delay_s - 0.16, step + 0.06 * l.lean_K];
  const cooked = l.time * Math.exp(0.012 * l.heat_K - 0.018 * l.cold_K) * (1 - 0.004 * l.wetTopping_g) - 0.22 * Math.max(0, l.flow - 1.4);
  const rises = l.air * Math.min(1.15, (l.gas / 10) ** 0.15);
  const reach = l.fill * Math.min(1.05, 0.55 + 0.45 * rises) * Math.min(1, 0.62 + 0.42 * l.flow) - 0.004 * Math.max(0, l.cold_K - 8);
  const softens = (1 - Math.min(1.4, cooked * Math.exp(0.008 * heat))) * 2.2 + 0.35 * Math.max(0, l.flow - 1.5) + (l.fat < 12 ? 0.35 : 0);
  const sticks =
    1.3 * (1 - l.grease) +
    l.crust +
    0.012 * Math.max(0, l.sugar - 20) +
    (l.fat < 10 ? 0.55 : 0) +
    Math.max(0, 0.75 - cooked) * 1.4 +
    0.012 * l.wetTopping_g;
  return [
    ['pale', (2.9 - step) / 0.7 + 0.6],
    ['too-dark', (step - 5.1) / 0.7 + 0.6],
    ['dark-and-raw', step > 5 && cooked < 0.93 ? 1.2 : 0],
    ['raw-inside', (0.86 - cooked) / 0.12],
    ['sides-differ', (Math.abs(above - below) - 1.1) / 0.7],
    ['face-uneven', (l.slope_K - 12) / 7 + 0.012 * l.wetTopping_g],
    ['soft-at-once', softens / 0.9],
    ['soggy-soon', (l.piled ? 1.4 : 0) + (l.wait_min - 7) / 6 + softens / 1.3],
    ['tough', l.toughness / 0.7 + (l.fat < 10 ? 0.8 : 0)],
    ['dense', (0.78 - rises) / 0.14 + (l.flow < 0.7 ? 0.7 : 0)],
    ['dry', (l.time - 1.28) / 0.2],
    ['corners-missing', (0.93 - reach) / 0.07 + l.centred / 0.17],
    ['leaked', (l.fill * (0.9 + 0.1 * rises) - 1.08) / 0.06 + l.centred / 0.22 + (l.flow > 1.7 ? 0.6 : 0)],
    ['stuck', sticks / 0.7],
    ['torn', sticks / 1.2 + Math.max(0, 0.8 - cooked) * 2],
    ['collapsed', (l.gas - 32) / 8 + (0.75 - cooked) / 0.18],
    ['soapy', (l.soda_meq - 6) / 3.5],
    ['salty', (l.salt - 3) / 0.6],
    ['bland', (0.6 - l.salt) / 0.4],
    ['not-hollow', l.isPan ? l.turn / 0.8 + (0.75 - rises) / 0.2 : 0],
    ['soft-next-day', l.isWafer ? l.damp / 0.7 + softens / 1.5 : 0],
    ['unlike-the-first', l.n > 1 ? Math.max((3.1 - step) / 0.9, (0.75 - rises) / 0.14) : 0],
    ['ran-out', (l.morningPour / l.mixed - 1.08) / 0.06],
    ['batter-over', (l.mixed / l.morningPour - 1.14) / 0.08],
    ['somebody-waited', (l.late_s - 240) / 150 + (l.irons < 0.8 ? 1.1 : 0)],
  ];
};

/** Somebody says up to so many things, the plainest first. */
const MOST_TOLD = 3;
const OVERLOOKED = 0.12;
const WRONG = 0.03;

/** What the line's clock, a scale or a file knows; the rest nobody wrote down. */
const evidenceOf = (l: Load, random: Random): Evidence => {
  const known = <T>(value: T, share: number): T | null => (random.next() < share ? value : null);
  return {
    ...NOTHING_KNOWN,
    openedShare: known(l.time * Math.exp(0.02 * random.normal()), 0.9),
    pouredShare: known(l.fill * Math.exp(0.015 * random.normal()), 0.55),
    settingOff_K: known(0, 0.5),
    // Other loads tell of the iron, not of a short preheat or a pause today.
    platesOff_K: known(0.6 * l.heat_K + 3 * random.normal(), 0.35),
    loadN: l.n,
    closedAfter_s: known(l.delay_s, 0.7),
    bowlAge_min: known(l.stood_min + 10 + 3 * l.n, 0.6),
    bowlGoodFor_min: 30,
    batterColder_K: known(l.cold_K + random.normal(), 0.4),
    loosenessShare: known(1.6 * l.flow, 0.6),
    salt_percent: known(l.salt, 0.85),
    sugar_percent: known(l.sugar, 0.85),
    fat_percent: known(l.fat, 0.85),
    sodaLeft_meq: known(l.soda_meq, 0.85),
    gas_mmol: known(l.gas, 0.85),
    greased: known(l.grease > 0.5, 0.3),
    isCoated: random.next() < 0.6,
    scattered_g: known(l.wetTopping_g, 0.8),
    waited_min: known(l.wait_min, 0.4),
    piled: known(l.piled, 0.35),
    morningPouredShare: known(l.morningPour, 0.6),
    startedLate_s: known(l.late_s, 0.7),
    recoveredShare: known(l.n > 1 && l.heat_K < -10 ? 0.2 + 0.2 * random.next() : 1.1, 0.5),
    preheatShare: known(l.n === 1 && l.heat_K < -10 ? 0.5 + 0.2 * random.next() : 1.05, 0.4),
  };
};

export type Mishap = { readonly causes: readonly Cause[]; readonly told: readonly Symptom[]; readonly evidence: Evidence };

/** One or two hidden causes; drawn anew where nothing shows. */
export const mishap = (seed: number): Mishap => {
  const random = seededRandom(seed);
  for (;;) {
    const first = HIDDEN[random.below(HIDDEN.length)]!;
    const second = random.next() < 0.25 ? HIDDEN[random.below(HIDDEN.length)]! : first;
    const causes = first === second ? [first] : [first, second];
    const load = ordinary(random);
    for (const cause of causes) PUSHES[cause]?.(load, random);
    const seen = visible(load)
      .map(([symptom, plain]) => [symptom, plain + 0.25 * random.normal()] as const)
      .filter(([, plain]) => plain > 0.7 && random.next() > OVERLOOKED)
      .sort((a, b) => b[1] - a[1])
      .slice(0, MOST_TOLD)
      .map(([symptom]) => symptom);
    if (seen.length === 0) continue;
    const all = visible(load);
    const told = random.next() < WRONG ? [...new Set([...seen, all[random.below(all.length)]![0]])] : seen;
    return { causes, told, evidence: evidenceOf(load, random) };
  }
};

/** What is usually said of a symptom, whatever the numbers are: one cause for each. */
export const USUALLY_SAID: Readonly<Record<Symptom, Cause>> = {
  pale: 'plates-cool',
  'too-dark': 'plates-hot',
  'dark-and-raw': 'plates-hot',
  'raw-inside': 'opened-early',
  'sides-differ': 'one-plate-hotter',
  'face-uneven': 'plate-uneven',
  'soft-at-once': 'plates-cool',
  'soggy-soon': 'piled',
  tough: 'overmixed',
  dense: 'powder-old',
  dry: 'opened-late',
  'corners-missing': 'poured-little',
  leaked: 'poured-much',
  stuck: 'not-greased',
  torn: 'opened-early',
  collapsed: 'gas-too-much',
  soapy: 'soda-too-much',
  salty: 'salt-too-much',
  bland: 'salt-forgotten',
  'not-hollow': 'turned-late',
  'soft-next-day': 'tin-damp',
  'unlike-the-first': 'no-recovery',
  'ran-out': 'mixed-too-little',
  'batter-over': 'mixed-too-much',
  'somebody-waited': 'started-late',
};
