import { clock } from '../../ui/index.ts';

type Span = readonly [number, number];
type Props = { readonly yours: Span; readonly best: number; readonly recipe: Span };

const WIDTH = 400;
const LEFT = 10;
const AXIS = 54;
const MINUTE_S = 60;
/** More marks than that run into one another. */
const MOST_MARKS = 7;

/** Minutes closed: the good window on your iron above the axis beside what the recipe says, both s. */
export const MinuteAxis = ({ yours, best, recipe }: Props) => {
  const end = Math.ceil((1.1 * Math.max(yours[1], recipe[1])) / MINUTE_S);
  const step = Math.max(1, Math.ceil(end / MOST_MARKS));
  const x = (seconds: number): number => LEFT + ((WIDTH - 2 * LEFT) * seconds) / (end * MINUTE_S);
  const middle = (span: Span): number => x((span[0] + span[1]) / 2);
  const width = (span: Span): number => Math.max(4, x(span[1]) - x(span[0]));
  const apart = Math.abs(middle(yours) - middle(recipe)) > 90;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 100`}
      role="img"
      aria-label={`Minutes closed: your iron ${clock(yours[0])} to ${clock(yours[1])}, recipe ${clock(recipe[0])} to ${clock(recipe[1])}`}
      className="mt-1 block w-full"
    >
      <rect x={x(yours[0])} y={AXIS - 20} width={width(yours)} height={20} fill="var(--color-band)" />
      <rect x={x(recipe[0])} y={AXIS - 20} width={width(recipe)} height={20} fill="var(--color-quiet)" opacity={0.75} />
      <line x1={x(best)} x2={x(best)} y1={AXIS - 28} y2={AXIS + 8} stroke="var(--color-act)" strokeWidth={5} strokeLinecap="round" />
      <text x={middle(yours)} y={apart ? AXIS - 32 : 16} textAnchor="middle" fontSize={16} fontWeight={700} fill="var(--color-act)">
        your iron
      </text>
      <text x={middle(recipe)} y={AXIS - 32} textAnchor="middle" fontSize={16} fontWeight={600} fill="var(--color-quiet)">
        recipe
      </text>
      <line x1={LEFT} x2={WIDTH - LEFT} y1={AXIS} y2={AXIS} stroke="var(--color-ink)" strokeWidth={2.5} />
      {Array.from({ length: Math.floor(end / step) + 1 }, (_, i) => i * step).map((minute) => (
        <g key={minute}>
          <line x1={x(minute * MINUTE_S)} x2={x(minute * MINUTE_S)} y1={AXIS} y2={AXIS + 7} stroke="var(--color-ink)" strokeWidth={2} />
          <text x={x(minute * MINUTE_S)} y={AXIS + 24} textAnchor="middle" fontSize={15} fill="var(--color-quiet)">
            {minute}
          </text>
        </g>
      ))}
      <text x={WIDTH - LEFT} y={AXIS + 43} textAnchor="end" fontSize={15} fill="var(--color-quiet)">
        minutes closed
      </text>
    </svg>
  );
};
