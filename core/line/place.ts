import type { Failure, Finding } from '../basis/index.ts';
import type { Formula } from '../formula/index.ts';
import type { KeepLimit } from '../keep/index.ts';
import type { Load, LoadEvent, LoadProgress, Prediction } from '../log/index.ts';
import type { ToldLoad } from '../lot/index.ts';
import type { Iron, OnPlate, ToppingId } from '../plate/index.ts';
import type { IronCycle } from '../run/index.ts';
import type { RecipeAtLine } from './recipeAtLine.ts';
import type { RevisedOpenTime } from './revisedOpenTime.ts';

/** A load with what its log comes to. */
export type RunningLoad = ToldLoad & { readonly progress: LoadProgress };

/** What the line goes by in an advice. */
export type AdvisedLoad = {
  readonly planned: IronCycle;
  readonly answer: { readonly portion_g: number; readonly totalMass_g: number };
  readonly findings: readonly Finding[];
};

/** One iron at the line: the load in it, or the one to come. `A`: the advice, with whatever a screen draws of it. */
export type PlaceAtLine<A extends AdvisedLoad = AdvisedLoad> = {
  readonly iron: Iron;
  readonly formula: Formula;
  /** Which dish of the run it is; of what was brought from the bench, the run's first. */
  readonly dishId: string;
  readonly load: Load | null;
  readonly log: readonly LoadEvent[];
  readonly progress: LoadProgress | null;
  readonly prediction: Prediction | null;
  /** Its time set anew by what was noticed, and what it was before. */
  readonly rescue: RevisedOpenTime | null;
  readonly promised_s: number | null;
  /** For the next load; null while it is being worked out, or when there is none. */
  readonly advice: A | null;
  /** Why there is none; null: there is, or it is being worked out. */
  readonly failure: Failure | null;
  /** Batter in the bowl that it is poured from, g; null: a new one is begun. */
  readonly left_g: number | null;
  /** The bowl that it would be poured from is over a published limit; null: it isn't, or a new one is begun. */
  readonly over: { readonly lotId: string; readonly limit: KeepLimit } | null;
  /** What is scattered in after the pour; null: nothing. */
  readonly onPlate: OnPlate | null;
  /** The next load is for nobody: it shows how the iron is. */
  readonly isTrial: boolean;
  /** The plates are wiped before this load: what was on them mustn't be found in it. */
  readonly wipeBefore: boolean;
  /** What its plates hold or have seen this morning. */
  readonly holds: readonly ToppingId[];
  /** When it is turned over, s; null: at once, or never where nothing is turned. */
  readonly turn_s: number | null;
  /** What its recipe asks for at the iron; left out: it isn't read yet. */
  readonly recipe?: RecipeAtLine;
  /** Taken from the kitchen: it stays until its load is out and rated, and isn't poured again. */
  readonly isRemoved: boolean;
  /** What its loads say is on its way: until then the advice is the model's. */
  readonly isWeighing: boolean;
  readonly n: number;
};

export const hasLoadIn = ({ progress }: Pick<PlaceAtLine, 'progress'>): boolean =>
  progress?.phase === 'poured' || progress?.phase === 'cooking';
