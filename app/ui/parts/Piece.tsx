import { useId } from 'react';
import type { Iron } from '../../../core/plate/index.ts';
import type { Lattice } from '../picture/lattice.ts';
import { pocketsOf } from '../picture/lattice.ts';
import { tawnyCss } from '../picture/tawnyColour.ts';

/** A piece as it is drawn: whole, or cut in two to compare what was expected (left) with what came out (right). */
export type PieceLook = {
  readonly lattice: Lattice;
  /** Round pockets: a pan of balls. */
  readonly hollow?: boolean;
  /** Tawny step, 1 to 8. */
  readonly step: number;
  /** What came out; left out: one piece, not two halves. Of several pieces the right ones. */
  readonly actual?: number;
  /** A picture of it in place of the right half: a JPEG, base64. */
  readonly photo?: string;
  /** Pieces of one load, side by side; left out: one. */
  readonly count?: number;
};

/** As a piece is drawn of which nobody knows its colour: the step that most want. */
export const USUAL_STEP = 4;

/** What an iron makes, at a step of colour: all moulds of a load. A pan that is filled by its share has round pockets. */
export const pieceOf = ({ geometry, pour }: Pick<Iron, 'geometry' | 'pour'>, step: number): PieceLook => ({
  lattice: geometry.lattice,
  hollow: pour.rule === 'share-of-cavity',
  step,
  count: geometry.moulds,
});

/** A pale piece has a darker rim, so that it stands off the ground. */
const RIM_STEPS = 1.2;
const POCKET_STEPS = 0.7;
/** Pockets further out are cut off by the rim. */
const ON_FACE = 0.98;
const SIZE = 100;
const GAP = 2;

const sizeOf = ({ rows, columns }: Lattice): readonly [number, number] => {
  const cell = SIZE / Math.max(rows, columns);
  return [cell * columns, cell * rows];
};

const Face = ({ lattice, hollow = false, step }: Omit<PieceLook, 'actual' | 'count'>) => {
  const { rows, columns, outline } = lattice;
  const cell = SIZE / Math.max(rows, columns);
  const [width, height] = sizeOf(lattice);
  const rim = tawnyCss(Math.min(8, step + RIM_STEPS));
  const round = outline === 'round';
  return (
    <>
      <rect
        x={1}
        y={1}
        width={width - 2}
        height={height - 2}
        rx={round ? width / 2 : cell * 0.16}
        fill={tawnyCss(step)}
        stroke={rim}
        strokeWidth={2}
      />
      {pocketsOf(lattice, ON_FACE).map(({ row, column }) => (
        <rect
          key={`${row}/${column}`}
          x={(column + 0.2) * cell}
          y={(row + 0.2) * cell}
          width={cell * 0.6}
          height={cell * 0.6}
          rx={hollow ? cell * 0.3 : cell * 0.08}
          fill={hollow ? tawnyCss(Math.max(1, step - POCKET_STEPS)) : tawnyCss(Math.min(8, step + POCKET_STEPS))}
          stroke={rim}
          strokeWidth={cell * 0.05}
        />
      ))}
    </>
  );
};

/** Below this size, px, a fine lattice would run together: no more pockets across than that are drawn. */
const SMALL = 64;
const MOST_SMALL = 5;

const coarse = (lattice: Lattice): Lattice => {
  const share = Math.min(1, MOST_SMALL / Math.max(lattice.rows, lattice.columns));
  return { ...lattice, rows: Math.max(1, Math.round(lattice.rows * share)), columns: Math.max(1, Math.round(lattice.columns * share)) };
};

/** Pockets end at the rim. */
const ROUND_CLIP = { round: { clipPath: 'circle(50%)' }, square: {} } as const;

/** A finished piece from above, in its colour. `size`: of its longer side, px; `label`: what it says to a screen reader, left out: nothing. */
export const Piece = ({
  size,
  label,
  actual,
  photo,
  count = 1,
  ...given
}: PieceLook & { readonly size: number; readonly label?: string }) => {
  const look = size / Math.ceil(Math.sqrt(count)) < SMALL ? { ...given, lattice: coarse(given.lattice) } : given;
  const [width, height] = sizeOf(look.lattice);
  const across = Math.ceil(Math.sqrt(count));
  const [cellX, cellY] = [width / across, height / across];
  const clip = useId();
  const scale = size / SIZE;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width * scale}
      height={height * scale}
      className="block shrink-0 forced-color-adjust-none"
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {Array.from({ length: count }, (_, i) => (
        <svg
          key={i}
          viewBox={`0 0 ${width} ${height}`}
          x={(i % across) * cellX + (count > 1 ? GAP : 0)}
          y={Math.floor(i / across) * cellY + (count > 1 ? GAP : 0)}
          width={cellX - (count > 1 ? 2 * GAP : 0)}
          height={cellY - (count > 1 ? 2 * GAP : 0)}
        >
          <g style={ROUND_CLIP[look.lattice.outline]}>
            <Face {...look} step={actual !== undefined && count > 1 && i % across >= across / 2 ? actual : look.step} />
          </g>
        </svg>
      ))}
      {(photo !== undefined || (actual !== undefined && count === 1)) && (
        <>
          <clipPath id={clip}>
            <rect x={width / 2} width={width / 2} height={height} />
          </clipPath>
          <g clipPath={`url(#${clip})`}>
            {photo === undefined ? (
              <Face {...look} step={actual ?? look.step} />
            ) : (
              <image href={`data:image/jpeg;base64,${photo}`} width={width} height={height} preserveAspectRatio="xMidYMid slice" />
            )}
          </g>
          <line x1={width / 2} x2={width / 2} y1={0} y2={height} stroke="var(--color-page)" strokeWidth={3} />
        </>
      )}
    </svg>
  );
};
