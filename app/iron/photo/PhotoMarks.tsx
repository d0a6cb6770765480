import type { KeyboardEvent, PointerEvent } from 'react';
import { useEffect, useRef } from 'react';
import type { Point } from '../../../core/photo/index.ts';
import { useDrag } from '../../ui/index.ts';
import type { Photo } from '../../ui/index.ts';

/** A mark that is put somewhere on a picture: a ring where a corner or an end is, a square where a colour is taken. */
export type Mark = {
  readonly name: string;
  readonly point: Point;
  readonly onMove: (point: Point) => void;
  /** Written beside a square; left out: a ring. */
  readonly word?: string;
};

type Props = {
  readonly photo: Photo;
  readonly marks: readonly Mark[];
  /** Lines between marks, each through its points. */
  readonly lines: readonly (readonly Point[])[];
};

/** The picture with marks on it, each dragged or moved by arrow keys. */
export const PhotoMarks = ({ photo, marks, lines }: Props) => {
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
  const movers = new Map(marks.map(({ name, onMove }) => [name, onMove]));
  const drag = useDrag<string, SVGGElement>({
    start: (event) => event.currentTarget.dataset['mark'] ?? '',
    move: (event, name) => movers.get(name)?.(placeOf(event)),
  });
  const drawn = ({ name, point, word }: Mark) => {
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
        {word === undefined ? (
          <>
            <circle cx={point.x} cy={point.y} r={size} fill="none" stroke="#fff" strokeWidth={size / 2} />
            <circle cx={point.x} cy={point.y} r={size} fill="none" stroke="var(--color-act)" strokeWidth={size / 4} />
            <circle cx={point.x} cy={point.y} r={size / 6} fill="var(--color-act)" />
          </>
        ) : (
          <>
            <rect
              x={point.x - size}
              y={point.y - size}
              width={2 * size}
              height={2 * size}
              fill="none"
              stroke="var(--color-ink)"
              strokeWidth={size / 4}
            />
            <text x={point.x} y={point.y + 2.4 * size} textAnchor="middle" fontSize={1.4 * size} fontWeight={700} fill="var(--color-ink)">
              {word}
            </text>
          </>
        )}
      </g>
    );
  };
  return (
    <div ref={box} className="relative touch-none overflow-hidden bg-ink">
      <svg viewBox={`0 0 ${width} ${height}`} className="absolute inset-0 h-full w-full" role="group" aria-label="Marks on the picture">
        {lines.map((line, i) => (
          <polygon
            key={i}
            points={line.map(({ x, y }) => `${x},${y}`).join(' ')}
            fill="none"
            stroke="var(--color-act)"
            strokeWidth={width / 400}
            strokeDasharray={`${width / 90} ${width / 160}`}
          />
        ))}
        {marks.map(drawn)}
      </svg>
    </div>
  );
};
