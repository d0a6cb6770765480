import { POURABLE_SHARE } from '../formula/index.ts';
import { arrivalOf_s, doorOf_s, piecesWanted } from './arrivals.ts';
import type { RunPlan, RunRequest } from './plan.ts';

/** What has come out, and what is in: instants in ms, pieces as they are counted. */
export type OutLoad = { readonly ironId: string; readonly openedAt: number; readonly pieces: number };
export type InLoad = { readonly ironId: string; readonly openAt: number; readonly pieces: number };

/** How a morning stands. */
export type Standing = {
  readonly wanted: number;
  readonly out: number;
  readonly inIrons: number;
  /** Eaten, or on the plate of somebody who sits there. */
  readonly served: number;
  /** Out, and nobody has it yet. */
  readonly onRack: number;
  /** Who sits there without all of theirs. */
  readonly waiting: number;
  /** The piece that lies there longest, s, and its iron; null: none lies there. */
  readonly oldest: { readonly age_s: number; readonly ironId: string } | null;
  /** When the last plate goes out, as things go, and how late that is against what was planned, s (0: not). */
  readonly lastPlateAt: number;
  readonly late_s: number;
};

/**
 * How the morning stands at an instant: pieces are eaten in the order in which they came out, guests served in the order in which they sit down. What
 * is still to come is as late as the next piece is against the plan; a plan that is made anew (see `planRun`) may win some of it back.
 */
export const standingAt = (
  now: number,
  plan: RunPlan,
  request: Pick<RunRequest, 'people' | 'piecesPerPerson' | 'mode' | 'serveAt' | 'door_s'>,
  done: readonly OutLoad[],
  cooking: readonly InLoad[],
): Standing => {
  const { people, piecesPerPerson, serveAt } = request;
  const wanted = piecesWanted(request);
  const pieces = [...done].sort((a, b) => a.openedAt - b.openedAt).flatMap((load) => Array.from({ length: load.pieces }, () => load));
  const out = pieces.length;
  const inIrons = cooking.reduce((sum, load) => sum + load.pieces, 0);
  const door_s = doorOf_s(request);
  let seated = 0;
  while (seated < people && serveAt + 1000 * arrivalOf_s(seated, people, door_s) <= now) seated++;
  const served = Math.min(out, Math.floor(seated * piecesPerPerson));
  const waiting = Math.max(0, seated - Math.floor(out / Math.max(piecesPerPerson, 1e-9)));
  const first = pieces[served];
  return {
    wanted,
    out,
    inIrons,
    served,
    onRack: out - served,
    waiting,
    oldest: first === undefined ? null : { age_s: Math.max(0, (now - first.openedAt) / 1000), ironId: first.ironId },
    ...forecast(now, plan, out, wanted, cooking),
  };
};

const forecast = (
  now: number,
  plan: RunPlan,
  out: number,
  wanted: number,
  cooking: readonly InLoad[],
): Pick<Standing, 'lastPlateAt' | 'late_s'> => {
  const planned = [...plan.loads]
    .sort((a, b) => a.openAt - b.openAt)
    .flatMap(({ openAt, pieces }) => Array.from({ length: pieces }, () => openAt));
  const due = planned[out];
  if (due === undefined || out >= wanted) return { lastPlateAt: Math.min(now, plan.lastPlateAt), late_s: 0 };
  const next = cooking.reduce((first, { openAt }) => Math.min(first, openAt), Infinity);
  const late = Math.max(0, (Number.isFinite(next) ? Math.max(now, next) : now) - due);
  return { lastPlateAt: plan.lastPlateAt + late, late_s: Math.round(late / 1000) };
};

/** What the loads that are still to be poured take, with what stays in the bowl, g. `poured`: loads so far, by iron. */
export const stillToPour_g = ({ loads }: Pick<RunPlan, 'loads'>, poured: ReadonlyMap<string, number>): number =>
  loads.reduce((sum, { ironId, n, portion_g }) => sum + (n > (poured.get(ironId) ?? 0) ? portion_g : 0), 0) / POURABLE_SHARE;

/** A morning that is over is asked about for so long, ms. */
const ASKED_FOR_MS = 12 * 3_600_000;

/** Pieces that came out beyond what was wanted, once everybody has been served; 0 before, long after, and where none are. */
export const leftOver = (
  now: number,
  plan: Pick<RunPlan, 'lastPlateAt'>,
  request: Pick<RunRequest, 'people' | 'piecesPerPerson' | 'mode' | 'serveAt' | 'door_s'>,
  done: readonly OutLoad[],
): number => {
  const over = Math.max(request.serveAt + 1000 * doorOf_s(request), plan.lastPlateAt, ...done.map(({ openedAt }) => openedAt));
  if (now < over || now > over + ASKED_FOR_MS) return 0;
  return Math.max(0, done.reduce((sum, { pieces }) => sum + pieces, 0) - piecesWanted(request));
};
