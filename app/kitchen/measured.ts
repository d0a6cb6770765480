import * as z from 'zod';
import type { Iron } from '../../core/plate/index.ts';
import { controlRange, LEAST_DIAL, LEAST_RANGE_K } from '../../core/plate/index.ts';
import { numberField, typedNumber } from '../ui/index.ts';
import { readDialWords, typedDialWords } from './dialWords.ts';

/** Within which an iron can be at all (see the schema of an iron). */
export const LIMITS = {
  footprint_cm2: { min: 10, max: 5000 },
  areaFactor: { min: 1, max: 4 },
  cavity_mL: { min: 5, max: 5000 },
  web_mm: { min: 0.5, max: 60 },
  mass_kg: { min: 0.05, max: 40 },
  power_W: { min: 50, max: 6000, whole: true },
  dial_C: { min: 80, max: 320 },
  moulds: { min: 1, max: 12, whole: true },
  pieces: { min: 1, max: 24, whole: true },
  lines: { min: 1, max: 20, whole: true },
  mark: { min: -1000, max: 1000 },
  turnEvery_s: { min: 2, max: 600, whole: true },
} as const;

export const CONTROLS = ['dial', 'thermostat', 'fixed', 'hob'] as const;
export const CONTROL_WORDS: Readonly<Record<(typeof CONTROLS)[number], string>> = {
  dial: 'a dial in its own marks',
  thermostat: 'degrees',
  fixed: 'nothing: a cut-out',
  hob: 'a flame, turned by hand',
};

/** What a ruler, a jug and the rating plate tell; the rest of an iron stays as it was. */
export const Measured = z
  .object({
    name: z.string().trim().min(1, 'a name').max(80),
    footprint_cm2: numberField(LIMITS.footprint_cm2),
    areaFactor: numberField(LIMITS.areaFactor),
    cavity_mL: numberField(LIMITS.cavity_mL),
    web_mm: numberField(LIMITS.web_mm),
    mass_kg: numberField(LIMITS.mass_kg),
    power_W: numberField(LIMITS.power_W),
    low_C: z.number().min(LIMITS.dial_C.min).max(LIMITS.dial_C.max),
    high_C: z.number().min(LIMITS.dial_C.min).max(LIMITS.dial_C.max),
    circuitId: z.string(),
    coating: z.enum(['bare', 'coated']),
    control: z.enum(CONTROLS),
    lowMark: numberField(LIMITS.mark),
    highMark: numberField(LIMITS.mark),
    turnEvery_s: numberField(LIMITS.turnEvery_s),
    words: z.string().max(400),
    moulds: numberField(LIMITS.moulds),
    piecesPerLoad: numberField(LIMITS.pieces),
    rows: numberField(LIMITS.lines),
    columns: numberField(LIMITS.lines),
    outline: z.enum(['round', 'square']),
    turned: z.boolean(),
    light: z.boolean(),
    beep: z.boolean(),
  })
  .refine(({ control, lowMark, highMark }) => control !== 'dial' || highMark - lowMark >= LEAST_DIAL, {
    error: 'over the lowest mark',
    path: ['highMark'],
  })
  .refine(({ control, words, lowMark, highMark }) => control !== 'dial' || readDialWords(words, lowMark, highMark) !== null, {
    error: 'a word and its mark, such as: low 1, medium 3',
    path: ['words'],
  })
  .refine(({ control, low_C, high_C }) => control === 'fixed' || high_C - low_C >= LEAST_RANGE_K, {
    error: 'hotter than the lowest, or there is nothing to set',
    path: ['high_C'],
  });
type Measured = z.infer<typeof Measured>;

/** How it is set, as it was typed. */
const controlFrom = (m: Measured): Iron['control'] => {
  const { low_C, high_C } = m;
  if (m.control === 'fixed') return { type: 'fixed', cutOut_C: low_C };
  if (m.control === 'thermostat') return { type: 'thermostat', min_C: low_C, max_C: high_C };
  if (m.control === 'hob') return { type: 'hob', min_C: low_C, max_C: high_C, turnEvery_s: m.turnEvery_s };
  const words = readDialWords(m.words, m.lowMark, m.highMark) ?? [];
  const dial = { type: 'dial', min: m.lowMark, max: m.highMark, atMin_C: low_C, atMax_C: high_C } as const;
  return words.length === 0 ? dial : { ...dial, words };
};

/** An iron with what was measured. */
const measured = ({ pattern, ...iron }: Iron, m: Measured): Iron => ({
  ...iron,
  // A learned pattern belongs to its lattice.
  ...(pattern !== undefined && m.rows === iron.geometry.lattice.rows && m.columns === iron.geometry.lattice.columns ? { pattern } : {}),
  name: m.name,
  geometry: {
    ...iron.geometry,
    footprint_cm2: m.footprint_cm2,
    areaFactor: m.areaFactor,
    cavity_mL: m.cavity_mL,
    web_mm: m.web_mm,
    moulds: m.moulds,
    piecesPerLoad: m.piecesPerLoad,
    lattice: { rows: m.rows, columns: m.columns, outline: m.outline },
  },
  plates: { ...iron.plates, mass_kg: m.mass_kg, power_W: m.power_W },
  control: controlFrom(m),
  turned: m.turned,
  signals: { light: m.light, beep: m.beep },
  circuitId: m.circuitId === '' ? null : m.circuitId,
  coating: m.coating,
});

/** An iron as its form shows it. */
export const typedOf = ({ name, geometry, plates, control, circuitId, coating, turned, signals }: Iron): z.input<typeof Measured> => {
  const [low_C, high_C] = controlRange(control);
  return {
    name,
    footprint_cm2: typedNumber(geometry.footprint_cm2),
    areaFactor: typedNumber(geometry.areaFactor),
    cavity_mL: typedNumber(geometry.cavity_mL),
    web_mm: typedNumber(geometry.web_mm),
    mass_kg: typedNumber(plates.mass_kg),
    power_W: typedNumber(Math.round(plates.power_W)),
    low_C,
    high_C,
    circuitId: circuitId ?? '',
    coating,
    control: control.type,
    lowMark: typedNumber(control.type === 'dial' ? control.min : 1),
    highMark: typedNumber(control.type === 'dial' ? control.max : 5),
    turnEvery_s: typedNumber(control.type === 'hob' ? control.turnEvery_s : 10),
    words: control.type === 'dial' ? typedDialWords(control.words ?? []) : '',
    moulds: typedNumber(geometry.moulds),
    piecesPerLoad: typedNumber(geometry.piecesPerLoad),
    rows: typedNumber(geometry.lattice.rows),
    columns: typedNumber(geometry.lattice.columns),
    outline: geometry.lattice.outline,
    turned,
    light: signals.light,
    beep: signals.beep,
  };
};

/**
 * Field by field: what was changed here is put onto the iron as it is by now, and what another tab has said of it meanwhile stays. Two halves that don't go
 * together, such as a lowest and a highest setting: then the form counts whole.
 * @param typed What stands in the form; it makes sense.
 * @param changed Names of the fields that were changed.
 */
export const withMeasured = (now: Iron, typed: z.input<typeof Measured>, changed: ReadonlySet<string>): Iron => {
  const mine = Object.fromEntries(Object.entries(typed).filter(([field]) => changed.has(field)));
  const merged = Measured.safeParse({ ...typedOf(now), ...mine });
  return measured(now, merged.success ? merged.data : Measured.parse(typed));
};
