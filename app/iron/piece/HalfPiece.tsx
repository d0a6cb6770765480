import { memo, useEffect, useId, useMemo, useRef } from 'react';
import type { Picture } from '../../../core/advise/index.ts';
import { tawnyStepOf } from '../../../core/matter/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { tawnyCss } from '../../ui/index.ts';
import { cutMap, RIBS, ribHalfOf } from './cutMap.ts';
import { CLEAR, paintCut } from './cutPaint.ts';
import { HalfBalls } from './HalfBalls.tsx';

const WIDTH = 640;
/** Of the face behind the cut, seen at an angle. */
const FACE = 200;
const CUT = 130;
const ROWS = 4;
const PERIOD = WIDTH / RIBS;
/** A pocket's room within its row, and how much of it is its far wall. */
const POCKET = 0.66;
const WALL_SHARE = 0.4;
const RIM_STEPS = 0.5;
/** Floors lie in the shade of their walls: they are drawn at least so much darker than the tops of the ribs. */
const FLOOR_STEPS = 0.55;
const WALL_STEPS = 1.5;
const LIP_STEPS = 0.7;

type Props = { readonly iron: Iron; readonly picture: Picture; readonly second: number };

/** How brown floors and rib tops of the upper face are. */
export const faceSteps = (picture: Picture, second: number): { readonly floor: number; readonly rib: number } => {
  const stepOf = (index: number): number => {
    const column = picture.columns[Math.min(index, picture.columns.length - 1)];
    return tawnyStepOf(column?.upperLightness[second] ?? picture.rawLightness, picture.rawLightness);
  };
  return { floor: stepOf(0), rib: stepOf(1) };
};

/** Half of a piece in one drawing: cut in front, its lattice behind, as brown and as thick as the simulation has it at this second. */
export const HalfPiece = ({ iron, picture, second }: Props) => {
  const shown = Math.min(picture.seconds, Math.max(0, Math.round(second)));
  if ((picture.columns[0]?.hollow_mm ?? 0) > 0) return <HalfBalls picture={picture} second={shown} />;
  return <HalfLattice iron={iron} picture={picture} second={shown} />;
};

const HalfLattice = ({ iron, picture, second }: Props) => {
  const thickness = picture.columns.map((column) => Number(column.thickness_mm.toFixed(2)));
  const profile = thickness.join();
  const map = useMemo(
    () =>
      cutMap({
        width: WIDTH,
        height: CUT,
        webShare: iron.geometry.webShare,
        thickness_mm: profile.split(',').map(Number),
        endsInRib: true,
      }),
    [profile, iron.geometry.webShare],
  );
  const [web = 0, rib = web] = thickness.map((mm) => mm / map.mmPerPixel);
  const { floor, rib: ribStep } = faceSteps(picture, second);
  return (
    <div className="relative w-full forced-color-adjust-none" data-half-piece={second}>
      <Face
        outline={iron.geometry.lattice.outline}
        floor={floor}
        rib={ribStep}
        raw={picture.rawLightness}
        ribTop={FACE + (CUT - rib) / 2}
        webTop={FACE + (CUT - web) / 2}
        ribHalf={ribHalfOf(PERIOD, iron.geometry.webShare)}
        isFlat={thickness.length === 1}
      />
      <CutAcross map={map} picture={picture} second={second} />
    </div>
  );
};

/** The section, painted from the simulation, with nothing around it. */
const CutAcross = memo(function CutAcross({
  map,
  picture,
  second,
}: {
  readonly map: ReturnType<typeof cutMap>;
  readonly picture: Picture;
  readonly second: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useMemo(() => new ImageData(WIDTH, CUT), []);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (context === null || context === undefined) return;
    paintCut(map, picture, second, new Int32Array(image.data.buffer), CLEAR);
    context.putImageData(image, 0, 0);
  }, [map, picture, second, image]);
  return <canvas ref={canvas} width={WIDTH} height={CUT} aria-hidden className="absolute bottom-0 left-0 w-full" />;
});

type FaceProps = {
  readonly outline: 'round' | 'square';
  readonly floor: number;
  readonly rib: number;
  readonly raw: number;
  readonly ribTop: number;
  readonly webTop: number;
  readonly ribHalf: number;
  readonly isFlat: boolean;
};

/** The upper face behind the cut: rows of pockets, those in front reaching down to the floors that were cut. */
const Face = memo(function Face({ outline, floor, rib, raw, ribTop, webTop, ribHalf, isFlat }: FaceProps) {
  const clip = useId();
  const top = 6;
  const height = ribTop - top;
  const pitch = height / ROWS;
  const shape =
    outline === 'round'
      ? `M1 ${webTop}V${ribTop}A${WIDTH / 2 - 1} ${height} 0 0 1 ${WIDTH - 1} ${ribTop}V${webTop}Z`
      : `M1 ${webTop}V${ribTop}L34 ${top + 14}Q38 ${top} 54 ${top}H${WIDTH - 54}Q${WIDTH - 38} ${top} ${WIDTH - 34} ${top + 14}L${WIDTH - 1} ${ribTop}V${webTop}Z`;
  const tint = (step: number): string => tawnyCss(Math.min(8, Math.max(1, step)), raw);
  const width = PERIOD - 2 * ribHalf * 0.82;
  const shade = Math.max(floor, rib + FLOOR_STEPS) - LIP_STEPS;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${FACE + CUT}`} aria-hidden className="block w-full">
      <ellipse cx={WIDTH / 2} cy={FACE + CUT - 14} rx={WIDTH * 0.49} ry={26} fill="var(--color-ink)" opacity={0.1} />
      <clipPath id={clip}>
        <path d={shape} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <rect width={WIDTH} height={FACE + CUT} fill={tint(rib)} />
        {!isFlat &&
          Array.from({ length: ROWS }, (_, row) =>
            Array.from({ length: RIBS }, (_, column) => {
              const isCut = row === ROWS - 1;
              const x = (column + 0.5) * PERIOD - width / 2;
              const y = top + pitch * (row + (1 - POCKET) * 0.7);
              const bottom = isCut ? webTop : y + pitch * POCKET;
              const wall = (isCut ? pitch * POCKET : bottom - y) * WALL_SHARE;
              return (
                <g key={`${row}/${column}`}>
                  <rect x={x} y={y} width={width} height={bottom - y} fill={tint(shade + LIP_STEPS)} />
                  <rect x={x} y={y} width={width} height={wall} fill={tint(shade + WALL_STEPS)} />
                  <path
                    d={`M${x} ${y}v${bottom - y}l${width * 0.1} ${-(bottom - y) * 0.22}V${y + wall}z`}
                    fill={tint(shade + WALL_STEPS)}
                  />
                  {!isCut && <rect x={x} y={bottom - 4} width={width} height={4} fill={tint(rib - LIP_STEPS)} />}
                </g>
              );
            }),
          )}
      </g>
      <path d={shape} fill="none" stroke={tint(rib + RIM_STEPS)} strokeWidth={3} />
    </svg>
  );
});
