import { DAY_MS, instantOf, wallTime } from '../basis/index.ts';
import type { Run } from './run.ts';

const MOST_NAME = 120;

/** The run that is on: the one that was chosen, else the one that is served last. Null: there is none. */
export const runThatIsOn = (runs: readonly Run[], chosenId: string | null): Run | null =>
  runs.find(({ id }) => id === chosenId) ??
  runs.reduce<Run | null>((newest, run) => (newest === null || run.serveAt > newest.serveAt ? run : newest), null);

/** A name that none of these has: "Breakfast", "Breakfast (2)", … */
export const freeName = (name: string, others: readonly { readonly name: string }[]): string => {
  const taken = new Set(others.map((other) => other.name));
  const stem = name.replace(/ \(\d+\)$/, '').slice(0, MOST_NAME - 8);
  for (let n = 1; ; n++) {
    const tried = n === 1 ? stem : `${stem} (${n})`;
    if (!taken.has(tried)) return tried;
  }
};

/** The same morning once more, nothing of it done yet: at the same time by the clock on the wall, on the next day that isn't over yet. `now`: ms. */
export const nextMorning = (run: Run, id: string, runs: readonly Run[], now: number): Run => {
  const dishes = run.dishes.map((dish) =>
    dish.besides === undefined ? dish : { ...dish, besides: dish.besides.map(({ kind, before_s }) => ({ kind, before_s })) },
  );
  // Who is there and when was said of that day.
  const { notBefore: _, helper: __, ...same } = run;
  const free = { ...same, dishes };
  const clock = wallTime(run.serveAt, run.zone).slice(10);
  // Around midnight and on the two nights of the year a day isn't 24 hours by the wall.
  const first = Math.max(run.serveAt, now);
  for (let days = 0; days < 3; days++) {
    const day = wallTime(first + days * DAY_MS, run.zone).slice(0, 10);
    const serveAt = instantOf(`${day}${clock}`, run.zone);
    if (serveAt !== null && serveAt > first) return { ...free, id, name: freeName(run.name, runs), serveAt };
  }
  return { ...free, id, name: freeName(run.name, runs), serveAt: first + DAY_MS };
};
