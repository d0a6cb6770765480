import { useMemo } from 'react';
import type { Lot } from '../../../core/log/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { actsOf, readFormula } from '../../../core/formula/index.ts';
import type { NewWeighEvent, Step, WeighEvent, Weighing, WeighPlan, WeighState, WeighStep } from '../../../core/weigh/index.ts';
import { endOfWeighing, isDone, placesOf, rightWithin_g, weighedLines, weighPlan, weighState } from '../../../core/weigh/index.ts';
import type { Session } from '../../session/index.ts';
import { newLot } from '../../../core/lot/index.ts';
import { wallNow } from '../../clock/index.ts';
import { commands, newId, useDo, useQueried, useWeighLog } from '../../store/index.ts';

export type Bowl = {
  readonly weighing: Weighing;
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly plan: WeighPlan;
  readonly lineIds: readonly string[];
  readonly state: WeighState;
  /** What is to be done next; null when everything is in. */
  readonly step: Step | null;
  /** Of a step that was weighed before the lot was made larger: what is still missing, g. */
  readonly topUp_g: number;
  /** What undo would take back; null: nothing. */
  readonly last: WeighEvent | null;
};

/** What a weighed step lacks since the lot has grown, g. */
export const missing_g = (state: WeighState, step: WeighStep): number => {
  const has = state.weighed.get(step.id);
  if (has === undefined) return step.grams;
  const lacks = step.grams - has.grams;
  return has.beforeScaling && lacks > rightWithin_g(step.grams, step.resolution_g) ? lacks : 0;
};

const isBehind = (state: WeighState, step: Step): boolean => isDone(state, step) && (step.kind === 'work' || missing_g(state, step) === 0);

/** A bowl as its log has it; null once it is over. */
export const bowlOf = (
  weighing: Weighing,
  log: readonly WeighEvent[],
  formula: Formula,
  { readSettings, kit }: Pick<Session, 'readSettings' | 'kit'>,
): Bowl | null => {
  const state = weighState(weighing, log);
  if (state.isOver) return null;
  const reading = readFormula(formula, readSettings);
  const lineIds = formula.lines.map((line) => line.id);
  const plan = weighPlan(reading, { scales: kit.scales, factor: state.factor, lineIds, acts: actsOf(formula), places: placesOf(formula) });
  const step = plan.steps.find((candidate) => !isBehind(state, candidate)) ?? null;
  const topUp_g = step?.kind === 'weigh' && state.weighed.has(step.id) ? missing_g(state, step) : 0;
  const last = log.find(({ seq }) => seq === state.undoable) ?? null;
  return { weighing, formula, reading, plan, lineIds, state, step, topUp_g, last };
};

/** A bowl that was given up longer ago is another morning's. */
const GIVEN_UP_MS = 12 * 3_600_000;

/** The bowl that is being weighed, as its log has it; undefined until the store has answered, null when there is none. */
export const useWeighing = (session: Session) => {
  const carryOut = useDo();
  const newest = useQueried((queries) => queries.newestWeighing(), 'newest weighing');
  const formulaOf = newest == null ? null : { id: newest.formulaId, rev: newest.formulaRev };
  const found = useQueried(
    (queries) => (formulaOf === null ? Promise.resolve(null) : queries.revision('formulas', formulaOf.id, formulaOf.rev)),
    `revision ${formulaOf?.id ?? ''} ${formulaOf?.rev ?? ''}`,
  );
  const log = useWeighLog(newest?.id ?? null);
  const { readSettings, kit } = session;
  const bowl = useMemo(
    (): Bowl | null => (newest == null || log === undefined || found == null ? null : bowlOf(newest, log, found, { readSettings, kit })),
    [newest, log, found, readSettings, kit],
  );

  const end = log === undefined ? undefined : endOfWeighing(log);
  /** Given up a while ago: it can be taken up again. */
  const givenUp =
    newest != null && found != null && end?.kind === 'abandoned' && wallNow() - end.at < GIVEN_UP_MS
      ? { name: found.name, at: end.at }
      : null;
  const resume = (): void => {
    if (newest != null) void carryOut(commands.resumeWeighing(newest.id, wallNow()));
  };
  const append = (event: NewWeighEvent): void => {
    if (newest != null) void carryOut(commands.noteWeighing(newest.id, event, wallNow()));
  };
  const start = async (weighing: Omit<Weighing, 'id' | 'startedAt'>): Promise<void> => {
    await carryOut(commands.startWeighing({ ...weighing, id: newId(), startedAt: wallNow() }));
  };
  /** The bowl becomes a lot, with the amounts that really went in. */
  const finish = async (done: Bowl): Promise<Lot> => {
    const weighed = weighedLines(done.reading, done.plan.steps, done.lineIds, done.state);
    const at = wallNow();
    const mass_g = weighed.reduce((total, line) => total + line.grams, 0);
    // One bowl, one lot: a second touch finds it made.
    const lot = newLot(`weighed-${done.weighing.id}`.slice(0, 64), done.formula, {
      madeAt: at,
      mass_g,
      temperature_C: session.workspace.batter_C,
      weighed,
    });
    await carryOut(commands.finishWeighing(done.weighing.id, lot, at));
    return { ...lot, events: [] };
  };
  const ready = newest !== undefined && (newest === null || (found !== undefined && log !== undefined));
  return { bowl: ready ? bowl : undefined, append, start, finish, givenUp, resume };
};
