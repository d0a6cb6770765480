/** Something that keeps a hand from one moment to another. */
export type Busy = readonly [from: number, to: number];

/** How many of these are going on at once at the most; what ends when another begins isn't. In the tests' own words: it shares nothing with the planner. */
export const mostBusy = (tasks: readonly Busy[]): number => {
  const edges = tasks.flatMap(([from, to]): [at: number, change: number][] => [
    [from, 1],
    [to, -1],
  ]);
  let [busy, most] = [0, 0];
  for (const [, change] of edges.sort((a, b) => a[0] - b[0] || a[1] - b[1])) {
    busy += change;
    most = Math.max(most, busy);
  }
  return most;
};
