import type { KeyboardEvent, PointerEvent } from 'react';
import { useEffect, useRef } from 'react';
import type { Corners, Point } from '../../core/photo/index.ts';
import { useDrag } from '../look/index.ts';
import type { Photo } from './photoFile.ts';

type Props = {
  readonly photo: Photo;
  readonly corners: Corners;
  readonly white: Point;
  readonly onCorners: (corners: Corners) => void;
  readonly onWhite: (white: Point) => void;
};

const NAMES = ['Corner: hinge, left', 'Corner: hinge, right', 'Corner: front, right', 'Corner: front, left'] as const;
const WHITE = 'White paper';

/** The picture with four corners and a white mark on it, each dragged or moved by arrow keys. */
export const PhotoMarks = ({ photo, corners, white, onCorners, onWhite }: Props) => {
  const box = useRef<HTMLDivElement>(null);
  const { canvas, width, height } = photo;
  useEffect(() => {
    const element = box.current;
    if (element === null) return;
    canvas.className = 'block h-auto w-full';
    canvas.setAttribute('aria-hidden', 'true');
    element.prepend(canvas);
    return () => canvas.remove();
  }, [canvas]);
  const inPicture = ({ x, y }: Point): Point => ({ x: Math.min(width - 1, Math.max(0, x)), y: Math.min(height - 1, Math.max(0, y)) });
  const placeOf = (event: PointerEvent<SVGGElement>): Point => {
    const shown = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (shown === undefined) return { x: 0, y: 0 };
    return inPicture({ x: ((event.clientX - shown.left) / shown.width) * width, y: ((event.clientY - shown.top) / shown.height) * height });
  };
  const movers = new Map<string, (point: Point) => void>([
    ...NAMES.map((name, i): [string, (point: Point) => void] => [
      name,
      (point) => onCorners(corners.map((other, k) => (k === i ? point : other)) as unknown as Corners),
    ]),
    [WHITE, onWhite],
  ]);
  const drag = useDrag<string, SVGGElement>({
    start: (event) => event.currentTarget.dataset['mark'] ?? '',
    move: (event, name) => movers.get(name)?.(placeOf(event)),
  });
  const mark = (name: string, point: Point, kind: 'corner' | 'white') => {
    const size = Math.max(width, height) / 60;
    const onKey = (event: KeyboardEvent): void => {
      const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      if (by === undefined) return;
      event.preventDefault();
      const step = (event.shiftKey ? 20 : 2) * (width / 1280);
      movers.get(name)?.(inPicture({ x: point.x + by[0]! * step, y: point.y + by[1]! * step }));
    };
    return (
      <g
        key={name}
        role="slider"
        tabIndex={0}
        aria-label={name}
        aria-valuemin={0}
        aria-valuemax={width}
        aria-valuenow={Math.round(point.x)}
        aria-valuetext={`${Math.round(point.x)} across, ${Math.round(point.y)} down`}
        className="cursor-grab"
        onKeyDown={onKey}
        data-mark={name}
        {...drag.handlers}
      >
        <circle cx={point.x} cy={point.y} r={2.4 * size} fill="transparent" />
        {kind === 'corner' ? (
          <>
            <circle cx={point.x} cy={point.y} r={size} fill="none" stroke="#fff" strokeWidth={size / 2} />
            <circle cx={point.x} cy={point.y} r={size} fill="none" stroke="#14535a" strokeWidth={size / 4} />
            <circle cx={point.x} cy={point.y} r={size / 6} fill="#14535a" />
          </>
        ) : (
          <>
            <rect
              x={point.x - size}
              y={point.y - size}
              width={2 * size}
              height={2 * size}
              fill="none"
              stroke="#20262a"
              strokeWidth={size / 4}
            />
            <text x={point.x} y={point.y + 2.4 * size} textAnchor="middle" fontSize={1.4 * size} fontWeight={700} fill="#20262a">
              white
            </text>
          </>
        )}
      </g>
    );
  };
  return (
    <div ref={box} className="relative touch-none overflow-hidden bg-bench">
      <svg viewBox={`0 0 ${width} ${height}`} className="absolute inset-0 h-full w-full" role="group" aria-label="Marks on the picture">
        <polygon
          points={corners.map(({ x, y }) => `${x},${y}`).join(' ')}
          fill="none"
          stroke="#14535a"
          strokeWidth={width / 400}
          strokeDasharray={`${width / 90} ${width / 160}`}
        />
        {corners.map((corner, i) => mark(NAMES[i] ?? '', corner, 'corner'))}
        {mark(WHITE, white, 'white')}
      </svg>
    </div>
  );
};
