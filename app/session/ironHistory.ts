import type { Prediction, Load, LoadEvent } from '../../core/log/index.ts';
import type { PastLoad } from '../../core/fit/index.ts';
import type { PastCue } from '../../core/line/index.ts';
import { pastLoad } from '../../core/fit/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { settingNow_C } from '../../core/plate/index.ts';
import type { DialInJob } from '../workers/index.ts';
import type { Session } from './useSession.ts';
import { adviceJob } from './useSession.ts';

/** More loads than that teach nothing new; older ones may be of another iron than this has become. */
const MOST_LOADS = 12;
const MOST_BATTERS = 3;

/** The newest loads of an iron that may have something to say, oldest first. */
export const recentLoads = (loads: readonly Load[], ironId: string): Load[] =>
  loads
    .filter((load) => load.ironId === ironId)
    .sort((a, b) => a.startedAt - b.startedAt)
    .slice(-3 * MOST_LOADS);

type Rows = {
  readonly recent: readonly Load[];
  readonly predictions: readonly Prediction[];
  readonly formulas: readonly Formula[];
  readonly logOf: (loadId: string) => readonly LoadEvent[];
};

/** `crisp`: left out where it isn't asked for, or there is nothing to choose (a wafer). */
type Wish = { readonly formula: Formula; readonly iron: Iron; readonly tawny: number; readonly crisp?: number };

export const batterKey = (f: Pick<Formula, 'id' | 'rev'>): string => `${f.id}/${f.rev}`;

/** What is asked of this iron's loads: those of which something was said, the batters they were made from, and the wish. */
export const historyJob = (
  session: Session,
  { formula, iron, tawny, crisp }: Wish,
  { recent, predictions, formulas, logOf }: Rows,
): DialInJob & { readonly past: readonly PastCue[] } => {
  const told = recent.flatMap((load) => {
    const prediction = predictions.find((p) => p.id === load.predictionId);
    if (prediction === undefined) return [];
    const progress = loadProgress(logOf(load.id));
    const past = pastLoad(prediction, progress, iron.geometry.moulds);
    if (past === null) return [];
    const { lower, upper } = past.outcome;
    const tawnySeen = lower === null && upper === null ? null : Math.min(lower ?? 8, upper ?? 8);
    const cues = progress.signals.map(({ signal, at }): PastCue => ({
      signal,
      at_s: (at - (progress.closedAt ?? at)) / 1000,
      open_s: past.action.open_s,
      tawny: tawnySeen,
    }));
    const key = batterKey({ id: prediction.formulaId, rev: prediction.formulaRev });
    // A fixed control has one temperature; the rest is read off today's scale, mark for mark.
    const action = { ...past.action, setting_C: settingNow_C(iron, prediction.setting) };
    return [{ history: { loadId: load.id, startedAt: load.startedAt, batterKey: key, action, outcome: past.outcome }, cues }];
  });
  const newest = told.slice(-MOST_LOADS);
  const keys = new Set([batterKey(formula), ...newest.map(({ history }) => history.batterKey).reverse()]);
  const kept = [...keys].slice(0, MOST_BATTERS);
  const wish = {
    target: { tawny, crisp: session.workspace.target.crisp },
    batter_C: session.workspace.batter_C,
    load: 1,
    preheat_s: null,
    setting_C: null,
  };
  const batters = kept.flatMap((key) => {
    const f = key === batterKey(formula) ? formula : formulas.find((other) => batterKey(other) === key);
    return f === undefined ? [] : [{ key, job: adviceJob(session, f, iron, wish) }];
  });
  const history: PastLoad[] = newest.map((load) => load.history).filter((load) => kept.includes(load.batterKey));
  return {
    batters,
    history,
    wanted: { batterKey: batterKey(formula), tawny, ...(crisp === undefined || iron.dryThrough ? {} : { crisp }) },
    past: newest.flatMap((load) => load.cues),
  };
};
