import { meanOrNull } from '../basis/index.ts';
import { TURNAROUND } from '../cook/index.ts';
import type { ParsedFormula } from '../formula/index.ts';
import { ingredientOf } from '../formula/index.ts';
import { liftMethods } from '../lift/index.ts';
import type { Load, LoadProgress, Lot, Prediction } from '../log/index.ts';
import { pouredAsWhole_g, settingOf } from '../log/index.ts';
import type { BatterProperties, Iron } from '../plate/index.ts';
import type { Evidence } from './evidence.ts';
import { NOTHING_KNOWN } from './evidence.ts';

/** A load that is over, with what was promised for it and what it was made from; nulls where the book doesn't know. */
export type ToldOf = {
  readonly load: Pick<Load, 'n'>;
  readonly progress: LoadProgress;
  readonly prediction: Pick<Prediction, 'portion_g' | 'setting' | 'cookTime_s'> | null;
  readonly iron: Iron | null;
  readonly lot: Pick<Lot, 'madeAt'> | null;
  readonly reading: ParsedFormula | null;
  readonly batter: Pick<BatterProperties, 'looseness'> | null;
  /** The load before it on this iron, the same morning; left out: none is known. */
  readonly before?: { readonly openedAt: number | null } | undefined;
  /** The loads of its morning, itself among them; left out: none is known. */
  readonly morning?: readonly Pick<ToldOf, 'progress' | 'prediction' | 'iron'>[];
};

const roleShare_percent = (r: ParsedFormula, role: string): number | null =>
  r.flour_g <= 0
    ? null
    : (100 * r.lines.reduce((sum, line) => sum + (ingredientOf(line)?.role === role ? (line.grams ?? 0) : 0), 0)) / r.flour_g;

/** Poured over what was promised; null: nobody said what was poured. */
const pouredShareOf = ({ prediction, progress, iron }: Pick<ToldOf, 'progress' | 'prediction' | 'iron'>): number | null =>
  prediction === null || progress.did.portion === undefined
    ? null
    : pouredAsWhole_g(prediction, progress, iron?.geometry.moulds ?? 1) / prediction.portion_g;

/** What the book knows of a load, for `diagnose`. What nobody said stays unknown: a pour as promised was perhaps none. */
export const evidenceOf = (t: ToldOf): Evidence => {
  const { progress, prediction, iron, lot, reading, batter } = t;
  const { pouredAt, closedAt, openedAt, did, observations } = progress;
  const plates = observations.flatMap((o) => (o.kind === 'plate_C' ? [o.value] : []));
  const set_C = prediction === null ? null : settingOf(prediction, progress).temperature_C;
  const method = reading === null ? undefined : liftMethods(reading).find(({ lift }) => lift === reading.lift);
  return {
    ...NOTHING_KNOWN,
    openedShare:
      prediction === null || closedAt === null || openedAt === null || openedAt <= closedAt
        ? null
        : (openedAt - closedAt) / 1000 / prediction.cookTime_s.best,
    pouredShare: pouredShareOf(t),
    settingOff_K: prediction === null || set_C === null ? null : set_C - prediction.setting.temperature_C,
    platesOff_K: plates.length === 0 || set_C === null ? null : plates.reduce((a, b) => a + b, 0) / plates.length - set_C,
    // Open for as long as is usual, then closed: so much of the usual time to come back was left.
    recoveredShare:
      t.before?.openedAt == null || pouredAt === null || pouredAt < t.before.openedAt
        ? null
        : Math.max(0, (pouredAt - t.before.openedAt) / 1000 - TURNAROUND.open_s) / TURNAROUND.closed_s,
    morningPouredShare: meanOrNull((t.morning ?? []).flatMap((one) => pouredShareOf(one) ?? [])),
    closedAfter_s: pouredAt === null || closedAt === null ? null : (closedAt - pouredAt) / 1000,
    loadN: t.load.n,
    bowlAge_min: lot === null || pouredAt === null || pouredAt < lot.madeAt ? null : (pouredAt - lot.madeAt) / 60_000,
    bowlGoodFor_min: method?.holds_min ?? null,
    loosenessShare: batter === null || iron === null || iron.looseness.min <= 0 ? null : batter.looseness / iron.looseness.min,
    salt_percent: reading === null ? null : roleShare_percent(reading, 'salt'),
    sugar_percent: reading === null ? null : roleShare_percent(reading, 'sugar'),
    fat_percent: reading === null ? null : roleShare_percent(reading, 'fat'),
    sodaLeft_meq: reading === null || reading.flour_g <= 0 ? null : (100 * reading.leavening.leftover_meq) / reading.flour_g,
    gas_mmol: reading === null || reading.lift !== 'quick' ? null : reading.leavening.gas_mmolPer100gFlour,
    greased: did.greased ?? null,
    isCoated: iron === null ? null : iron.coating === 'coated',
    scattered_g: did.scattered_g ?? null,
  };
};
