import { useDeferredValue } from 'react';
import type { Iron } from '../../../core/plate/index.ts';
import { useLengths } from '../../session/index.ts';
import { css, measured, tawnyCss } from '../../ui/index.ts';
import type { AdviceReply } from '../../workers/index.ts';
import { crumbColours } from './cutPaint.ts';
import { faceSteps, HalfPiece } from './HalfPiece.tsx';

const Patch = ({ colour, children }: { readonly colour: string; readonly children: string }) => (
  <span className="flex items-center gap-2.5 whitespace-nowrap">
    <i aria-hidden className="inline-block size-5 rounded border border-ink/40 forced-color-adjust-none" style={{ background: colour }} />
    {children}
  </span>
);

/** The piece as it comes out when the lid is opened in time. */
export const PieceAtBest = ({ iron, reply }: { readonly iron: Iron; readonly reply: AdviceReply }) => {
  // The figures follow the wish at once; the drawing may be a frame behind.
  const { picture, answer } = useDeferredValue(reply);
  const lengths = useLengths();
  const second = Math.min(picture.seconds, Math.round(answer.cookTime_s.best));
  const crust_mm = picture.columns.at(-1)?.crust_mm[second] ?? 0;
  const isSet = (picture.core_C[second] ?? 0) >= picture.set_C;
  const crumb = isSet ? 'set through' : 'still wet inside';
  const crust = `crust ${measured(crust_mm, 'length', lengths)}`;
  return (
    <figure aria-label={`Half a piece from ${iron.name}: ${crust}, ${crumb}`} className="flex flex-col gap-3">
      <HalfPiece iron={iron} picture={picture} second={second} />
      <figcaption className="flex flex-wrap gap-x-7 gap-y-1 text-[17px]">
        <Patch colour={tawnyCss(faceSteps(picture, second).rib, picture.rawLightness)}>{crust}</Patch>
        <Patch colour={css(crumbColours(picture.rawLightness)[isSet ? 'crumb' : 'wet'])}>{crumb}</Patch>
      </figcaption>
    </figure>
  );
};
