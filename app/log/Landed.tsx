import { tawnyCss } from '../ui/index.ts';
import type { Entry } from '../../core/book/index.ts';
import { colourMiss } from '../../core/book/index.ts';

const MOST_MISS = 3;
const LANE = 30;
const WIDTH = 1000;
const LEFT = 90;

/** How far each iron's loads landed from the promise: left paler, right darker, the newest the fullest. */
export const Landed = ({ entries }: { readonly entries: readonly Entry[] }) => {
  const byIron = new Map<string, { name: string; misses: { miss: number; step: number }[] }>();
  for (const entry of [...entries].reverse()) {
    const miss = colourMiss(entry);
    if (miss === null || entry.prediction === null) continue;
    const lane = byIron.get(entry.load.ironId) ?? { name: entry.iron?.name ?? entry.load.ironId, misses: [] };
    lane.misses.push({ miss, step: entry.prediction.tawnyStep + miss });
    byIron.set(entry.load.ironId, lane);
  }
  const lanes = [...byIron.values()];
  if (lanes.length === 0) return null;
  const x = (miss: number): number =>
    LEFT + ((WIDTH - LEFT - 20) * (Math.max(-MOST_MISS, Math.min(MOST_MISS, miss)) + MOST_MISS)) / (2 * MOST_MISS);
  const height = 22 + lanes.length * LANE;
  return (
    <figure aria-label="Colour against what was expected, by iron">
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="w-full max-w-[1000px]"
        role="img"
        aria-label={lanes
          .map(
            ({ name, misses }) =>
              `${name}: ${misses.length} loads, on average ${(misses.reduce((sum, m) => sum + m.miss, 0) / misses.length).toFixed(1)} steps off`,
          )
          .join('; ')}
      >
        <rect x={x(-0.5)} y={18} width={x(0.5) - x(-0.5)} height={height - 18} fill="#dfe7e3" />
        {[-2, -1, 0, 1, 2].map((miss) => (
          <g key={miss}>
            <line x1={x(miss)} x2={x(miss)} y1={18} y2={height} stroke={miss === 0 ? 'var(--color-act)' : '#d5dbd7'} />
            <text x={x(miss)} y={13} fontSize="13" fill="var(--color-quiet)" textAnchor="middle">
              {miss === 0 ? 'as expected' : `${Math.abs(miss)} step${Math.abs(miss) > 1 ? 's' : ''} ${miss < 0 ? 'paler' : 'darker'}`}
            </text>
          </g>
        ))}
        {lanes.map(({ name, misses }, lane) => (
          <g key={name}>
            <text x={0} y={18 + lane * LANE + 20} fontSize="15" fontWeight="700" fill="var(--color-ink)">
              {name}
            </text>
            {misses.map(({ miss, step }, i) => (
              <circle
                key={i}
                cx={x(miss)}
                cy={18 + lane * LANE + 15 + ((i % 5) - 2) * 2.4}
                r={7}
                fill={tawnyCss(step)}
                stroke="var(--color-ink)"
                strokeWidth={i >= misses.length - 2 ? 2 : 0.8}
                opacity={0.45 + (0.55 * (i + 1)) / misses.length}
              />
            ))}
          </g>
        ))}
      </svg>
    </figure>
  );
};
