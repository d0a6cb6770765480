import type { ReactNode } from 'react';
import { useId } from 'react';
import { colour } from '../tokens.ts';
import { arcPath, onCircle } from './geometry.ts';

const SIDE = 120;
const MIDDLE = SIDE / 2;

const Picture = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <svg viewBox={`0 0 ${SIDE} ${SIDE}`} role="img" aria-label={label} className="size-28 shrink-0">
    {children}
  </svg>
);

/** From seven o'clock round to five. */
const DIAL_FROM = -0.375;
const DIAL_SPAN = 0.75;

/** A knob turned to `mark` of `marks`: between two marks it stands between them. */
export const Dial = ({ mark, marks, label }: { readonly mark: number; readonly marks: number; readonly label: string }) => {
  const turnOf = (of: number): number => DIAL_FROM + (DIAL_SPAN * (of - 1)) / Math.max(1, marks - 1);
  const centre = [MIDDLE, MIDDLE] as const;
  const [x, y] = onCircle(turnOf(mark), 38, centre);
  const [fromX, fromY] = onCircle(turnOf(mark), 14, centre);
  return (
    <Picture label={label}>
      {Array.from({ length: marks }, (_, i) => {
        const at = turnOf(i + 1);
        const isNear = Math.abs(mark - (i + 1)) < 0.5;
        const [x1, y1] = onCircle(at, 48, centre);
        const [x2, y2] = onCircle(at, isNear ? 59 : 55, centre);
        return (
          <line
            key={i}
            x1={x1}
            y1={y1}
            x2={x2}
            y2={y2}
            stroke={colour(isNear ? 'act' : 'ink')}
            strokeWidth={isNear ? 6 : 3}
            strokeLinecap="round"
          />
        );
      })}
      <circle cx={MIDDLE} cy={MIDDLE} r={42} fill={colour('ink')} />
      <line x1={fromX} y1={fromY} x2={x} y2={y} stroke={colour('page')} strokeWidth={6} strokeLinecap="round" />
    </Picture>
  );
};

/** So many scoops, the last one as full as it is: 2.5 are two and a half. */
export const Scoops = ({ count, label }: { readonly count: number; readonly label: string }) => {
  const drawn = Math.min(4, Math.max(1, Math.ceil(count)));
  const each = SIDE / drawn;
  const width = Math.min(44, each - 6);
  return (
    <Picture label={label}>
      {Array.from({ length: drawn }, (_, i) => {
        const share = Math.min(1, Math.max(0.15, count - i));
        const x = each * i + (each - width) / 2;
        const [top, depth] = [56, 44];
        const level = top + depth * 0.8 * (1 - share);
        const bowl = `M${x} ${top}h${width}c0 ${depth * 0.7} ${-width * 0.2} ${depth} ${-width / 2} ${depth}s${-width / 2} ${-depth * 0.3} ${-width / 2} ${-depth}z`;
        return (
          <g key={i}>
            <path
              d={`M${x + width * 0.82} ${top}C${x + width * 0.8} ${top - 26} ${x + width * 0.86} ${top - 38} ${x + width} ${top - 40}`}
              fill="none"
              stroke={colour('ink')}
              strokeWidth={5}
              strokeLinecap="round"
            />
            <path d={bowl} fill={colour('ink')} />
            <ellipse
              cx={x + width / 2}
              cy={level + 1}
              rx={(width / 2) * (1 - 0.25 * (1 - share))}
              ry={5}
              fill={colour('page')}
              stroke={colour('ink')}
              strokeWidth={2}
            />
          </g>
        );
      })}
    </Picture>
  );
};

/** What takes longer stands on a clock that turns once in half an hour, s. */
const TURN_S = 600;

/** How long the lid stays closed, on a clock that turns once in ten minutes: to the hand, with the good window. */
export const LidClock = ({
  best_s,
  good_s: [from, to],
  label,
}: {
  readonly best_s: number;
  readonly good_s: readonly [number, number];
  readonly label: string;
}) => {
  const centre = [MIDDLE, MIDDLE] as const;
  const turn_s = best_s > TURN_S ? 3 * TURN_S : TURN_S;
  const [x, y] = onCircle(best_s / turn_s, 50, centre);
  return (
    <Picture label={label}>
      <circle cx={MIDDLE} cy={MIDDLE} r={48} fill="none" stroke={colour('track')} strokeWidth={12} />
      <path d={arcPath(0, from / turn_s, 48, centre)} fill="none" stroke={colour('ink')} strokeWidth={12} />
      <path d={arcPath(from / turn_s, to / turn_s, 48, centre)} fill="none" stroke={colour('band')} strokeWidth={12} />
      <line x1={MIDDLE} y1={MIDDLE} x2={x} y2={y} stroke={colour('act')} strokeWidth={6} strokeLinecap="round" />
      <circle cx={MIDDLE} cy={MIDDLE} r={7} fill={colour('ink')} />
    </Picture>
  );
};

/** A bowl, so full (0 to 1); `line`: a level that is aimed at. */
export const Bowl = ({ share, line, label }: { readonly share: number; readonly line?: number; readonly label: string }) => {
  const clip = useId();
  const level = (of: number): number => 104 - 72 * Math.min(1, Math.max(0, of));
  return (
    <Picture label={label}>
      <clipPath id={clip}>
        <path d="M14 28C14 76 34 106 60 106S106 76 106 28Z" />
      </clipPath>
      <rect x={0} y={level(share)} width={SIDE} height={SIDE} fill={colour('band')} opacity={0.55} clipPath={`url(#${clip})`} />
      <path
        d="M10 28H110M14 28C14 76 34 106 60 106S106 76 106 28"
        fill="none"
        stroke={colour('ink')}
        strokeWidth={4}
        strokeLinecap="round"
      />
      {line !== undefined && (
        <line x1={24} x2={96} y1={level(line)} y2={level(line)} stroke={colour('act')} strokeWidth={3} strokeDasharray="6 5" />
      )}
    </Picture>
  );
};
