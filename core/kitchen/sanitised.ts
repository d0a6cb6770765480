/** Keys that would reach into an object's prototype. */
const FORBIDDEN_KEYS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);
/** Deeper than anything of ours; what is nested further is a trap or a mistake. */
const DEEPEST = 64;

/**
 * The same value without keys that reach into a prototype, and cut off where it is nested too deep. Foreign data may hold either; a backup must
 * not fail on them. Values without either are handed back as they are.
 */
export const sanitised = (value: unknown, depth = 0): unknown => {
  if (typeof value !== 'object' || value === null) return value;
  if (depth > DEEPEST) return null;
  if (Array.isArray(value)) {
    const items = value.map((item: unknown) => sanitised(item, depth + 1));
    return items.every((item, i) => item === value[i]) ? value : items;
  }
  let isSame = true;
  const kept: [string, unknown][] = [];
  for (const [key, member] of Object.entries(value)) {
    if (FORBIDDEN_KEYS.has(key)) {
      isSame = false;
      continue;
    }
    const clean = sanitised(member, depth + 1);
    if (clean !== member) isSame = false;
    kept.push([key, clean]);
  }
  return isSame ? value : Object.fromEntries(kept);
};
