import type { Iron } from '../../core/plate/index.ts';
import { meanThickness_m, plateMachine } from '../../core/plate/index.ts';

/** Pixels per cm, the same for every iron, so that they can be compared. */
const SCALE = 5.2;

/** An iron from above and in section, to scale with the others in the kit. */
export const IronPlan = ({ iron }: { readonly iron: Iron }) => {
  const { footprint_cm2, lattice, moulds } = iron.geometry;
  const isRound = lattice.outline === 'round' && moulds <= 2;
  // Two round moulds stand side by side.
  const side = isRound ? Math.sqrt((4 * footprint_cm2) / (Math.PI * moulds)) * moulds : Math.sqrt(footprint_cm2);
  const size = side * SCALE;
  const machine = plateMachine(iron);
  const thick = Math.max(1.5, meanThickness_m(machine) * 100 * SCALE);
  const lines = (count: number) => Array.from({ length: count - 1 }, (_, i) => ((i + 1) * size) / count);
  const clip = `plan-${iron.id}`;
  return (
    <svg width={124} height={150} viewBox="0 0 124 150" aria-hidden className="shrink-0">
      <defs>
        <clipPath id={clip}>
          {isRound ? (
            moulds === 1 ? (
              <circle cx={62} cy={62} r={size / 2} />
            ) : (
              [-1, 1].map((s) => <circle key={s} cx={62 + (s * size) / 4} cy={62} r={size / 4 - 1} />)
            )
          ) : (
            <rect x={62 - size / 2} y={62 - size / 2} width={size} height={size} rx={3} />
          )}
        </clipPath>
      </defs>
      <g clipPath={`url(#${clip})`}>
        <rect x={0} y={0} width={124} height={124} fill="#3a4247" />
        <g transform={`translate(${62 - size / 2} ${62 - size / 2})`} stroke="#aeb8b5" strokeWidth={1}>
          {lines(lattice.columns * (moulds > 1 ? 2 : 1)).map((x) => (
            <line key={`c${x}`} x1={x} x2={x} y1={0} y2={size} />
          ))}
          {lines(lattice.rows * (moulds > 2 ? 2 : 1)).map((y) => (
            <line key={`r${y}`} x1={0} x2={size} y1={y} y2={y} />
          ))}
        </g>
      </g>
      <rect x={62 - size / 2} y={132} width={size} height={4} fill="#3a4247" />
      <rect x={62 - size / 2} y={136} width={size} height={thick} fill="#dfe4dd" />
      <rect x={62 - size / 2} y={136 + thick} width={size} height={4} fill="#3a4247" />
    </svg>
  );
};
