import { useDrag } from '../ui/index.ts';

type Props = {
  readonly altitude_m: number;
  readonly range: { readonly min: number; readonly max: number };
  readonly words: string;
  readonly onDrag: (metres: number) => void;
  readonly onSettle: (metres: number) => void;
};

const WIDTH = 560;
const HEIGHT = 360;
const SEA = 320;
const TOP = 30;
/** Higher kitchens are typed. */
const TOP_M = 3000;
const STEP_M = 10;
/** How high the slope is at shares of the width. */
const SLOPE: readonly (readonly [number, number])[] = [
  [0.08, 0],
  [0.27, 770],
  [0.35, 580],
  [0.53, 1240],
  [0.62, 1400],
  [0.8, 2500],
  [0.88, 2100],
  [1, 3000],
];

const yOf = (metres: number): number => SEA - ((SEA - TOP) * Math.min(TOP_M, Math.max(0, metres))) / TOP_M;

/** Where on the slope it is first so high. */
const xOf = (metres: number): number => {
  const high = Math.min(TOP_M, Math.max(0, metres));
  const at = SLOPE.findIndex(([, m]) => m >= high);
  const [x2, m2] = SLOPE[Math.max(1, at)] ?? [1, TOP_M];
  const [x1, m1] = SLOPE[Math.max(1, at) - 1] ?? [0, 0];
  return WIDTH * (x1 + ((x2 - x1) * (high - m1)) / Math.max(1, m2 - m1));
};

/** A hill with the kitchen on it: dragged up and down, or moved by the arrow keys. */
export const Hill = ({ altitude_m, range, words, onDrag, onSettle }: Props) => {
  const within = (metres: number): number => Math.min(range.max, Math.max(range.min, Math.round(metres / STEP_M) * STEP_M));
  const metresAt = (event: React.PointerEvent<HTMLDivElement>): number => {
    const box = event.currentTarget.getBoundingClientRect();
    const y = ((event.clientY - box.top) / box.height) * HEIGHT;
    return within(((SEA - y) / (SEA - TOP)) * TOP_M);
  };
  const drag = useDrag<null, HTMLDivElement>({
    start: (event) => {
      onDrag(metresAt(event));
      return null;
    },
    move: (event) => onDrag(metresAt(event)),
    end: (event) => onSettle(metresAt(event)),
  });
  const [x, y] = [xOf(altitude_m), yOf(altitude_m)];
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label="Altitude on the hill"
      aria-valuemin={range.min}
      aria-valuemax={range.max}
      aria-valuenow={altitude_m}
      aria-valuetext={words}
      aria-orientation="vertical"
      className="cursor-ns-resize touch-none"
      onKeyDown={(event) => {
        const by = { ArrowUp: STEP_M, ArrowDown: -STEP_M, PageUp: 100, PageDown: -100 }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        onSettle(within(altitude_m + by));
      }}
      {...drag.handlers}
    >
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden className="block w-full">
        {[1000, 2000, 3000].map((metres) => (
          <line
            key={metres}
            x1={0}
            x2={WIDTH}
            y1={yOf(metres)}
            y2={yOf(metres)}
            stroke="var(--color-line)"
            strokeDasharray="2 6"
            strokeWidth={2}
          />
        ))}
        <path
          d={`M0 ${SEA}H${WIDTH * 0.08}${SLOPE.map(([share, metres]) => `L${WIDTH * share} ${yOf(metres)}`).join('')}V${SEA}Z`}
          fill="var(--color-track)"
          stroke="var(--color-ink)"
          strokeWidth={3.5}
          strokeLinejoin="round"
        />
        <line x1={40} x2={x - 18} y1={y} y2={y} stroke="var(--color-act)" strokeWidth={3} strokeDasharray="8 6" />
        <circle cx={24} cy={y} r={20} fill="var(--color-act)" />
        <path
          d={`M15 ${y - 4}l9 -8l9 8M15 ${y + 4}l9 8l9 -8`}
          fill="none"
          stroke="var(--color-page)"
          strokeWidth={3}
          strokeLinecap="round"
        />
        <g transform={`translate(${x} ${y})`} stroke="var(--color-ink)" strokeWidth={3} fill="var(--color-sheet)" strokeLinejoin="round">
          <path d="M-22 0V-28L0 -48L22 -28V0Z" />
          <path d="M-6 0V-16H6V0" />
        </g>
        <text x={56} y={y - 12} fontSize={34} fontWeight={750} className="figure" fill="var(--color-ink)">
          {words}
        </text>
      </svg>
    </div>
  );
};
