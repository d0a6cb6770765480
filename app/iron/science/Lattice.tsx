import { memo, useState } from 'react';
import type { Picture } from '../../../core/advise/index.ts';
import { tawnyStepOf } from '../../../core/matter/index.ts';
import type { Iron, PatternCurve } from '../../../core/plate/index.ts';
import { lightnessAt } from '../../../core/plate/index.ts';
import { nearestWord, PlateFace, tawnyCss } from '../../ui/index.ts';

type Side = 'upper' | 'lower';
/** The plate's pattern from above, tinted by the step each face has reached. */
export const Lattice = memo(function Lattice({
  iron,
  picture,
  second,
  curve,
  onPhoto,
}: {
  readonly iron: Iron;
  readonly picture: Picture;
  readonly second: number;
  /** How browning follows the local heat; null while the plate's pattern isn't known. */
  readonly curve: PatternCurve | null;
  readonly onPhoto: () => void;
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
  const offsets = iron.pattern?.[side];
  const raw = picture.rawLightness;
  /** Step of a pocket's wall or floor: the mean's browning, times what its own heat makes of it at the best moment. */
  const pocketStep = (index: number, at: number): number => {
    const mean = index === 0 ? floor : wall;
    const offset = offsets?.[at] ?? 0;
    if (curve === null || offset === 0) return mean;
    const column = picture.columns[Math.min(index, picture.columns.length - 1)];
    const lightness = (side === 'upper' ? column?.upperLightness : column?.lowerLightness)?.[second] ?? raw;
    const factor = Math.log(raw / lightnessAt(curve, side, offset)) / Math.log(raw / lightnessAt(curve, side, 0));
    return tawnyStepOf(raw * Math.exp(-Math.log(raw / lightness) * factor), raw);
  };
  const tint = (index: number) => (row: number, column: number) => tawnyCss(pocketStep(index, row * lattice.columns + column), raw);
  const steps = curve === null || offsets === undefined ? [] : offsets.map((_, at) => pocketStep(0, at));
  const spread = steps.length === 0 ? null : { palest: Math.min(...steps), darkest: Math.max(...steps) };
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
            <PlateFace lattice={lattice} wall={tint(1)} floor={tint(0)} hollow={iron.pour.rule === 'share-of-cavity'} />
          </div>
        ))}
      </div>
      <p className="mt-1 text-sm text-quiet">
        Floors {nearestWord(floor)}, walls {nearestWord(wall)}.{' '}
        {spread === null
          ? 'Shown even: this plate’s own pattern isn’t known yet.'
          : `With what a picture taught: pockets from ${spread.palest.toFixed(1)} to ${spread.darkest.toFixed(1)}.`}{' '}
        <button type="button" className="min-h-6 font-semibold text-act underline underline-offset-2" onClick={onPhoto}>
          From a picture
        </button>
      </p>
    </section>
  );
});
