import type { AdviceRequest, BelievedIron } from '../advise/index.ts';
import { believedIron } from '../advise/index.ts';
import type { Result } from '../basis/index.ts';
import { canonicalJson, inputsHash, MODEL_VERSION, seededRandom, success } from '../basis/index.ts';
import { batterOf, targetOn } from '../cook/index.ts';
import type { Belief, Emulator, EmulatorMemory, KnownIronWithBatter } from '../fit/index.ts';
import { FIT_SEED, fitIron } from '../fit/index.ts';
import type { ReadSettings } from '../formula/index.ts';
import { readFormula } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import type { Iron } from '../plate/index.ts';
import type { HistoryQuestion, ToldLoad } from './history.ts';
import { historyQuestion } from './history.ts';
import { lidOpen_s } from './lidOpen.ts';
import type { BatterQuestion, FormulaLines, LoadWish } from './question.ts';
import { batterQuestion } from './question.ts';

/** What an iron's loads have to say, as it is asked: without the wish. */
export type IronKnowledge = Pick<HistoryQuestion, 'batters' | 'history'>;

/** A teaspoon was closed in it: it has something to say before its first load. */
const isTried = ({ measured }: Iron): boolean => measured?.teaspoon !== undefined;

/** A question to the adviser with what the iron's loads say; left out: as of a new iron. */
export type KnownQuestion = BatterQuestion & {
  readonly known?: IronKnowledge;
  /** How long its lid stands open between two loads, by its loads, s; left out: as is usual. */
  readonly lidOpen_s?: number;
};

/**
 * The question for the adviser as every station, the sheet on paper and the command line put it: the kitchen as it stands, and what this iron's
 * loads say. `loads`: of this iron, the oldest first; `formulas`: revisions that occur in them.
 */
export const knownQuestion = (
  kitchen: { readonly kit: Kit; readonly readSettings: ReadSettings },
  formula: FormulaLines,
  iron: Iron,
  wish: LoadWish,
  loads: readonly ToldLoad[],
  formulas: readonly FormulaLines[],
): KnownQuestion => {
  const question = batterQuestion(kitchen.kit, kitchen.readSettings, formula, iron, wish);
  if (loads.length === 0 && !isTried(iron)) return question;
  const open_s = lidOpen_s(loads);
  const hands = open_s === null ? {} : { lidOpen_s: open_s };
  const { target, batter_C } = wish;
  const { batters, history } = historyQuestion(
    kitchen,
    { formula, iron, ...targetOn(iron, target), conditions: { target, batter_C } },
    loads,
    formulas,
  );
  return history.length === 0 && !isTried(iron) ? { ...question, ...hands } : { ...question, ...hands, known: { batters, history } };
};

/** The request that this question is, its loads weighed. Gives way between runs. Errors: those of `batterOf`. */
export function* requestOf(
  { formula, readSettings, known, lidOpen_s: _, ...rest }: KnownQuestion,
  memory?: KnowledgeMemory,
): Generator<void, Result<AdviceRequest>> {
  const reading = readFormula({ lines: [...formula.lines], lift: formula.lift }, readSettings);
  if (known === undefined) return success({ ...rest, reading });
  const believed = yield* believedFor(known, rest.target, rest.iron.dryThrough, memory);
  return believed.ok ? success({ ...rest, reading, believed: believed.value }) : believed;
}

/**
 * Names what the loads of an iron say towards a wish: found once, it serves every question that rests on it, and the next start of the page. When a load was
 * cooked says nothing of the iron, so it isn't in the name.
 */
export const beliefKey = ({ batters, history }: IronKnowledge, target: AdviceRequest['target']): string =>
  inputsHash([MODEL_VERSION, batters, history.map(({ startedAt: _, ...load }) => load), target]);

/** All that an emulator depends on: not the wish, nor which load it is, nor what is believed. */
const memoryKeyOf = ({ iron, formula, readSettings, altitude_m, batter_C, room_C, airFraction }: BatterQuestion): string =>
  canonicalJson({ iron, lines: formula.lines, lift: formula.lift, readSettings, altitude_m, batter_C, room_C, airFraction });

/** The batters that occur, on their iron. Errors: those of the batter that is wished for. */
export const ironsWithBatters = (
  batters: HistoryQuestion['batters'],
  wantedKey: string,
): Result<ReadonlyMap<string, KnownIronWithBatter>> => {
  const found = new Map<string, KnownIronWithBatter>();
  for (const { key, job } of batters) {
    const reading = readFormula({ lines: [...job.formula.lines], lift: job.formula.lift }, job.readSettings);
    const batter = batterOf(reading, job);
    if (batter.ok)
      found.set(key, {
        memoryKey: memoryKeyOf(job),
        iron: job.iron,
        batter: batter.value,
        room_C: job.room_C,
        colder: (by_K, least_C) => {
          const cold = batterOf(reading, { ...job, batter_C: Math.max(least_C, job.batter_C - by_K) });
          return cold.ok && job.batter_C > least_C + 3 ? { iron: job.iron, batter: cold.value, room_C: job.room_C } : null;
        },
      });
    else if (key === wantedKey) return batter;
  }
  return success(found);
};

/** What was reckoned for earlier questions; the same loads give the same belief. */
export type KnowledgeMemory = {
  readonly emulators: EmulatorMemory;
  readonly fits: Map<string, RememberedFit>;
};

/** `believed`: by the wish; several stations ask with the same one. */
type RememberedFit = {
  readonly belief: Belief;
  readonly used: number;
  readonly emulator: Emulator;
  readonly believed: Map<string, BelievedIron>;
};

/** Some hundred kilobytes each. */
const MOST_FITS = 16;
/** A finger that moves for long leaves many wishes behind. */
const MOST_WISHES = 60;

/**
 * What is believed of the iron in question, from its loads; null: they say nothing. The batter in question stands first among the batters. Gives way
 * between runs. Errors: those of `batterOf`.
 */
export function* believedFor(
  { batters, history }: IronKnowledge,
  target: AdviceRequest['target'],
  dryThrough: boolean,
  memory?: KnowledgeMemory,
): Generator<void, Result<BelievedIron | null>> {
  const [wanted] = batters;
  if (wanted === undefined || (history.length === 0 && !isTried(wanted.job.iron))) return success(null);
  const pairings = ironsWithBatters(batters, wanted.key);
  if (!pairings.ok) return pairings;
  const key = canonicalJson([history, [...pairings.value].map(([name, { memoryKey }]) => [name, memoryKey])]);
  let fit = memory?.fits.get(key);
  if (fit === undefined) {
    const { belief, fitted, emulatorOf } = yield* fitIron(pairings.value, history, seededRandom(FIT_SEED), memory?.emulators);
    const emulator = yield* emulatorOf(wanted.key);
    if (emulator === null || (fitted.length === 0 && !isTried(wanted.job.iron))) return success(null);
    fit = { belief, used: fitted.length, emulator, believed: new Map() };
    memory?.fits.set(key, fit);
    const [oldest] = memory?.fits.keys() ?? [];
    if (memory !== undefined && memory.fits.size > MOST_FITS && oldest !== undefined) memory.fits.delete(oldest);
  }
  yield;
  const aim = dryThrough || target.crisp === null ? { tawny: target.tawny } : { tawny: target.tawny, crisp: target.crisp };
  const wish = canonicalJson(aim);
  const believed = fit.believed.get(wish) ?? believedIron(fit.emulator, fit.belief, fit.used, aim);
  if (fit.believed.size > MOST_WISHES) fit.believed.clear();
  fit.believed.set(wish, believed);
  return success(believed);
}
