import type { Wanted } from '../advise/index.ts';
import { canonicalJson } from '../basis/index.ts';
import type { PastLoad } from '../fit/index.ts';
import { pastLoad } from '../fit/index.ts';
import type { Formula, ReadSettings } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import type { Load, LoadEvent, Prediction, Signal } from '../log/index.ts';
import { loadProgress, settingOf } from '../log/index.ts';
import type { Iron } from '../plate/index.ts';
import { settingNow_C } from '../plate/index.ts';
import type { BatterQuestion, FormulaLines, LoadWish } from './question.ts';
import { batterQuestion } from './question.ts';

/** More loads than that teach nothing new; older ones may be of another iron than this has become. */
const MOST_LOADS = 12;
const MOST_BATTERS = 3;
/** So many have to be looked at: of some nothing was said. */
export const LOADS_LOOKED_AT = 3 * MOST_LOADS;

/** A load with its log and what was promised for it. */
export type ToldLoad = { readonly load: Load; readonly log: readonly LoadEvent[]; readonly prediction: Prediction | null };

/** A signal in a load that is over, beside how it came out. */
export type ToldCue = {
  readonly signal: Signal;
  readonly at_s: number;
  readonly open_s: number;
  readonly tawny: number | null;
};

/** What is asked of an iron's loads: the batters that were in them by key, the loads in their order, and the wish. */
export type HistoryQuestion = {
  readonly batters: readonly { readonly key: string; readonly job: BatterQuestion }[];
  readonly history: readonly PastLoad[];
  readonly wanted: Wanted;
};

export const batterKey = (f: Pick<Formula, 'id' | 'rev'>): string => `${f.id}/${f.rev}`;

/** The batter that is asked about. Tried out with another lift or other lines than the revision has, it is another batter than the one in the loads. */
const wantedKey = (formula: FormulaLines, formulas: readonly FormulaLines[]): string => {
  const key = batterKey(formula);
  const recorded = formulas.find((other) => batterKey(other) === key);
  const isSame = recorded === undefined || canonicalJson([recorded.lines, recorded.lift]) === canonicalJson([formula.lines, formula.lift]);
  return isSame ? key : `${key}/tried`;
};

/** `crisp`: left out where it isn't asked for, or there is nothing to choose (a wafer). */
export type HistoryWish = {
  readonly formula: FormulaLines;
  readonly iron: Iron;
  readonly tawny: number;
  readonly crisp?: number | null;
  /** Conditions that the emulated loads share. */
  readonly conditions: Pick<LoadWish, 'target' | 'batter_C'>;
};

/**
 * The question about an iron's loads: those of which something was said (the newest, in their order), the batters they were made from, and the
 * wish. `loads`: of this iron, the oldest first; `formulas`: revisions that occur in them.
 */
export const historyQuestion = (
  { kit, readSettings }: { readonly kit: Kit; readonly readSettings: ReadSettings },
  { formula, iron, tawny, crisp, conditions }: HistoryWish,
  loads: readonly ToldLoad[],
  formulas: readonly FormulaLines[],
): HistoryQuestion & { readonly past: readonly ToldCue[] } => {
  const told = loads.flatMap(({ load, log, prediction }) => {
    if (prediction === null) return [];
    const progress = loadProgress(log);
    const past = pastLoad(prediction, progress, iron.geometry.moulds);
    if (past === null) return [];
    const { lower, upper } = past.outcome;
    const tawnySeen = lower === null && upper === null ? null : Math.min(lower ?? 8, upper ?? 8);
    const cues = progress.signals.map(({ signal, at }): ToldCue => ({
      signal,
      at_s: (at - (progress.closedAt ?? at)) / 1000,
      open_s: past.action.open_s,
      tawny: tawnySeen,
    }));
    const key = batterKey({ id: prediction.formulaId, rev: prediction.formulaRev });
    // A fixed control has one temperature; the rest is read off today's scale, mark for mark.
    const action = { ...past.action, setting_C: settingNow_C(iron, settingOf(prediction, progress)) };
    return [{ history: { loadId: load.id, startedAt: load.startedAt, batterKey: key, action, outcome: past.outcome }, cues }];
  });
  const newest = told.slice(-MOST_LOADS);
  const wanted = wantedKey(formula, formulas);
  const keys = new Set([wanted, ...newest.map(({ history }) => history.batterKey).reverse()]);
  const kept = [...keys].slice(0, MOST_BATTERS);
  // Emulators start from plates that have recovered.
  const wish: LoadWish = { ...conditions, load: 1, preheat_s: null, setting_C: null, portion_g: null };
  const batters = kept.flatMap((key) => {
    const f = key === wanted ? formula : formulas.find((other) => batterKey(other) === key);
    return f === undefined ? [] : [{ key, job: batterQuestion(kit, readSettings, f, iron, wish) }];
  });
  return {
    batters,
    history: newest.map((load) => load.history).filter((load) => kept.includes(load.batterKey)),
    wanted: { batterKey: wanted, tawny, ...(crisp == null || iron.dryThrough ? {} : { crisp }) },
    past: newest.flatMap((load) => load.cues),
  };
};
