import { ArrowRight, Undo2, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Lot } from '../../../core/log/index.ts';
import { NumberEntry, timeOfDay } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useSession } from '../../session/index.ts';
import { BowlPicture } from './BowlPicture.tsx';
import { Overshoot } from './Overshoot.tsx';
import { BeforeWeighing } from './Setup.tsx';
import { StandIn } from './StandIn.tsx';
import { StepPath } from './StepPath.tsx';
import { touchWords } from './atTheBench.ts';
import { useBench } from './useBench.ts';
import type { Bowl } from './useWeighing.ts';
import { useWeighing } from './useWeighing.ts';
import { WeighNow } from './WeighNow.tsx';
import { BOWL_WORDS } from './words.ts';
import { MixedLot, Work } from './MixedLot.tsx';

export const Weighing = () => {
  const session = useSession();
  return session === undefined ? null : <AtTheBench session={session} />;
};

const AtTheBench = ({ session }: { readonly session: Session }) => {
  const { bowl, append: tell, start, finish, givenUp, resume } = useWeighing(session);
  const [made, setMade] = useState<Lot | null>(null);
  if (bowl === undefined) return null;
  if (bowl === null && made !== null) return <MixedLot lot={made} onAgain={() => setMade(null)} />;
  if (bowl === null)
    return session.formula === null ? (
      <section className="max-w-xl p-8">
        <h1 className="text-3xl">Nothing to weigh yet</h1>
        <p className="mt-3 text-lg">
          Write a batter down first; here it becomes one instruction at a time, with the number to read very large.
        </p>
        <Link to="/recipe" className="button-act mt-5">
          Write a batter
        </Link>
      </section>
    ) : (
      <>
        {givenUp !== null && (
          <p role="status" className="flex flex-wrap items-center gap-4 bg-sheet px-5 py-2">
            You gave up the bowl of {givenUp.name} at {timeOfDay(givenUp.at, session.kit.zone)}.
            <button type="button" className="button-plain" onClick={resume}>
              Take it up again
            </button>
          </p>
        )}
        <BeforeWeighing session={session} formula={session.formula} onStart={(weighing) => void start(weighing)} />
      </>
    );
  return <Weigh session={session} bowl={bowl} tell={tell} onFinish={async () => setMade(await finish(bowl))} />;
};

type WeighProps = {
  readonly session: Session;
  readonly bowl: Bowl;
  readonly tell: ReturnType<typeof useWeighing>['append'];
  readonly onFinish: () => Promise<void>;
};

const Weigh = ({ session, bowl, tell, onFinish }: WeighProps) => {
  const { weighing, state, step } = bowl;
  const bench = useBench(session, bowl, tell, () => void onFinish());
  const {
    own,
    scale,
    isLive,
    at,
    touch,
    next,
    undo,
    record,
    recordTyped,
    overshoot,
    progress,
    layers,
    full_g,
    isDemo,
    wantsScale,
    setWantsScale,
  } = bench;
  return (
    <div className="grid h-full grid-cols-[250px_minmax(0,1fr)_310px] gap-6 px-5 py-3 max-lg:grid-cols-1">
      <aside className="overflow-y-auto pr-1 max-lg:order-last">
        <h1 className="text-lg">{bowl.formula.name}</h1>
        <p className="text-[15px] text-quiet">
          × {Number(state.factor.toFixed(3))} · {progress.done} of {progress.all} weighed{weighing.who === '' ? '' : ` · ${weighing.who}`}
        </p>
        <StepPath bowl={bowl} own={own} />
      </aside>
      <section aria-label="Now" className="min-w-0" data-step={step?.id ?? 'finish'} data-kind={step?.kind ?? 'finish'}>
        {step === null && (
          <>
            <h2 className="text-4xl">Everything is in</h2>
            <p className="mt-3 text-lg">Your log keeps what you really weighed.</p>
          </>
        )}
        {step?.kind === 'work' && <Work key={step.id} step={step} />}
        {step?.kind === 'weigh' && at !== null && (
          <WeighNow
            session={session}
            bowl={bowl}
            step={step}
            at={at}
            isLive={isLive}
            own={own}
            onFill={() => tell({ kind: 'filled', data: { stepId: step.id } })}
          />
        )}
        {overshoot !== null ? (
          <Overshoot
            bowl={bowl}
            step={overshoot.step}
            got_g={overshoot.got_g}
            choices={overshoot.choices}
            own={own}
            onLeave={() => record(overshoot.step, overshoot.got_g, overshoot.by)}
            onTakeOut={overshoot.takeOut}
            onScaleUp={(factor) => {
              record(overshoot.step, overshoot.got_g, overshoot.by);
              tell({ kind: 'scaled', data: { factor } });
            }}
          />
        ) : (
          <div className="mt-7 flex flex-wrap items-center gap-3">
            <button type="button" className="button-act h-20 min-w-64 text-2xl" onClick={next}>
              {touchWords(touch, isLive)}
              <ArrowRight aria-hidden className="size-6" />
            </button>
            <button type="button" className="button-plain h-16" disabled={state.undoable === null} onClick={undo}>
              <Undo2 aria-hidden className="size-5" /> Undo
            </button>
          </div>
        )}
      </section>
      <aside className="flex flex-col gap-4">
        {step !== null && <BowlPicture layers={layers} full_g={full_g} name={BOWL_WORDS[step.bowl]} />}
        {step?.kind === 'weigh' && (
          <NumberEntry
            key={step.id}
            label="Something else went in, g"
            value={null}
            min={0}
            max={100_000}
            mayBeEmpty
            placeholder="then Enter"
            onChange={() => undefined}
            onEnter={(value) => recordTyped(step, value)}
          />
        )}
        {weighing.by === 'scale' && (
          <label className="flex min-h-11 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-5 accent-act"
              checked={wantsScale}
              onChange={(event) => setWantsScale(event.target.checked)}
            />
            {isDemo ? 'a scale is connected' : 'try it with the simulated scale'}
          </label>
        )}
        {scale.status !== 'off' && at !== null && (
          <StandIn
            scale={scale}
            step={step?.kind === 'weigh' ? step : null}
            left_g={at.wanted_g - Math.max(0, at.got_g ?? 0)}
            onZero={at.zero}
          />
        )}
        <button
          type="button"
          className="mt-auto inline-flex min-h-11 items-center gap-2 self-start text-[15px] text-quiet underline underline-offset-2"
          onClick={() => tell({ kind: 'abandoned', data: {} })}
        >
          <X aria-hidden className="size-4" /> Give this bowl up
        </button>
      </aside>
    </div>
  );
};
