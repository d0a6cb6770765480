import { Piece } from '../ui/index.ts';
import type { Thing } from './things.ts';

const INK = { fill: 'var(--color-sheet)', stroke: 'var(--color-ink)', strokeWidth: 3, strokeLinejoin: 'round' } as const;
const LATTICE = { rows: 5, columns: 5, outline: 'round' } as const;
const STEP = 4;
/** More pieces than these are counted, not drawn. */
const MOST = 4;

const Pieces = ({ count, x, y, size, across }: { count: number; x: number; y: number; size: number; across: number }) =>
  Array.from({ length: Math.min(MOST, Math.max(1, count)) }, (_, i) => (
    <svg key={i} x={x + (i % across) * (size + 2)} y={y + Math.floor(i / across) * (size + 2)} width={size} height={size}>
      <Piece lattice={LATTICE} step={STEP} size={size} />
    </svg>
  ));

/** Batter, as full as it has time left; never in a colour of browning. */
const BowlOf = ({ share, lid }: { readonly share: number; readonly lid: boolean }) => {
  const level = 98 - 66 * Math.max(0.12, share);
  return (
    <svg viewBox="0 0 150 110" aria-hidden className="h-28">
      <path d="M10 30Q10 104 60 104H90Q140 104 140 30Z" {...INK} />
      <path
        d={`M${12 + (level - 30) * 0.28} ${level}H${138 - (level - 30) * 0.28}Q128 102 90 102H60Q22 102 ${12 + (level - 30) * 0.28} ${level}Z`}
        fill="var(--color-band)"
        opacity={0.6}
      />
      <path d={lid ? 'M4 30Q75 8 146 30Z' : 'M4 30H146'} {...INK} />
    </svg>
  );
};

const Bag = ({ pieces }: { readonly pieces: number }) => (
  <svg viewBox="0 0 110 118" aria-hidden className="h-30">
    <path d="M12 20L8 110Q8 114 12 114H98Q102 114 102 110L98 20Z" {...INK} />
    <rect x={10} y={6} width={90} height={14} {...INK} fill="var(--color-track)" />
    <Pieces count={pieces} x={18} y={34} size={35} across={2} />
  </svg>
);

const Tin = ({ pieces }: { readonly pieces: number }) => (
  <svg viewBox="0 0 170 104" aria-hidden className="h-26">
    <path d="M10 36V88Q10 100 85 100T160 88V36Z" {...INK} />
    <path d="M4 20V32Q4 46 85 46T166 32V20Z" {...INK} fill="var(--color-track)" />
    <ellipse cx={85} cy={20} rx={81} ry={14} {...INK} fill="var(--color-track)" />
    <Pieces count={pieces} x={33} y={56} size={24} across={4} />
  </svg>
);

const Jar = ({ share }: { readonly share: number }) => {
  const level = 104 - 66 * Math.max(0.1, share);
  return (
    <svg viewBox="0 0 100 110" aria-hidden className="h-28">
      <path d="M10 38Q10 26 22 26H78Q90 26 90 38V98Q90 106 82 106H18Q10 106 10 98Z" {...INK} />
      <rect x={12} y={level} width={76} height={104 - level} rx={5} fill="var(--color-band)" opacity={0.6} />
      <rect x={18} y={6} width={64} height={20} rx={5} {...INK} fill="var(--color-track)" />
    </svg>
  );
};

/** What something is kept in: a bowl, a bag, a tin or a jar. */
export const Container = ({ thing: { form, place, pieces, share } }: { readonly thing: Thing }) => {
  if (form === 'batter' || form === 'yeasted-batter') return <BowlOf share={share} lid={place !== 'room'} />;
  if (form === 'opened') return <Jar share={share} />;
  return place === 'tin' ? <Tin pieces={pieces ?? MOST} /> : <Bag pieces={pieces ?? MOST} />;
};
