import { Play } from 'lucide-react';
import { useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import { actsOf, thicknessWord } from '../../../core/formula/index.ts';
import type { Weighing, WeighStep } from '../../../core/weigh/index.ts';
import { bowlFindings, mixingBowl, placesOf, readingError, SEEN_ERROR, stockMix, weighPlan } from '../../../core/weigh/index.ts';
import { Findings, grams, NumberEntry, percent } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { readingOf, useRunPlan } from '../../session/index.ts';
import { wallNow } from '../../clock/index.ts';
import { askedFactor } from './askedFactor.ts';
import { BowlOrder } from './BowlOrder.tsx';
import { BOWL_WORDS, stepName } from './words.ts';
import { SpoonList } from './SpoonList.tsx';

type Props = {
  readonly session: Session;
  readonly formula: Formula;
  readonly onStart: (weighing: Omit<Weighing, 'id' | 'startedAt'>) => void;
};

/** Before the first gram: how much, with what, and whether the bowl holds it. */
export const BeforeWeighing = ({ session, formula, onStart }: Props) => {
  const { kit } = session;
  const planned = useRunPlan(session);
  const asked = askedFactor(planned, formula, session.lots, wallNow());
  const [kept, setTyped] = useState<{ readonly formulaId: string; readonly value: number } | null>(null);
  const typed = kept?.formulaId === formula.id ? kept : null;
  const factor = typed?.value ?? asked ?? 1;
  const [by, setBy] = useState<Weighing['by']>(kit.scales.length === 0 ? 'spoons' : 'scale');
  const [display, setDisplay] = useState<Weighing['display']>('tare');
  const [who, setWho] = useState('');
  const reading = readingOf(session, formula);
  const plan = weighPlan(reading, {
    scales: kit.scales,
    factor,
    lineIds: formula.lines.map((line) => line.id),
    acts: actsOf(formula),
    places: placesOf(formula),
  });
  const batter = batterOf(reading, { batter_C: session.workspace.batter_C, altitude_m: kit.altitude_m });
  const mass_g = factor * reading.totalMass_g;
  const need = batter.ok ? mixingBowl(mass_g, batter.value.density_gPerML, reading.lift, kit.bowls) : null;
  const weighs = plan.steps.filter((step) => step.kind === 'weigh');
  const coarse = weighs.filter((step) => readingError(step.grams, step.resolution_g) > SEEN_ERROR);
  /** A powder can be thinned with flour; a spoon of extract can't. */
  const isPowder = (step: WeighStep): boolean => step.bowl === 'dry' || step.inCup;
  const own = session.readSettings.own ?? [];
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_340px] gap-8 px-8 py-5 max-lg:grid-cols-1 max-sm:px-5">
      <section>
        <h1 className="sr-only">Weigh {formula.name}</h1>
        <div className="flex flex-wrap items-end gap-5">
          <NumberEntry
            key={formula.id}
            label="times the recipe"
            value={factor}
            min={0.05}
            max={100}
            onChange={(value) => value !== null && setTyped({ formulaId: formula.id, value })}
          />
          <Choose
            label="With"
            value={by}
            choices={[
              ['scale', 'a scale'],
              ['spoons', 'cups and spoons'],
            ]}
            onChange={setBy}
          />
          {by === 'scale' && (
            <Choose
              label="The display"
              value={display}
              choices={[
                ['tare', 'zero each time'],
                ['running', 'runs on'],
              ]}
              onChange={setDisplay}
            />
          )}
          <label className="flex flex-col gap-1 text-[15px]">
            Who weighs
            <input className="entry w-32" maxLength={60} value={who} onChange={(event) => setWho(event.target.value)} />
          </label>
        </div>
        <p className="mt-5 text-lg">
          <b className="figure text-4xl" data-figure="bowl_g" data-exact={mass_g}>
            {grams(mass_g)}
          </b>{' '}
          g in {plan.bowls.length} {plan.bowls.length === 1 ? 'bowl' : 'bowls'}, {weighs.length} things to weigh
          {by === 'scale' && display === 'running' ? `, zero ${plan.zeroings} times` : ''}.
        </p>
        {asked !== null && (
          <p className="mt-1" data-figure="run factor" data-exact={asked}>
            {typed === null || typed.value === asked ? (
              `As much as ${planned?.run.name ?? 'the plan'} needs.`
            ) : (
              <button type="button" className="min-h-8 font-semibold text-act underline underline-offset-2" onClick={() => setTyped(null)}>
                {planned?.run.name} needs × {asked}
              </button>
            )}
          </p>
        )}
        <p className="mt-1 text-quiet">
          {plan.bowls.map((role) => BOWL_WORDS[role]).join(' · ')}
          {batter.ok && ` · ${thicknessWord(batter.value.looseness)} when mixed`}
        </p>
        <button
          type="button"
          className="button-act mt-5 h-16 px-8 text-xl"
          disabled={weighs.length === 0}
          onClick={() => onStart({ formulaId: formula.id, formulaRev: formula.rev, factor, by, display, who: who.trim() })}
        >
          <Play aria-hidden className="size-6" /> Start weighing
        </button>
        <div className="mt-5 flex max-w-2xl flex-col gap-2">
          {need !== null && <Findings findings={bowlFindings(need, reading.lift, kit.bowls)} />}
          {plan.byEye.length > 0 && <p className="text-[15px]">Not weighed: {plan.byEye.join('; ')}.</p>}
        </div>
        {by === 'spoons' && <SpoonList formula={formula} plan={plan} kit={kit} own={own} />}
      </section>
      <aside className="flex flex-col gap-6">
        {need !== null && (
          <section aria-label="The bowl">
            <h2 className="text-lg">The bowl</h2>
            <p className="mt-1">
              {need.bowl === null ? (
                'None of your bowls is large enough.'
              ) : (
                <>
                  <b>{need.bowl.name}</b>, {need.bowl.volume_mL.toLocaleString('en-GB')} mL: {percent(need.share ?? 0)} full at its highest.
                </>
              )}
            </p>
            <div className="relative mt-2 h-6 overflow-hidden rounded-b-2xl border-2 border-t-0 border-ink bg-sheet" aria-hidden>
              <span className="absolute inset-y-0 left-0 bg-band" style={{ width: `${Math.min(100, 100 * (need.share ?? 0))}%` }} />
              <span
                className="absolute inset-y-0 left-0 bg-act/60"
                style={{ width: `${Math.min(100, (100 * (need.share ?? 0) * need.mixed_mL) / need.risen_mL)}%` }}
              />
            </div>
            <p className="mt-1 text-sm text-quiet">
              {grams(Math.round(need.mixed_mL / 10) * 10)} mL mixed, {grams(Math.round(need.risen_mL / 10) * 10)} mL at its highest
            </p>
          </section>
        )}
        {by === 'scale' && coarse.length > 0 && (
          <section aria-label="Too little for the scale">
            <h2 className="text-lg">Too little for the scale</h2>
            <ul className="mt-1 text-[15px]">
              {coarse.map((step) => {
                const mix = stockMix(step.grams, 10);
                return (
                  <li key={step.id} className="border-b border-line py-1.5">
                    <b>
                      {grams(step.grams)} g {stepName(step, own).toLowerCase()}
                    </b>
                    : ±{percent(readingError(step.grams, step.resolution_g))} on a {step.resolution_g} g scale. A level spoon or a finer
                    scale
                    {isPowder(step)
                      ? `, or a stock mix: ${grams(mix.powder_g)} g with ${grams(mix.carrier_g)} g flour for ten bowls, ${grams(mix.use_g)} g of it here.`
                      : '.'}
                  </li>
                );
              })}
            </ul>
          </section>
        )}
      </aside>
      <BowlOrder key={formula.id} formula={formula} reading={reading} plan={plan} own={own} />
    </div>
  );
};

const Choose = <T extends string>({
  label,
  value,
  choices,
  onChange,
}: {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly (readonly [T, string])[];
  readonly onChange: (value: T) => void;
}) => (
  <fieldset>
    <legend className="text-[15px]">{label}</legend>
    <div className="mt-1 flex gap-2">
      {choices.map(([choice, words]) => (
        <button
          key={choice}
          type="button"
          className={value === choice ? 'button-act' : 'button-plain'}
          aria-pressed={value === choice}
          onClick={() => onChange(choice)}
        >
          {words}
        </button>
      ))}
    </div>
  </fieldset>
);
