import type { ScaleLink } from '../../devices/index.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { onScale } from './words.ts';

/** A panel that drives the simulated scale: pour, take off, zero, lean on the table. */
export const StandIn = ({
  scale,
  step,
  left_g,
  onZero,
}: {
  readonly scale: ScaleLink;
  readonly step: WeighStep | null;
  readonly left_g: number;
  readonly onZero: () => void;
}) => {
  if (scale.status === 'absent')
    return (
      <p className="text-[15px] text-quiet">
        No scale answers. Weights are confirmed by hand; it will be used again as soon as it is there.
      </p>
    );
  const last = scale.readings.at(-1);
  const pour = (grams: number) => (
    <button type="button" className="button-plain" onClick={() => void scale.tell({ do: 'add', grams })}>
      {grams > 0 ? '+' : '−'} {onScale(Math.abs(grams), step?.resolution_g ?? 1)} g
    </button>
  );
  return (
    <section aria-label="Simulated scale" className="w-full rounded-lg bg-sheet px-3 py-2 text-[15px]">
      <h3 className="flex items-baseline justify-between gap-3 text-base">
        Simulated scale <span className="text-sm font-normal text-quiet">battery {Math.round(100 * (last?.battery ?? 0))} %</span>
      </h3>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {step !== null && left_g > 0.05 && (
          <button type="button" className="button-plain" onClick={() => void scale.tell({ do: 'add', grams: left_g })}>
            Pour what is wanted
          </button>
        )}
        {step !== null && pour(Math.max(step.resolution_g, Number((0.1 * step.grams).toFixed(step.resolution_g < 1 ? 1 : 0))))}
        {pour(step?.resolution_g ?? 1)}
        {pour(-(step?.resolution_g ?? 1) * 5)}
        <button type="button" className="button-plain" onClick={onZero}>
          Zero
        </button>
        <button type="button" className="button-plain" onClick={() => void scale.tell({ do: 'clear' })}>
          Bowl off
        </button>
        <button type="button" className="button-plain" onClick={() => void scale.tell({ do: 'lean' })}>
          Lean on the table
        </button>
      </div>
    </section>
  );
};
