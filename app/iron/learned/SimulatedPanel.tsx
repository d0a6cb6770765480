import { useEffect, useRef, useState } from 'react';
import type { Action } from '../../../core/fit/index.ts';
import { settingsOf } from '../../../core/fit/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { dialMark } from '../../../core/plate/index.ts';
import type { IronOutcome, IronReading } from '../../devices/index.ts';
import { useSimulatedIron } from '../../devices/index.ts';
import { clock, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { newLot } from '../../../core/lot/index.ts';
import { wallNow } from '../../clock/index.ts';
import { commands, newId, useDo } from '../../store/index.ts';
import type { AdviceReply } from '../../workers/index.ts';
import { ByHand } from './ByHand.tsx';
import type { TrialStage } from './trial.ts';
import { measuresFor, runTrial, touchedAfter } from './trial.ts';

type Props = {
  readonly session: Session;
  readonly formula: Formula;
  readonly iron: Iron;
  readonly reply: AdviceReply;
  readonly suggestion: Action;
};

const STAGES: Readonly<Record<TrialStage, string>> = {
  heating: 'heating; a minute more after its light went out',
  pouring: 'pouring',
  cooking: 'cooking',
  opening: 'opening',
};

/** A simulated iron with a plate thermometer: the suggested load is cooked on it, looked at and logged. */
export const SimulatedPanel = ({ session, formula, iron, reply, suggestion }: Props) => {
  const { kit } = session;
  const carryOut = useDo();
  const device = useSimulatedIron(true);
  const last = device.readings.at(-1);
  const latest = useRef<IronReading | undefined>(undefined);
  useEffect(() => {
    latest.current = last;
  });
  const [stage, setStage] = useState<TrialStage | null>(null);
  const [instruments, setInstruments] = useState(false);
  const [isByHand, setIsByHand] = useState(false);
  const [trouble, setTrouble] = useState(false);
  const abort = useRef<AbortController | null>(null);
  useEffect(() => () => abort.current?.abort(), []);

  /** Into the book, as from the line: the promise, the load, its log. */
  const log = async (out: IronOutcome, made: Pick<Action, 'portion_g' | 'setting_C'> = suggestion): Promise<void> => {
    const openedAt = wallNow();
    const closedAt = openedAt - Math.round(out.cooked_s * 1000);
    const id = newId();
    const words = touchedAfter(out, reply.picture.rawLightness, iron.geometry.moulds, instruments);
    await carryOut(
      commands.logTrial({
        lot: newLot(`simulated-${formula.id}-${formula.rev}`.slice(0, 64), formula, {
          madeAt: closedAt,
          mass_g: reply.answer.totalMass_g,
          temperature_C: session.workspace.batter_C,
        }),
        prediction: {
          ...reply.prediction,
          id: `for-${id}`,
          portion_g: made.portion_g,
          setting: { temperature_C: made.setting_C, dial: dialMark(iron, made.setting_C) },
          cookTime_s: { ...reply.prediction.cookTime_s, best: Math.round(suggestion.open_s) },
        },
        load: {
          id,
          runId: null,
          lotId: `simulated-${formula.id}-${formula.rev}`.slice(0, 64),
          ironId: iron.id,
          ironRev: iron.rev,
          n: out.n,
          isTrial: true,
          predictionId: `for-${id}`,
          // Its minutes pass faster than ours: loads stand in the order in which they came out.
          startedAt: openedAt - 1,
        },
        events: [
          { kind: 'poured', data: {}, at: closedAt - 10_000 },
          { kind: 'closed', data: {}, at: closedAt },
          { kind: 'opened', data: {}, at: openedAt },
          ...words.map((data) => ({ kind: 'logged' as const, data, at: openedAt })),
        ],
      }),
    );
  };

  const [low, high] = settingsOf(iron);
  const cook = async (): Promise<void> => {
    abort.current = new AbortController();
    setTrouble(false);
    try {
      const out = await runTrial(
        { tell: device.tell, latest: () => latest.current },
        measuresFor(iron, [low, high]),
        {
          portion_g: suggestion.portion_g,
          share: high > low ? (suggestion.setting_C - low) / (high - low) : 0,
          open_s: suggestion.open_s,
          fills_g: reply.answer.portion_g,
        },
        setStage,
        abort.current.signal,
      );
      await log(out);
    } catch {
      setTrouble(true);
    }
    await device.tell({ do: 'speed', factor: 1 });
    setStage(null);
  };

  if (device.status !== 'live')
    return <p className="text-[15px] text-quiet">No simulated iron answers; it is there again as soon as the server is.</p>;
  const isMine = last !== undefined && stage !== null;
  return (
    <section aria-label="Simulated iron" data-stage={stage ?? 'idle'} data-appearance="dark" className="mt-5 bg-page p-4 text-ink">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h3 className="text-lg">Plate thermometer</h3>
        <p className="text-[15px]" role="status">
          {stage === null
            ? 'at rest'
            : `${STAGES[stage]}${stage === 'cooking' && last?.cooking_s != null ? ` ${clock(last.cooking_s)}` : ''}`}
        </p>
      </div>
      {last !== undefined && (
        <dl className="mt-2 grid grid-cols-4 gap-4 max-sm:grid-cols-2">
          {(
            [
              ['lower, hinge', last.hinge_C],
              ['lower, front', last.front_C],
              ['upper', last.upper_C],
            ] as const
          ).map(([name, value]) => (
            <div key={name}>
              <dt className="text-[15px]">{name}</dt>
              <dd className="figure text-4xl" data-figure={name} data-exact={value}>
                {temperature(value, kit.temperatureUnit)}
              </dd>
            </div>
          ))}
          <div>
            <dt className="text-[15px]">light</dt>
            <dd className="text-xl font-bold">{!last.isOn ? 'off' : last.isHeating ? 'heating' : 'ready'}</dd>
            <dd className="text-[15px]">{last.hasBeeped ? 'it has beeped' : `steam ${Math.round(100 * last.steam)} %`}</dd>
          </div>
        </dl>
      )}
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button type="button" className="button-act border-2 border-white/60" disabled={stage !== null} onClick={() => void cook()}>
          Cook this load on it
        </button>
        {isMine && (
          <button type="button" className="min-h-11 font-semibold underline underline-offset-4" onClick={() => abort.current?.abort()}>
            Give it up
          </button>
        )}
        <label className="inline-flex min-h-11 items-center gap-2">
          <input type="checkbox" className="size-5" checked={instruments} onChange={(event) => setInstruments(event.target.checked)} />
          log thermometer and scale too
        </label>
        <label className="inline-flex min-h-11 items-center gap-2">
          <input type="checkbox" className="size-5" checked={isByHand} onChange={(event) => setIsByHand(event.target.checked)} />
          by hand
        </label>
      </div>
      {isByHand && last !== undefined && stage === null && (
        <ByHand
          tell={device.tell}
          last={last}
          become={measuresFor(iron, [low, high])}
          suggestion={suggestion}
          fills_g={reply.answer.portion_g}
          onOut={(out, made) => void log(out, made)}
        />
      )}
      {trouble && <p role="alert">The load was given up; nothing of it was logged.</p>}
      <p className="mt-2 text-sm">
        Simulated, and two minutes in a second while it heats. What comes out is looked at, put into a cook’s words, and logged like any
        load.
      </p>
    </section>
  );
};
