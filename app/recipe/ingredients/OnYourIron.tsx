import { Link } from 'react-router';
import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { ComparedClaim, Formula } from '../../../core/formula/index.ts';
import { ownWayOf, withOwnWay } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { describeSentence } from '../../../words/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob, ironChoices } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { Basis, basisInWords, clock, dialMarkText, grams, InlineSelect, Piece, pieceOf, scoopsFor, temperature } from '../../ui/index.ts';
import { useAdvice } from '../../workers/index.ts';
import { MinuteAxis } from './MinuteAxis.tsx';

type Props = { readonly session: Session; readonly formula: Formula; readonly claims: readonly ComparedClaim[] };

/** What this recipe does on one of the irons, beside what the recipe says. */
export const OnYourIron = ({ session, formula, claims }: Props) => {
  const { iron, workspace, setWorkspace } = session;
  const job = iron === null || formula.lines.length === 0 ? null : adviceJob(session, formula, iron, workspace);
  const advice = useAdvice(job);
  if (iron === null) return null;
  const data = advice.data;
  return (
    <section aria-label={`On ${iron.name}`} className="flex flex-col gap-4 rounded-2xl border border-line bg-sheet px-6 py-4 max-sm:px-4">
      <h2 className="flex flex-wrap items-baseline gap-x-2 text-[23px]">
        <span className="font-normal text-quiet">On your</span>
        <InlineSelect
          look="sentence"
          label="Iron"
          value={iron.id}
          choices={ironChoices(session)}
          onChange={(ironId) => setWorkspace({ ironId })}
        />
      </h2>
      {data === undefined && <p className="text-lg text-quiet">Working it out …</p>}
      {data?.ok === false && <p className="text-lg">{describeSentence(data.failure)}.</p>}
      {data?.ok === true && (
        <Known
          session={session}
          formula={formula}
          iron={iron}
          answer={data.value.answer}
          claims={claims}
          basis={basisInWords(data.value.answer.basis, job?.known === undefined ? 'none-yet' : 'being-weighed')}
        />
      )}
    </section>
  );
};

type KnownProps = Props & { readonly iron: Iron; readonly answer: AdviceAnswer; readonly basis: string };

const Known = ({ session, formula, iron, answer, claims, basis }: KnownProps) => (
  <>
    <Three answer={answer} iron={iron} session={session} />
    <Makes answer={answer} iron={iron} claims={claims} formula={formula} />
    <TimeClaim session={session} formula={formula} iron={iron} answer={answer} claims={claims} />
    <p className="flex flex-wrap items-center gap-x-4">
      <Basis loads={answer.basis?.loads ?? 0} words={basis} />
      <Link to="/iron" className="inline-flex min-h-11 items-center text-lg font-semibold text-act underline underline-offset-4">
        See it cook
      </Link>
    </p>
  </>
);

const Big = ({
  value,
  unit,
  figure,
  exact,
}: {
  readonly value: string;
  readonly unit: string;
  readonly figure: string;
  readonly exact: number;
}) => (
  <div>
    <dd className="figure text-[52px] whitespace-nowrap" data-figure={figure} data-exact={exact}>
      {value}
    </dd>
    <dt className="text-[17px] font-semibold">{unit}</dt>
  </div>
);

/** Dial, scoops, minutes. */
const Three = ({ answer, iron, session: { kit } }: { readonly answer: AdviceAnswer; readonly iron: Iron; readonly session: Session }) => {
  const { setting, portion_mL, dose_g, cookTime_s } = answer;
  const scoops = scoopsFor(portion_mL / iron.geometry.moulds, kit.scoops);
  return (
    <dl className="flex flex-wrap justify-between gap-x-5 gap-y-2 *:flex *:flex-col">
      {setting.chosen !== 'fixed' && setting.dial !== null && (
        <Big value={dialMarkText(setting.dial)} unit="dial" figure="dial" exact={setting.dial} />
      )}
      {setting.chosen !== 'fixed' && setting.dial === null && (
        <Big value={temperature(setting.temperature_C, kit.temperatureUnit)} unit="set" figure="setting_C" exact={setting.temperature_C} />
      )}
      <Big value={grams(dose_g)} unit={scoops === null ? 'grams' : `g, ${scoops.text}`} figure="dose_g" exact={dose_g} />
      <Big value={clock(cookTime_s.best)} unit="minutes" figure="cookTime_s.best" exact={cookTime_s.best} />
    </dl>
  );
};

const MOST_DRAWN = 18;
const range = (low: number, high: number, say: (value: number) => string): string => (low === high ? say(low) : `${say(low)}–${say(high)}`);

/** How many pieces, beside what the recipe says. */
const Makes = ({ answer, iron, claims, formula }: Pick<KnownProps, 'answer' | 'iron' | 'claims' | 'formula'>) => {
  const said = claims.find(({ claim }) => claim.kind === 'pieces')?.claim;
  const drawn = Math.min(MOST_DRAWN, answer.pieces);
  return (
    <div>
      <span aria-hidden className="flex flex-wrap gap-1.5">
        {Array.from({ length: drawn }, (_, i) => (
          <Piece key={i} {...pieceOf(iron, answer.tawnyStep)} count={1} size={27} />
        ))}
      </span>
      <p className="mt-1 text-[17px]">
        Makes{' '}
        <b data-figure="pieces" data-exact={answer.pieces}>
          {answer.pieces} {answer.pieces === 1 ? 'piece' : 'pieces'}
        </b>
        {said !== undefined
          ? `; your recipe says ${range(said.low, said.high, String)}`
          : formula.yieldHint !== null && `; your recipe says “${formula.yieldHint}”`}
      </p>
    </div>
  );
};

/** How long by the recipe, how long by us, on one axis, and the choice. */
const TimeClaim = ({ session, formula, iron, answer, claims }: Omit<KnownProps, 'basis'>) => {
  const carryOut = useDo();
  const said = claims.find(({ claim }) => claim.kind === 'cook_s')?.claim;
  if (said === undefined) return null;
  const { from, to, best } = answer.cookTime_s;
  const pair = { ironId: iron.id, formulaId: formula.id };
  const own = ownWayOf(session.kit.ownWays, pair);
  const written = range(said.low, said.high, clock);
  const settle = (cookTime_s: number | null): void =>
    void carryOut(
      commands.changeKit((now) => ({
        ...now,
        ownWays: withOwnWay(now.ownWays, { ...pair, portion_g: own?.portion_g ?? null, setting: own?.setting ?? null, cookTime_s }),
      })),
    );
  const isOwn = own?.cookTime_s != null;
  const look = (isOn: boolean): string =>
    `min-h-12 flex-1 rounded-xl border-2 px-3 text-[17px] font-bold ${isOn ? 'border-act bg-act-soft text-act' : 'border-line text-act hover:border-act'}`;
  return (
    <div className="border-t border-line pt-3">
      <p className="font-display text-[19px] font-bold">
        Recipe says {written} min; {isOwn ? 'you use' : 'we suggest'} {clock(best)}
      </p>
      <MinuteAxis yours={[from, to]} best={best} recipe={[said.low, said.high]} />
      <div className="mt-2 flex gap-3">
        <button type="button" aria-pressed={!isOwn} className={look(!isOwn)} onClick={() => settle(null)}>
          {isOwn ? 'Use our time' : `Use ${clock(best)}`}
        </button>
        <button type="button" aria-pressed={isOwn} className={look(isOwn)} onClick={() => settle((said.low + said.high) / 2)}>
          Use {written} min
        </button>
      </div>
    </div>
  );
};
