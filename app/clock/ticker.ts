type Ticker = { readonly tells: Set<() => void>; readonly timer: ReturnType<typeof setInterval> };

const tickers = new Map<number, Ticker>();

/** Calls `tell` every so often until it is let go: one timer for all who ask for the same time, so that a screen is drawn once a tick, not once for each figure on it. */
export const everyTick = (period_ms: number, tell: () => void): (() => void) => {
  let ticker = tickers.get(period_ms);
  if (ticker === undefined) {
    const tells = new Set<() => void>();
    const timer = setInterval(() => {
      for (const one of [...tells]) one();
    }, period_ms);
    ticker = { tells, timer };
    tickers.set(period_ms, ticker);
  }
  const { tells, timer } = ticker;
  tells.add(tell);
  return () => {
    tells.delete(tell);
    if (tells.size > 0) return;
    clearInterval(timer);
    tickers.delete(period_ms);
  };
};
