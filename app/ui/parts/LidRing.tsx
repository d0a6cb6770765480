import type { ReactNode } from 'react';
import { colour } from '../tokens.ts';
import { arcPath, onCircle } from './geometry.ts';

/** Where "open" stands on the ring: at eleven o'clock; lateness runs past it. */
const OPEN_AT = 11 / 12;
const R = 86;
const SIDE = 200;
const CENTRE = [SIDE / 2, SIDE / 2] as const;

type Props = {
  /** Since the lid was closed, and when it is best opened, s. */
  readonly elapsed_s: number;
  readonly best_s: number;
  readonly good_s: readonly [number, number];
  readonly label: string;
  /** The piece, as it is by now. */
  readonly children: ReactNode;
};

/** The ring round a piece that cooks: full at "open", with the good window as a band; past it lateness runs on in red. */
export const LidRing = ({ elapsed_s, best_s, good_s: [from, to], label, children }: Props) => {
  const turn = (s: number): number => (OPEN_AT * s) / Math.max(1, best_s);
  const isLate = elapsed_s > to;
  const [x1, y1] = onCircle(OPEN_AT, R - 11, CENTRE);
  const [x2, y2] = onCircle(OPEN_AT, R + 13, CENTRE);
  return (
    <div role="img" aria-label={label} className="relative aspect-square w-full">
      <svg viewBox={`0 0 ${SIDE} ${SIDE}`} aria-hidden className="block w-full">
        <circle cx={CENTRE[0]} cy={CENTRE[1]} r={R} fill="none" stroke={colour('track')} strokeWidth={12} />
        <path d={arcPath(turn(from), turn(to), R, CENTRE)} fill="none" stroke={colour('band')} strokeWidth={12} />
        <path d={arcPath(0, Math.min(turn(elapsed_s), OPEN_AT), R, CENTRE)} fill="none" stroke={colour('ink')} strokeWidth={12} />
        {isLate && (
          <path
            d={arcPath(OPEN_AT, Math.min(turn(elapsed_s), OPEN_AT + 0.9), R, CENTRE)}
            fill="none"
            stroke={colour('hazard')}
            strokeWidth={12}
          />
        )}
        <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={colour('act')} strokeWidth={5} strokeLinecap="round" />
      </svg>
      <div className="absolute inset-0 grid place-items-center">{children}</div>
    </div>
  );
};
