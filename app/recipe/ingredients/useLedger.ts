import { useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { claimsOf, compareClaims, costOf, formulaIssues } from '../../../core/formula/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob, readingOf } from '../../session/index.ts';
import { useQueried } from '../../store/index.ts';
import { useAdvice } from '../../workers/index.ts';
import { ironEvidence, reckonedOf } from './reckoned.ts';
import type { Revise } from './revise.ts';
import { undone } from './revise.ts';
import type { ToolName } from './Tools.tsx';

/** The line that is to be swapped, if it still has an ingredient and a weight. */
export const swapOf = (formula: Formula, reading: ParsedFormula, index: number | null) => {
  const line = index === null ? undefined : formula.lines[index];
  const read = index === null ? undefined : reading.lines[index];
  return line === undefined || read?.ingredientId == null || read.grams === null
    ? null
    : { line, id: read.ingredientId, mass_g: read.grams };
};

/** One formula as it is worked on: how it reads, what the iron says of it, what was found, and which sheet is open. */
export const useLedger = (session: Session, formula: Formula, onRevise: Revise) => {
  const { kit, iron, workspace } = session;
  const { id, parentRev } = formula;
  const reading = readingOf(session, formula);
  const before = useQueried(
    (queries) => (parentRev === null ? Promise.resolve(null) : queries.revision('formulas', id, parentRev)),
    `revision ${id} ${parentRev ?? ''}`,
  );
  const [swapping, setSwapping] = useState<number | null>(null);
  const [sheet, setSheet] = useState<ToolName | null>(null);
  const advice = useAdvice(iron === null || formula.lines.length === 0 ? null : adviceJob(session, formula, iron, workspace));
  const answer = advice.data?.ok === true ? advice.data.value.answer : null;
  const found = batterOf(reading, { batter_C: workspace.batter_C, altitude_m: kit.altitude_m });
  const batter = found.ok ? found.value : null;
  const claims = claimsOf(formula.steps, formula.yieldHint, kit.cupStandard);
  return {
    reading,
    answer,
    batter,
    /** Only a part of it is known: no figure is given of the whole. */
    isHalfRead: !found.ok && found.failure.code === 'bowl-half-read',
    issues: formulaIssues(reading, claims, ironEvidence(answer, iron, batter?.looseness ?? null)),
    claims: compareClaims(claims, reckonedOf(answer, iron, reading)),
    cost: costOf(reading, kit.pricesPerKg),
    most_g: Math.max(1, ...reading.lines.map((line) => line.grams ?? 0)),
    undo: before == null ? null : (): void => onRevise((now) => undone(now, before)),
    swap: swapOf(formula, reading, swapping),
    setSwapping,
    sheet,
    setSheet,
  };
};

export type LedgerState = ReturnType<typeof useLedger>;
