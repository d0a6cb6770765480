import { useId } from 'react';

export type Layer = { readonly key: string; readonly name: string; readonly grams: number; readonly isLive: boolean };

type Props = {
  readonly layers: readonly Layer[];
  /** What the bowl will hold when all is in, g. */
  readonly full_g: number;
  readonly name: string;
  /** What goes in now, drawn over what is in, up to a line; left out: nothing does. */
  readonly wanted?: { readonly name: string; readonly grams: number };
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
export const BowlPicture = ({ layers, full_g, name, wanted }: Props) => {
  // All of it stands at two thirds of the rim, so that there is room to stir.
  const scale = 0.68 / Math.max(1, full_g);
  const total = layers.reduce((sum, layer) => sum + layer.grams, 0);
  /** Of it, what lay there before what is pouring now. */
  const inBowl = layers.reduce((sum, layer) => sum + (layer.isLive ? 0 : Math.max(0, layer.grams)), 0);
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
      {wanted !== undefined && <ToLine from={below * scale} to={Math.min(0.98, (inBowl + wanted.grams) * scale)} name={wanted.name} />}
      <path d={layerPath(0, 1)} fill="none" stroke="var(--color-ink)" strokeWidth={3} strokeLinejoin="round" />
      <path d={`M${WIDTH / 2 - 150} ${RIM_Y}H${WIDTH / 2 + 150}`} stroke="var(--color-ink)" strokeWidth={3} strokeLinecap="round" />
      {total <= 0.5 && wanted === undefined && (
        <text x={WIDTH / 2} y={130} textAnchor="middle" fontSize={16} fill="var(--color-quiet)">
          {name}, empty
        </text>
      )}
    </svg>
  );
};

/** What is still to go in, hatched, up to its dashed line. */
const ToLine = ({ from, to, name }: { readonly from: number; readonly to: number; readonly name: string }) => {
  const y = (h: number): number => FLOOR_Y - h * (FLOOR_Y - RIM_Y);
  const hatch = useId();
  return (
    <>
      <pattern id={hatch} width={9} height={9} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={9} height={9} fill="var(--color-act-soft)" />
        <line x1={0} x2={0} y1={0} y2={9} stroke="var(--color-band)" strokeWidth={5} />
      </pattern>
      {to - from > 0.002 && <path d={layerPath(from, to)} fill={`url(#${hatch})`} />}
      <line x1={4} x2={WIDTH - 4} y1={y(to)} y2={y(to)} stroke="var(--color-act)" strokeWidth={3} strokeDasharray="10 7" />
      <text
        x={WIDTH / 2}
        y={to - from > 0.09 ? y((from + to) / 2) + 6 : y(to) - 8}
        textAnchor="middle"
        fontSize={17}
        fontWeight={700}
        fill="var(--color-act)"
        stroke="var(--color-page)"
        strokeWidth={5}
        paintOrder="stroke"
      >
        {name.toLowerCase()}, to this line
      </text>
    </>
  );
};
