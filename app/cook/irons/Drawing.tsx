import { memo } from 'react';
import type { IronState } from '../../../core/line/index.ts';
import type { Prediction } from '../../../core/log/index.ts';
import { cookedFor_s } from '../../../core/log/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { clock, LidRing, Piece, pieceOf, PlateFace } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { stepAt } from './times.ts';

/** Round ones fill the ring, square ones stand in it with their corners. */
const sizeIn = ({ geometry: { lattice, moulds } }: Iron): string =>
  lattice.outline === 'round' && moulds === 1 ? 'size-[68%]' : 'size-[55%]';
const outlineOf = ({ lattice }: Iron['geometry']): string =>
  lattice.outline === 'round' ? 'size-[68%] rounded-full' : 'size-[55%] rounded-lg';

/** A tenth of a step is less than anybody sees. */
const TENTH = 10;

const Look = memo(({ iron, step }: { readonly iron: Iron; readonly step: number }) => (
  <div className={`grid place-items-center [&>svg]:size-full ${sizeIn(iron)}`}>
    <Piece {...pieceOf(iron, step)} size={140} />
  </div>
));
Look.displayName = 'Look';

/** Its plates, with nothing in it. */
const Empty = memo(({ iron: { geometry, pour } }: { readonly iron: Iron }) => (
  <div className={`bg-rail p-[6%] ${outlineOf(geometry)}`}>
    <PlateFace
      lattice={geometry.lattice}
      wall={() => 'transparent'}
      floor={() => 'color-mix(in srgb, var(--color-quiet) 45%, transparent)'}
      hollow={pour.rule === 'share-of-cavity'}
    />
  </div>
));
Empty.displayName = 'Empty';

/** The ring of an iron that nothing cooks in: full once it is hot. */
const Ring = ({ isHot, label, children }: { readonly isHot: boolean; readonly label: string; readonly children: React.ReactNode }) => (
  <div role="img" aria-label={label} className="relative aspect-square w-full">
    <svg viewBox="0 0 200 200" aria-hidden className="block w-full">
      <circle cx={100} cy={100} r={86} fill="none" stroke={isHot ? 'var(--color-act)' : 'var(--color-track)'} strokeWidth={12} />
    </svg>
    <div className="absolute inset-0 grid place-items-center">{children}</div>
  </div>
);

type CookingProps = { readonly iron: Iron; readonly prediction: Prediction; readonly elapsed_s: number };

/** A piece that cooks, in the colour it has so many seconds after the lid, inside the ring of its time. */
export const CookingPiece = ({ iron, prediction, elapsed_s }: CookingProps) => {
  const { best, from, to } = prediction.cookTime_s;
  return (
    <LidRing elapsed_s={elapsed_s} best_s={best} good_s={[from, to]} label={`${clock(elapsed_s)} of ${clock(best)}`}>
      <Look iron={iron} step={Math.round(TENTH * stepAt(prediction, elapsed_s)) / TENTH} />
    </LidRing>
  );
};

type Props = { readonly place: LinePlace; readonly state: IronState };

/** What is in an iron now, in the colour it has by now, inside the ring of its time; as large as there is room. */
export const Drawing = ({ place, state }: Props) => (
  <div className="grid aspect-square min-h-0 w-full shrink place-items-center [container-type:size]">
    <div style={{ width: 'min(100cqw, 100cqh)' }}>
      <Inside place={place} state={state} />
    </div>
  </div>
);

const Inside = ({ place, state: { phase, left_s, waits, isDone } }: Props) => {
  const { iron, prediction, progress } = place;
  if (phase === 'cooking' && prediction !== null && left_s !== null) {
    return <CookingPiece iron={iron} prediction={prediction} elapsed_s={Math.max(0, prediction.cookTime_s.best - left_s)} />;
  }
  const out_s = phase === 'opened' && progress !== null ? cookedFor_s(progress) : null;
  const isHot = waits === null && !isDone;
  const step = phase === 'poured' || prediction === null ? 1 : stepAt(prediction, out_s ?? prediction.cookTime_s.best);
  return (
    <Ring
      isHot={isHot}
      label={phase === 'opened' ? 'the last piece' : phase === 'poured' ? 'batter in it' : isHot ? 'hot and empty' : 'empty'}
    >
      {phase === 'poured' || (phase === 'opened' && progress?.observations.length === 0) ? (
        <Look iron={iron} step={Math.round(TENTH * step) / TENTH} />
      ) : (
        <Empty iron={iron} />
      )}
    </Ring>
  );
};
