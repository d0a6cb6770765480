import { clamp } from '../basis/index.ts';
import type { Slab } from '../keep/index.ts';
import { crustedSlab, FREEZER_C, heaterOf, hotAgain, hotAgainTime_s, slabOf_mm } from '../keep/index.ts';
import type { Reheats } from '../kit/index.ts';
import { USUAL_REHEATS } from '../kit/index.ts';
import type { AfterCourse, Holding, RestingPlace } from '../plate/index.ts';
import { afterPlate, columnAt, crispLost_min, HOLDING, kitchenAir, OVEN_C, RECRISP_MIN } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import type { Target } from '../cook/index.ts';

export type Destination = 'now' | 'hold' | 'freeze' | 'tin';

/** How a piece is finished where it goes (*common practice*): held warm on a rack, or cooled into a tin. From the freezer it is made hot again. */
const FINISH = {
  hold: { place: { kind: 'oven', temperature_C: 93 }, minutes: 20 },
  tin: { place: { kind: 'rack' }, minutes: 20 },
} as const satisfies Partial<Record<Destination, { readonly place: RestingPlace; readonly minutes: number }>>;

const COURSE_MIN = 30;
const COOLS_MIN = 15;

export type PlaceCourse = { readonly place: Holding; readonly course: AfterCourse; readonly lost_min: number | null };

export type Aimed = {
  readonly destination: Destination;
  /** What to aim for on the iron, so that it ends as wished. */
  readonly aim: Target;
  /** What finishing adds: steps of colour, crispness at the end, share of mass lost. */
  readonly adds: number;
  readonly crispAtEnd: number;
  readonly dries: number;
  readonly minutes: number;
};

const restingPlace = (place: Exclude<Holding, 'recrisped'>): RestingPlace => {
  if (place === 'rack' || place === 'dish' || place === 'stack') return { kind: place };
  return { kind: 'oven', temperature_C: OVEN_C[place] };
};

type Columns = Parameters<typeof afterPlate>[1];
type Follow = (from: Columns, place: RestingPlace, minutes: number) => ReturnType<typeof afterPlate>;

/** Followed at every tenth minute: what changes in between changes slowly. */
const RECRISP_EVERY_MIN = 10;

/** How a piece is at the table that waited so many minutes on a rack and was then made crisp again. */
const recrisped = (columns: Columns, follow: Follow): AfterCourse => {
  const oven: RestingPlace = { kind: 'oven', temperature_C: OVEN_C.recrisped };
  const nodes: { crisp: number; mass: number; tawny: number }[] = [];
  let waited = columns;
  let kept = 1;
  for (let minute = 0; minute <= COURSE_MIN; minute += RECRISP_EVERY_MIN) {
    const { course } = follow(waited, oven, RECRISP_MIN);
    nodes.push({ crisp: course.crisp.at(-1) ?? 1, mass: kept * (course.mass.at(-1) ?? 1), tawny: course.tawny.at(-1) ?? 1 });
    const next = follow(waited, { kind: 'rack' }, RECRISP_EVERY_MIN);
    waited = next.columns;
    kept *= next.course.mass.at(-1) ?? 1;
  }
  const at =
    (of: 'crisp' | 'mass' | 'tawny') =>
    (minute: number): number => {
      const i = Math.min(nodes.length - 2, Math.floor(minute / RECRISP_EVERY_MIN));
      const share = minute / RECRISP_EVERY_MIN - i;
      return (1 - share) * nodes[i]![of] + share * nodes[i + 1]![of];
    };
  const minutes = Array.from({ length: COURSE_MIN + 1 }, (_, minute) => minute);
  return { crisp: minutes.map(at('crisp')), mass: minutes.map(at('mass')), tawny: minutes.map(at('tawny')) };
};

/** What making it hot again from the freezer adds to a piece that is to be `tawny` on the plate, steps, and how long it takes, s. */
const fromFreezer = (a: Advice, slab: Slab, reheats: Reheats, tawny: number): { readonly adds: number; readonly time_s: number } => {
  let adds = 0;
  let time_s = 0;
  // What it adds depends a little on how dark it goes in.
  for (let round = 0; round < 3; round++) {
    const before = Math.max(1, tawny - adds);
    const again = hotAgain(slab, FREEZER_C, heaterOf(reheats), { browningFactor: a.batter.browningFactor, tawny: before });
    if (again === null) break;
    adds = again.tawny - before;
    time_s = again.time_s;
  }
  return { adds, time_s };
};

/**
 * What becomes of the pieces on a rack, a dish, in a pile and in ovens of every school; and what each way of serving asks of the iron. `reheats`: what the
 * kitchen makes frozen pieces hot with.
 */
export const destinations = (
  a: Advice,
  reheats: Reheats = USUAL_REHEATS,
): { readonly courses: readonly PlaceCourse[]; readonly aims: readonly Aimed[] } => {
  const { trace, end, window } = a.cooked;
  const { dryThrough } = a.request.iron;
  const second = Math.min(trace.seconds, Math.round(window.best_s));
  const columns = trace.columns.map((c) => columnAt(end.medium, c, second));
  const lightness = trace.columns.map((_, i): [number, number] => [
    trace.columnLightness[2 * i]?.[second] ?? a.batter.rawLightness,
    trace.columnLightness[2 * i + 1]?.[second] ?? a.batter.rawLightness,
  ]);
  const room = kitchenAir(a.request.room_C);
  const follow = (from: readonly (typeof columns)[number][], place: RestingPlace, minutes: number) =>
    afterPlate(end.medium, from, lightness, place, room, minutes, dryThrough);
  const courses = HOLDING.map((place): PlaceCourse => {
    const course = place === 'recrisped' ? recrisped(columns, follow) : follow(columns, restingPlace(place), COURSE_MIN).course;
    return { place, course, lost_min: crispLost_min(course) };
  });
  // What is finished later has cooled first.
  const cooled = [...follow(columns, { kind: 'rack' }, COOLS_MIN).columns];
  const { target } = a.request;
  const aimed = (destination: Destination, { crisp, mass }: AfterCourse, adds: number, minutes: number): Aimed => {
    const crispAtEnd = crisp.at(-1) ?? 1;
    return {
      destination,
      aim: {
        tawny: clamp(Math.round((target.tawny - adds) * 10) / 10, 1, 8),
        // A tin keeps only what is crisp through; a toaster or an oven gives back what is asked of the iron less.
        crisp:
          destination === 'tin'
            ? 5
            : clamp(Math.round(((target.crisp ?? a.cooked.crisp) - Math.max(0, crispAtEnd - a.cooked.crisp)) * 10) / 10, 1, 5),
      },
      adds,
      crispAtEnd,
      dries: 1 - (mass.at(-1) ?? 1),
      minutes,
    };
  };
  const finished = (destination: keyof typeof FINISH): Aimed => {
    const { place, minutes } = FINISH[destination];
    const { course } = follow(destination === 'hold' ? columns : cooled, place, minutes);
    return aimed(destination, course, (course.tawny.at(-1) ?? 0) - (course.tawny[0] ?? 0), minutes);
  };
  const slab = crustedSlab(slabOf_mm(a.request.iron.geometry));
  const frozen = fromFreezer(a, slab, reheats, target.tawny);
  // Its shell dries as in an oven, whatever makes it hot.
  const inOven = Math.max(1, Math.round((hotAgainTime_s(slab, FREEZER_C, heaterOf(USUAL_REHEATS)) ?? 0) / 60));
  const again = follow(cooled, { kind: 'oven', temperature_C: USUAL_REHEATS.oven_C }, inOven).course;
  return {
    courses,
    aims: [
      { destination: 'now', aim: target, adds: 0, crispAtEnd: a.cooked.crisp, dries: 0, minutes: 0 },
      finished('hold'),
      aimed('freeze', again, frozen.adds, frozen.time_s / 60),
      finished('tin'),
    ],
  };
};
