import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { basisInWords, Findings, clock, grams, temperature } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useNewestLoads } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import type { AdviceJob, AdviceReply } from '../workers/index.ts';
import { usePattern } from '../workers/index.ts';
import { Curves } from './Curves.tsx';
import { Cut } from './Cut.tsx';
import { Figures } from './Figures.tsx';
import { Lattice } from './Lattice.tsx';
import { OurWay } from './OurWay.tsx';
import { watchList } from './watch.ts';

const PhotoSheet = lazy(async () => ({ default: (await import('./PhotoSheet.tsx')).PhotoSheet }));

type AnswerProps = {
  readonly reply: AdviceReply;
  readonly session: Session;
  readonly iron: Iron;
  readonly formula: Formula;
  readonly job: AdviceJob;
};

export const Answer = ({ reply, session, iron, formula, job }: AnswerProps) => {
  const carryOut = useDo();
  const [photographing, setPhotographing] = useState(false);
  const newest = useNewestLoads([iron.id])?.get(iron.id);
  const best = reply.answer.cookTime_s.best;
  const pattern = usePattern(iron.pattern === undefined ? null : { job, second: best }).data;
  const { kit } = session;
  const { answer } = reply;
  // The figures follow the wish at once; the drawing may be a frame behind.
  const drawn = useDeferredValue(reply);
  const { picture } = drawn;
  const [scrubbed, setScrubbed] = useState<number | null>(null);
  const second = Math.min(picture.seconds, scrubbed ?? drawn.answer.cookTime_s.best);
  const isAsNew = session.workspace.asNewIronId === iron.id;
  const basis = basisInWords(reply.answer.basis, isAsNew ? 'as-new' : job.known === undefined ? 'none-yet' : 'being-weighed');
  // The lattice is drawn again only when something of it changes.
  const openPhotos = useCallback(() => setPhotographing(true), []);
  return (
    <>
      <div className="flex items-start gap-6 max-lg:flex-col">
        <div className="min-w-0 flex-1">
          <Figures reply={reply} iron={iron} kit={kit} basis={basis} isOwn={job.portion_g != null} />
          <div className="mt-1 flex flex-wrap items-baseline gap-x-5 text-[15px]">
            <p className="text-quiet" data-figure="basis" data-exact={reply.answer.basis?.loads ?? 0}>
              {basis.charAt(0).toUpperCase() + basis.slice(1)}.{' '}
              {(reply.answer.basis !== null || isAsNew) && (
                <button
                  type="button"
                  className="min-h-8 font-semibold text-act underline underline-offset-2"
                  onClick={() => session.setWorkspace({ asNewIronId: isAsNew ? null : iron.id })}
                >
                  {isAsNew ? 'With what its loads say' : 'As if new'}
                </button>
              )}
            </p>
            <OurWay session={session} iron={iron} formula={formula} job={job} reply={reply} />
          </div>
        </div>
        <div className="flex w-56 shrink-0 flex-col gap-1.5">
          <p className="text-[15px] text-quiet">
            Expect step{' '}
            <b className="text-ink" data-figure="tawnyStep" data-exact={answer.tawnyStep}>
              {answer.tawnyStep.toFixed(1)}
            </b>
            , crisp{' '}
            <b className="text-ink" data-figure="crisp" data-exact={answer.crisp}>
              {answer.crisp.toFixed(1)}
            </b>{' '}
            after two minutes on a rack;{' '}
            <span data-figure="pieceMass_g" data-exact={answer.pieceMass_g}>
              {Math.round(answer.pieceMass_g)}
            </span>{' '}
            g a piece,{' '}
            <span data-figure="pieceDensity_gPerMl" data-exact={answer.pieceDensity_gPerMl}>
              {answer.pieceDensity_gPerMl.toFixed(2)}
            </span>{' '}
            g/mL. The bowl gives{' '}
            <b className="text-ink" data-figure="loads" data-exact={answer.loads}>
              {answer.loads}
            </b>{' '}
            {answer.loads === 1 ? 'load' : 'loads'},{' '}
            <span data-figure="pieces" data-exact={answer.pieces}>
              {answer.pieces}
            </span>{' '}
            {answer.pieces === 1 ? 'piece' : 'pieces'}
            {answer.part !== null && `, the last with ${answer.part.moulds} of ${iron.geometry.moulds} moulds`};{' '}
            <span data-figure="leftover_g" data-exact={answer.leftover_g}>
              {Math.round(answer.leftover_g)}
            </span>{' '}
            g over
            {answer.even !== null && (
              <>
                , or none at <b className="text-ink">{grams(answer.even.portion_g)} g</b> a load
              </>
            )}
            .
          </p>
          <Link to={`/line?iron=${iron.id}`} className="button-act">
            Start this load
          </Link>
        </div>
      </div>
      <Findings findings={reply.findings} />
      <div className="flex gap-6 max-lg:flex-col">
        <div className="flex min-w-0 flex-1 flex-col gap-1">
          <Cut picture={picture} second={second} webShare={iron.geometry.webShare} />
          <Curves picture={picture} answer={drawn.answer} kit={kit} second={second} onSecond={setScrubbed} />
        </div>
        <aside className="flex w-60 shrink-0 flex-col gap-3 max-lg:w-full">
          <Lattice iron={iron} picture={picture} second={second} curve={pattern?.ok === true ? pattern.value : null} onPhoto={openPhotos} />
          <div>
            <h2 className="text-[17px]">Watch for</h2>
            <ol className="mt-1">
              {watchList(drawn.answer, picture).map((moment) => (
                <li key={moment.what}>
                  <button
                    type="button"
                    onClick={() => setScrubbed(moment.second)}
                    className={`flex min-h-7 w-full gap-3 text-left text-[15px] hover:bg-act-soft ${moment.kind === 'best' ? 'font-bold text-act' : moment.kind === 'limit' ? 'text-quiet italic' : ''}`}
                  >
                    <span className="w-11 text-right">{clock(moment.second)}</span>
                    {moment.what}
                  </button>
                </li>
              ))}
            </ol>
          </div>
          <p className="text-sm text-quiet">
            Hot plates and steam burn: bare metal at {temperature(65, kit.temperatureUnit)} in a second (ISO 13732-1). Open away from the
            face; the maker’s manual comes first.
          </p>
        </aside>
      </div>
      {photographing && (
        <Suspense>
          <PhotoSheet
            iron={iron}
            job={job}
            second={best}
            lastLoadId={newest?.progress.phase === 'opened' ? newest.load.id : null}
            onTeach={(change) => void carryOut(commands.reviseIron(iron, change))}
            onClose={() => setPhotographing(false)}
          />
        </Suspense>
      )}
    </>
  );
};
