import * as z from 'zod';
import { Instant } from '../basis/index.ts';
import { standing } from './standing.ts';

const Id = z.string().min(1).max(80);
const base = { seq: z.int().min(0), at: Instant };

/** A bowl that is being weighed: which formula, how much of it, by whom. */
export const Weighing = z.object({
  id: Id,
  formulaId: z.string().min(1).max(64),
  formulaRev: z.int().min(1),
  factor: z.number().positive().max(1000),
  /** By the scale, or with cups and spoons. */
  by: z.enum(['scale', 'spoons']),
  /** Zero before each thing, or let the display run on. */
  display: z.enum(['tare', 'running']),
  who: z.string().max(60),
  startedAt: Instant,
});
export type Weighing = z.infer<typeof Weighing>;

/** One touch at the scale. Append-only; undo is an event. */
export const WeighEvent = z.discriminatedUnion('kind', [
  /** What the scale (or the cook) says went in, g. */
  z.object({
    ...base,
    kind: z.literal('weighed'),
    data: z.object({ stepId: Id, grams: z.number().min(0).max(1e6), by: z.enum(['scale', 'hand']) }),
  }),
  z.object({ ...base, kind: z.literal('worked'), data: z.object({ stepId: Id }) }),
  /** A cup or spoon more of this step. */
  z.object({ ...base, kind: z.literal('filled'), data: z.object({ stepId: Id }) }),
  /** Everything that is still to come is made larger, to fit what went in too much. */
  z.object({ ...base, kind: z.literal('scaled'), data: z.object({ factor: z.number().positive().max(1000) }) }),
  z.object({ ...base, kind: z.literal('finished'), data: z.object({ lotId: z.string().min(1).max(64) }) }),
  z.object({ ...base, kind: z.literal('abandoned'), data: z.object({}) }),
  z.object({ ...base, kind: z.literal('undone'), data: z.object({ seq: z.int().min(0) }) }),
]);
export type WeighEvent = z.infer<typeof WeighEvent>;
export type NewWeighEvent = WeighEvent extends infer E ? (E extends WeighEvent ? Omit<E, 'seq' | 'at'> : never) : never;

export type WeighedStep = {
  readonly grams: number;
  readonly by: 'scale' | 'hand';
  readonly at: number;
  /** It went in before the lot was made larger: it may lack something now. */
  readonly beforeScaling: boolean;
};

export type WeighState = {
  /** Of the formula; grows when the rest is made to fit. */
  readonly factor: number;
  /** Grams by step; a step counts once it is here. */
  readonly weighed: ReadonlyMap<string, WeighedStep>;
  readonly worked: ReadonlySet<string>;
  readonly fills: ReadonlyMap<string, number>;
  readonly lotId: string | null;
  readonly isOver: boolean;
  /** The newest event that can be taken back; null when there is none. */
  readonly undoable: number | null;
};

/** A pure fold of the log; events that were undone don't count, nor do undos of undos. */
export const weighState = (weighing: Pick<Weighing, 'factor'>, events: readonly WeighEvent[]): WeighState => {
  const valid = standing(events);
  let { factor } = weighing;
  const weighed = new Map<string, WeighedStep>();
  const worked = new Set<string>();
  const fills = new Map<string, number>();
  let lotId: string | null = null;
  let isOver = false;
  for (const event of valid) {
    if (event.kind === 'weighed')
      weighed.set(event.data.stepId, { grams: event.data.grams, by: event.data.by, at: event.at, beforeScaling: false });
    else if (event.kind === 'worked') worked.add(event.data.stepId);
    else if (event.kind === 'filled') fills.set(event.data.stepId, (fills.get(event.data.stepId) ?? 0) + 1);
    else if (event.kind === 'scaled') {
      factor = event.data.factor;
      for (const [stepId, step] of weighed) weighed.set(stepId, { ...step, beforeScaling: true });
    } else if (event.kind === 'finished') {
      lotId = event.data.lotId;
      isOver = true;
    } else if (event.kind === 'abandoned') isOver = true;
  }
  return { factor, weighed, worked, fills, lotId, isOver, undoable: valid.at(-1)?.seq ?? null };
};

/** True when this step is behind the cook. */
export const isDone = (state: WeighState, step: { readonly kind: 'weigh' | 'work'; readonly id: string }): boolean =>
  step.kind === 'weigh' ? state.weighed.has(step.id) : state.worked.has(step.id);
