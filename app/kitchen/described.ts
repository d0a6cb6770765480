import type { Result } from '../../core/basis/index.ts';
import { failure, success } from '../../core/basis/index.ts';
import type { Fill, Ruler } from '../../core/plate/index.ts';
import {
  cavityByFill,
  controlRange,
  geometryOf,
  Iron,
  lossFromFootprint_WPerK,
  meanThickness_m,
  plateMachine,
  platesFromThickness_kg,
  preheatTime_s,
  rulerOf,
  settingRange,
} from '../../core/plate/index.ts';

/** What a cook knows of an iron before anything has been cooked on it. */
export type Described = {
  readonly name: string;
  readonly ruler: Ruler;
  readonly moulds: number;
  /** Null: the ruler is believed. */
  readonly fill_g: number | null;
  readonly fillOf: Fill['of'];
  /** The degrees were read with a probe on hot plates. */
  readonly probed: boolean;
  /** Weighed, or else reckoned from how thick a plate is. */
  readonly mass_kg: number | null;
  readonly plate_mm: number;
  readonly power_W: number;
  readonly control: Iron['control']['type'];
  /** Over a hob, s. */
  readonly turnEvery_s: number;
  readonly marks: readonly [low: number, high: number];
  readonly low_C: number;
  readonly high_C: number;
  readonly light: boolean;
  readonly beep: boolean;
  readonly coating: Iron['coating'];
  readonly turned: boolean;
};

export const describedFrom = (iron: Iron): Described => {
  const { control, plates, geometry } = iron;
  const [low_C, high_C] = controlRange(control);
  const round = (value: number): number => Math.round(value * 10) / 10;
  const ruler = rulerOf(iron);
  return {
    name: iron.name,
    ruler: {
      ...ruler,
      outer_mm: round(ruler.outer_mm),
      wall_mm: round(ruler.wall_mm),
      floor_mm: round(ruler.floor_mm),
      depth_mm: round(ruler.depth_mm),
    },
    moulds: geometry.moulds,
    fill_g: null,
    fillOf: 'water',
    probed: iron.measured?.plates === true,
    mass_kg: plates.mass_kg,
    plate_mm: 11,
    power_W: plates.power_W,
    control: control.type,
    turnEvery_s: control.type === 'hob' ? control.turnEvery_s : 30,
    marks: control.type === 'dial' ? [control.min, control.max] : [1, 5],
    low_C,
    high_C,
    light: iron.signals.light,
    beep: iron.signals.beep,
    coating: iron.coating,
    turned: iron.turned,
  };
};

/** The iron that was described, as the next revision of `base` or as a new one. Errors: those of `geometryOf` and `cavityByFill`; `iron-broken` {where}. */
export const ironFrom = (base: Iron, d: Described): Result<Iron> => {
  const measured = geometryOf(d.ruler, d.moulds);
  if (!measured.ok) return measured;
  const filled: Result<number> =
    d.fill_g === null
      ? success(measured.value.cavity_mL)
      : cavityByFill({ of: d.fillOf, grams: d.fill_g, density_gPerML: null }, measured.value.cavity_mL);
  if (!filled.ok) return filled;
  const { footprint_cm2 } = measured.value;
  const high_C = Math.max(d.low_C, d.high_C);
  const [min, max] = d.marks[0] < d.marks[1] ? d.marks : [d.marks[1], d.marks[0] + 1];
  const iron = Iron.safeParse({
    ...base,
    name: d.name.trim(),
    geometry: {
      ...base.geometry,
      ...measured.value,
      cavity_mL: filled.value,
      moulds: d.moulds,
      piecesPerLoad: d.moulds,
      lattice: { rows: d.ruler.rows, columns: d.ruler.columns, outline: d.ruler.outline },
    },
    plates: {
      mass_kg: d.mass_kg ?? platesFromThickness_kg(footprint_cm2, d.plate_mm),
      power_W: d.power_W,
      loss_WPerK: lossFromFootprint_WPerK(footprint_cm2),
    },
    control:
      d.control === 'dial'
        ? { type: 'dial', min, max, atMin_C: d.low_C, atMax_C: high_C }
        : d.control === 'thermostat'
          ? { type: 'thermostat', min_C: d.low_C, max_C: high_C }
          : d.control === 'hob'
            ? { type: 'hob', min_C: d.low_C, max_C: high_C, turnEvery_s: d.turnEvery_s }
            : { type: 'fixed', cutOut_C: d.low_C },
    signals: { light: d.light, beep: d.beep },
    measured: { cavity: d.fill_g === null ? null : d.fillOf, plates: d.probed },
    coating: d.coating,
    turned: d.turned,
  });
  if (iron.success) return success(iron.data);
  const issue = iron.error.issues[0];
  return failure('iron-broken', { where: issue?.path.at(-1)?.toString() ?? '' });
};

export type DescribedFigures = {
  readonly thickness_mm: number;
  readonly heated_cm2: number;
  /** Both plates. */
  readonly stores_kJPerK: number;
  /** To the middle of its range, or until the light goes out. */
  readonly preheat_s: number;
};

/** What the drawing of an iron says beside it. `room_C`: where it is switched on. */
export const figuresOf = (iron: Iron, room_C: number): DescribedFigures => {
  const machine = plateMachine(iron);
  const range = settingRange(iron);
  const hot_C = range === null ? controlRange(iron.control)[0] : (range.min_C + range.max_C) / 2;
  return {
    thickness_mm: 1000 * meanThickness_m(machine),
    heated_cm2: machine.heatedArea_m2 * 1e4,
    stores_kJPerK: (2 * machine.capacity_JPerK) / 1000,
    preheat_s: preheatTime_s(machine, hot_C, room_C),
  };
};
