import type { Result } from '../../core/basis/index.ts';
import { failure, seededRandom, success } from '../../core/basis/index.ts';
import {
  adviseInSteps,
  answerOf,
  heatCourse,
  answerChanges,
  pictureOf,
  predictionOf,
  destinations,
  whyChains,
  feasibleBy,
  informationValueNow,
} from '../../core/advise/index.ts';
import type { Advice, AnswerChange, InformationValue } from '../../core/advise/index.ts';
import type { CookMemory } from '../../core/cook/index.ts';
import type { IronHistory } from '../../core/book/index.ts';
import type { EmulatorMemory, IronWithBatter, KnownIronWithBatter } from '../../core/fit/index.ts';
import type { KnowledgeMemory } from '../../core/lot/index.ts';
import { ironsWithBatters, requestOf } from '../../core/lot/index.ts';
import type { RevisedOpenTime } from '../../core/line/index.ts';
import { ironHistory } from '../../core/book/index.ts';
import { revisedOpenTimeNow } from '../../core/line/index.ts';
import type { ReadSettings } from '../../core/formula/index.ts';
import { formulaFromRecipe, formulaFromText, readFormula, recipesInText } from '../../core/formula/index.ts';
import type { ReadFace } from '../../core/photo/index.ts';
import type { PatternCurve } from '../../core/plate/index.ts';
import { greaseFor, patternCurve } from '../../core/plate/index.ts';
import type { PracticeLoad, ReplayedLoad } from '../../core/practice/index.ts';
import { LEVELS, practiceLoad, practiceIronWithBatter, replay } from '../../core/practice/index.ts';
import { changedMorning, jitteredInSteps, plannedIron, planRun, restFromNow, whatWouldHelpInSteps } from '../../core/run/index.ts';
import { describeCode } from '../../words/index.ts';
import type {
  AdviceJob,
  AdviceReply,
  AfterJob,
  DialInJob,
  HeatJob,
  HeatReply,
  MorningJob,
  MorningReply,
  MovesJob,
  Paste,
  PatternJob,
  PhotoJob,
  Answer,
  QuestionKind,
  Questions,
  PracticeJob,
  ReplayJob,
  RescueJob,
} from './messages.ts';

/** One worker has one memory of what it knows of irons. */
const sharedKnowledge: KnowledgeMemory = { emulators: new Map(), fits: new Map() };

/** An advice with all that the screens draw; gives way between cooks. The worker and the differential test share it. */
export function* computeAdvice(job: AdviceJob, memory?: CookMemory, knowledge?: KnowledgeMemory): Generator<void, Result<AdviceReply>> {
  const request = yield* requestOf(job, knowledge);
  if (!request.ok) return request;
  const { formula } = job;
  const { reading } = request.value;
  const advice = yield* adviseInSteps(request.value, memory);
  if (!advice.ok) return advice;
  const a = advice.value;
  const { id: _, ...prediction } = predictionOf(a, { id: '', formulaId: formula.id, formulaRev: formula.rev });
  return success({
    answer: answerOf(a, describeCode),
    picture: pictureOf(a),
    why: whyChains(a),
    planned: plannedIron(a, job.lidOpen_s),
    lift: reading.lift,
    findings: a.findings,
    believed: request.value.believed,
    grease: greaseFor(a.request.iron, a.batter, a.request.load),
    prediction,
  });
}

/** A question about the loads of one iron, put to the batters that occur in them. Errors: those of `ironsWithBatters`; `bowl-empty`. */
function* askOfLoads<T>(
  batters: DialInJob['batters'],
  batterKey: string,
  ask: (pairings: ReadonlyMap<string, KnownIronWithBatter>) => Generator<void, T | null>,
): Generator<void, Result<T>> {
  const pairings = ironsWithBatters(batters, batterKey);
  if (!pairings.ok) return pairings;
  const found = yield* ask(pairings.value);
  return found === null ? failure('bowl-empty') : success(found);
}

/** This iron's loads, weighed against what they were promised. Errors: those of `askOfLoads`. */
export const computeIronHistory = (
  { batters, wanted, history }: DialInJob,
  memory?: EmulatorMemory,
): Generator<void, Result<IronHistory>> =>
  askOfLoads(batters, wanted.batterKey, (pairings) => ironHistory(wanted, pairings, history, memory));

/** What one more trial of this iron, or a measurement instead, would bring. Errors: those of `askOfLoads`. */
export const computeInformationValue = (
  { batters, wanted, history }: DialInJob,
  memory?: EmulatorMemory,
): Generator<void, Result<InformationValue>> =>
  askOfLoads(batters, wanted.batterKey, (pairings) => informationValueNow(wanted, pairings, history, memory));

/** A load that is in the iron, after what was noticed of it. Errors: those of `askOfLoads`. */
export const computeOpenTime = (
  { batters, wanted, load, history }: RescueJob,
  memory?: EmulatorMemory,
): Generator<void, Result<RevisedOpenTime>> =>
  askOfLoads(batters, wanted.batterKey, (pairings) => revisedOpenTimeNow(load, pairings, history, memory));

/** The advice itself, for questions that go on from it. */
function* adviceOf(job: AdviceJob): Generator<void, Result<Advice>> {
  const request = yield* requestOf(job, sharedKnowledge);
  return request.ok ? yield* adviseInSteps(request.value) : request;
}

/** Which of setting, portion and time a change moved, and why. Errors: those of `advise`. */
export function* movesOf({ before, after }: MovesJob): Generator<void, Result<readonly AnswerChange[]>> {
  const [was, is] = [yield* requestOf(before, sharedKnowledge), yield* requestOf(after, sharedKnowledge)];
  if (!was.ok) return was;
  return is.ok ? yield* answerChanges(was.value, is.value, new Map()) : is;
}

/** The heat of a morning on this iron, and whether the wish can be had in time. Errors: those of `advise`. */
export function* heatOf({ job, course, within_s }: HeatJob): Generator<void, Result<HeatReply>> {
  const advice = yield* adviceOf(job);
  if (!advice.ok) return advice;
  const found = heatCourse(advice.value, course);
  yield;
  return success({ course: found, within: feasibleBy(advice.value, within_s) });
}

/** What becomes of the pieces. Errors: those of `advise`. */
export function* afterOf({ job, reheats }: AfterJob): Generator<void, Result<ReturnType<typeof destinations>>> {
  const advice = yield* adviceOf(job);
  return advice.ok ? success(destinations(advice.value, reheats)) : advice;
}

/** How the browning of a pocket depends on its own heat. Errors: those of `advise`. */
export function* patternOf({ job, second }: PatternJob): Generator<void, Result<PatternCurve>> {
  const advice = yield* adviceOf(job);
  if (!advice.ok) return advice;
  const { machine, batter, portion, plates, setting, request } = advice.value;
  return success(
    patternCurve(
      {
        machine,
        batter,
        portion_kg: portion.portion_g / 1000,
        plates,
        setting_C: setting.temperature_C,
        room_C: request.room_C,
        duration_s: second + 1,
      },
      second,
    ),
  );
}

/** What luck makes of a morning, and what would help it. */
export function* morningOf({ request, plan }: MorningJob): Generator<void, Result<MorningReply>> {
  const played = yield* jitteredInSteps(plan, request);
  return success({ played, help: yield* whatWouldHelpInSteps(request, plan) });
}

/** Errors: `level-unknown` {levelId}. */
const pairingOfLevel = (levelId: string): Result<IronWithBatter> => {
  const level = LEVELS.find(({ id }) => id === levelId);
  return level === undefined ? failure('level-unknown', { levelId }) : practiceIronWithBatter(level);
};

export const practise = ({ levelId, hidden, pour, n, seed }: PracticeJob): Result<PracticeLoad> => {
  const pairing = pairingOfLevel(levelId);
  return pairing.ok ? success(practiceLoad(pairing.value, hidden, pour, n, seededRandom(seed * 100 + n))) : pairing;
};

export function* replayed({ levelId, hidden, seed, tawny }: ReplayJob): Generator<void, Result<readonly ReplayedLoad[]>> {
  const pairing = pairingOfLevel(levelId);
  return pairing.ok ? success(yield* replay(pairing.value, hidden, tawny, seed)) : pairing;
}

/** Longer pastes are refused before anything looks at them. */
const MOST_PASTE_CHARACTERS = 4_000_000;

/** Pasted text, or a schema.org Recipe in it, as lines with their reading. */
export const readPasted = (text: string, readSettings: ReadSettings, newId: () => string): Result<Paste> => {
  if (text.length > MOST_PASTE_CHARACTERS) return failure('text-too-large');
  const [first, ...others] = recipesInText(text);
  const recipe = first === undefined ? null : formulaFromRecipe(first, newId);
  if (recipe !== null && !recipe.ok) return recipe;
  if (recipe !== null) {
    const { lines, name, steps, yieldHint, lift } = recipe.value;
    return success({
      lines,
      cut: 0,
      lift,
      reading: readFormula({ lines, lift }, readSettings),
      name,
      steps,
      yieldHint,
      recipe: recipe.value,
      others: others.length,
    });
  }
  const { lines, lift, ...parts } = formulaFromText(text, newId);
  return success({
    ...parts,
    lines: [...lines],
    lift,
    reading: readFormula({ lines: [...lines], lift }, readSettings),
    recipe: null,
    others: 0,
  });
};

/** What was reckoned before and serves again; each worker has its own. Same answers as without, sooner. */
export type ComputeMemory = {
  /** Loads of the last advice: while only the wish moves, they serve again. */
  readonly cooksFor: (job: AdviceJob) => CookMemory;
};

/** A question that needs what only a worker has: the picture is unpacked there. */
export type Surroundings = { readonly newId: () => string; readonly readPhoto: (job: PhotoJob) => Result<ReadFace> };

type Answers = { readonly [K in QuestionKind]: (ask: Questions[K]['ask']) => Generator<void, Answer<K>> };

// eslint-disable-next-line require-yield
function* atOnce<T>(answer: () => T): Generator<void, T> {
  return answer();
}

/** How every question is answered. Generators give way between parts, so that a worker hears "cancel". */
export const answersWith = (memory: ComputeMemory, { newId, readPhoto }: Surroundings): Answers => ({
  advise: (ask) => computeAdvice(ask, memory.cooksFor(ask), sharedKnowledge),
  moves: movesOf,
  heat: heatOf,
  after: afterOf,
  pattern: patternOf,
  history: (ask) => computeIronHistory(ask, sharedKnowledge.emulators),
  informationValue: (ask) => computeInformationValue(ask, sharedKnowledge.emulators),
  openTime: (ask) => computeOpenTime(ask, sharedKnowledge.emulators),
  plan: (request) => atOnce(() => success({ request, plan: planRun(request) })),
  changed: ({ run, request, change }) => atOnce(() => success(changedMorning(run, request, change))),
  rest: ({ irons, missing, standing, hands, now }) => atOnce(() => success(restFromNow(irons, new Map(missing), standing, hands, now))),
  morning: morningOf,
  practise: (ask) => atOnce(() => practise(ask)),
  replay: replayed,
  paste: ({ text, readSettings }) => atOnce(() => readPasted(text, readSettings, newId)),
  photo: (ask) => atOnce(() => readPhoto(ask)),
});
