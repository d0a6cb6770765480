import { useMemo, useState } from 'react';
import { meanOrNull } from '../../core/basis/index.ts';
import { batterOf } from '../../core/cook/index.ts';
import type { Browned, KeepItem } from '../../core/keep/index.ts';
import { crustedSlab, FREEZER_C, heaterOf, hotAgain, slabOf_mm } from '../../core/keep/index.ts';
import type { Reheats } from '../../core/kit/index.ts';
import { REHEATER_IDS, USUAL_REHEATS } from '../../core/kit/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { PUBLISHED } from '../../core/safety/index.ts';
import { reheatClock, REHEATER_WORDS, tawnyCss, temperature, TemperatureEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { readingOf } from '../session/index.ts';
import { commands, useDo, useQueried } from '../store/index.ts';

const OVEN_C = { min_C: 100, max_C: 280 };

/** How brown its pieces came off the iron: as they were held against the bands, else as it was promised. Null: nobody knows. */
const colourOf = (loads: readonly ToldLoad[]): number | null =>
  meanOrNull(
    loads.flatMap(({ log, prediction }): number[] => {
      const seen = loadProgress(log).observations.flatMap((o) => (o.kind === 'tawny' ? [o.value] : []));
      return seen.length > 0 ? seen : prediction === null ? [] : [prediction.tawnyStep];
    }),
  );

/** How its batter browns; null: its formula is gone, or can't be reckoned. */
const browningOf = (session: Session, item: KeepItem, loads: readonly ToldLoad[]): number | null => {
  const formulaId = loads.at(-1)?.prediction?.formulaId;
  const formula = session.everyFormula.find(({ id, name }) => (formulaId === undefined ? name === item.name : id === formulaId));
  if (formula === undefined) return null;
  const conditions = { batter_C: session.workspace.batter_C, altitude_m: session.kit.altitude_m };
  const batter = batterOf(readingOf(session, formula), conditions);
  return batter.ok ? batter.value.browningFactor : null;
};

/** How long a piece takes to be hot through again, by what it is heated with, and how brown it is then. */
export const HotAgain = ({ session, item }: { readonly session: Session; readonly item: KeepItem }) => {
  const [isOpen, setOpen] = useState(false);
  if (session.irons.length === 0 || item.form !== 'pieces' || (item.place !== 'freezer' && item.place !== 'refrigerator')) return null;
  return (
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">Reheat from frozen</summary>
      {isOpen && <OfLoads session={session} item={item} />}
    </details>
  );
};

/** Asked and reckoned only where it is looked at. */
const OfLoads = ({ session, item }: { readonly session: Session; readonly item: KeepItem }) => {
  const { lotId } = item;
  const loads = useQueried(
    async (queries) => (lotId === null ? [] : queries.withPromises(await queries.loadsOfLots([lotId]))),
    `loads of ${lotId}`,
  );
  // Which iron made these pieces: the one that poured from their bowl, else one that is there.
  const ironId = loads?.at(-1)?.load.ironId;
  const iron = session.everyIron.find(({ id }) => id === ironId) ?? session.iron ?? session.irons[0];
  if (loads === undefined || iron === undefined) return null;
  const tawny = colourOf(loads);
  const browningFactor = browningOf(session, item, loads);
  return (
    <Ways
      session={session}
      iron={iron}
      from_C={item.place === 'freezer' ? FREEZER_C : item.refrigerator_C}
      browned={tawny === null || browningFactor === null ? null : { tawny, browningFactor }}
    />
  );
};

/** Without a batter only the time is known. */
const NOT_KNOWN: Browned = { browningFactor: 0, tawny: 1 };

/** Darker by so much, steps, it is seen. */
const SEEN_STEPS = 0.1;

type WaysProps = { readonly session: Session; readonly iron: Iron; readonly from_C: number; readonly browned: Browned | null };

const Ways = ({ session, iron, from_C, browned }: WaysProps) => {
  const { temperatureUnit: unit, reheats = USUAL_REHEATS } = session.kit;
  const carryOut = useDo();
  const thickness_mm = slabOf_mm(iron.geometry);
  const { browningFactor, tawny } = browned ?? NOT_KNOWN;
  const ways = useMemo(
    () =>
      REHEATER_IDS.map((by) => ({
        by,
        again: hotAgain(crustedSlab(thickness_mm), from_C, heaterOf({ by, oven_C: reheats.oven_C }), { browningFactor, tawny }),
      })),
    [thickness_mm, from_C, reheats.oven_C, browningFactor, tawny],
  );
  const set = (changes: Partial<Reheats>): void =>
    void carryOut(commands.changeKit((now) => ({ ...now, reheats: { ...USUAL_REHEATS, ...now.reheats, ...changes } })));
  return (
    <>
      <fieldset className="flex flex-wrap gap-2">
        <legend className="sr-only">What this kitchen makes them hot with</legend>
        {ways.map(({ by, again }) => (
          <label
            key={by}
            data-reheat={by}
            data-exact={again === null ? '' : Math.round(again.time_s)}
            data-adds={again === null || browned === null ? '' : (again.tawny - tawny).toFixed(2)}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-lg border-2 border-line bg-sheet px-3 py-1 has-checked:border-act has-focus-visible:outline-3 has-focus-visible:outline-act"
          >
            <input
              type="radio"
              name={`reheats-${iron.id}`}
              className="size-5 accent-act"
              checked={reheats.by === by}
              onChange={() => set({ by })}
            />
            <span>
              <span className="block text-[15px]">{REHEATER_WORDS[by]}</span>
              <b className="figure text-xl">{again === null ? '–' : reheatClock(again.time_s)}</b>
            </span>
            {again !== null && browned !== null && (
              <span className="flex items-center gap-1 text-[15px] text-quiet">
                <i aria-hidden className="inline-block size-6 rounded" style={{ background: tawnyCss(tawny) }} />
                <i aria-hidden className="inline-block size-6 rounded" style={{ background: tawnyCss(again.tawny) }} />
                {again.tawny - tawny < SEEN_STEPS ? 'no darker' : `step ${tawny.toFixed(1)} → ${again.tawny.toFixed(1)}`}
              </span>
            )}
          </label>
        ))}
      </fieldset>
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <TemperatureEntry label="Your oven" value_C={reheats.oven_C} {...OVEN_C} unit={unit} onChange={(oven_C) => set({ oven_C })} />
        <p className="min-w-0 flex-1 text-[15px] text-quiet">
          For a piece of {iron.name} until its middle has {temperature(PUBLISHED.heatedThrough.least_C, unit)} (
          {PUBLISHED.heatedThrough.source}); never thawed first. Times are within a third either way: appliances differ (common practice).
          What is chosen counts for the morning’s lists, and for how pale the iron makes what is to be frozen.
        </p>
      </div>
    </>
  );
};
