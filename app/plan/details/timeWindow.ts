/** A span of time, epoch ms. */
export type Span = { readonly from: number; readonly to: number };

const LEAST_MS = 10 * 60_000;
const MARGIN = 0.06;

/** The whole run with a little air. */
export const spanOf = (startAt: number, endAt: number): Span => {
  const length = Math.max(LEAST_MS, endAt - startAt);
  return { from: startAt - MARGIN * length, to: startAt + length * (1 + 2 * MARGIN) };
};

/** Percent along the line. */
export const place = (span: Span, at: number): number => (100 * (at - span.from)) / (span.to - span.from);

const STEPS_MIN = [5, 10, 15, 30, 60, 120, 240];

/** Round instants to label, at most about eight. */
export const ticks = (span: Span): number[] => {
  const minutes = (span.to - span.from) / 60_000;
  const step_ms = (STEPS_MIN.find((step) => minutes / step <= 8) ?? 480) * 60_000;
  const list: number[] = [];
  for (let at = Math.ceil(span.from / step_ms) * step_ms; at < span.to; at += step_ms) list.push(at);
  return list;
};
