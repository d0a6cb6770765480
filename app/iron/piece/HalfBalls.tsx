import { useId } from 'react';
import type { Picture } from '../../../core/advise/index.ts';
import { css, tawnyCss } from '../../ui/index.ts';
import { layerColours, INSIDE } from './cutPaint.ts';

const WIDTH = 640;
const HEIGHT = 330;
const ACROSS = 5;
const EACH = WIDTH / ACROSS;
const RADIUS = EACH / 2 - 5;
const BASE = HEIGHT - 46;

type Props = { readonly picture: Picture; readonly second: number };

/** A pan of balls: the front row cut through, hollow as far as the pan leaves it hollow, the others whole behind it. */
export const HalfBalls = ({ picture, second }: Props) => {
  const gradient = useId();
  const column = picture.columns[0];
  if (column === undefined) return null;
  const raw = picture.rawLightness;
  const total = column.thickness_mm + column.hollow_mm;
  const wall = total <= 0 ? 1 : column.thickness_mm / total;
  // From the middle outwards: the room, the crumb, the crust.
  const stops = layerColours(picture, column, second);
  // The paler side is turned to the eye.
  const step = picture.tawny[second] ?? 1;
  const shell = tawnyCss(Math.min(8, step), raw);
  const rim = tawnyCss(Math.min(8, step + 1), raw);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden className="block w-full forced-color-adjust-none" data-half-piece={second}>
      <radialGradient id={gradient}>
        <stop offset={0} stopColor={css(INSIDE)} />
        <stop offset={Math.max(0, 1 - wall - 0.01)} stopColor={css(INSIDE)} />
        {stops.map((colour, i) => (
          <stop key={i} offset={1 - wall + (wall * (i + 0.5)) / stops.length} stopColor={css(colour)} />
        ))}
      </radialGradient>
      {[0, 1].map((row) =>
        Array.from({ length: ACROSS - 1 + row }, (_, i) => {
          const x = (i + (row === 0 ? 1 : 0.5)) * EACH;
          const y = BASE - (2 - row) * RADIUS * 0.95;
          return (
            <g key={`${row}/${i}`}>
              <circle cx={x} cy={y} r={RADIUS} fill={shell} stroke={rim} strokeWidth={3} />
              <ellipse
                cx={x - RADIUS * 0.3}
                cy={y - RADIUS * 0.4}
                rx={RADIUS * 0.32}
                ry={RADIUS * 0.2}
                fill={tawnyCss(Math.max(1, step - 1), raw)}
                opacity={0.6}
              />
            </g>
          );
        }),
      )}
      <ellipse cx={WIDTH / 2} cy={BASE + RADIUS * 0.55} rx={WIDTH * 0.48} ry={18} fill="var(--color-ink)" opacity={0.1} />
      {Array.from({ length: ACROSS }, (_, i) => (
        <circle key={i} cx={(i + 0.5) * EACH} cy={BASE - RADIUS * 0.3} r={RADIUS} fill={`url(#${gradient})`} stroke={rim} strokeWidth={3} />
      ))}
    </svg>
  );
};
