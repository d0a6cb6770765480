import { memo, useState } from 'react';
import type { Picture } from '../../core/advise/index.ts';
import { nearestStep, tawnyStepOf } from '../../core/matter/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { tawnyCss } from '../look/index.ts';

type Side = 'upper' | 'lower';
const SIZE = 100;

/** Inside the outline? Round irons lose their corners. */
const isInside = (row: number, column: number, rows: number, columns: number, outline: Iron['geometry']['lattice']['outline']): boolean => {
  if (outline === 'square') return true;
  const y = ((row + 0.5) / rows) * 2 - 1;
  const x = ((column + 0.5) / columns) * 2 - 1;
  return Math.hypot(x, y) <= 1.02;
};

/** One mould from above: walls by the rib's colour, floors by the web's. */
const Mould = ({
  lattice,
  wall,
  floor,
  hollow,
}: {
  readonly lattice: Iron['geometry']['lattice'];
  readonly wall: string;
  readonly floor: string;
  readonly hollow: boolean;
}) => {
  const { rows, columns, outline } = lattice;
  const cell = SIZE / Math.max(rows, columns);
  const width = cell * columns;
  const height = cell * rows;
  const pockets = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (!isInside(row, column, rows, columns, outline)) continue;
      const x = column * cell;
      const y = row * cell;
      const radius = hollow ? cell / 2 : cell * 0.1;
      pockets.push(
        <g key={`${row}/${column}`}>
          <rect x={x + cell * 0.02} y={y + cell * 0.02} width={cell * 0.96} height={cell * 0.96} rx={radius} fill={wall} />
          <rect
            x={x + cell * 0.17}
            y={y + cell * 0.17}
            width={cell * 0.66}
            height={cell * 0.66}
            rx={hollow ? cell / 3 : cell * 0.07}
            fill={floor}
          />
          <path
            d={`M${x + cell * 0.17} ${y + cell * 0.83}V${y + cell * 0.17}H${x + cell * 0.83}`}
            fill="none"
            stroke="#000"
            strokeOpacity={hollow ? 0 : 0.22}
            strokeWidth={cell * 0.04}
          />
        </g>,
      );
    }
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="h-full w-full" aria-hidden>
      {pockets}
    </svg>
  );
};

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
            <Mould
              lattice={lattice}
              wall={tawnyCss(wall, picture.rawLightness)}
              floor={tawnyCss(floor, picture.rawLightness)}
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
