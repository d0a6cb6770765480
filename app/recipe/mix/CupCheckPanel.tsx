import { useState } from 'react';
import type { Formula } from '../../../core/formula/index.ts';
import { airAfter, cupCheck, secondHalfAdvised } from '../../../core/lift/index.ts';
import { ironsOfRun } from '../../../core/run/index.ts';
import { grams, NumberEntry, percent, scoopsFor } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob } from '../../session/index.ts';
import { airIn } from '../../../core/lot/index.ts';
import { wallNow } from '../../clock/index.ts';
import { useAdvices } from '../../workers/index.ts';
import type { useLot } from './useLot.ts';
import { hours } from './words.ts';

type CupProps = {
  readonly session: Session;
  readonly formula: Formula;
  readonly airless: number;
  readonly fold: Parameters<typeof cupCheck>[3];
  readonly lot: ReturnType<typeof useLot>['lot'];
  readonly note: ReturnType<typeof useLot>['note'];
};

const CUP_ML = 236.6;

/** One level cup on the scale says how much air is really in it; from it the portion, in scoops, on every iron. */
export const CupCheckPanel = ({ session, formula, airless, fold, lot, note }: CupProps) => {
  const [mass, setMass] = useState<number | null>(null);
  const [now] = useState(wallNow);
  const check = mass === null ? null : cupCheck(mass, CUP_ML, airless, fold);
  const known = lot === null ? null : airIn(lot, wallNow());
  const air = check?.airFraction ?? known;
  const irons = session.irons.filter((iron) => session.run === null || ironsOfRun(session.run).includes(iron.id));
  const answers = useAdvices(
    irons.map((iron) =>
      air === null ? null : adviceJob(session, formula, iron, { ...session.workspace, airFraction: Number(air.toFixed(3)) }),
    ),
  );
  const lastLoad = session.run?.serveAt ?? null;
  const minutesLeft = lastLoad === null ? null : (lastLoad - now) / 60_000;
  return (
    <div className="flex flex-col gap-3">
      <h2 className="text-lg">Weigh one level cup</h2>
      <NumberEntry
        label="grams in a US cup (237 mL), the cup zeroed"
        value={null}
        min={20}
        max={400}
        mayBeEmpty
        big
        placeholder="g"
        onChange={setMass}
      />
      {check !== null && (
        <>
          <p>
            <b className="figure text-3xl" data-figure="density" data-exact={check.density_gPerML}>
              {check.density_gPerML.toFixed(2)}
            </b>{' '}
            g/mL, {percent(check.airFraction)} air{check.kept === null ? '' : `: ${percent(check.kept)} of the foam’s was kept`}
          </p>
          <button
            type="button"
            className="button-act"
            onClick={() =>
              void note({
                kind: 'cup-weighed',
                data: { grams: mass ?? 0, cup_mL: CUP_ML, airFraction: Number(check.airFraction.toFixed(4)) },
              })
            }
          >
            Note it for this bowl
          </button>
        </>
      )}
      {air !== null && (
        <ul aria-label="Portions with this air" className="text-[15px]">
          {irons.map((iron, i) => {
            const data = answers[i]?.data;
            if (data?.ok !== true) return null;
            const { answer } = data.value;
            const dose_mL = answer.portion_mL / iron.geometry.moulds;
            const scoops = scoopsFor(dose_mL, session.kit.scoops);
            return (
              <li key={iron.id} className="flex justify-between border-b border-line py-1" data-iron={iron.id}>
                <span>{iron.name}</span>
                <span>
                  <b>{grams(answer.dose_g)} g</b>, {Math.round(dose_mL)} mL
                  {scoops !== null && ` = ${scoops.text}`}
                </span>
              </li>
            );
          })}
        </ul>
      )}
      {air !== null && (
        <p className="text-[15px] text-quiet">
          The air goes: after 20 min {percent(airAfter(air, 20))} of the volume is air, after 40 min {percent(airAfter(air, 40))}.
          {minutesLeft !== null &&
            minutesLeft > 0 &&
            secondHalfAdvised(minutesLeft) &&
            minutesLeft < 180 &&
            ` Plates go on for ${hours(minutesLeft / 60)}: fold a second half later.`}
        </p>
      )}
    </div>
  );
};
