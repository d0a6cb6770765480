import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { Ingredient } from '../../../core/matter/index.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { NumberEntry } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { touchWords } from './atTheBench.ts';
import { BowlPicture } from './BowlPicture.tsx';
import { Work } from './MixedLot.tsx';
import { Overshoot } from './Overshoot.tsx';
import { StandIn } from './StandIn.tsx';
import { useBench } from './useBench.ts';
import type { Bowl, useWeighing } from './useWeighing.ts';
import { WeighHead } from './WeighHead.tsx';
import { WeighNow } from './WeighNow.tsx';
import { BOWL_WORDS, inWords, onScale, plainName, undoWords } from './words.ts';

type Props = {
  readonly session: Session;
  readonly bowl: Bowl;
  readonly tell: ReturnType<typeof useWeighing>['append'];
  readonly onFinish: () => Promise<void>;
};
type Bench = ReturnType<typeof useBench>;

/** One instruction at a time: what goes in, the number to read, the bowl filling to its line, what comes then, three buttons. */
export const AtTheBowl = ({ session, bowl, tell, onFinish }: Props) => {
  const { step } = bowl;
  const bench = useBench(session, bowl, tell, () => void onFinish());
  const { own, at, overshoot, record } = bench;
  return (
    <div data-weighing className="flex h-full flex-col">
      <WeighHead bowl={bowl} bench={bench} onGiveUp={() => tell({ kind: 'abandoned', data: {} })} />
      <section
        aria-label="Now"
        className="flex min-h-0 flex-1 flex-col"
        data-step={step?.id ?? 'finish'}
        data-kind={step?.kind ?? 'finish'}
      >
        <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)] gap-6 px-8 py-3 max-md:flex max-md:flex-col max-md:gap-2 max-md:px-4">
          <div className="min-w-0 [container-type:inline-size]">
            {step === null && (
              <>
                <h2 className="text-[min(10cqw,58px)] leading-tight">Everything is in</h2>
                <p className="mt-3 text-xl">Your log keeps what you really weighed.</p>
              </>
            )}
            {step?.kind === 'work' && <Work key={step.id} step={step} />}
            {step?.kind === 'weigh' && at !== null && overshoot === null && (
              <WeighNow
                session={session}
                bowl={bowl}
                step={step}
                at={at}
                isLive={bench.isLive}
                own={own}
                onFill={() => tell({ kind: 'filled', data: { stepId: step.id } })}
              />
            )}
            {overshoot !== null && (
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
            )}
          </div>
          <BowlAside bowl={bowl} bench={bench} />
        </div>
        <Then bowl={bowl} own={own} />
        {overshoot === null && <Touches key={step?.id ?? 'finish'} bowl={bowl} bench={bench} />}
      </section>
    </div>
  );
};

/** The bowl that is filled now, in section. */
const BowlAside = ({ bowl: { plan, step, topUp_g }, bench }: { readonly bowl: Bowl; readonly bench: Bench }) => {
  if (step === null) return <div />;
  const wanted = step.kind === 'weigh' ? { name: plainName(step, plan, bench.own), grams: topUp_g > 0 ? topUp_g : step.grams } : undefined;
  return (
    <div className="flex min-h-0 flex-col items-center justify-center gap-1 [&>svg]:min-h-0 [&>svg]:max-w-[440px] [&>svg]:flex-1 max-md:[&>svg]:max-h-[22dvh]">
      <BowlPicture layers={bench.layers} full_g={bench.full_g} name={BOWL_WORDS[step.bowl]} {...(wanted === undefined ? {} : { wanted })} />
      <p className="text-lg text-quiet first-letter:uppercase max-md:sr-only">{BOWL_WORDS[step.bowl]}</p>
      <ScaleStandIn step={step.kind === 'weigh' ? step : null} bench={bench} />
    </div>
  );
};

const ScaleStandIn = ({ step, bench: { scale, at } }: { readonly step: WeighStep | null; readonly bench: Bench }) =>
  scale.status !== 'off' &&
  at !== null && <StandIn scale={scale} step={step} left_g={at.wanted_g - Math.max(0, at.got_g ?? 0)} onZero={at.zero} />;

/** What comes after this. */
const Then = ({ bowl: { plan, step }, own }: { readonly bowl: Bowl; readonly own: readonly Ingredient[] }) => {
  const next = plan.steps[plan.steps.findIndex(({ id }) => id === step?.id) + 1];
  if (step === null || next === undefined) return null;
  return (
    <p className="flex min-h-14 shrink-0 items-center gap-3 bg-act-soft px-8 text-xl max-md:px-4 max-md:text-lg" data-then={next.id}>
      <span className="text-quiet">then</span>
      {next.kind === 'weigh' ? (
        <>
          <b className="truncate first-letter:uppercase">{plainName(next, plan, own)}</b>
          <b className="figure text-3xl">{onScale(next.grams, next.resolution_g)}</b>g
          {next.bowl !== step.bowl && <span className="text-quiet max-sm:hidden">, {BOWL_WORDS[next.bowl]}</span>}
        </>
      ) : (
        <b className="truncate">{(next.told ?? describeSentence(next)).split(/[:;.,]/)[0]}</b>
      )}
    </p>
  );
};

const OTHER =
  'flex min-h-24 flex-col items-center justify-center rounded-2xl border-2 border-act px-6 font-display text-2xl leading-tight font-bold text-act disabled:border-line disabled:text-quiet max-md:min-h-18 max-md:px-2.5 max-md:text-lg';

/** Undo, which says what it takes back; too much, or another amount; and the one thing to do. */
const Touches = ({ bowl, bench: { touch, isLive, next, undo, own, recordTyped } }: { readonly bowl: Bowl; readonly bench: Bench }) => {
  const [isTyping, setTyping] = useState(false);
  const { step, state } = bowl;
  const undone = undoWords(bowl, own);
  return (
    <div className="flex shrink-0 items-stretch gap-4 px-6 py-4 max-md:gap-2 max-md:px-3 max-md:py-3">
      <button
        type="button"
        className={OTHER}
        aria-label={undone === '' ? 'Undo' : `Undo: ${undone}`}
        disabled={state.undoable === null}
        onClick={undo}
      >
        <span className="flex items-center gap-2">
          <Undo2 aria-hidden className="size-6" /> Undo
        </span>
        {undone !== '' && (
          <span className="max-w-40 truncate font-sans text-base font-normal max-md:max-w-22 max-md:text-sm">{undone}</span>
        )}
      </button>
      {step?.kind === 'weigh' &&
        (isTyping ? (
          <div className="flex items-center">
            <NumberEntry
              big
              label="It was, g"
              value={null}
              min={0}
              max={100_000}
              mayBeEmpty
              placeholder="then Enter"
              onChange={() => undefined}
              onEnter={(value) => recordTyped(step, value)}
            />
          </div>
        ) : (
          <button type="button" className={OTHER} onClick={() => setTyping(true)}>
            Too much?
          </button>
        ))}
      <button
        type="button"
        className="min-h-24 min-w-0 flex-1 rounded-2xl bg-act px-4 font-display text-[min(44px,5vw)] leading-tight font-bold text-page max-md:min-h-18 max-md:text-2xl"
        onClick={next}
      >
        {touch?.kind === 'record' && !isLive && step?.kind === 'weigh' ? inWords(step, bowl.plan, own) : touchWords(touch, isLive)}
      </button>
    </div>
  );
};
