import { lazy, Suspense, useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import type { MixTool } from '../../../core/lift/index.ts';
import {
  lumpsAfterRest,
  lumpsLeft,
  MIX_TOOLS,
  mixingOf,
  mixStops,
  staysOnSieve,
  strokesOf,
  toughness,
  toughnessAfterRest,
} from '../../../core/lift/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { InlineSelect, percent, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { curves, sampled } from './curves.ts';
import { MIX_TOOL_WORDS, STOP_WORDS } from './words.ts';
import { COLOURS } from '../../ui/index.ts';

const Chart = lazy(() => import('../../ui/picture/Chart.tsx'));
const TOOLS = Object.keys(MIX_TOOLS) as MixTool[];

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

/** How far to mix: lumps that are left against toughness that is gained, with the places where people stop. */
export const Mix = ({ session, reading }: Props) => {
  const [tool, setTool] = useState<MixTool>('whisk');
  const [seconds, setSeconds] = useState(30);
  const [rest_min, setRest] = useState(0);
  const batter = batterOf(reading, { batter_C: session.workspace.batter_C, altitude_m: session.kit.altitude_m });
  if (!batter.ok) return <p className="text-lg">{describeSentence(batter.failure)}.</p>;
  const mixing = mixingOf(reading, batter.value.looseness);
  const strokes = strokesOf(tool, seconds);
  const lumps = lumpsAfterRest(lumpsLeft(mixing, strokes), 60 * rest_min);
  const tough = toughnessAfterRest(toughness(mixing, strokes), 60 * rest_min);
  const most = 300;
  const drawing = curves(
    'strokes',
    { min: 0, max: most, say: (n) => String(n) },
    { min: 0, max: 1, say: (y) => percent(y) },
    [
      { name: 'lumps left', colour: COLOURS.ink, dash: 'solid', points: sampled((n) => lumpsLeft(mixing, n), 0, most) },
      { name: 'toughness', colour: COLOURS.act, dash: 'dashed', points: sampled((n) => toughness(mixing, n), 0, most) },
    ],
    [
      ...mixStops(mixing).map((stop) => ({ x: stop.strokes, label: STOP_WORDS[stop.code] })),
      { x: Math.min(most, strokes), label: 'yours', strong: true },
    ],
  );
  return (
    <section aria-label="Mix" className="grid grid-cols-[minmax(0,1fr)_330px] gap-8 max-lg:grid-cols-1">
      <figure>
        <figcaption className="text-[15px] text-quiet">Strokes of a spoon, or what a tool is worth of them</figcaption>
        <Suspense fallback={<p className="text-quiet">Drawing …</p>}>
          <Chart {...drawing} label="Lumps left and toughness over strokes" height={340} />
        </Suspense>
      </figure>
      <div className="flex flex-col gap-5">
        <p className="text-lg">
          with{' '}
          <InlineSelect
            label="Tool"
            value={tool}
            choices={TOOLS.map((value) => ({ value, label: MIX_TOOL_WORDS[value] }))}
            onChange={setTool}
          />
        </p>
        <label className="text-[15px]">
          for {seconds} s, {Math.round(strokes)} strokes’ worth
          <input
            type="range"
            className="block w-full accent-act"
            min={3}
            max={240}
            value={seconds}
            onChange={(event) => setSeconds(Number(event.target.value))}
          />
        </label>
        <label className="text-[15px]">
          then rested {rest_min} min
          <input
            type="range"
            className="block w-full accent-act"
            min={0}
            max={90}
            value={rest_min}
            onChange={(event) => setRest(Number(event.target.value))}
          />
        </label>
        <dl className="grid grid-cols-2 gap-4">
          <div>
            <dt className="text-[15px] text-quiet">lumps</dt>
            <dd className="figure text-4xl" data-figure="lumps">
              {percent(lumps)}
            </dd>
          </div>
          <div>
            <dt className="text-[15px] text-quiet">toughness</dt>
            <dd className="figure text-4xl" data-figure="tough">
              {percent(tough)}
            </dd>
          </div>
          <div>
            <dt className="text-[15px] text-quiet">stays on a sieve</dt>
            <dd className="figure text-2xl">{percent(staysOnSieve(mixing, strokes), 1)}</dd>
          </div>
          <div>
            <dt className="text-[15px] text-quiet">at most, this flour</dt>
            <dd className="figure text-2xl">{percent(mixing.mostTough)}</dd>
          </div>
        </dl>
        <p className="text-sm text-quiet">
          Toughness: share of what a lean, strong batter can become, from flour protein, sugar, fat and thickness. Model only, calibrated to
          common practice. Melted fat must be warm, not hot, when eggs are there: egg sets from about{' '}
          {temperature(60, session.kit.temperatureUnit)}.
        </p>
      </div>
    </section>
  );
};
