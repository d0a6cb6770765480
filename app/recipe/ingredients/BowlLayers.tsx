import { useId } from 'react';
import type { ReadLine } from '../../../core/formula/index.ts';
import { sugars } from '../../../core/matter/index.ts';

const BOWL = 'M8 12Q8 236 100 236Q192 236 192 12';
const TOP = 44;
const BOTTOM = 234;
const HUES = { water: '#b9cbd2', starch: '#e4e6de', fat: '#dcdcae', sugar: '#ffffff', protein: '#c9c2d1', other: '#b7c7b1' } as const;

/** By what there is most of in it; quiet mineral hues, for brown means browning and nothing else. */
export const hueOf = (line: ReadLine): string => {
  const c = line.ingredient?.composition ?? null;
  if (c === null) return HUES.other;
  const shares = [
    [HUES.water, c.water + c.alcohol],
    [HUES.starch, c.starch],
    [HUES.fat, c.fat],
    [HUES.sugar, sugars(c)],
    [HUES.protein, c.protein],
    [HUES.other, c.salt + c.ash + c.acid],
  ] as const;
  return shares.reduce((most, one) => (one[1] > most[1] ? one : most))[0];
};

/** The bowl with every line in it, as thick as it weighs, the first on top. */
export const BowlLayers = ({ lines }: { readonly lines: readonly ReadLine[] }) => {
  const clip = useId();
  const total = lines.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
  if (total <= 0) return null;
  let y = TOP;
  return (
    <svg viewBox="0 0 200 244" aria-hidden className="w-full max-w-44 forced-color-adjust-none">
      <clipPath id={clip}>
        <path d={`${BOWL}Z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {lines.map((line, i) => {
          const height = ((BOTTOM - TOP) * (line.grams ?? 0)) / total;
          const top = y;
          y += height;
          return <rect key={i} x={0} y={top} width={200} height={height + 0.5} fill={hueOf(line)} stroke="#566167" strokeWidth={0.7} />;
        })}
      </g>
      <path d={BOWL} fill="none" stroke="var(--color-ink)" strokeWidth={4.5} strokeLinecap="round" />
      <line x1={2} x2={198} y1={12} y2={12} stroke="var(--color-ink)" strokeWidth={4.5} strokeLinecap="round" />
    </svg>
  );
};
