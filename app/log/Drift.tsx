import type { Alarm } from '../../core/book/index.ts';
import { controlChart, LEAST_VALUES } from '../../core/book/index.ts';
import { dayAndTime, tawnyCss } from '../ui/index.ts';
import type { Entry } from '../../core/book/index.ts';
import { colourMiss } from '../../core/book/index.ts';
import { SideBySide } from './SideBySide.tsx';

const WIDTH = 1000;
const LEFT = 44;
const HEIGHT = 150;
const PAD = 12;
/** Squares of the wall, and how many stand beside one another. */
const SQUARE = 22;

const ALARM_WORDS: Readonly<Record<Alarm, string>> = {
  'beyond-3': 'further off than this iron’s own scatter allows',
  'two-of-three-beyond-2': 'two of three far off on one side',
  'four-of-five-beyond-1': 'four of five off on one side',
  'eight-on-one-side': 'eight in a row on one side',
};

type Told = { readonly entry: Entry; readonly miss: number };
type Props = { readonly entries: readonly Entry[]; readonly zone: string; readonly onOpen: (entry: Entry) => void };

/** Each iron's loads in time: how far off the promise, against its own scatter, and the pieces themselves day by day. */
export const Drift = ({ entries, zone, onOpen }: Props) => {
  const byIron = new Map<string, { name: string; told: Told[]; all: Entry[] }>();
  for (const entry of [...entries].reverse()) {
    const lane = byIron.get(entry.load.ironId) ?? { name: entry.iron?.name ?? entry.load.ironId, told: [], all: [] };
    lane.all.push(entry);
    const miss = colourMiss(entry);
    if (miss !== null) lane.told.push({ entry, miss });
    byIron.set(entry.load.ironId, lane);
  }
  return (
    <div className="flex flex-col gap-6">
      <SideBySide entries={entries} />
      {[...byIron].map(([ironId, { name, told, all }]) => (
        <section key={ironId} aria-label={`${name} over time`} className="flex flex-col gap-2">
          <h2 className="text-xl">{name}</h2>
          <Chart told={told} zone={zone} name={name} onOpen={onOpen} />
          <Wall all={all} zone={zone} onOpen={onOpen} />
        </section>
      ))}
    </div>
  );
};

const Chart = ({
  told,
  zone,
  name,
  onOpen,
}: {
  readonly told: readonly Told[];
  readonly zone: string;
  readonly name: string;
  readonly onOpen: (entry: Entry) => void;
}) => {
  const chart = controlChart(told.map(({ miss }) => miss));
  if (chart === null)
    return (
      <p className="text-[15px] text-quiet">
        {told.length} {told.length === 1 ? 'load' : 'loads'} with a colour: from {LEAST_VALUES} on its own scatter is known.
      </p>
    );
  const most = Math.max(1.5, chart.upper, -chart.lower, ...told.map(({ miss }) => Math.abs(miss)));
  const x = (i: number): number => LEFT + ((WIDTH - LEFT - 20) * (i + 0.5)) / told.length;
  const y = (miss: number): number => PAD + ((HEIGHT - 2 * PAD) * (most - miss)) / (2 * most);
  const alarming = chart.alarms.flatMap((alarm, i) => (alarm === null ? [] : [{ alarm, told: told[i]! }]));
  const newest = alarming.at(-1);
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full max-w-[1000px]"
        role="img"
        aria-label={`${name}: ${told.length} loads, ${chart.centre.toFixed(1)} steps off on the mean, ${alarming.length} of them out of its own scatter`}
      >
        <rect x={LEFT} y={y(chart.upper)} width={WIDTH - LEFT - 20} height={y(chart.lower) - y(chart.upper)} fill="#dfe7e3" />
        <line x1={LEFT} x2={WIDTH - 20} y1={y(0)} y2={y(0)} stroke="#8d9a98" strokeDasharray="3 4" />
        <line x1={LEFT} x2={WIDTH - 20} y1={y(chart.centre)} y2={y(chart.centre)} stroke="var(--color-act)" strokeWidth={1.5} />
        {[-1, 0, 1].map((miss) => (
          <text key={miss} x={LEFT - 8} y={y(miss) + 5} fontSize="13" textAnchor="end" fill="var(--color-quiet)">
            {miss > 0 ? '+1' : miss < 0 ? '−1' : '0'}
          </text>
        ))}
        <polyline
          points={told.map(({ miss }, i) => `${x(i).toFixed(1)},${y(miss).toFixed(1)}`).join(' ')}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={1}
        />
        {told.map(({ entry, miss }, i) => (
          <circle
            key={entry.load.id}
            cx={x(i)}
            cy={y(miss)}
            r={chart.alarms[i] === null ? 5 : 8}
            fill={tawnyCss((entry.prediction?.tawnyStep ?? 4) + miss)}
            stroke="var(--color-ink)"
            strokeWidth={chart.alarms[i] === null ? 1 : 3}
          />
        ))}
      </svg>
      <figcaption className="text-[15px]" data-alarms={alarming.length}>
        {newest === undefined ? (
          <>
            {told.length} loads, {Math.abs(chart.centre).toFixed(1)} {chart.centre >= 0 ? 'steps darker' : 'steps paler'} than expected on
            average. No load stands out.
          </>
        ) : (
          <>
            {alarming.length} of {told.length} loads out of its own scatter; the newest on{' '}
            {dayAndTime(newest.told.entry.load.startedAt, zone)}: {ALARM_WORDS[newest.alarm]}.{' '}
            <button
              type="button"
              className="min-h-8 font-semibold text-act underline underline-offset-2"
              onClick={() => onOpen(newest.told.entry)}
            >
              Look at it
            </button>
          </>
        )}{' '}
        <span className="text-quiet">
          Limits: three standard deviations by the moving range; rules of Western Electric (NIST/SEMATECH 6.3.2).
        </span>
      </figcaption>
    </figure>
  );
};

/** The pieces as they were seen, a row a day: upper face over lower; where nobody said, empty. */
const Wall = ({
  all,
  zone,
  onOpen,
}: {
  readonly all: readonly Entry[];
  readonly zone: string;
  readonly onOpen: (entry: Entry) => void;
}) => {
  const days = new Map<string, Entry[]>();
  for (const entry of all) {
    const day = dayAndTime(entry.load.startedAt, zone).replace(/, \d\d:\d\d$/, '');
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return (
    <ul aria-label="Pieces by day" className="flex flex-col gap-1">
      {[...days].reverse().map(([day, loads]) => (
        <li key={day} className="flex flex-wrap items-center gap-1">
          <span className="w-28 text-[15px] text-quiet">{day}</span>
          {loads.map((entry) => (
            <button
              key={entry.load.id}
              type="button"
              className="rounded-sm border border-ink/60 p-0"
              style={{ width: SQUARE + 6, height: SQUARE + 6 }}
              aria-label={`Load at ${dayAndTime(entry.load.startedAt, zone)}: ${seenWords(entry)}`}
              onClick={() => onOpen(entry)}
            >
              <Face step={entry.tawny.upper} />
              <Face step={entry.tawny.lower} />
            </button>
          ))}
        </li>
      ))}
    </ul>
  );
};

const Face = ({ step }: { readonly step: number | null }) => (
  <span aria-hidden className="block w-full" style={{ height: '50%', background: step === null ? 'transparent' : tawnyCss(step) }} />
);

const seenWords = ({ tawny: { upper, lower } }: Entry): string =>
  upper === null && lower === null ? 'no colour said' : `${upper?.toFixed(1) ?? '–'} above, ${lower?.toFixed(1) ?? '–'} below`;
