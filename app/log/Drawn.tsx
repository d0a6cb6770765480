import { grams, inkOn, tawnyCss, clock } from '../ui/index.ts';
import type { Entry } from '../../core/book/index.ts';

/** The promised window as a band, the best moment as a notch, what was done as a mark. */
export const TimeMark = ({ entry }: { readonly entry: Entry }) => {
  const { prediction, cooked_s } = entry;
  if (prediction === null) return null;
  const { from, best, to } = prediction.cookTime_s;
  const { p10, p90 } = prediction.cookTimeBand_s;
  const least = Math.min(p10, cooked_s ?? p10) * 0.95;
  const most = Math.max(p90, cooked_s ?? p90) * 1.02;
  const x = (seconds: number): number => (100 * (seconds - least)) / (most - least);
  return (
    <div className="flex items-center gap-3">
      <span className="w-12 text-right font-bold">{cooked_s === null ? '–' : clock(cooked_s)}</span>
      <svg viewBox="0 0 100 16" preserveAspectRatio="none" className="h-4 w-28" aria-hidden>
        <rect x={x(p10)} y="7" width={x(p90) - x(p10)} height="2" fill="#8d9a98" />
        <rect x={x(from)} y="4" width={Math.max(1, x(to) - x(from))} height="8" fill="var(--color-band)" />
        <rect x={x(best) - 0.6} y="2" width="1.2" height="12" fill="var(--color-act)" />
        {cooked_s !== null && <rect x={x(cooked_s) - 1.2} y="0" width="2.4" height="16" fill="var(--color-ink)" />}
      </svg>
      <span className="text-sm whitespace-nowrap text-quiet">meant {clock(best)}</span>
    </div>
  );
};

const Swatch = ({ step, label }: { readonly step: number | null; readonly label: string }) =>
  step === null ? (
    <span className="grid h-7 w-9 place-items-center rounded-sm border border-dashed border-quiet text-sm">?</span>
  ) : (
    <span
      title={label}
      className="grid h-7 w-9 place-items-center rounded-sm text-sm font-bold"
      style={{ background: tawnyCss(step), color: inkOn(step) }}
    >
      {Number.isInteger(step) ? step : step.toFixed(1)}
    </span>
  );

/** Promised step, then what was seen above and below. */
export const ColourMark = ({ entry }: { readonly entry: Entry }) => (
  <span className="flex items-center gap-1">
    <Swatch step={entry.prediction === null ? null : Math.round(10 * entry.prediction.tawnyStep) / 10} label="promised" />
    <span className="px-0.5 text-quiet">→</span>
    <Swatch step={entry.tawny.upper} label="above" />
    <Swatch step={entry.tawny.lower} label="below" />
  </span>
);

/** What was poured; beside it what was advised, where somebody said that it was something else. */
export const PouredMark = ({ entry }: { readonly entry: Entry }) => {
  const advised_g = entry.prediction?.portion_g;
  const done_g = entry.progress.did.portion?.grams;
  if (advised_g === undefined) return '–';
  return (
    <span className="whitespace-nowrap">
      {grams(done_g ?? advised_g)} g{done_g !== undefined && <span className="text-sm text-quiet"> advised {grams(advised_g)}</span>}
    </span>
  );
};
