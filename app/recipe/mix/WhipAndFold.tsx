import { lazy, Suspense, useMemo, useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { bowlForFoam, formOf } from '../../../core/kit/index.ts';
import { actsOf, ingredientOf, LIFT_FACTS } from '../../../core/formula/index.ts';
import {
  airAfterStanding,
  airKept,
  bestStop,
  foamDensity,
  foamPlan,
  foamBowl_mL,
  foamVolume_mL,
  foldedDensity,
  learnedTimeFactor,
  overrunAt,
  peakStand,
  stageAt,
  STAGES,
  streaksLeft,
  SUGAR_TIMES,
  whipFindings,
  WHIP_TOOLS,
} from '../../../core/lift/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, Findings, grams, InlineSelect, percent } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { curves, sampled } from './curves.ts';
import { Peak } from './Peak.tsx';
import { useLot } from './useLot.ts';
import { STAGE_WORDS, SUGAR_WORDS, WHIP_TOOL_WORDS } from './words.ts';
import { CupCheckPanel } from './CupCheckPanel.tsx';
import { StageRow } from './StageRow.tsx';
import { useKeptChoice } from './useKeptChoice.ts';
import { useStopwatch } from './useStopwatch.ts';
import { whipAsked } from './whipAsked.ts';
import { COLOURS } from '../../ui/index.ts';

const Chart = lazy(() => import('../../ui/picture/Chart.tsx'));

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

/** Whites of a large egg: 33 of 50 g (USDA). */
const WHITE_SHARE = 33 / 50;

const ADDITIONS = ['1', '2', '3'] as const;

const eggsIn = (reading: ParsedFormula): { whites_g: number; eggs_g: number; sugar_g: number } => {
  const of = (test: (id: string, role: string) => boolean): number =>
    reading.lines.reduce((sum, line) => {
      const i = ingredientOf(line);
      return i !== undefined && test(i.id, i.role) ? sum + (line.grams ?? 0) : sum;
    }, 0);
  const eggs_g = of((id) => id === 'egg');
  return { eggs_g, whites_g: of((id) => id === 'egg-white') + WHITE_SHARE * eggs_g, sugar_g: of((_, role) => role === 'sugar') };
};

export const WhipAndFold = ({ session, formula, reading }: Props) => {
  const { kit, workspace } = session;
  const { lot, note } = useLot(session, formula, reading);
  const inBowl = eggsIn(reading);
  const asked = useMemo(() => whipAsked(reading, actsOf(formula)), [reading, formula]);
  const keyOf = (what: string): string => `tawny-lattice-whip ${formula.id} ${what}`;
  const [kind, setKind] = useKeptChoice(keyOf('kind'), ['whites', 'whole-egg'] as const, asked.kind);
  const [sugarTime, setSugarTime] = useKeptChoice(keyOf('sugar'), SUGAR_TIMES, asked.sugarTime);
  const [tool, setTool] = useKeptChoice(keyOf('tool'), WHIP_TOOLS, asked.tool);
  const [cold, setCold] = useState(false);
  const [parts, setParts] = useKeptChoice(keyOf('additions'), ADDITIONS, String(asked.additions) as (typeof ADDITIONS)[number]);
  const additions = Number(parts) as 1 | 2 | 3;
  const [chosenBowlId, setBowlId] = useState<string | null>(null);
  const done = session.lots.flatMap((l) =>
    l.events.flatMap((event) =>
      event.kind === 'whipped' && event.data.tool === tool && event.data.reckoned_s > 0 ? [event.data.seconds / event.data.reckoned_s] : [],
    ),
  );
  const timeFactor = learnedTimeFactor(done);
  const whip = {
    kind,
    egg_g: kind === 'whites' ? inBowl.whites_g : inBowl.eggs_g,
    // Where the recipe has none in the foam and somebody wants some, it is all of it.
    sugar_g: sugarTime === 'never' ? 0 : asked.sugar_g > 0 ? asked.sugar_g : inBowl.sugar_g,
    sugarTime: kind === 'whole-egg' && sugarTime !== 'never' ? ('start' as const) : sugarTime,
    tool,
    temperature_C: reading.lift === 'ribbon' ? 42 : cold ? 6 : kit.room_C,
    warm: reading.lift === 'ribbon',
    timeFactor,
  };
  const bowl = kit.bowls.find(({ id }) => id === chosenBowlId) ?? bowlForFoam(kit.bowls, whip.egg_g > 0 ? foamBowl_mL(whip) : 0);
  const findings = whipFindings(whip, bowl === null ? null : { ...bowl, form: formOf(bowl) });
  const plan = foamPlan({ ...whip, egg_g: Math.max(1, whip.egg_g) });
  const [elapsed, running, press] = useStopwatch(formula.id);
  const stage = stageAt(plan, elapsed);
  const isHere = running || elapsed > 0;
  const shown_s = isHere ? elapsed : plan.reached_s[asked.aim];
  const overrun = overrunAt(plan, shown_s);
  const batter = batterOf(reading, { batter_C: workspace.batter_C, altitude_m: kit.altitude_m, airFraction: 0 });
  if (!batter.ok) return <p className="text-lg">{describeSentence(batter.failure)}.</p>;
  if (whip.egg_g <= 0) return <Findings findings={findings} />;
  const fold = {
    batter_g: Math.max(1, reading.totalMass_g - plan.mass_g),
    batterDensity_gPerML: batter.value.density_gPerML * (1 - LIFT_FACTS.quick.airFraction),
    looseness: batter.value.looseness,
    foam_g: plan.mass_g,
    // What is in the bowl once it was whipped; before, what is aimed at.
    foamDensity_gPerML: foamDensity(
      whip,
      !running && elapsed >= plan.reached_s.soft ? overrun : overrunAt(plan, plan.reached_s[asked.aim]),
    ),
    additions,
  };
  const stop = bestStop(fold);
  const drawing = curves(
    'strokes',
    { min: 0, max: 40, say: String },
    { min: 0, max: 1, say: (y) => percent(y) },
    [
      { name: 'air kept', colour: COLOURS.act, dash: 'solid', points: sampled((n) => airKept(fold, n), 0, 40) },
      { name: 'streaks left', colour: COLOURS.ink, dash: 'dashed', points: sampled((n) => streaksLeft(fold, n), 0, 40) },
    ],
    [{ x: stop, label: `stop at ${stop}`, strong: true }],
  );
  return (
    <div className="flex flex-col gap-6">
      {asked.words.length > 0 && (
        <blockquote className="border-l-[5px] border-band pl-4">
          <p className="text-[15px] text-quiet">Your recipe</p>
          {asked.words.map((words) => (
            <p key={words} className="text-lg">
              “{words}”
            </p>
          ))}
        </blockquote>
      )}
      <section aria-label="Whip" className="grid grid-cols-[270px_minmax(0,1fr)_300px] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-1 text-lg">
          <p>
            <b className="figure text-3xl">{grams(whip.egg_g)}</b> g{' '}
            <InlineSelect
              label="What is whipped"
              value={kind}
              choices={[
                { value: 'whites', label: 'egg white' },
                { value: 'whole-egg', label: 'whole egg' },
              ]}
              onChange={setKind}
            />
          </p>
          <p>
            {sugarTime !== 'never' && <>{grams(whip.sugar_g)} g, </>}
            <InlineSelect
              label="Sugar"
              value={sugarTime}
              choices={SUGAR_TIMES.map((value) => ({ value, label: SUGAR_WORDS[value] }))}
              onChange={setSugarTime}
            />
          </p>
          <p>
            <InlineSelect
              label="Tool"
              value={tool}
              choices={WHIP_TOOLS.map((value) => ({ value, label: WHIP_TOOL_WORDS[value] }))}
              onChange={setTool}
            />
          </p>
          <p>
            <InlineSelect
              label="Bowl"
              value={bowl?.id ?? ''}
              choices={kit.bowls.map((b) => ({ value: b.id, label: `${b.name}, ${b.material}` }))}
              onChange={setBowlId}
            />
          </p>
          <label className="flex min-h-11 items-center gap-2 text-base">
            <input type="checkbox" className="size-5 accent-act" checked={cold} onChange={(event) => setCold(event.target.checked)} />{' '}
            straight from the cold
          </label>
          <p className="text-[15px] text-quiet">
            Foam at {STAGE_WORDS[asked.aim][0]}: {Math.round(foamVolume_mL(whip, overrunAt(plan, plan.reached_s[asked.aim])) / 50) * 50} mL,{' '}
            {foamDensity(whip, overrunAt(plan, plan.reached_s[asked.aim])).toFixed(2)} g/mL; after 20 min{' '}
            {percent(airAfterStanding(plan, 20))} of its air is left.{' '}
            {done.length === 0 ? 'Times: model only.' : `Times: ${done.length} in your log, yours take ×${timeFactor.toFixed(2)}.`}
            {kind === 'whites' && ' A trace of yolk or fat spoils it.'}
          </p>
          <Findings findings={findings} />
        </div>
        <div className="flex flex-col items-center">
          <Peak stand={peakStand(plan, shown_s)} />
          <p className="text-center">
            <span className="figure text-[96px] max-sm:text-7xl" role="timer" aria-label="Stopwatch">
              {clock(elapsed)}
            </span>
            <br />
            <span className="text-2xl" role="status">
              {stage === null
                ? isHere
                  ? 'liquid'
                  : `this is how ${STAGE_WORDS[asked.aim][0]} looks`
                : `${STAGE_WORDS[stage][0]}: ${STAGE_WORDS[stage][1]}`}
            </span>
          </p>
          <button type="button" className="button-act mt-3 h-20 w-full max-w-sm text-2xl" onClick={press}>
            {running ? 'Stop' : elapsed > 0 ? 'Again from nought' : 'Start whipping'}
          </button>
        </div>
        <ol aria-label="Stages" className="flex flex-col gap-1.5">
          {STAGES.map((name) => (
            <StageRow
              key={name}
              stage={name}
              at_s={plan.reached_s[name]}
              density_gPerML={foldedDensity(
                { ...fold, foamDensity_gPerML: foamDensity(whip, overrunAt(plan, plan.reached_s[name] * (name === 'broken' ? 1.3 : 1))) },
                stop,
              )}
              isReached={isHere && elapsed >= plan.reached_s[name]}
              onSay={
                elapsed > 0 && name !== 'broken'
                  ? () => {
                      void note({
                        kind: 'whipped',
                        data: {
                          tool,
                          stage: name,
                          seconds: Math.round(elapsed),
                          reckoned_s: Math.round(plan.reached_s[name] / timeFactor),
                        },
                      });
                    }
                  : null
              }
            />
          ))}
          <li className="text-sm text-quiet">Touch the stage you see; the next time uses yours.</li>
        </ol>
      </section>
      <section aria-label="Fold" className="grid grid-cols-[minmax(0,1fr)_380px] gap-8 border-t border-line pt-4 max-lg:grid-cols-1">
        <figure>
          <figcaption className="flex flex-wrap items-baseline gap-x-4">
            <h2 className="text-lg">Fold</h2>
            <InlineSelect
              label="Foam goes in"
              value={parts}
              choices={[
                { value: '1', label: 'all at once' },
                { value: '2', label: 'a third, then the rest' },
                { value: '3', label: 'in three' },
              ]}
              onChange={setParts}
            />
            <span className="text-[15px] text-quiet">
              {stop} strokes from underneath and over: {percent(airKept(fold, stop))} of the air, {foldedDensity(fold, stop).toFixed(2)}{' '}
              g/mL
            </span>
          </figcaption>
          <Suspense fallback={<p className="text-quiet">Drawing …</p>}>
            <Chart {...drawing} label="Air kept and streaks left over strokes" height={230} />
          </Suspense>
        </figure>
        <CupCheckPanel session={session} formula={formula} airless={batter.value.density_gPerML} fold={fold} lot={lot} note={note} />
      </section>
    </div>
  );
};
