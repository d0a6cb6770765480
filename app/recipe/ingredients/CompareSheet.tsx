import type { EChartsCoreOption } from 'echarts/core';
import { lazy, Suspense, useState } from 'react';
import type { AdviceReply } from '../../workers/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { costOf, nutritionOf } from '../../../core/formula/index.ts';
import { sugars } from '../../../core/matter/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, grams, money, Sheet } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob, readingOf } from '../../session/index.ts';
import { useAdvices } from '../../workers/index.ts';
import { COLOURS } from '../../ui/index.ts';

const Chart = lazy(() => import('../../ui/picture/Chart.tsx'));

const MOST = 4;
/** Told apart by dash and name as well as by tone. */
const STYLES = [
  { colour: COLOURS.ink, dash: 'solid' },
  { colour: COLOURS.act, dash: 'dashed' },
  { colour: '#5d6770', dash: 'dotted' },
  { colour: '#3f6c82', dash: [8, 3, 2, 3] },
] as const;
const FILLS = ['#b9cbd2', '#e4e6de', '#dcdcae', '#ffffff', '#c9c2d1', '#b7c7b1'] as const;

type Compared = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly advice: AdviceReply | null;
  readonly trouble: string | null;
};

const colourCurves = (compared: readonly Compared[]): EChartsCoreOption => ({
  animation: false,
  aria: { enabled: true },
  grid: { left: 44, right: 16, top: 12, bottom: 34 },
  xAxis: { type: 'value', min: 0, axisLabel: { formatter: (s: number) => clock(s) }, splitLine: { show: false } },
  yAxis: {
    type: 'value',
    min: 1,
    max: 8,
    interval: 1,
    splitLine: { lineStyle: { color: '#e1e5e2' } },
  },
  series: compared.flatMap(({ formula, advice }, i) =>
    advice === null
      ? []
      : [
          {
            type: 'line',
            name: formula.name,
            showSymbol: false,
            lineStyle: { width: 2.5, color: STYLES[i]?.colour, type: STYLES[i]?.dash },
            itemStyle: { color: STYLES[i]?.colour },
            data: Array.from(advice.picture.tawny, (step, second) => [second, step]).filter((_, second) => second % 3 === 0),
          },
        ],
  ),
});

const PARTS = ['water', 'starch', 'fat', 'sugars', 'protein', 'rest'] as const;

const madeOf = (compared: readonly Compared[]): EChartsCoreOption => {
  const share = ({ reading: { composition: c } }: Compared, part: (typeof PARTS)[number]): number => {
    if (c === null) return 0;
    const known = { water: c.water + c.alcohol, starch: c.starch, fat: c.fat, sugars: sugars(c), protein: c.protein };
    return part === 'rest' ? 1 - Object.values(known).reduce((a, b) => a + b, 0) : known[part];
  };
  return {
    animation: false,
    aria: { enabled: true },
    grid: { left: 8, right: 16, top: 8, bottom: 8, containLabel: true },
    xAxis: { type: 'value', max: 100, show: false },
    yAxis: {
      type: 'category',
      inverse: true,
      data: compared.map(({ formula }) => formula.name),
      axisLine: { show: false },
      axisTick: { show: false },
      axisLabel: { fontSize: 14, color: COLOURS.ink, width: 150, overflow: 'truncate' },
    },
    series: PARTS.map((part, i) => ({
      type: 'bar',
      stack: 'all',
      name: part,
      barWidth: 24,
      itemStyle: { color: FILLS[i], borderColor: COLOURS.ink, borderWidth: 0.5 },
      label: { show: true, color: COLOURS.ink, formatter: ({ value }: { value: number }) => (value > 5 ? `${Math.round(value)}` : '') },
      data: compared.map((one) => 100 * share(one, part)),
    })),
  };
};

type Figure = { readonly name: string; readonly value: number | null; readonly words: string };

const figuresOf = ({ reading, advice }: Compared, session: Session): Figure[] => {
  const answer = advice?.answer ?? null;
  const perLoad = session.iron?.geometry.piecesPerLoad ?? 1;
  const pieceBatter_g = answer === null ? null : answer.portion_g / perLoad;
  const nutrition = pieceBatter_g === null ? null : nutritionOf(reading, pieceBatter_g);
  const cost = costOf(reading, session.kit.pricesPerKg);
  const perPiece = cost === null || answer === null || answer.pieces <= 0 ? null : cost.total / answer.pieces;
  const format = (value: number | null, words: (value: number) => string): string => (value === null ? '—' : words(value));
  return [
    { name: 'time in the iron', value: answer?.cookTime_s.best ?? null, words: format(answer?.cookTime_s.best ?? null, clock) },
    { name: 'crispness', value: answer?.crisp ?? null, words: format(answer?.crisp ?? null, (v) => `${v.toFixed(1)} of 5`) },
    { name: 'portion', value: answer?.portion_g ?? null, words: format(answer?.portion_g ?? null, (v) => `${grams(v)} g`) },
    { name: 'piece', value: answer?.pieceMass_g ?? null, words: format(answer?.pieceMass_g ?? null, (v) => `${grams(v)} g`) },
    {
      name: 'density',
      value: answer === null ? null : answer.pieceDensity_gPerMl,
      words: format(answer?.pieceDensity_gPerMl ?? null, (v) => `${v.toFixed(2)} g/mL`),
    },
    {
      name: 'energy',
      value: nutrition?.energy_kcal ?? null,
      words: format(nutrition?.energy_kcal ?? null, (v) => `${Math.round(v)} kcal`),
    },
    {
      name: 'cost a piece',
      value: perPiece,
      words: format(perPiece, (v) => `${(cost?.priced ?? 1) < 0.9 ? 'over ' : ''}${money(v, session.kit.currency)}`),
    },
    {
      name: 'hydration',
      value: reading.hydration_percent?.usual ?? null,
      words: format(reading.hydration_percent?.usual ?? null, (v) => `${Math.round(v)} %`),
    },
  ];
};

/** Two to four formulas on the iron that is on the bench: what they are made of, how they colour, and what that means. */
export const CompareSheet = ({
  session,
  formula,
  onClose,
}: {
  readonly session: Session;
  readonly formula: Formula;
  readonly onClose: () => void;
}) => {
  const { formulas, iron, workspace } = session;
  const [ids, setIds] = useState<readonly string[]>(() => [
    formula.id,
    ...formulas
      .filter((f) => f.id !== formula.id)
      .slice(0, 1)
      .map((f) => f.id),
  ]);
  const chosen = ids.flatMap((id) => formulas.find((f) => f.id === id) ?? []);
  const queries = useAdvices(chosen.map((f) => (iron === null || f.lines.length === 0 ? null : adviceJob(session, f, iron, workspace))));
  const compared = chosen.map((f, i): Compared => {
    const data = queries[i]?.data;
    return {
      formula: f,
      reading: readingOf(session, f),
      advice: data?.ok === true ? data.value : null,
      trouble: data?.ok === false ? describeSentence(data.failure) : null,
    };
  });
  const figures = compared.map((one) => figuresOf(one, session));
  const toggle = (id: string): void =>
    setIds((before) =>
      before.includes(id)
        ? before.length > 2
          ? before.filter((other) => other !== id)
          : before
        : before.length < MOST
          ? [...before, id]
          : before,
    );
  return (
    <Sheet title={`Side by side${iron === null ? '' : ` on ${iron.name}`}`} open onClose={onClose} wide="very">
      <div role="group" aria-label="Formulas" className="flex flex-wrap gap-2">
        {formulas.map((f) => (
          <button
            key={f.id}
            type="button"
            aria-pressed={ids.includes(f.id)}
            className={ids.includes(f.id) ? 'button-act' : 'button-plain'}
            onClick={() => toggle(f.id)}
          >
            {f.name}
          </button>
        ))}
      </div>
      {formulas.length < 2 && <p className="mt-3">Add a second recipe to compare with this one.</p>}
      <Suspense fallback={<p className="mt-4 text-quiet">Drawing …</p>}>
        <div className="mt-3 grid grid-cols-2 gap-6 max-lg:grid-cols-1">
          <figure>
            <figcaption className="font-display font-bold">Made of, % by mass</figcaption>
            <Chart
              options={madeOf(compared)}
              keys={PARTS.map((name, i) => ({ name, colour: COLOURS.ink, fill: FILLS[i] ?? '#fff' }))}
              label="Composition of each recipe, by mass"
              height={60 + 40 * compared.length}
            />
          </figure>
          <figure>
            <figcaption className="font-display font-bold">Tawny step over time</figcaption>
            <Chart
              options={colourCurves(compared)}
              keys={compared.map(({ formula: { name } }, i) => ({
                name,
                colour: STYLES[i]?.colour ?? COLOURS.ink,
                dash: STYLES[i]?.dash ?? 'solid',
              }))}
              label="How each recipe browns on this iron"
              height={220}
            />
          </figure>
        </div>
      </Suspense>
      <table className="mt-4 w-full">
        <caption className="sr-only">Figures side by side</caption>
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <td />
            {compared.map(({ formula: f }) => (
              <th key={f.id} scope="col" className="py-1 pr-4">
                {f.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {(figures[0] ?? []).map((figure, row) => {
            const most = Math.max(1e-9, ...figures.map((of) => of[row]?.value ?? 0));
            return (
              <tr key={figure.name} className="border-b border-line">
                <th scope="row" className="w-36 py-1 text-left text-[15px] font-normal text-quiet">
                  {figure.name}
                </th>
                {figures.map((of, i) => (
                  <td key={compared[i]?.formula.id} className="py-1 pr-4">
                    <span className="flex items-center gap-2">
                      <b className="figure w-24 text-lg">{of[row]?.words}</b>
                      <span aria-hidden className="h-2.5 flex-1">
                        <span className="block h-full bg-band" style={{ width: `${(100 * (of[row]?.value ?? 0)) / most}%` }} />
                      </span>
                    </span>
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      {compared.map(({ formula: f, trouble }) => trouble !== null && <p key={f.id} className="mt-2">{`${f.name}: ${trouble}.`}</p>)}
    </Sheet>
  );
};
