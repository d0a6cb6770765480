import type { Lattice } from './lattice.ts';
import { pocketsOf, reach } from './lattice.ts';

const SIZE = 100;

/** One face from above: the walls and floors of its pockets in the colours asked for; round ones lose their corners. */
export const PlateFace = ({
  lattice,
  wall,
  floor,
  hollow = false,
  missing = 0,
}: {
  readonly lattice: Lattice;
  readonly wall: (row: number, column: number) => string;
  readonly floor: (row: number, column: number) => string;
  /** Round pockets without shadow: a pan of balls. */
  readonly hollow?: boolean;
  /** Share of the pockets that batter didn't reach: the farthest ones. */
  readonly missing?: number;
}) => {
  const { rows, columns } = lattice;
  const cell = SIZE / Math.max(rows, columns);
  const inside = pocketsOf(lattice, 1.02);
  // Corners go first; of two as far away the one to the right, as batter runs from where it was poured.
  const farthest = [...inside].sort((a, b) => reach(lattice, b) + b.column * 0.01 - reach(lattice, a) - a.column * 0.01);
  const empty = new Set(farthest.slice(0, Math.round(missing * inside.length)));
  return (
    <svg viewBox={`0 0 ${cell * columns} ${cell * rows}`} className="h-full w-full" aria-hidden>
      {inside.map((pocket) => {
        const { row, column } = pocket;
        const x = column * cell;
        const y = row * cell;
        if (empty.has(pocket))
          return (
            <rect
              key={`${row}/${column}`}
              x={x + cell * 0.1}
              y={y + cell * 0.1}
              width={cell * 0.8}
              height={cell * 0.8}
              fill="#c3cbc7"
              opacity={0.5}
            />
          );
        return (
          <g key={`${row}/${column}`}>
            <rect
              x={x + cell * 0.02}
              y={y + cell * 0.02}
              width={cell * 0.96}
              height={cell * 0.96}
              rx={hollow ? cell / 2 : cell * 0.1}
              fill={wall(row, column)}
            />
            <rect
              x={x + cell * 0.17}
              y={y + cell * 0.17}
              width={cell * 0.66}
              height={cell * 0.66}
              rx={hollow ? cell / 3 : cell * 0.07}
              fill={floor(row, column)}
            />
            <path
              d={`M${x + cell * 0.17} ${y + cell * 0.83}V${y + cell * 0.17}H${x + cell * 0.83}`}
              fill="none"
              stroke="#000"
              strokeOpacity={hollow ? 0 : 0.22}
              strokeWidth={cell * 0.04}
            />
          </g>
        );
      })}
    </svg>
  );
};
