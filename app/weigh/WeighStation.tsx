import { ArrowRight, Undo2, X } from 'lucide-react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import type { Lot } from '../../core/log/index.ts';
import { ingredientById } from '../../core/matter/index.ts';
import type { WeighStep } from '../../core/weigh/index.ts';
import { overshootChoices } from '../../core/weigh/index.ts';
import { describeStored } from '../../words/index.ts';
import { useScale } from '../devices/index.ts';
import { NumberEntry } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { BowlPicture } from './BowlPicture.tsx';
import { Overshoot } from './Overshoot.tsx';
import { ScaleFace } from './ScaleFace.tsx';
import { BeforeWeighing } from './Setup.tsx';
import { SpoonFace } from './SpoonFace.tsx';
import { StandIn } from './StandIn.tsx';
import { StepPath } from './StepPath.tsx';
import { useAtScale } from './useAtScale.ts';
import type { Bowl } from './useWeighing.ts';
import { useWeighing } from './useWeighing.ts';
import { BOWL_WORDS, stepName } from './words.ts';
import { MixedLot, Work } from './MixedLot.tsx';

export const WeighStation = () => {
  const session = useSession();
  return session === undefined ? null : <AtTheBench session={session} />;
};

const AtTheBench = ({ session }: { readonly session: Session }) => {
  const { bowl, append: tell, start, finish } = useWeighing(session);
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
        <Link to="/formula" className="button-act mt-5">
          Write a batter
        </Link>
      </section>
    ) : (
      <BeforeWeighing key={session.formula.id} session={session} formula={session.formula} onStart={(weighing) => void start(weighing)} />
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
  const [wantsScale, setWantsScale] = useState(weighing.by === 'scale');
  const [confirmed, setConfirmed] = useState<string | null>(null);
  const scale = useScale(wantsScale && weighing.by === 'scale');
  const own = session.readSettings.own ?? [];
  const isLive = scale.status === 'live';
  /** Together with what was in already, where the lot has grown since. */
  const record = (done: WeighStep, went_g: number, by: 'scale' | 'hand'): void =>
    tell({
      kind: 'weighed',
      data: { stepId: done.id, grams: Math.max(0, went_g + (bowl.topUp_g > 0 ? (state.weighed.get(done.id)?.grams ?? 0) : 0)), by },
    });
  const at = useAtScale(bowl, scale, (done, went_g) => record(done, went_g, 'scale'));
  const undo = (): void => {
    if (state.undoable !== null) tell({ kind: 'undone', data: { seq: state.undoable } });
  };
  const mustConfirm = step?.kind === 'weigh' && weighing.by === 'spoons' && step.lookAlike !== null && confirmed !== step.id;
  const next = (): void => {
    if (step === null) return void onFinish();
    if (step.kind === 'work') return tell({ kind: 'worked', data: { stepId: step.id } });
    if (at === null) return;
    if (isLive && !at.isZeroed) return at.zero();
    if (mustConfirm) return setConfirmed(step.id);
    // Without a scale the cook's word counts: it went in as said.
    if (isLive && at.got_g !== null && at.got_g > 0) return record(step, at.got_g, 'scale');
    record(step, at.wanted_g, 'hand');
  };
  // On a button the space bar presses that button.
  useHotkeys('space', next, { preventDefault: true, ignoreEventWhen: (event) => event.target instanceof HTMLButtonElement });
  useHotkeys('u', undo);
  useHotkeys('z', () => at?.zero());
  const inBowl = step?.bowl ?? null;
  const layers = bowl.plan.steps.flatMap((other) => {
    if (other.kind !== 'weigh' || other.bowl !== inBowl) return [];
    const has = state.weighed.get(other.id)?.grams ?? 0;
    const isLiveLayer = step?.id === other.id;
    const live = isLiveLayer && isLive && at?.isZeroed === true ? Math.max(0, at.got_g ?? 0) : 0;
    const mass = isLiveLayer && bowl.topUp_g === 0 ? live : has + live;
    return mass > 0 ? [{ key: other.id, name: stepName(other, own), grams: mass, isLive: isLiveLayer }] : [];
  });
  const full_g = bowl.plan.steps.reduce((sum, other) => sum + (other.kind === 'weigh' && other.bowl === inBowl ? other.grams : 0), 0);
  const choices =
    step?.kind === 'weigh' && at?.overshoot_g != null && bowl.topUp_g === 0
      ? overshootChoices({
          reading: bowl.reading,
          steps: bowl.plan.steps,
          lineIds: bowl.lineIds,
          state,
          step,
          got_g: at.overshoot_g,
          climate: session.kit.climate,
        })
      : null;
  const done = bowl.plan.steps.filter((other) => other.kind === 'weigh' && state.weighed.has(other.id)).length;
  const all = bowl.plan.steps.filter((other) => other.kind === 'weigh').length;
  return (
    <div className="grid h-full grid-cols-[250px_minmax(0,1fr)_310px] gap-6 px-5 py-3 max-lg:grid-cols-1">
      <aside className="overflow-y-auto pr-1 max-lg:order-last">
        <h1 className="text-lg">{bowl.formula.name}</h1>
        <p className="text-[15px] text-quiet">
          × {Number(state.factor.toFixed(3))} · {done} of {all} weighed{weighing.who === '' ? '' : ` · ${weighing.who}`}
        </p>
        <StepPath bowl={bowl} own={own} />
      </aside>
      <section aria-label="Now" className="min-w-0" data-step={step?.id ?? 'finish'} data-kind={step?.kind ?? 'finish'}>
        {step === null && (
          <>
            <h2 className="text-4xl">Everything is in</h2>
            <p className="mt-3 text-lg">The lot goes into the book with what was really weighed.</p>
          </>
        )}
        {step?.kind === 'work' && <Work key={step.id} step={step} />}
        {step?.kind === 'weigh' && at !== null && (
          <>
            <p className="text-lg text-quiet">
              into the {BOWL_WORDS[step.bowl]}
              {bowl.topUp_g > 0 && ', a little more'}
            </p>
            <h2 className="text-5xl">{stepName(step, own)}</h2>
            {isLive && !at.isZeroed ? (
              <p className="mt-8 text-3xl">
                Put the <b>{BOWL_WORDS[step.bowl]}</b> on the scale
                {step.scaleId !== null &&
                  session.kit.scales.length > 1 &&
                  ` (${session.kit.scales.find((s) => s.id === step.scaleId)?.name.toLowerCase() ?? ''})`}
                , zero it.
              </p>
            ) : weighing.by === 'spoons' ? (
              <div className="mt-6">
                <SpoonFace
                  step={step}
                  ingredient={own.find((i) => i.id === step.ingredientId) ?? ingredientById(step.ingredientId ?? '') ?? null}
                  kit={session.kit}
                  filled={state.fills.get(step.id) ?? 0}
                  onFill={() => tell({ kind: 'filled', data: { stepId: step.id } })}
                />
              </div>
            ) : (
              <ScaleFace step={step} at={at} isLive={isLive} />
            )}
            {step.lookAlike !== null && (
              <p className="mt-3 text-lg">
                Read the label aloud: <b>{stepName(step, own).toLowerCase()}</b>, not {ingredientById(step.lookAlike)?.name.toLowerCase()}.
              </p>
            )}
            {step.cautions.map((code) => (
              <p key={code} className="mt-1 text-[15px] text-quiet">
                {describeStored(code)}
              </p>
            ))}
          </>
        )}
        {choices !== null && step?.kind === 'weigh' && at?.overshoot_g != null ? (
          <Overshoot
            bowl={bowl}
            step={step}
            got_g={at.overshoot_g}
            choices={choices}
            own={own}
            onLeave={() => record(step, at.overshoot_g ?? step.grams, 'scale')}
            onTakeOut={at.takingOut}
            onScaleUp={(factor) => {
              record(step, at.overshoot_g ?? step.grams, 'scale');
              tell({ kind: 'scaled', data: { factor } });
            }}
          />
        ) : (
          <div className="mt-7 flex flex-wrap items-center gap-3">
            <button type="button" className="button-act h-20 min-w-64 text-2xl" onClick={next}>
              {step === null
                ? 'Into the book'
                : step.kind === 'work'
                  ? 'Done'
                  : isLive && at?.isZeroed === false
                    ? 'Zero, go on'
                    : mustConfirm
                      ? 'It is that one'
                      : isLive
                        ? 'Take it as shown'
                        : 'It is in'}
              <ArrowRight aria-hidden className="size-6" />
            </button>
            <button type="button" className="button-plain h-16" disabled={state.undoable === null} onClick={undo}>
              <Undo2 aria-hidden className="size-5" /> Undo
            </button>
          </div>
        )}
      </section>
      <aside className="flex flex-col gap-4">
        {inBowl !== null && <BowlPicture layers={layers} full_g={full_g} name={BOWL_WORDS[inBowl]} />}
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
            onEnter={(value) => record(step, value, 'hand')}
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
            a scale is connected
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
