import { memo, useState } from 'react';
import type { Picture } from '../../core/advise/index.ts';
import { nearestStep, tawnyStepOf } from '../../core/matter/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { PlateFace, tawnyCss } from '../look/index.ts';

type Side = 'upper' | 'lower';
/** The plate's pattern from above, tinted by the step each face has reached. */
export const Lattice = memo(function Lattice({
  iron,
  picture,
  second,
}: {
  readonly iron: Iron;
  readonly picture: Picture;
  readonly second: number;
}) {
  const [side, setSide] = useState<Side>('upper');
  const stepOf = (index: number): number => {
    const column = picture.columns[Math.min(index, picture.columns.length - 1)];
    const row = side === 'upper' ? column?.upperLightness : column?.lowerLightness;
    return tawnyStepOf(row?.[second] ?? 86, picture.rawLightness);
  };
  const floor = stepOf(0);
  const wall = stepOf(1);
  const { moulds, lattice } = iron.geometry;
  const across = moulds === 1 ? 1 : 2;
  return (
    <section aria-label="The lattice" data-floor-step={floor.toFixed(2)} data-wall-step={wall.toFixed(2)}>
      <div className="flex items-baseline justify-between">
        <p className="text-[15px]">
          <strong className="font-display text-[17px]">The lattice</strong> <span className="text-quiet">{side} face</span>
        </p>
        <button
          type="button"
          className="min-h-8 text-sm font-semibold text-act underline underline-offset-2"
          onClick={() => setSide(side === 'upper' ? 'lower' : 'upper')}
        >
          {side === 'upper' ? 'see lower' : 'see upper'}
        </button>
      </div>
      <div
        role="img"
        aria-label={`Pocket floors at step ${floor.toFixed(1)}, walls at step ${wall.toFixed(1)}`}
        className="mt-1 grid h-[188px] place-items-center gap-1.5"
        style={{ gridTemplateColumns: `repeat(${across}, 1fr)` }}
      >
        {Array.from({ length: moulds }, (_, i) => (
          <div key={i} className="w-full" style={{ height: moulds > 2 ? 91 : 188 }}>
            <PlateFace
              lattice={lattice}
              wall={() => tawnyCss(wall, picture.rawLightness)}
              floor={() => tawnyCss(floor, picture.rawLightness)}
              hollow={iron.pour.rule === 'share-of-cavity'}
            />
          </div>
        ))}
      </div>
      <p className="mt-1 text-sm text-quiet">
        Floors {nearestStep(floor).step} {nearestStep(floor).name}, walls {nearestStep(wall).step} {nearestStep(wall).name}. Shown even:
        this plate’s own pattern isn’t known yet.
      </p>
    </section>
  );
});
