import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Iron } from './iron.ts';

/** What a ruler tells of an iron, mm; one mould, its two plates alike. */
export type Ruler = {
  readonly outline: 'round' | 'square';
  /** Diameter, or side. */
  readonly outer_mm: number;
  readonly rows: number;
  readonly columns: number;
  /** Of the cooked piece: the wall between two pockets, the floor of a pocket, how deep a pocket is from one side. */
  readonly wall_mm: number;
  readonly floor_mm: number;
  readonly depth_mm: number;
};

/** What was poured in to see how much it holds, all moulds together. */
export type Fill = { readonly of: 'water' | 'rice' | 'batter'; readonly grams: number; readonly density_gPerML: number | null };

type Measured = Pick<Iron['geometry'], 'footprint_cm2' | 'areaFactor' | 'cavity_mL' | 'web_mm' | 'webShare'>;

/** Loose dry rice, g/mL (0.75–0.85 in handbooks of bulk densities; from memory). */
const RICE_G_PER_ML = 0.8;
/** Cast aluminium, g/cm³ (metals handbooks; from memory). */
const ALUMINIUM_G_PER_CM3 = 2.7;
/**
 * A closed iron gives its heat to the room from its shell, by free convection (some 5 W/m²K on plates and cylinders of this size; McAdams, from memory)
 * and by radiation; what the air under the shell keeps back is counted in (*estimated*). Per kelvin of the plates over the room.
 */
const SHELL_W_PER_M2K = 9;
/** How far a shell stands out around the plates, and how high it is: hinge and feet, and a share of the side. */
const SHELL = { around_m: 0.01, height_m: 0.03, heightPerSide: 1 / 3, bottomCounts: 0.5 } as const;
/** A fill that far from the ruler is a mistake in one of them. */
const BELIEVABLE = { least: 0.5, most: 2 } as const;

const pitches = ({ outer_mm, rows, columns }: Ruler) => ({ across: outer_mm / columns, down: outer_mm / rows });

const positive = (values: Readonly<Record<string, number>>): Result<never> | null => {
  for (const [what, value] of Object.entries(values))
    if (!(Number.isFinite(value) && value > 0))
      return failure('iron-measure', { what, value: Number.isFinite(value) ? value : 'not a number' });
  return null;
};

/**
 * Area, cavity and thicknesses from a ruler. The piece is a floor of `floor_mm` everywhere, with walls `depth_mm` higher on both
 * sides between the pockets. Errors: `iron-measure` {what, value}; `iron-wall-too-wide` {wall_mm, pitch_mm}: no pocket is left.
 */
export const geometryOf = (ruler: Ruler, moulds: number): Result<Measured> => {
  const { outline, outer_mm, rows, columns, wall_mm, floor_mm, depth_mm } = ruler;
  const bad = positive({ outer_mm, rows, columns, wall_mm, floor_mm, moulds });
  if (bad !== null) return bad;
  if (!(Number.isFinite(depth_mm) && depth_mm >= 0))
    return failure('iron-measure', { what: 'depth_mm', value: Number.isFinite(depth_mm) ? depth_mm : 'not a number' });
  const { across, down } = pitches(ruler);
  const narrow = Math.min(across, down);
  if (wall_mm >= narrow) return failure('iron-wall-too-wide', { wall_mm, pitch_mm: Math.round(narrow * 10) / 10 });
  const open = [across - wall_mm, down - wall_mm] as const;
  /** Share of the plan that is pocket. */
  const pockets = (open[0] * open[1]) / (across * down);
  const plan_mm2 = outline === 'round' ? (Math.PI * outer_mm ** 2) / 4 : outer_mm ** 2;
  const sides = (2 * (open[0] + open[1]) * depth_mm) / (across * down);
  const areaFactor = 1 + sides;
  const volume_mm3 = plan_mm2 * (floor_mm + (1 - pockets) * 2 * depth_mm);
  return success({
    footprint_cm2: (plan_mm2 * moulds) / 100,
    areaFactor,
    cavity_mL: (volume_mm3 * moulds) / 1000,
    web_mm: floor_mm,
    webShare: Math.min(0.95, pockets / areaFactor),
  });
};

/** How far the opening of a pocket may go from its pitch. */
const OPEN = { least: 0.1, most: 0.97 } as const;

/** The ruler's side of an iron that is known by its areas: walls and depth that give its heated area and its cavity, as nearly as they can. */
export const rulerOf = (iron: Iron): Ruler => {
  const { footprint_cm2, areaFactor, cavity_mL, web_mm, moulds, lattice } = iron.geometry;
  const plan_mm2 = (footprint_cm2 * 100) / moulds;
  const outer_mm = lattice.outline === 'round' ? Math.sqrt((4 * plan_mm2) / Math.PI) : Math.sqrt(plan_mm2);
  const across = outer_mm / lattice.columns;
  const down = outer_mm / lattice.rows;
  const narrow = Math.min(across, down);
  const mean_mm = (cavity_mL * 1000) / moulds / plan_mm2;
  const depthAt = (wall_mm: number): number => ((areaFactor - 1) * across * down) / (2 * (across + down - 2 * wall_mm));
  const meanAt = (wall_mm: number): number =>
    web_mm + (1 - ((across - wall_mm) * (down - wall_mm)) / (across * down)) * 2 * depthAt(wall_mm);
  // The wider the walls, the more room: halved until the cavity fits.
  let [thin, wide] = [(1 - OPEN.most) * narrow, (1 - OPEN.least) * narrow];
  for (let i = 0; i < 50; i++) {
    const wall_mm = (thin + wide) / 2;
    if (meanAt(wall_mm) < mean_mm) thin = wall_mm;
    else wide = wall_mm;
  }
  return {
    outline: lattice.outline,
    outer_mm,
    rows: lattice.rows,
    columns: lattice.columns,
    wall_mm: thin,
    floor_mm: web_mm,
    depth_mm: depthAt(thin),
  };
};

/** What a fill says of the cavity, mL. Errors: `iron-measure`; `iron-fill-unbelievable` {fill_mL, ruler_mL}. */
export const cavityByFill = (fill: Fill, ruler_mL: number): Result<number> => {
  const bad = positive({ grams: fill.grams });
  if (bad !== null) return bad;
  const density = fill.of === 'water' ? 1 : fill.of === 'rice' ? RICE_G_PER_ML : (fill.density_gPerML ?? 1);
  const fill_mL = fill.grams / density;
  const ratio = fill_mL / ruler_mL;
  return ratio < BELIEVABLE.least || ratio > BELIEVABLE.most
    ? failure('iron-fill-unbelievable', { fill_mL: Math.round(fill_mL), ruler_mL: Math.round(ruler_mL) })
    : success(fill_mL);
};

/** Both plates, kg, from how thick they are. */
export const platesFromThickness_kg = (footprint_cm2: number, plate_mm: number): number =>
  (2 * footprint_cm2 * (plate_mm / 10) * ALUMINIUM_G_PER_CM3) / 1000;

/** What a closed iron over this plan loses, W/K. */
export const lossFromFootprint_WPerK = (footprint_cm2: number): number => {
  const plate_m = Math.sqrt(footprint_cm2 * 1e-4);
  const side_m = plate_m + 2 * SHELL.around_m;
  const height_m = SHELL.height_m + SHELL.heightPerSide * plate_m;
  const shell_m2 = (1 + SHELL.bottomCounts) * side_m ** 2 + 4 * side_m * height_m;
  return SHELL_W_PER_M2K * shell_m2;
};
