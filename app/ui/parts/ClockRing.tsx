import type { ReactNode } from 'react';
import { colour } from '../tokens.ts';
import { arcPath, onCircle } from './geometry.ts';
import type { PieceLook } from './Piece.tsx';
import { Piece } from './Piece.tsx';

const HOUR_MS = 3_600_000;
const WIDTH = 640;
const HEIGHT = 620;
const CENTRE = [WIDTH / 2, HEIGHT / 2] as const;
const RING = 172;
const STROKE = 16;
const PIECE = 36;
/** From the ring to the first piece of a spoke, and from piece to piece. */
const FIRST = 34;
const EACH = 38;

export type RingArc = { readonly from: number; readonly to: number; readonly kind: 'mix' | 'heat' | 'cook'; readonly name?: string };
/** Loads that come off within about a minute stand on one spoke. */
export type RingSpoke = { readonly at: number; readonly pieces: readonly PieceLook[] };
export type RingMark = { readonly at: number; readonly icon: ReactNode };

/** A place on the drawing that is taken, and how far around its middle. */
type Taken = { readonly x: number; readonly y: number; readonly radius: number };

/** How far around its middle a piece wants room, and the plate. */
const ROOM = PIECE / 2 + 1;
const PLATE_ROOM = 44;
/** A spoke is never longer. */
const MOST_SLOTS = 12;

/**
 * For each spoke the slots, from the ring outwards, in which its pieces stand so that none lies on another or on the plate.
 * `serveTurn`: where the plate stands; turns are shares of the ring.
 */
export const ringSlots = (
  spokes: readonly { readonly turn: number; readonly count: number }[],
  serveTurn: number,
): readonly (readonly number[])[] => {
  const [plateX, plateY] = onCircle(serveTurn, RING, CENTRE);
  const taken: Taken[] = [{ x: plateX, y: plateY, radius: PLATE_ROOM }];
  return spokes.map(({ turn, count }) => {
    const slots: number[] = [];
    for (let slot = 0; slot < MOST_SLOTS && slots.length < count; slot++) {
      const [x, y] = onCircle(turn, RING + FIRST + slot * EACH, CENTRE);
      const isFree = taken.every((one) => Math.hypot(one.x - x, one.y - y) >= one.radius + ROOM);
      if (!isFree && MOST_SLOTS - slot > count - slots.length) continue;
      slots.push(slot);
      taken.push({ x, y, radius: ROOM });
    }
    return slots;
  });
};

/** Where a slot of a spoke lies, in per cent of the drawing, and how large a piece is. */
export const ringPlace = (turn: number, slot: number): { readonly left: number; readonly top: number; readonly size: number } => {
  const [x, y] = onCircle(turn, RING + FIRST + slot * EACH, CENTRE);
  return { left: (100 * x) / WIDTH, top: (100 * y) / HEIGHT, size: (100 * PIECE) / WIDTH };
};

type Props = {
  /** Instants, epoch ms; the ring shows the hour that ends with `until`. */
  readonly until: number;
  readonly arcs: readonly RingArc[];
  readonly spokes: readonly RingSpoke[];
  readonly marks: readonly RingMark[];
  readonly serveAt: number;
  /** Where the minute hand stands: a fraction of a turn, in the kitchen's own clock. */
  readonly turnOf: (at: number) => number;
  readonly timeOf: (at: number) => string;
  readonly centre: ReactNode;
  /** The plate at the end of the ring: the piece that is served. */
  readonly served: PieceLook;
  /** The whole of it in words, for a screen reader. */
  readonly label: string;
  readonly now?: number;
  /** What is touched: laid over the drawing. */
  readonly children?: ReactNode;
};

const STROKES = { mix: 'quiet', heat: 'band', cook: 'ink' } as const;

/** The morning as the clock on the kitchen wall: one turn is one hour, each load stands where the minute hand will be when it comes off. */
export const ClockRing = ({ until, arcs, spokes, marks, serveAt, turnOf, timeOf, centre, served, label, now, children }: Props) => {
  const from = until - HOUR_MS;
  const span = (arc: RingArc): readonly [number, number] => {
    const start = turnOf(Math.max(arc.from, from));
    return [start, start + (Math.min(arc.to, until) - Math.max(arc.from, from)) / HOUR_MS];
  };
  const shown = spokes.filter(({ at }) => at > from && at <= until);
  const slots = ringSlots(
    shown.map(({ at, pieces }) => ({ turn: turnOf(at), count: pieces.length })),
    turnOf(serveAt),
  );
  return (
    <div className="relative mx-auto w-full max-w-[640px]">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label} className="block w-full overflow-visible">
        <circle cx={CENTRE[0]} cy={CENTRE[1]} r={RING} fill="none" stroke={colour('track')} strokeWidth={STROKE} />
        {arcs
          .filter((arc) => arc.to > from && arc.from < until)
          .map((arc, i) => (
            <path
              key={i}
              d={arcPath(...span(arc), RING, CENTRE)}
              fill="none"
              stroke={colour(STROKES[arc.kind])}
              strokeWidth={STROKE}
              {...(arc.kind === 'heat' ? { strokeDasharray: '7 5' } : {})}
            />
          ))}
        {arcs
          .filter((arc) => arc.name !== undefined && arc.to > from && arc.from < until)
          .map((arc, i) => (
            <ArcName key={i} name={arc.name ?? ''} turn={(span(arc)[0] + span(arc)[1]) / 2} />
          ))}
        {Array.from({ length: TICKS }, (_, i) => (
          <Tick key={i} turn={i / TICKS} />
        ))}
        <HourName from={from} serveAt={serveAt} turnOf={turnOf} timeOf={timeOf} />
        {shown.map(({ at }, i) => (
          <SpokeLine key={i} last={slots[i]?.at(-1) ?? 0} turn={turnOf(at)} />
        ))}
        {shown.map((spoke, i) => (
          <Spoke key={i} spoke={spoke} slots={slots[i] ?? []} turn={turnOf(spoke.at)} />
        ))}
        {now !== undefined && now > from && now <= until && <Hand turn={turnOf(now)} />}
        <Plate turn={turnOf(serveAt)} look={served} time={timeOf(serveAt)} />
      </svg>
      {marks
        .filter(({ at }) => at > from && at <= until)
        .map(({ at, icon }, i) => {
          const [x, y] = onCircle(turnOf(at), RING, CENTRE);
          return (
            <span
              key={i}
              aria-hidden
              className="absolute grid size-8 -translate-1/2 place-items-center rounded-full border-2 border-page bg-act text-page"
              style={{ left: `${(100 * x) / WIDTH}%`, top: `${(100 * y) / HEIGHT}%` }}
            >
              {icon}
            </span>
          );
        })}
      <div className="pointer-events-none absolute top-1/2 left-1/2 w-1/3 -translate-1/2 text-center">{centre}</div>
      {children}
    </div>
  );
};

type HourNameProps = Pick<Props, 'serveAt' | 'turnOf' | 'timeOf'> & { readonly from: number };

/** The full hour, at the top; not where the plate stands with its own time. */
const HourName = ({ from, serveAt, turnOf, timeOf }: HourNameProps) => {
  if (Math.abs(((1.5 - turnOf(serveAt)) % 1) - 0.5) < 0.06) return null;
  const at = from + ((1 - turnOf(from)) % 1) * HOUR_MS;
  const [x, y] = onCircle(0, RING - 44, CENTRE);
  return (
    <text x={x} y={y + 6} textAnchor="middle" fontSize={17} fontWeight={600} fill={colour('quiet')} className="max-sm:hidden">
      {timeOf(Math.round(at / 60_000) * 60_000)}
    </text>
  );
};

/** Every five minutes, a long one each quarter. */
const TICKS = 12;
const Tick = ({ turn }: { readonly turn: number }) => {
  const isQuarter = (turn * TICKS) % 3 === 0;
  const [x1, y1] = onCircle(turn, RING - 14, CENTRE);
  const [x2, y2] = onCircle(turn, RING - (isQuarter ? 28 : 20), CENTRE);
  return <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={colour('quiet')} strokeWidth={isQuarter ? 3.5 : 2} />;
};

/** Beside the ring, outside, in the middle of its arc. */
const ArcName = ({ name, turn }: { readonly name: string; readonly turn: number }) => {
  const [x, y] = onCircle(turn, RING + 26, CENTRE);
  const side = Math.sin(turn * 2 * Math.PI);
  return (
    <text x={x} y={y + 6} textAnchor={side < -0.25 ? 'end' : side > 0.25 ? 'start' : 'middle'} fontSize={17} fill={colour('quiet')}>
      {name}
    </text>
  );
};

type SpokeProps = { readonly spoke: RingSpoke; readonly slots: readonly number[]; readonly turn: number };

const SpokeLine = ({ last, turn }: { readonly last: number; readonly turn: number }) => {
  const [x1, y1] = onCircle(turn, RING + STROKE / 2, CENTRE);
  const [x2, y2] = onCircle(turn, RING + FIRST + last * EACH, CENTRE);
  return <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={colour('ink')} strokeWidth={2.5} />;
};

const Spoke = ({ spoke: { pieces }, slots, turn }: SpokeProps) => {
  return (
    <g>
      {pieces.map((look, i) => {
        const [x, y] = onCircle(turn, RING + FIRST + (slots[i] ?? i) * EACH, CENTRE);
        return (
          <svg key={i} x={x - PIECE / 2} y={y - PIECE / 2} width={PIECE} height={PIECE} overflow="visible">
            <Piece {...look} size={PIECE} />
          </svg>
        );
      })}
    </g>
  );
};

const Hand = ({ turn }: { readonly turn: number }) => {
  const [x1, y1] = onCircle(turn, RING - 28, CENTRE);
  const [x2, y2] = onCircle(turn, RING + 14, CENTRE);
  return <line x1={x1} y1={y1} x2={x2} y2={y2} stroke={colour('act')} strokeWidth={5} strokeLinecap="round" />;
};

const Plate = ({ turn, look, time }: { readonly turn: number; readonly look: PieceLook; readonly time: string }) => {
  const [x, y] = onCircle(turn, RING, CENTRE);
  // After the plate nothing comes off any more: there the time has room.
  const [timeX, timeY] = onCircle(turn + 0.055, RING + 44, CENTRE);
  return (
    <g>
      <circle cx={x} cy={y} r={40} fill={colour('sheet')} stroke={colour('ink')} strokeWidth={2.5} />
      <circle cx={x} cy={y} r={28} fill="none" stroke={colour('line')} strokeWidth={2} />
      <svg x={x - PIECE / 2} y={y - PIECE / 2} width={PIECE} height={PIECE} overflow="visible">
        <Piece {...look} size={PIECE} />
      </svg>
      <text
        x={timeX}
        y={timeY + 8}
        textAnchor={turn % 1 > 0.5 ? 'end' : 'start'}
        fontSize={24}
        fontWeight={700}
        className="figure"
        fill={colour('ink')}
      >
        {time}
      </text>
    </g>
  );
};
