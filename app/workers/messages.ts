import type { Finding, Result } from '../../core/basis/index.ts';
import type {
  AdviceAnswer,
  BelievedIron,
  Course,
  CourseRequest,
  AnswerChange,
  Picture,
  Why,
  Feasibility,
  destinations,
  predictionOf,
  InformationValue,
} from '../../core/advise/index.ts';
import type { HistoryQuestion, KnownQuestion } from '../../core/lot/index.ts';
import type { Formula, FormulaLine, Lift, ParsedFormula, ReadSettings } from '../../core/formula/index.ts';
import type { IronHistory } from '../../core/book/index.ts';
import type { Reheats } from '../../core/kit/index.ts';
import type { LoadInIron, RevisedOpenTime } from '../../core/line/index.ts';
import type { FaceRequest, ReadFace } from '../../core/photo/index.ts';
import type { Grease, PatternCurve } from '../../core/plate/index.ts';
import type { Hidden, PracticeLoad, ReplayedLoad } from '../../core/practice/index.ts';
import type {
  ChangedMorning,
  Help,
  IronCycle,
  IronNow,
  Jittered,
  MorningChange,
  RestOfMorning,
  Run,
  RunPlan,
  RunRequest,
} from '../../core/run/index.ts';

/** Both sides must speak this; a page kept open over an update finds out. */
export const PROTOCOL = 4;

/** What is asked: this batter on this iron, with what the iron's loads say; left out: as a new one. */
export type AdviceJob = KnownQuestion;

export type AdviceReply = {
  readonly answer: AdviceAnswer;
  readonly picture: Picture;
  readonly why: readonly Why[];
  readonly planned: IronCycle;
  readonly lift: Lift;
  readonly grease: Grease;
  readonly findings: readonly Finding[];
  /** What the iron's loads say; null: nothing, or they weren't asked. */
  readonly believed: BelievedIron | null;
  /** Without its id: the load that is started with it gives one. */
  readonly prediction: Omit<ReturnType<typeof predictionOf>, 'id'>;
};

/** What becomes of the pieces; `reheats`: what this kitchen makes frozen ones hot with, left out: as is usual. */
export type AfterJob = { readonly job: AdviceJob; readonly reheats?: Reheats | undefined };

/** What was asked before, and what is asked now. */
export type MovesJob = { readonly before: AdviceJob; readonly after: AdviceJob };

/** What is asked of this iron's loads. */
export type DialInJob = HistoryQuestion;

/** A picture of a face, still packed: the worker unpacks it. */
export type PhotoJob = Omit<FaceRequest, 'pixels'> & { readonly bitmap: ImageBitmap };
/** How browning depends on the local heat, at one second of the load that is advised. */
export type PatternJob = { readonly job: AdviceJob; readonly second: number };

export type HeatJob = { readonly job: AdviceJob; readonly course: CourseRequest; readonly within_s: number };
export type HeatReply = { readonly course: Course; readonly within: Feasibility };

/** A pour on a hidden iron, and what the estimator would have done there. */
export type PracticeJob = {
  readonly levelId: string;
  readonly hidden: Hidden;
  readonly pour: { readonly portion_g: number; readonly setting_C: number };
  /** Which load of the exercise, from 1. */
  readonly n: number;
  readonly seed: number;
};
export type ReplayJob = Omit<PracticeJob, 'pour' | 'n'> & { readonly tawny: number };

/** A plan with what was asked: while another is being made, the two still belong together. */
export type PlanReply = { readonly request: RunRequest; readonly plan: RunPlan };

/** A morning as it is planned: what luck makes of it, and what would help. */
export type MorningJob = { readonly request: RunRequest; readonly plan: RunPlan };
export type MorningReply = { readonly played: Jittered; readonly help: readonly Help[] };

/** What changes in the middle of a morning, and what becomes of it. */
export type ChangeJob = { readonly run: Run; readonly request: RunRequest; readonly change: MorningChange };

/** The rest of a morning from now on; `missing`: by dish, pieces that are neither out nor in an iron. */
export type RestJob = {
  readonly irons: RunRequest['irons'];
  readonly missing: readonly (readonly [string, number])[];
  readonly standing: readonly IronNow[];
  readonly hands: number;
  readonly now: number;
};

/** The same loads, asked about one that cooks. */
export type RescueJob = DialInJob & { readonly load: LoadInIron };

export type Paste = {
  readonly lines: FormulaLine[];
  readonly cut: number;
  readonly reading: ParsedFormula;
  readonly name: string | null;
  readonly steps: readonly string[];
  readonly yieldHint: string | null;
  /** As the steps say; null: as the lines do. */
  readonly lift: Formula['lift'];
  readonly recipe: Formula | null;
  /** So many other recipes stand in the same text, and aren't taken. */
  readonly others: number;
};

export type PasteJob = { readonly text: string; readonly readSettings: ReadSettings };

/** Everything that can be asked, with its answer: the one contract of page and worker. Errors are results; see each answer in compute.ts. */
export type Questions = {
  advise: { readonly ask: AdviceJob; readonly answer: AdviceReply };
  moves: { readonly ask: MovesJob; readonly answer: readonly AnswerChange[] };
  heat: { readonly ask: HeatJob; readonly answer: HeatReply };
  after: { readonly ask: AfterJob; readonly answer: ReturnType<typeof destinations> };
  pattern: { readonly ask: PatternJob; readonly answer: PatternCurve };
  history: { readonly ask: DialInJob; readonly answer: IronHistory };
  informationValue: { readonly ask: DialInJob; readonly answer: InformationValue };
  openTime: { readonly ask: RescueJob; readonly answer: RevisedOpenTime };
  plan: { readonly ask: RunRequest; readonly answer: PlanReply };
  changed: { readonly ask: ChangeJob; readonly answer: ChangedMorning };
  rest: { readonly ask: RestJob; readonly answer: RestOfMorning };
  morning: { readonly ask: MorningJob; readonly answer: MorningReply };
  practise: { readonly ask: PracticeJob; readonly answer: PracticeLoad };
  replay: { readonly ask: ReplayJob; readonly answer: readonly ReplayedLoad[] };
  paste: { readonly ask: PasteJob; readonly answer: Paste };
  photo: { readonly ask: PhotoJob; readonly answer: ReadFace };
};
export type QuestionKind = keyof Questions;
export type Answer<K extends QuestionKind> = Result<Questions[K]['answer']>;

/** Page to worker. One job at a time; `cancel` names the one that runs. */
export type ToWorker =
  | {
      readonly [K in QuestionKind]: {
        readonly protocol: number;
        readonly job: number;
        readonly kind: K;
        readonly ask: Questions[K]['ask'];
      };
    }[QuestionKind]
  | { readonly cancel: number };

/** Worker to page. Null: given up, as it was asked to. */
export type FromWorker = { readonly job: number; readonly result: Answer<QuestionKind> | null };
