import type { KeyboardEvent } from 'react';
import type { Ruler } from '../../core/plate/index.ts';
import { measured, useDrag } from '../ui/index.ts';
import { useLengths } from '../session/index.ts';

type Size = 'floor_mm' | 'depth_mm' | 'wall_mm';

/** Least and most that a handle can be dragged to, mm, and how a step of it is said. */
const SIZES: readonly { readonly key: Size; readonly name: string; readonly least: number; readonly most: number }[] = [
  { key: 'floor_mm', name: 'Floor of a pocket', least: 0.8, most: 25 },
  { key: 'depth_mm', name: 'Depth of a pocket', least: 0, most: 25 },
  { key: 'wall_mm', name: 'Wall between pockets', least: 1, most: 30 },
];

const WIDTH = 380;
const HEIGHT = 250;
const PITCHES = 2.5;

/** The gap between the plates in section, to scale; its sizes are dragged, or moved by arrow keys. */
export const IronSection = ({ ruler, onChange }: { readonly ruler: Ruler; readonly onChange: (sizes: Partial<Ruler>) => void }) => {
  const lengths = useLengths();
  const pitch = ruler.outer_mm / ruler.columns;
  const thick = ruler.floor_mm + 2 * ruler.depth_mm;
  // One scale for both directions, so that a deep iron looks deep.
  const scale = Math.min((WIDTH - 20) / (PITCHES * pitch), (HEIGHT - 60) / Math.max(thick, 6));
  const middle = HEIGHT / 2;
  const half = (thick / 2) * scale;
  const floor = (ruler.floor_mm / 2) * scale;
  const left = (WIDTH - PITCHES * pitch * scale) / 2;
  const wall = ruler.wall_mm * scale;
  const step = pitch * scale;
  const walls = Array.from({ length: Math.ceil(PITCHES) + 1 }, (_, i) => left + i * step - wall / 2);
  const right = WIDTH - left;
  const clampX = (x: number): number => Math.min(right, Math.max(left, x));
  const handles: Readonly<
    Record<Size, { readonly x: number; readonly y: number; readonly toward: readonly [number, number]; readonly per: number }>
  > = {
    floor_mm: { x: left + step / 2, y: middle + floor, toward: [0, 1], per: 2 },
    depth_mm: { x: left + step, y: middle - half, toward: [0, -1], per: 1 },
    wall_mm: { x: left + 2 * step + wall / 2, y: middle - (half + floor) / 2, toward: [1, 0], per: 2 },
  };
  const set = (key: Size, value: number): void => {
    const { least, most } = SIZES.find((size) => size.key === key)!;
    const limit = key === 'wall_mm' ? Math.min(most, 0.9 * pitch) : most;
    onChange({ [key]: Math.round(Math.min(limit, Math.max(least, value)) * 10) / 10 });
  };
  const onKey = (key: Size) => (event: KeyboardEvent) => {
    const by = { ArrowUp: 0.5, ArrowRight: 0.5, ArrowDown: -0.5, ArrowLeft: -0.5, PageUp: 2, PageDown: -2 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    set(key, ruler[key] + by);
  };
  const drag = useDrag<Size, SVGGElement>({
    start: (event) => (event.currentTarget.dataset['size'] ?? 'floor_mm') as Size,
    move: (event, key) => {
      const [x, y] = handles[key].toward;
      // The drawing may be shown smaller than it is drawn.
      const shown = event.currentTarget.ownerSVGElement?.getBoundingClientRect().width ?? WIDTH;
      const by = (event.movementX * x + event.movementY * y) * (WIDTH / shown);
      set(key, ruler[key] + (handles[key].per * by) / scale);
    },
  });
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full touch-none" role="group" aria-label="Section between the plates, to scale">
      <rect x={left} y={0} width={right - left} height={HEIGHT} fill="#3a4247" />
      <rect x={left} y={middle - floor} width={right - left} height={2 * floor} fill="#ecd9ae" />
      {walls.map((x, i) => (
        <rect key={i} x={clampX(x)} y={middle - half} width={Math.max(0, clampX(x + wall) - clampX(x))} height={2 * half} fill="#ecd9ae" />
      ))}
      {SIZES.map(({ key, name, least, most }) => {
        const { x, y, toward } = handles[key];
        return (
          <g
            key={key}
            role="slider"
            tabIndex={0}
            aria-label={name}
            aria-valuemin={least}
            aria-valuemax={most}
            aria-valuenow={ruler[key]}
            aria-valuetext={measured(ruler[key], 'length', lengths)}
            className={toward[0] === 1 ? 'cursor-ew-resize' : 'cursor-ns-resize'}
            onKeyDown={onKey(key)}
            data-size={key}
            {...drag.handlers}
          >
            <circle cx={x} cy={y} r={22} fill="transparent" />
            <circle cx={x} cy={y} r={9} fill="var(--color-act)" stroke="#fff" strokeWidth={2.5} />
            <text
              x={x + 15}
              y={y + (key === 'depth_mm' ? -6 : 20)}
              fill="#fff"
              stroke="#3a4247"
              strokeWidth={4}
              paintOrder="stroke"
              fontSize={15}
              fontWeight={700}
            >
              {ruler[key].toFixed(1)}
            </text>
          </g>
        );
      })}
    </svg>
  );
};
