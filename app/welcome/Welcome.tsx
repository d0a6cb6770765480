import { MapPin } from 'lucide-react';
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { HalfPiece } from '../iron/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, useRunPlan, useSession } from '../session/index.ts';
import { useKitchenChoice } from '../store/index.ts';
import { ActButton, clock, dialMarkText, grams, timeOfDay } from '../ui/index.ts';
import { keepText } from '../webStorage.ts';
import { useAdvice } from '../workers/index.ts';
import { WELCOMED_KEY } from './Entrance.tsx';

/** What this is, in one sentence and one picture, and the two ways to go on. */
export const Welcome = () => {
  const { isDemo, hasOwn, choose } = useKitchenChoice();
  const navigate = useNavigate();
  const session = useSession();
  useEffect(() => keepText('browser', WELCOMED_KEY, 'yes'), []);
  return (
    <div className="flex min-h-full flex-col gap-10 px-10 py-8 max-sm:gap-8 max-sm:px-5 max-sm:py-6">
      <div className="flex flex-1 items-center gap-12 max-lg:flex-col max-lg:items-start max-lg:gap-8">
        <section className="flex max-w-[34rem] flex-col gap-6">
          <p className="flex items-center gap-2 text-lg font-semibold text-quiet">
            <MapPin aria-hidden className="size-5" /> {isDemo ? 'Quillfell Bunkhouse, our example kitchen' : 'Your kitchen'}
          </p>
          <h1 className="text-[46px] leading-[1.12] max-sm:text-4xl">
            Say who eats and when; we work out the rest of your waffle morning.
          </h1>
          <p className="text-xl">How much batter, how hot, how much per plate, how long, and when to start.</p>
          <div className="flex flex-wrap gap-4">
            <ActButton
              onClick={() => {
                if (isDemo) choose(false);
                void navigate(hasOwn ? '/plan' : '/setup');
              }}
            >
              {hasOwn ? 'To my kitchen' : 'Set up my kitchen'}
            </ActButton>
            <ActButton outlined onClick={() => void navigate('/plan')}>
              Look around
            </ActButton>
          </div>
          <p className="text-lg text-quiet">About two minutes. Everything stays on this device.</p>
        </section>
        {session !== undefined && <FirstFigures session={session} />}
      </div>
      {session !== undefined && <WaysIn session={session} />}
    </div>
  );
};

/** The piece on the bench, and what it takes: computed now, not drawn beforehand. */
const FirstFigures = ({ session }: { readonly session: Session }) => {
  const { formula, iron, workspace } = session;
  const advice = useAdvice(formula === null || iron === null ? null : adviceJob(session, formula, iron, workspace));
  const reply = advice.data?.ok === true ? advice.data.value : null;
  if (reply === null || iron === null) return <p className="min-h-96 flex-1 text-lg text-quiet">Working out the first waffle …</p>;
  const { answer, picture } = reply;
  const figures: readonly (readonly [string, string])[] = [
    ...(answer.setting.dial === null ? [] : [['dial', dialMarkText(answer.setting.dial)] as const]),
    ['g of batter', grams(answer.dose_g)],
    ['minutes', clock(answer.cookTime_s.best)],
  ];
  return (
    <section aria-label={`${iron.name}, as it comes out`} className="flex min-w-0 flex-1 flex-col gap-6 max-lg:w-full">
      <HalfPiece iron={iron} picture={picture} second={Math.round(answer.cookTime_s.best)} />
      <dl className="flex flex-wrap justify-around gap-6">
        {figures.map(([name, value]) => (
          <div key={name} className="flex flex-col-reverse">
            <dt className="text-lg font-semibold">{name}</dt>
            <dd className="figure text-5xl">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
};

const WaysIn = ({ session }: { readonly session: Session }) => {
  const { run, everyFormula, irons, formula } = session;
  const planned = useRunPlan(session);
  const people = run?.dishes[0]?.people;
  const ways: readonly (readonly [string, string, string])[] = [
    ['/plan', 'See the plan', run === null || people === undefined ? '' : `Breakfast for ${people} at ${timeOfDay(run.serveAt, run.zone)}`],
    ['/recipe', 'Read the recipe', (formula ?? everyFormula[0])?.name ?? ''],
    ['/iron', 'Compare the irons', (planned?.irons ?? irons).map(({ name }) => name).join(', ')],
  ];
  return (
    <ul className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
      {ways.map(([to, title, note]) => (
        <li key={to} className="rounded-2xl border border-line bg-sheet">
          <Link to={to} className="block min-h-20 p-5 hover:bg-act-soft">
            <b className="text-lg text-act">{title}</b>
            <span className="block truncate">{note}</span>
          </Link>
        </li>
      ))}
    </ul>
  );
};
