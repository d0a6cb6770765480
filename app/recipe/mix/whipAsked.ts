import type { Act, ParsedFormula } from '../../../core/formula/index.ts';
import { ingredientOf } from '../../../core/formula/index.ts';
import type { Stage, SugarTime, Whip, WhipTool } from '../../../core/lift/index.ts';
import { weighPlan } from '../../../core/weigh/index.ts';

/** How eggs are whipped and folded: as the recipe has it, and as is usual where it leaves something open. */
export type WhipAsked = {
  readonly kind: Whip['kind'];
  readonly aim: Exclude<Stage, 'broken'>;
  readonly tool: WhipTool;
  readonly sugarTime: SugarTime;
  /** What goes into the foam; sugar of other bowls isn't in it. */
  readonly sugar_g: number;
  readonly additions: 1 | 2 | 3;
  /** The recipe's own words on both; empty: it has none, and this is as usual. */
  readonly words: readonly string[];
};

const AIM: Readonly<Record<string, WhipAsked['aim']>> = { frothy: 'froth', soft: 'soft', firm: 'firm', stiff: 'stiff' };
const ALL_AT_ONCE = /\ball at once\b|\bin one go\b/i;

const additionsOf = (fold: Act | undefined): WhipAsked['additions'] => {
  if (fold === undefined) return 2;
  if (ALL_AT_ONCE.test(fold.words)) return 1;
  return fold.additions === 1 || fold.additions === 2 ? fold.additions : fold.additions === undefined ? 2 : 3;
};

/** What a recipe asks of its whisk; the sugar is that which Weigh puts to the foam. */
export const whipAsked = (reading: ParsedFormula, acts: readonly Act[]): WhipAsked => {
  const whip = acts.find(({ kind }) => kind === 'whip');
  const fold = acts.find(({ kind }) => kind === 'fold');
  const { steps } = weighPlan(reading, { scales: [], factor: 1, lineIds: reading.lines.map((_, i) => String(i)), acts });
  const sugars = steps.flatMap((step) =>
    step.kind === 'weigh' && (step.bowl === 'foam' || step.bowl === 'beside') && isSugarLine(reading, Number(step.lineId)) ? [step] : [],
  );
  const isWhole = reading.lift === 'whole-egg' || reading.lift === 'ribbon' || reading.lift === 'frothed';
  return {
    kind: isWhole ? 'whole-egg' : 'whites',
    aim: AIM[whip?.until ?? ''] ?? 'firm',
    tool: whip?.by === 'hand' ? 'balloon-whisk' : 'hand-mixer',
    sugarTime: sugars.length === 0 ? 'never' : sugars.some(({ bowl }) => bowl === 'beside') ? 'soft' : 'start',
    sugar_g: sugars.reduce((sum, { grams }) => sum + grams, 0),
    additions: additionsOf(fold),
    words: [whip, fold].flatMap((act) => (act === undefined ? [] : [act.words])),
  };
};

const isSugarLine = (reading: ParsedFormula, index: number): boolean => {
  const line = reading.lines[index];
  return line !== undefined && ingredientOf(line)?.role === 'sugar';
};
