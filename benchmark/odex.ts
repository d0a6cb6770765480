import { batterOf } from '../core/cook/index.ts';
import { DEFAULT_CONDITIONS } from '../core/advise/index.ts';
import { meanThickness_m, plateMachine, portion, UNSCALED, column, medium, rates, step, workspace } from '../core/plate/index.ts';
// The comparison is on the same grid and right-hand side, so it has to reach below the public face.
import type { Column, Medium, Face } from '../core/plate/index.ts';
import { presetIron, readBatter } from '../core/testing/batters.ts';

type OdexSolver = {
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(f: (t: number, y: number[]) => number[], t0: number, y0: number[], t1: number): { outcome: number };
};

const PLATE: Face = { kind: 'plate', temperature_C: 170 };
const MIRROR: Face = { kind: 'mirror' };
const CELLS = 20;

const fresh = (): { m: Medium; c: Column } => {
  const iron = presetIron('deep-round');
  const bowl = batterOf(readBatter('quick'), DEFAULT_CONDITIONS);
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const machine = plateMachine(iron);
  const thickness_m = meanThickness_m(machine);
  const m = medium(bowl.value, portion(iron, bowl.value).portion_g / 1000 / machine.heatedArea_m2, thickness_m, UNSCALED);
  return { m, c: column(m, thickness_m, 1, CELLS, true) };
};

type Outcome = { readonly core_C: number; readonly loss: number; readonly ms: number };

const lossOf = (m: Medium, c: Column): number => {
  let gone = 0;
  let all = 0;
  for (let i = 0; i < c.n; i++) {
    const dry = c.dry_kgPerM2[i] ?? 0;
    gone += dry * (m.batter.water - (c.X[i] ?? 0));
    all += dry * (1 + m.batter.water);
  }
  return gone / all;
};

/** Ours: the time steps of the simulation, divided by `refine`. */
const ours = (seconds: number, refine: number): Outcome => {
  const { m, c } = fresh();
  const w = workspace(c.n);
  const from = performance.now();
  for (let t = 0; t < seconds - 1e-9;) {
    const long = (t < 8 ? 0.2 : t < 40 ? 0.5 : t < 120 ? 1 : 2) / refine;
    step(m, c, w, PLATE, MIRROR, long);
    t += long;
  }
  return { core_C: c.T[c.n - 1] ?? NaN, loss: lossOf(m, c), ms: performance.now() - from };
};

const theirs = (Solver: new (n: number) => OdexSolver, seconds: number, tolerance: number): Outcome | null => {
  const { m, c } = fresh();
  const w = workspace(c.n);
  const { n } = c;
  const dT = new Float64Array(n);
  const dX = new Float64Array(n);
  const right = (_: number, y: number[]): number[] => {
    for (let i = 0; i < n; i++) {
      c.T[i] = y[i] ?? 0;
      c.X[i] = Math.max(0, y[n + i] ?? 0);
    }
    rates(m, c, w, PLATE, MIRROR, dT, dX);
    return [...dT, ...dX];
  };
  const solver = new Solver(2 * n);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  solver.maxSteps = 400_000;
  const start = [...c.T, ...c.X];
  const from = performance.now();
  try {
    const end = { y: start };
    solver.solve(
      (t, y) => {
        end.y = y;
        return right(t, y);
      },
      0,
      start,
      seconds,
    );
    right(seconds, end.y);
  } catch {
    return null;
  }
  return { core_C: c.T[n - 1] ?? NaN, loss: lossOf(m, c), ms: performance.now() - from };
};

/** How long of the load is integrated for the comparison: the explicit method needs minutes for all of it. */
const SECONDS = 20;

/** How much faster ours has to be; tests gate at a third of it. */
const WANTED = 100;

/** Work against precision, on the same grid and right-hand side; the explicit method at its cheapest good tolerance. True when fast enough. */
export const againstOdex = (require: NodeJS.Require, gate: boolean): boolean => {
  const { Solver } = require('odex') as { Solver: new (n: number) => OdexSolver };
  const truth = ours(SECONDS, 400);
  const show = (name: string, o: Outcome): string =>
    `  ${name.padEnd(18)} ${o.ms.toFixed(3).padStart(10)} ms  core ${(o.core_C - truth.core_C).toFixed(3).padStart(7)} K  loss ${(100 * (o.loss - truth.loss)).toFixed(3).padStart(7)} points\n`;
  const good = (o: Outcome): boolean => Math.abs(o.core_C - truth.core_C) < 0.5 && Math.abs(o.loss - truth.loss) < 0.005;
  process.stdout.write(`work and precision over the first ${SECONDS} s of a deep load (one column, plates held at 170 °C)\n`);
  let own = Infinity;
  for (const refine of [1, 2, 4]) {
    let least = ours(SECONDS, refine);
    for (let i = 0; i < 14; i++) {
      const again = ours(SECONDS, refine);
      if (again.ms < least.ms) least = again;
    }
    if (good(least)) own = Math.min(own, least.ms);
    process.stdout.write(show(`ours, steps / ${refine}`, least));
  }
  let explicit = Infinity;
  for (const tolerance of gate ? [1e-3] : [1e-1, 1e-2, 1e-3, 1e-4]) {
    const outcome = theirs(Solver, SECONDS, tolerance);
    if (outcome === null) continue;
    if (good(outcome)) explicit = Math.min(explicit, outcome.ms);
    process.stdout.write(show(`odex, ${tolerance}`, outcome));
  }
  process.stdout.write(
    Number.isFinite(explicit) && Number.isFinite(own)
      ? `  ours is ${(explicit / own).toFixed(0)} times faster than odex at its cheapest good tolerance (wanted: ${WANTED})\n`
      : '  no comparison: one of them never met 0.5 K and 0.5 points\n',
  );
  // Where they don't agree, the right-hand sides differ, and no speed counts.
  return Number.isFinite(explicit) && Number.isFinite(own) && explicit / own > (gate ? WANTED / 3 : 0);
};
