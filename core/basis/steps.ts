/** Runs a computation that gives way between its steps to its end, without giving way. */
export const runToEnd = <T>(steps: Generator<void, T>): T => {
  for (;;) {
    const next = steps.next();
    if (next.done === true) return next.value;
  }
};
