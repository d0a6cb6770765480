import { surfaceBrowningRate_perSecond, tawnyStepOf, waterActivity } from '../matter/index.ts';
import type { Column, Medium } from './medium.ts';
import type { Room } from './rack.ts';
import { breathing, crispness, roomFace } from './rack.ts';
import type { Face } from './step.ts';
import { step, workspace } from './step.ts';

/** Where a piece lies once it is off the iron. */
export type RestingPlace =
  /** Both faces breathe. */
  | { readonly kind: 'rack' }
  /** A plate or board: the lower face is shut. */
  | { readonly kind: 'dish' }
  /** In a pile: neither breathes. */
  | { readonly kind: 'stack' }
  /** On a rack in an oven; above about 120 °C it goes on browning. */
  | { readonly kind: 'oven'; readonly temperature_C: number };

/** What becomes of it, one value a minute from the iron on. */
export type AfterCourse = {
  readonly crisp: readonly number[];
  /** Mass over what came off the iron. */
  readonly mass: readonly number[];
  /** Step of the darker face. */
  readonly tawny: readonly number[];
};

/** In an oven without a fan (estimated). */
const OVEN = { convection_WPerM2K: 8, radiation_WPerM2K: 10 };
const STEP_S = 2;

const SHUT: Face = { kind: 'mirror' };

const facesOf = (place: RestingPlace, room: Room): readonly [lower: Face, upper: Face] => {
  if (place.kind === 'stack') return [SHUT, SHUT];
  const air = place.kind === 'oven' ? breathing(place.temperature_C, room, OVEN) : roomFace(room);
  return place.kind === 'dish' ? [SHUT, air] : [air, air];
};

/** A half column with its mirror image: its two faces may fare differently from now on. */
export const unfolded = (c: Column): Column => {
  if (!c.mirrored) return { ...c, T: c.T.slice(), X: c.X.slice() };
  const both = (half: Float64Array): Float64Array => Float64Array.from([...half, ...[...half].reverse()]);
  return { ...c, n: 2 * c.n, mirrored: false, size_m: both(c.size_m), dry_kgPerM2: both(c.dry_kgPerM2), T: both(c.T), X: both(c.X) };
};

const water = (columns: readonly Column[]): number =>
  columns.reduce((sum, c) => sum + c.share * c.X.reduce((total, x, i) => total + x * (c.dry_kgPerM2[i] ?? 0), 0), 0);
const dry = (columns: readonly Column[]): number => columns.reduce((sum, c) => sum + c.share * c.dry_kgPerM2.reduce((a, b) => a + b, 0), 0);

/**
 * Follows a piece for so many minutes. `columns` as they came off the iron (they stay as they are), `lightness` of each column's
 * lower and upper face. Nothing is done in the pan of the scale: crispness as on the iron's own scale, 1–5.
 */
export const afterPlate = (
  m: Medium,
  columns: readonly Column[],
  lightness: readonly (readonly [lower: number, upper: number])[],
  place: RestingPlace,
  room: Room,
  minutes: number,
  dryThrough: boolean,
): { readonly course: AfterCourse; readonly columns: readonly Column[] } => {
  const piece = columns.map(unfolded);
  const [lower, upper] = facesOf(place, room);
  const works = piece.map((c) => workspace(c.n));
  const faces = lightness.map(([a, b]): [number, number] => [a, b]);
  const start = water(piece) + dry(piece);
  const crisp = [crispness(m, piece, dryThrough)];
  const mass = [1];
  const stepNow = (): number => tawnyStepOf(Math.min(...faces.flat()), m.batter.rawLightness);
  const tawny = [stepNow()];
  const browning = (c: Column, cell: number): number => {
    const T = c.T[cell] ?? 0;
    const rate = surfaceBrowningRate_perSecond(T, waterActivity(m.batter.sorption, T, c.X[cell] ?? 0));
    return Math.exp(-m.batter.browningFactor * rate * STEP_S);
  };
  for (let minute = 1; minute <= minutes; minute++) {
    for (let t = 0; t < 60; t += STEP_S)
      piece.forEach((c, i) => {
        step(m, c, works[i]!, lower, upper, STEP_S);
        if (place.kind !== 'oven') return;
        const face = faces[i];
        if (face === undefined) return;
        face[0] *= browning(c, 0);
        face[1] *= browning(c, c.n - 1);
      });
    crisp.push(crispness(m, piece, dryThrough));
    mass.push((water(piece) + dry(piece)) / start);
    tawny.push(stepNow());
  }
  return { course: { crisp, mass, tawny }, columns: piece };
};

/** Under this nobody calls it crisp any more. */
const CRISP_LOST = 2;

/** Minutes after which its crispness is lost, having been there; null: never within the course, or it never was crisp. */
export const crispLost_min = ({ crisp }: AfterCourse): number | null => {
  const best = crisp.reduce((a, b) => Math.max(a, b), 0);
  if (best < CRISP_LOST) return null;
  const from = crisp.indexOf(best);
  const lost = crisp.findIndex((value, minute) => minute > from && value < CRISP_LOST);
  return lost < 0 ? null : lost;
};
