import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { lightnessOfDensity } from '../../../core/advise/index.ts';
import { NORMAL_P90 } from '../../../core/basis/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { priorOf } from '../../../core/plate/index.ts';
import type { Session } from '../../session/index.ts';
import { bowlTemperature, useNewestLoads } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { clock, grams, lengthUnitOf, measured, temperature, temperatureApart } from '../../ui/index.ts';
import type { AdviceJob, AdviceReply } from '../../workers/index.ts';
import { usePattern } from '../../workers/index.ts';
import { Curves } from './Curves.tsx';
import { Cut } from '../piece/Cut.tsx';
import { Expected } from './Expected.tsx';
import { Lattice } from './Lattice.tsx';
import { Moved } from './Moved.tsx';
import type { Wish } from './MoreWishes.tsx';
import { MoreWishes } from './MoreWishes.tsx';
import { OurWay } from './OurWay.tsx';
import { watchList } from './watch.ts';

const PhotoSheet = lazy(async () => ({ default: (await import('../photo/PhotoSheet.tsx')).PhotoSheet }));

type Props = {
  readonly session: Session;
  readonly formula: Formula;
  readonly iron: Iron;
  readonly job: AdviceJob;
  readonly reply: AdviceReply;
  readonly wish: Wish;
  readonly onDrag: (wish: Wish) => void;
  readonly onSettle: (wish: Wish) => void;
};

/** Everything behind the three figures: more wishes, what moved them, how sure they are, the cut and its curves at any second. */
export const Science = ({ session, formula, iron, job, reply, wish, onDrag, onSettle }: Props) => {
  const { workspace, kit } = session;
  const isAsNew = workspace.asNewIronId === iron.id;
  return (
    <section aria-label="The science" className="mt-2 flex flex-col gap-4 border-t border-line pt-4">
      <MoreWishes
        wish={wish}
        hasCrisp={!iron.dryThrough}
        comes={{ crisp: reply.answer.crisp, lightness: iron.dryThrough ? null : lightnessOfDensity(reply.answer.pieceDensity_gPerMl) }}
        onDrag={onDrag}
        onSettle={onSettle}
      />
      <Moved job={job} />
      <div className="flex flex-wrap items-baseline gap-x-6">
        {(reply.answer.basis !== null || isAsNew) && (
          <button
            type="button"
            className="min-h-11 font-semibold text-act underline underline-offset-4"
            onClick={() => session.setWorkspace({ asNewIronId: isAsNew ? null : iron.id })}
          >
            {isAsNew ? 'Use what we learned' : 'Ignore history'}
          </button>
        )}
        <OurWay session={session} iron={iron} formula={formula} job={job} reply={reply} />
      </div>
      <Expected answer={reply.answer} iron={iron} />
      <HowSure reply={reply} iron={iron} kit={kit} isOwn={job.portion_g != null} />
      <Conditions session={session} formula={formula} reply={reply} />
      <Drawn session={session} iron={iron} job={job} reply={reply} />
    </section>
  );
};

/** From what the figures were worked out. */
const Conditions = ({ session, formula, reply }: Pick<Props, 'session' | 'formula' | 'reply'>) => {
  const { kit, workspace } = session;
  const batter_C = bowlTemperature(session, formula) ?? workspace.batter_C;
  const parts = [
    measured(kit.altitude_m, 'height', lengthUnitOf(kit)),
    `water boils at ${temperature(reply.answer.boiling_C, kit.temperatureUnit)}`,
    `batter at ${temperature(batter_C, kit.temperatureUnit)}`,
    `load ${workspace.load}`,
    workspace.preheat_s === null ? null : `preheated for ${clock(workspace.preheat_s)}`,
  ];
  return <p className="text-quiet">Worked out for {parts.filter((part) => part !== null).join(', ')}.</p>;
};

type SureProps = { readonly reply: AdviceReply; readonly iron: Iron; readonly kit: Kit; readonly isOwn: boolean };

/** Eight in ten irons of which no more is known, or as its loads leave it open, lie within these. */
const HowSure = ({ reply: { answer, believed }, iron, kit, isOwn }: SureProps) => {
  const known = believed?.spread ?? priorOf(iron);
  const plates_K = NORMAL_P90 * known.plates_K;
  const portion = NORMAL_P90 * known.cavity;
  const unit = kit.temperatureUnit;
  return (
    <p className="text-quiet">
      Plates at {temperature(answer.plateTemperature_C, unit)} when you pour,{' '}
      <span className="whitespace-nowrap">± {temperatureApart(plates_K, unit)}</span>.{' '}
      {iron.geometry.moulds > 1 && `${grams(answer.portion_g)} g a load. `}
      Portion {Math.round(answer.portion_mL)} mL,{' '}
      {isOwn ? 'your own' : `between ${grams((1 - portion) * answer.dose_g)} and ${grams((1 + portion) * answer.dose_g)} g`}. Time between{' '}
      {clock(answer.cookTimeBand_s.p10)} and {clock(answer.cookTimeBand_s.p90)} in 8 of 10{' '}
      {believed === null ? 'irons like this' : 'loads like yours'}.
    </p>
  );
};

type DrawnProps = Pick<Props, 'session' | 'iron' | 'job' | 'reply'>;

/** The cut, its curves and the plates at any second. */
const Drawn = ({ session, iron, job, reply }: DrawnProps) => {
  const carryOut = useDo();
  const [isPhoto, setPhoto] = useState(false);
  const [scrubbed, setScrubbed] = useState<number | null>(null);
  const newest = useNewestLoads([iron.id])?.get(iron.id);
  const { best } = reply.answer.cookTime_s;
  const pattern = usePattern(iron.pattern === undefined ? null : { job, second: best }).data;
  const { answer, picture } = useDeferredValue(reply);
  const second = Math.min(picture.seconds, scrubbed ?? answer.cookTime_s.best);
  // The lattice is drawn again only when something of it changes.
  const openPhoto = useCallback(() => setPhoto(true), []);
  return (
    <div className="flex gap-6 max-lg:flex-col">
      <div className="flex min-w-0 flex-1 flex-col gap-1">
        <Cut picture={picture} second={second} webShare={iron.geometry.webShare} />
        <Curves picture={picture} answer={answer} kit={session.kit} second={second} onSecond={setScrubbed} />
      </div>
      <aside className="flex w-60 shrink-0 flex-col gap-3 max-lg:w-full">
        <Lattice iron={iron} picture={picture} second={second} curve={pattern?.ok === true ? pattern.value : null} onPhoto={openPhoto} />
        <h3 className="text-[17px]">What happens when</h3>
        <ol>
          {watchList(answer, picture).map((moment) => (
            <li key={moment.what}>
              <button
                type="button"
                onClick={() => setScrubbed(moment.second)}
                className={`flex min-h-8 w-full gap-3 text-left text-[15px] hover:bg-act-soft ${moment.kind === 'best' ? 'font-bold text-act' : moment.kind === 'limit' ? 'text-quiet italic' : ''}`}
              >
                <span className="w-11 text-right">{clock(moment.second)}</span>
                {moment.what}
              </button>
            </li>
          ))}
        </ol>
        <p className="text-sm text-quiet">
          Hot plates and steam burn: bare metal at {temperature(65, session.kit.temperatureUnit)} in a second (ISO 13732-1). Open away from
          your face. The maker’s manual comes first.
        </p>
      </aside>
      {isPhoto && (
        <Suspense>
          <PhotoSheet
            iron={iron}
            job={job}
            second={best}
            lastLoadId={newest?.progress.phase === 'opened' ? newest.load.id : null}
            onTeach={(change) => void carryOut(commands.reviseIron(iron, change))}
            onClose={() => setPhoto(false)}
          />
        </Suspense>
      )}
    </div>
  );
};
