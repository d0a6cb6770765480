import { lazy, Suspense, useMemo, useState } from 'react';
import type { Formula, ParsedFormula } from '../../core/formula/index.ts';
import { ingredientOf } from '../../core/formula/index.ts';
import type { Ferment as Bowl, Reading, Stay, Vessel, YeastForm } from '../../core/lift/index.ts';
import {
  corrected,
  ferment,
  isRefused,
  ripeness,
  VESSELS,
  YEAST_HURT_C,
  yeastAs,
  yeastedBowl,
  yeastForClock,
} from '../../core/lift/index.ts';
import { atmosphericPressure_Pa } from '../../core/matter/index.ts';
import { batterOf } from '../../core/cook/index.ts';
import { describeSentence } from '../../words/index.ts';
import { dayAndTime, Metric, Findings, grams, InlineSelect, NumberEntry, temperature, timeOfDay } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import { curveOptions, withLegend } from './curves.ts';
import { SafetyClock } from './SafetyClock.tsx';
import { useLot } from './useLot.ts';
import { wallNow } from '../clock/index.ts';
import { Liquid } from './Liquid.tsx';
import { Readings } from './Readings.tsx';
import { TakeNearest } from './TakeNearest.tsx';

const Chart = lazy(() => import('../look/Chart.tsx'));
const HOUR_MS = 3_600_000;
const VESSEL_WORDS: Readonly<Record<Vessel, string>> = { bowl: 'a bowl', jug: 'a jug', 'shallow-pan': 'a shallow pan' };
const FORMS: readonly YeastForm[] = ['dry-yeast', 'instant-yeast', 'fresh-yeast'];
const FORM_WORDS: Readonly<Record<YeastForm, string>> = {
  'dry-yeast': 'dry yeast',
  'instant-yeast': 'instant yeast',
  'fresh-yeast': 'fresh yeast',
};

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

export const Ferment = ({ session, formula, reading }: Props) => {
  const bowl = yeastedBowl(reading);
  if (bowl === null)
    return (
      <p className="max-w-xl text-lg">
        There is no yeast in this formula. For a yeasted batter: some 4 g of dry yeast to 500 g of flour and a night in the cold, or twice
        as much and two hours in the warm.
      </p>
    );
  return <FermentPath session={session} formula={formula} reading={reading} yeast={bowl} />;
};

/** When it is to be cooked: the next full morning, or as the run has it. */
const firstCookAt = (session: Session, now: number): number => {
  const serveAt = session.run?.serveAt ?? 0;
  return serveAt > now + HOUR_MS ? serveAt - HOUR_MS / 2 : now + 14 * HOUR_MS;
};

type Question = { readonly base: Bowl; readonly readings: readonly Reading[]; readonly duration_s: number };

/** The path, bent to what was read, and the yeast that its clock wants. */
const answered = ({ base, readings, duration_s }: Question) => {
  const bent = readings.length === 0 ? { path: ferment(base), findings: [], used: 0, ferment: base } : corrected(base, readings);
  return { bent, wanted: yeastForClock({ ...bent.ferment, duration_s }) };
};

type PathProps = Props & { readonly yeast: NonNullable<ReturnType<typeof yeastedBowl>> };

const FermentPath = ({ session, formula, reading, yeast }: PathProps) => {
  const { kit } = session;
  const carryOut = useDo();
  const { lot, note } = useLot(session, formula, reading);
  const [now] = useState(wallNow);
  const mixedAt = lot !== null && lot.events.some((event) => event.kind === 'moved') ? lot.madeAt : null;
  const [cookAt, setCookAt] = useState(() => firstCookAt(session, now));
  const [elapsed_h, setElapsed] = useState(14);
  const [toCold_min, setToCold] = useState<number | null>(30);
  const [start_C, setStart] = useState(28);
  const [fridge_C, setFridge] = useState(kit.refrigerator_C);
  const [room_C, setRoom] = useState(kit.room_C);
  const [vessel, setVessel] = useState<Vessel>('bowl');
  const [form, setForm] = useState<YeastForm>(yeast.form);
  const startAt = mixedAt ?? cookAt - elapsed_h * HOUR_MS;
  const duration_s = Math.max(600, (cookAt - startAt) / 1000);
  const density = batterOf(reading, { batter_C: start_C, altitude_m: kit.altitude_m, airFraction: 0.02 });
  const stays: Stay[] = [
    { at_s: 0, place: { kind: 'kitchen', air_C: room_C } },
    ...(toCold_min === null || toCold_min * 60 >= duration_s
      ? []
      : [{ at_s: toCold_min * 60, place: { kind: 'refrigerator' as const, air_C: fridge_C, swing_K: 1.2, period_s: 1500 } }]),
  ];
  const base: Bowl = {
    ...yeast,
    density_gPerML: density.ok ? density.value.density_gPerML : 1.05,
    start_C,
    vessel,
    stays,
    duration_s: duration_s + 6 * 3600,
    pressure_Pa: atmosphericPressure_Pa(kit.altitude_m),
    tauFactor: 1,
    rateFactor: 1,
  };
  const readings: Reading[] = (lot?.events ?? []).flatMap((event) =>
    event.kind === 'read'
      ? [{ at_s: event.data.since_s ?? (event.at - startAt) / 1000, what: event.data.what, value: event.data.value }]
      : [],
  );
  // As one text, so that the path is only followed again when something it rests on has changed.
  const question = JSON.stringify({ base, readings, duration_s });
  const { bent, wanted } = useMemo(() => answered(JSON.parse(question) as Question), [question]);
  const { path } = bent;
  const ripe = ripeness(path);
  const at = (minute: number | null): string => (minute === null ? 'not on this path' : timeOfDay(startAt + minute * 60_000, kit.zone));
  const atCook = Math.min(path.minutes, Math.round(duration_s / 60));
  const bowlNeed_mL = (yeast.batter_g / base.density_gPerML) * (path.rise.slice(0, atCook + 1).reduce((a, b) => Math.max(a, b), 1) + 0.1);
  const fits = [...kit.bowls].sort((a, b) => a.volume_mL - b.volume_mL).find((b) => b.volume_mL >= bowlNeed_mL) ?? null;
  const refused = isRefused(path.T_C.slice(0, atCook + 1), hasEggOrDairy(reading));
  const options = withLegend(
    curveOptions(
      { min: 0, max: path.minutes / 60, say: (h) => timeOfDay(startAt + h * HOUR_MS, kit.zone) },
      { min: 0, max: 5 * Math.ceil(Math.max(31, start_C + 3) / 5), say: (t) => temperature(t, kit.temperatureUnit) },
      [
        { name: 'temperature', colour: '#20262a', dash: 'solid', points: rows(path.T_C) },
        { name: 'volume', colour: '#14535a', dash: 'dashed', points: rows(path.rise), right: true },
        ...(readings.some((r) => r.what === 'temperature_C')
          ? [
              {
                name: 'read',
                colour: '#6d5f57',
                dash: 'dotted' as const,
                points: readings.flatMap((r) => (r.what === 'temperature_C' ? [[r.at_s / 3600, r.value] as const] : [])),
              },
            ]
          : []),
      ],
      [
        ...(ripe.from_min === null ? [] : [{ x: ripe.from_min / 60, label: 'ready' }]),
        ...(ripe.until_min === null ? [] : [{ x: ripe.until_min / 60, label: 'over-ripe' }]),
        { x: duration_s / 3600, label: 'cook', strong: true },
      ],
      { min: 1, max: Math.max(1.6, ripe.peak + 0.2), say: (v) => `×${v.toFixed(1)}` },
    ),
    ['temperature', 'volume', 'read'],
  );
  const takeYeast = (dry_g: number): void => {
    const mass = Number(yeastAs(dry_g, 'dry-yeast', yeast.form).toFixed(1));
    const ids = new Set(formula.lines.flatMap(({ id }, i) => (reading.lines[i]?.ingredient?.id === yeast.form ? [id] : [])));
    void carryOut(
      commands.reviseFormula(formula, (newest) => ({
        ...newest,
        parentRev: newest.rev,
        lines: newest.lines.map((line) => (ids.has(line.id) ? { ...line, edited_g: mass } : line)),
      })),
    );
  };
  const warmPath = (): void => {
    setElapsed(2);
    setCookAt(Math.max(now + 2 * HOUR_MS, Math.min(cookAt, now + 2.2 * HOUR_MS)));
    setToCold(null);
    setRoom(27);
    setStart(30);
  };
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Ferment" className="grid grid-cols-[minmax(0,1fr)_360px] gap-8 max-lg:grid-cols-1">
        <figure>
          <Suspense fallback={<p className="text-quiet">Drawing …</p>}>
            <Chart options={options} label="Temperature and volume of the batter over the night" height={320} />
          </Suspense>
        </figure>
        <div className="flex flex-col gap-3">
          <dl className="grid grid-cols-2 gap-x-4 gap-y-2">
            <Metric name="ready from" value={at(ripe.from_min)} />
            <Metric name="until" value={ripe.until_min === null ? 'beyond' : at(ripe.until_min)} />
            <Metric name="when cooked" value={`×${(path.rise[atCook] ?? 1).toFixed(2)}`} />
            <Metric name="bowl" value={fits === null ? `${Math.ceil(bowlNeed_mL / 100) * 100} mL` : fits.name} />
          </dl>
          <p className="text-[15px]">
            {grams(yeast.formYeast_g)} g {FORM_WORDS[yeast.form]} in the formula.{' '}
            {wanted.ok ? (
              <>
                For this clock{' '}
                <b className="figure text-2xl" data-figure="yeast_g" data-exact={wanted.value}>
                  {grams(yeastAs(wanted.value, 'dry-yeast', form))}
                </b>{' '}
                g{' '}
                <InlineSelect
                  label="Yeast as"
                  value={form}
                  choices={FORMS.map((value) => ({ value, label: FORM_WORDS[value] }))}
                  onChange={setForm}
                />{' '}
                <button
                  type="button"
                  className="min-h-9 font-semibold text-act underline underline-offset-2"
                  onClick={() => takeYeast(wanted.value)}
                >
                  write it down
                </button>
              </>
            ) : (
              <>
                {describeSentence(wanted.failure)}. <TakeNearest failure={wanted.failure} onTake={setElapsed} />
              </>
            )}
          </p>
          <p className="text-[15px] text-quiet">
            {bent.used === 0
              ? 'Model only: ±40 % in gas.'
              : `Bent to ${bent.used} readings: cools ×${bent.ferment.tauFactor.toFixed(2)} as slowly, yeast ×${bent.ferment.rateFactor.toFixed(2)}.`}{' '}
            Whisk it flat some ten minutes before cooking.
          </p>
          <button type="button" className="button-plain" onClick={warmPath}>
            I have no night: the two-hour warm path
          </button>
          {refused && <Findings findings={[{ code: 'lift-refused', level: 'hazard', fields: {} }]} />}
          {start_C >= YEAST_HURT_C && <Findings findings={[{ code: 'yeast-hurt', level: 'warning', fields: { liquid_C: start_C } }]} />}
          <Findings findings={bent.findings} />
        </div>
      </section>
      <div className="flex flex-wrap items-end gap-5">
        <label className="flex flex-col gap-1 text-[15px]">
          cook on {dayAndTime(cookAt, kit.zone)}
          <input
            type="datetime-local"
            className="entry"
            value={localInput(cookAt)}
            onChange={(event) => {
              const typed = new Date(event.target.value).getTime();
              if (Number.isFinite(typed)) setCookAt(typed);
            }}
          />
        </label>
        {mixedAt === null && (
          <NumberEntry
            narrow
            key={`e${elapsed_h}`}
            label="mixed, h before"
            value={elapsed_h}
            min={0.5}
            max={36}
            onChange={(v) => v !== null && setElapsed(v)}
          />
        )}
        <NumberEntry
          narrow
          key={`c${String(toCold_min)}`}
          label="into the cold after, min"
          value={toCold_min}
          min={0}
          max={1440}
          mayBeEmpty
          onChange={setToCold}
        />
        <NumberEntry
          narrow
          key={`s${start_C}`}
          label="batter at first, °C"
          value={start_C}
          min={2}
          max={60}
          onChange={(v) => v !== null && setStart(v)}
        />
        <NumberEntry
          narrow
          key={`r${room_C}`}
          label="kitchen, °C"
          value={room_C}
          min={0}
          max={45}
          onChange={(v) => v !== null && setRoom(v)}
        />
        <NumberEntry narrow label="refrigerator, °C" value={fridge_C} min={-1} max={15} onChange={(v) => v !== null && setFridge(v)} />
        <span className="pb-2.5">
          in{' '}
          <InlineSelect
            label="Vessel"
            value={vessel}
            choices={VESSELS.map((value) => ({ value, label: VESSEL_WORDS[value] }))}
            onChange={setVessel}
          />
        </span>
      </div>
      <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
        <SafetyClock
          T_C={path.T_C.slice(0, atCook + 1)}
          mass_kg={yeast.batter_g / 1000}
          start_C={start_C}
          vessel={vessel}
          refrigerator_C={fridge_C}
          chosen={kit.codeOfPractice}
          temperatureUnit={kit.temperatureUnit}
        />
        <div className="flex flex-col gap-5">
          <Liquid reading={reading} start_C={start_C} room_C={room_C} session={session} />
          <Readings session={session} mass_kg={yeast.batter_g / 1000} start_C={start_C} lot={lot} note={note} />
        </div>
      </div>
    </div>
  );
};

const hasEggOrDairy = (reading: ParsedFormula): boolean =>
  reading.lines.some((line) => ingredientOf(line)?.allergens.some((a) => a === 'egg' || a === 'milk') ?? false);

const rows = (row: Float64Array): (readonly [number, number])[] =>
  Array.from({ length: Math.floor((row.length - 1) / 5) + 1 }, (_, i) => [(5 * i) / 60, row[5 * i] ?? 0] as const);

/** As a date-time input wants it, in the browser's own zone. */
const localInput = (at: number): string => {
  const offset = new Date(at).getTimezoneOffset() * 60_000;
  return new Date(at - offset).toISOString().slice(0, 16);
};
