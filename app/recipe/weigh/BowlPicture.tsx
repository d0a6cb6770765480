export type Layer = { readonly key: string; readonly name: string; readonly grams: number; readonly isLive: boolean };

type Props = {
  readonly layers: readonly Layer[];
  /** What the bowl will hold when all is in, g. */
  readonly full_g: number;
  readonly name: string;
};

const WIDTH = 300;
const HEIGHT = 250;
const RIM_Y = 14;
const FLOOR_Y = 232;
/** Quiet stone greys: what lies in it is told apart by its edge and its name, not by colour alone. */
const STONES = ['#d8ded9', '#c4cec8', '#e6eae5', '#b3c0b9', '#ccd6d1', '#dfe4de'];

/** Half the inner width of the bowl at a height (0 floor, 1 rim): a round-bottomed bowl in section. */
const halfWidth = (height: number): number => 46 + 94 * Math.max(0, Math.min(1, height)) ** 0.45;

const layerPath = (from: number, to: number): string => {
  const y = (h: number): number => FLOOR_Y - h * (FLOOR_Y - RIM_Y);
  const steps = 24;
  // The round bottom wants its points close together at the floor.
  const at = (i: number): number => from + (to - from) * (i / steps) ** (from < 0.01 ? 3 : 1);
  const left = Array.from({ length: steps + 1 }, (_, i) => `${WIDTH / 2 - halfWidth(at(i))},${y(at(i))}`);
  const right = Array.from({ length: steps + 1 }, (_, i) => `${WIDTH / 2 + halfWidth(at(steps - i))},${y(at(steps - i))}`);
  return `M${left.join('L')}L${right.join('L')}Z`;
};

/** The bowl in section, filling with what goes in; the layer that is being poured grows with the scale. */
export const BowlPicture = ({ layers, full_g, name }: Props) => {
  // All of it stands at two thirds of the rim, so that there is room to stir.
  const scale = 0.68 / Math.max(1, full_g);
  const total = layers.reduce((sum, layer) => sum + layer.grams, 0);
  let below = 0;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[340px]"
      role="img"
      aria-label={`${name}: ${layers.map((layer) => `${layer.name} ${Math.round(layer.grams)} g`).join(', ') || 'empty'}`}
    >
      {layers.map((layer, i) => {
        const from = below * scale;
        below += Math.max(0, layer.grams);
        const to = Math.min(1, below * scale);
        if (to - from < 0.002) return null;
        const y = FLOOR_Y - ((from + to) / 2) * (FLOOR_Y - RIM_Y);
        return (
          <g key={layer.key}>
            <path
              d={layerPath(from, to)}
              fill={layer.isLive ? 'var(--color-act)' : (STONES[i % STONES.length] ?? '#d8ded9')}
              fillOpacity={layer.isLive ? 0.75 : 1}
              stroke="var(--color-ink)"
              strokeOpacity={0.35}
              strokeWidth={0.8}
            />
            {to - from > 0.055 && (
              <text x={WIDTH / 2} y={y + 5} textAnchor="middle" fontSize={14} fill={layer.isLive ? '#fff' : 'var(--color-ink)'}>
                {layer.name.slice(0, 22)}
              </text>
            )}
          </g>
        );
      })}
      <path d={layerPath(0, 1)} fill="none" stroke="var(--color-ink)" strokeWidth={3} strokeLinejoin="round" />
      <path d={`M${WIDTH / 2 - 150} ${RIM_Y}H${WIDTH / 2 + 150}`} stroke="var(--color-ink)" strokeWidth={3} strokeLinecap="round" />
      {total <= 0.5 && (
        <text x={WIDTH / 2} y={130} textAnchor="middle" fontSize={16} fill="var(--color-quiet)">
          {name}, empty
        </text>
      )}
    </svg>
  );
};
