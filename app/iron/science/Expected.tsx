import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { grams } from '../../ui/index.ts';

const Told = ({ name, exact, children }: { readonly name: string; readonly exact: number; readonly children: string }) => (
  <b data-figure={name} data-exact={exact} className="whitespace-nowrap">
    {children}
  </b>
);

/** What is expected of a piece, and of the whole bowl. */
export const Expected = ({ answer, iron }: { readonly answer: AdviceAnswer; readonly iron: Iron }) => {
  const { tawnyStep, crisp, pieceMass_g, pieceDensity_gPerMl, loads, pieces, leftover_g, part, even } = answer;
  return (
    <p>
      Expected: colour{' '}
      <Told name="tawnyStep" exact={tawnyStep}>
        {tawnyStep.toFixed(1)}
      </Told>
      , crispness{' '}
      <Told name="crisp" exact={crisp}>
        {crisp.toFixed(1)}
      </Told>{' '}
      of 5 after two minutes on a rack; <Told name="pieceMass_g" exact={pieceMass_g}>{`${Math.round(pieceMass_g)} g`}</Told> a piece,{' '}
      <Told name="pieceDensity_gPerMl" exact={pieceDensity_gPerMl}>{`${pieceDensity_gPerMl.toFixed(2)} g/mL`}</Told>. Your bowl makes{' '}
      <Told name="loads" exact={loads}>{`${loads} ${loads === 1 ? 'load' : 'loads'}`}</Told>,{' '}
      <Told name="pieces" exact={pieces}>{`${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`}</Told>
      {part !== null && `, the last load with ${part.moulds} of ${iron.geometry.moulds} moulds`}.{' '}
      <Told name="leftover_g" exact={leftover_g}>{`${Math.round(leftover_g)} g`}</Told> left over
      {even !== null && `; pour ${grams(even.portion_g)} g each to use it all`}.
    </p>
  );
};
