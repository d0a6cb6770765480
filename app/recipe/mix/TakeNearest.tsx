import type { Failure } from '../../../core/basis/index.ts';

/** The nearest clock that can be met, to be taken by a touch. */
export const TakeNearest = ({ failure, onTake }: { readonly failure: Failure; readonly onTake: (hours: number) => void }) => {
  if (failure.code !== 'ferment-too-short' && failure.code !== 'ferment-too-long') return null;
  const { nearest_h } = failure.fields;
  return (
    <button type="button" className="min-h-9 font-semibold text-act underline underline-offset-2" onClick={() => onTake(nearest_h)}>
      take {nearest_h} h
    </button>
  );
};
