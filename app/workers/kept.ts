import type { KnownTexts } from '../../core/basis/index.ts';
import { canonicalJson, textHash } from '../../core/basis/index.ts';
import { wallNow } from '../clock/index.ts';
import { keepAnswer, keptAnswer } from '../store/index.ts';
import { answeredBy } from './computeClient.ts';
import type { Answer, QuestionKind, Questions } from './messages.ts';

/** What stays the same question from one start to the next; the others are asked while a finger moves, or once. */
const KEPT: ReadonlySet<QuestionKind> = new Set(['advise', 'after', 'heat', 'plan', 'morning', 'history', 'moves']);

/** Irons, formulas and loads occur in every question, and never change. */
const texts: KnownTexts = new WeakMap();

/** What tells one question from another. */
export const keyOf = (question: object): string => canonicalJson(question, texts);

const hashOf = (kind: QuestionKind, question: object): string => textHash(`${answeredBy} ${kind} ${keyOf(question)}`);

/** While a wish is dragged every move is another question: only what is asked last is kept. */
const RESTED_MS = 1000;
const unrested = new Map<string, ReturnType<typeof setTimeout>>();
const keepOnceRested = (dragged: string, key: string, answer: unknown): void => {
  clearTimeout(unrested.get(dragged));
  unrested.set(
    dragged,
    setTimeout(() => void keepAnswer(key, answer, wallNow()), RESTED_MS),
  );
};

/** What a finger moves within: the same kind of question about the same pair and load. */
const draggedOf = (kind: QuestionKind, question: unknown): string => {
  const { job = question } = question as { readonly job?: unknown };
  const { iron, formula, load } = job as Partial<Questions['advise']['ask']>;
  return [kind, iron?.id, formula?.id, load].join(' ');
};

/** An answer is found once and kept: the next start shows it without the worker. A failure isn't kept. */
export const keptOr = async <K extends QuestionKind>(
  kind: K,
  question: Questions[K]['ask'],
  find: () => Promise<Answer<K>>,
): Promise<Answer<K>> => {
  if (answeredBy === null || !KEPT.has(kind)) return find();
  const key = hashOf(kind, question);
  // Whoever kept it under this name was this very code.
  const kept = (await keptAnswer(key)) as Answer<K> | undefined;
  if (kept !== undefined) return kept;
  const found = await find();
  if (found.ok) keepOnceRested(draggedOf(kind, question), key, found);
  return found;
};

/** The same for an answer that was found on the way to another: of this question it is the answer too. */
export const keepFound = <K extends QuestionKind>(kind: K, question: Questions[K]['ask'], found: Answer<K>): void => {
  if (answeredBy === null || !found.ok) return;
  keepOnceRested(draggedOf(kind, question), hashOf(kind, question), found);
};
