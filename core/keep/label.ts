import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { KeepItem } from './limits.ts';

/** What a label's square says: only which thing it is on, so that it stays right whatever becomes of the thing. */
const PREFIX = 'tawny-lattice:keep/';

export const labelCode = ({ id }: { readonly id: string }): string => `${PREFIX}${encodeURIComponent(id)}`;

/** The thing that a label is on. Errors: `label-other` (a square of something else); `label-gone` (nothing here has that label). */
export const itemOfLabel = <T extends { readonly id: string }>(code: string, items: readonly T[]): Result<T> => {
  if (!code.startsWith(PREFIX)) return failure('label-other');
  let id = '';
  try {
    id = decodeURIComponent(code.slice(PREFIX.length));
  } catch {
    return failure('label-other');
  }
  const item = items.find((one) => one.id === id);
  return item === undefined ? failure('label-gone') : success(item);
};

const COUNT = /^\s*(\d{1,5})\b/;

/** How many there are of it, where its amount begins with a number; null: nobody counted. */
export const countOf = ({ amount }: Pick<KeepItem, 'amount'>): number | null => {
  const count = COUNT.exec(amount)?.[1];
  return count === undefined ? null : Number(count);
};

/**
 * Some of it used: what is left under its own label, and what was used; null: that was all of it, under its own label. Errors: `keep-not-counted`;
 * `keep-too-many` {has, wanted}. `id`: of what was used.
 */
export const partUsed = (
  item: KeepItem,
  wanted: number,
  id: string,
  usedAt: number,
): Result<{ readonly left: KeepItem; readonly used: KeepItem | null }> => {
  const has = countOf(item);
  if (has === null) return failure('keep-not-counted');
  if (!Number.isInteger(wanted) || wanted < 1 || wanted > has)
    return failure('keep-too-many', { has, wanted: Number.isFinite(wanted) ? wanted : 0 });
  const amount = (count: number): string => item.amount.replace(COUNT, String(count)).slice(0, 60);
  const used = { ...item, id, amount: amount(wanted), usedAt };
  return success(wanted === has ? { left: { ...item, usedAt }, used: null } : { left: { ...item, amount: amount(has - wanted) }, used });
};
