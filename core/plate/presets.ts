import { lossFromFootprint_WPerK } from './describe.ts';
import type { Iron } from './iron.ts';

/**
 * Six irons to start from. Areas, cavities, masses and watts are this project's starting values, *common
 * practice* in size; losses are those of their shells, web and dial lines are estimates that a cook's own ruler and loads replace.
 */
const common = {
  rev: 1,
  pour: { rule: 'swells-full' },
  looseness: { min: 1.85, max: 3.8 },
  dryThrough: false,
  turned: false,
  coating: 'coated',
  circuitId: null,
} as const;

/** "Medium" (3) is near 165 °C on deep irons and near 180 °C on thin ones, as cooks' times at medium imply. */
const DEEP_DIAL = { type: 'dial', min: 1, max: 5, atMin_C: 135, atMax_C: 195 } as const;
const THIN_DIAL = { type: 'dial', min: 1, max: 5, atMin_C: 150, atMax_C: 210 } as const;

const loss = (footprint_cm2: number): number => Number(lossFromFootprint_WPerK(footprint_cm2).toFixed(2));

export const PRESET_IRONS: readonly Iron[] = [
  {
    ...common,
    id: 'wafer',
    name: 'Wafer iron',
    kind: 'wafer',
    geometry: {
      footprint_cm2: 226,
      areaFactor: 1.05,
      cavity_mL: 54,
      web_mm: 2,
      webShare: 0.5,
      moulds: 2,
      piecesPerLoad: 2,
      lattice: { rows: 9, columns: 9, outline: 'round' },
    },
    plates: { mass_kg: 1.3, power_W: 850, loss_WPerK: loss(226) },
    control: { type: 'fixed', cutOut_C: 222 },
    dryThrough: true,
    looseness: { min: 0.95, max: 3 },
    signals: { light: true, beep: false },
  },
  {
    ...common,
    id: 'ball-pan',
    name: 'Ball pan',
    kind: 'ball pan',
    geometry: {
      footprint_cm2: 330,
      areaFactor: 1.55,
      cavity_mL: 580,
      web_mm: 5,
      webShare: 0.15,
      moulds: 1,
      piecesPerLoad: 1,
      lattice: { rows: 6, columns: 5, outline: 'square' },
    },
    plates: { mass_kg: 1.7, power_W: 1400, loss_WPerK: loss(330) },
    control: { type: 'thermostat', min_C: 150, max_C: 230 },
    // 80 % of the lower half
    pour: { rule: 'share-of-cavity', share: 0.4 },
    looseness: { min: 2, max: 4.3 },
    signals: { light: true, beep: false },
    turned: true,
  },
  {
    ...common,
    id: 'thin-round',
    name: 'Thin round',
    kind: 'thin',
    geometry: {
      footprint_cm2: 254,
      areaFactor: 1.35,
      cavity_mL: 200,
      web_mm: 3.5,
      webShare: 0.4,
      moulds: 1,
      piecesPerLoad: 1,
      lattice: { rows: 9, columns: 9, outline: 'round' },
    },
    plates: { mass_kg: 1.4, power_W: 1000, loss_WPerK: loss(254) },
    control: THIN_DIAL,
    signals: { light: true, beep: false },
  },
  {
    ...common,
    id: 'thin-square-4',
    name: 'Thin four-square',
    kind: 'thin',
    geometry: {
      footprint_cm2: 484,
      areaFactor: 1.4,
      cavity_mL: 780,
      web_mm: 7,
      webShare: 0.4,
      moulds: 4,
      piecesPerLoad: 4,
      lattice: { rows: 5, columns: 5, outline: 'square' },
    },
    plates: { mass_kg: 3.2, power_W: 1400, loss_WPerK: loss(484) },
    control: THIN_DIAL,
    signals: { light: true, beep: true },
  },
  {
    ...common,
    id: 'deep-round',
    name: 'Deep round',
    kind: 'deep',
    geometry: {
      footprint_cm2: 254,
      areaFactor: 1.8,
      cavity_mL: 360,
      web_mm: 6,
      webShare: 0.35,
      moulds: 1,
      piecesPerLoad: 1,
      lattice: { rows: 7, columns: 7, outline: 'round' },
    },
    plates: { mass_kg: 1.5, power_W: 1000, loss_WPerK: loss(254) },
    control: DEEP_DIAL,
    signals: { light: true, beep: true },
  },
  {
    ...common,
    id: 'mini',
    name: 'Mini iron',
    kind: 'mini',
    geometry: {
      footprint_cm2: 78,
      areaFactor: 1.35,
      cavity_mL: 88,
      web_mm: 5.5,
      webShare: 0.35,
      moulds: 1,
      piecesPerLoad: 1,
      lattice: { rows: 4, columns: 4, outline: 'round' },
    },
    plates: { mass_kg: 0.5, power_W: 350, loss_WPerK: loss(78) },
    control: { type: 'fixed', cutOut_C: 200 },
    signals: { light: true, beep: false },
  },
];
