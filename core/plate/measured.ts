import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Fill } from './describe.ts';
import { cavityByFill, rulerOf } from './describe.ts';
import type { Iron } from './iron.ts';
import { controlRange, withRange } from './control.ts';

const nothing = { cavity: null, plates: false } as const;

/** The iron once it was filled cold and weighed. Errors: `iron-measure`, `iron-fill-unbelievable` (see `cavityByFill`). */
export const filledWith = (iron: Iron, fill: Fill): Result<Iron> => {
  const cavity = cavityByFill(fill, iron.geometry.cavity_mL);
  if (!cavity.ok) return cavity;
  return success({
    ...iron,
    rev: iron.rev + 1,
    geometry: { ...iron.geometry, cavity_mL: cavity.value },
    measured: { ...(iron.measured ?? nothing), cavity: fill.of },
  });
};

/**
 * The iron once somebody said how much of a batter usually fills it (level with the ridges, or the maker's amount); `full_g`: what was taken to fill it.
 * Errors: `iron-measure`, `iron-fill-unbelievable`.
 */
export const usuallyFilledBy = (iron: Iron, usual_g: number, full_g: number): Result<Iron> => {
  const taken_mL = iron.geometry.cavity_mL;
  const cavity = cavityByFill({ of: 'batter', grams: (usual_g / full_g) * taken_mL, density_gPerML: null }, taken_mL);
  if (!cavity.ok) return cavity;
  return success({
    ...iron,
    rev: iron.rev + 1,
    geometry: { ...iron.geometry, cavity_mL: cavity.value },
    measured: { ...(iron.measured ?? nothing), cavity: 'usual-pour', taken_mL },
  });
};

/** Dough that was rolled thinner or thicker by that much than the floor that was taken wasn't in a closed iron. */
const GAP_BELIEVABLE = [0.4, 2.5] as const;

/**
 * The iron once a ball of stiff dough was squashed in it, cold and unplugged, and measured in a pocket, mm: both plates lie nearer or further apart
 * everywhere. Errors: `iron-measure`; `gap-unbelievable` {gap_mm, taken_mm}.
 */
export const squashedTo = (iron: Iron, gap_mm: number): Result<Iron> => {
  const { web_mm, footprint_cm2, cavity_mL } = iron.geometry;
  if (!Number.isFinite(gap_mm)) return failure('iron-measure', { what: 'gap_mm', value: 'not a number' });
  const cavity = cavity_mL + (footprint_cm2 * (gap_mm - web_mm)) / 10;
  const [least, most] = GAP_BELIEVABLE;
  if (gap_mm < least * web_mm || gap_mm > most * web_mm || cavity <= 0)
    return failure('gap-unbelievable', { gap_mm: Math.round(gap_mm * 10) / 10, taken_mm: Math.round(web_mm * 10) / 10 });
  return success({
    ...iron,
    rev: iron.rev + 1,
    geometry: { ...iron.geometry, web_mm: gap_mm, cavity_mL: cavity },
    measured: { ...(iron.measured ?? nothing), cavity: 'dough' },
  });
};

/**
 * The iron once its plate was seen to be so wide, mm, one mould's side or diameter: its area and its room with it, as thick as it was taken to be.
 * Errors: `iron-measure`, `iron-fill-unbelievable`.
 */
export const seenAcross = (iron: Iron, outer_mm: number): Result<Iron> => {
  const { footprint_cm2, cavity_mL } = iron.geometry;
  if (!(Number.isFinite(outer_mm) && outer_mm > 0))
    return failure('iron-measure', { what: 'outer_mm', value: Number.isFinite(outer_mm) ? outer_mm : 'not a number' });
  const ratio = (outer_mm / rulerOf(iron).outer_mm) ** 2;
  const cavity = cavityByFill({ of: 'water', grams: cavity_mL * ratio, density_gPerML: null }, cavity_mL);
  if (!cavity.ok) return cavity;
  return success({
    ...iron,
    rev: iron.rev + 1,
    geometry: { ...iron.geometry, footprint_cm2: footprint_cm2 * ratio, cavity_mL: cavity.value },
    measured: { ...(iron.measured ?? nothing), cavity: 'picture' },
  });
};

/** The iron as it was taken to be before somebody said what usually fills it; null: nobody did. */
export const withoutUsualPour = (iron: Iron): Iron | null => {
  const { measured } = iron;
  if (measured?.cavity !== 'usual-pour' || measured.taken_mL === undefined) return null;
  const { taken_mL, ...rest } = measured;
  return { ...iron, rev: iron.rev + 1, geometry: { ...iron.geometry, cavity_mL: taken_mL }, measured: { ...rest, cavity: null } };
};

/** Further off than that, the probe wasn't on a hot plate. */
const MOST_OFF_K = 60;

/**
 * The iron once a probe read its plates at a setting: every mark moves by as much. A thermostat's own degrees stay what is printed on it,
 * and over a hob there are none: null. Errors: `iron-measure`; `probe-unbelievable` {read_C, expected_C}.
 */
export const probedAt = (iron: Iron, setting_C: number, read_C: number): Result<Iron> | null => {
  const { control } = iron;
  if (control.type === 'thermostat' || control.type === 'hob') return null;
  const off_K = read_C - setting_C;
  if (!Number.isFinite(off_K)) return failure('iron-measure', { what: 'plate_C', value: 'not a number' });
  if (Math.abs(off_K) > MOST_OFF_K) return failure('probe-unbelievable', { read_C: Math.round(read_C), expected_C: Math.round(setting_C) });
  const [low_C, high_C] = controlRange(control);
  return success({
    ...iron,
    rev: iron.rev + 1,
    control: withRange(control, low_C + off_K, high_C + off_K),
    measured: { ...(iron.measured ?? nothing), plates: true },
  });
};
