/** The text of every object that was written before, by its identity: for values that never change. */
export type KnownTexts = WeakMap<object, string>;

/**
 * JSON with sorted keys, so that equal values give equal texts. `undefined` members are left out.
 * @param known texts of objects that occur again and again; what is written is added
 */
export const canonicalJson = (value: unknown, known?: KnownTexts): string => {
  if (value === null || typeof value !== 'object') return value === undefined ? 'null' : JSON.stringify(value);
  const before = known?.get(value);
  if (before !== undefined) return before;
  const text = Array.isArray(value) ? `[${value.map((one) => canonicalJson(one, known)).join(',')}]` : membersJson(value, known);
  known?.set(value, text);
  return text;
};

const membersJson = (value: object, known?: KnownTexts): string => {
  const members = Object.entries(value)
    .filter(([, member]) => member !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
    .map(([key, member]) => `${JSON.stringify(key)}:${canonicalJson(member, known)}`);
  return `{${members.join(',')}}`;
};

const WORD = 2 ** 32;
/** FNV's prime of 64 bits is 2^40 + this. */
const PRIME_LOW = 0x1b3;
const hex = (word: number): string => word.toString(16).padStart(8, '0');

/** 64-bit FNV-1a of a text by its code points, as 16 hex digits, in two words of 32 bits; no security measure. */
export const textHash = (text: string): string => {
  let [high, low] = [0xcbf29ce4, 0x84222325];
  for (const character of text) {
    low = (low ^ (character.codePointAt(0) ?? 0)) >>> 0;
    const product = low * PRIME_LOW;
    high = (high * PRIME_LOW + Math.floor(product / WORD) + (low << 8)) % WORD;
    if (high < 0) high += WORD;
    low = product % WORD;
  }
  return hex(high) + hex(low);
};

/** The same of the canonical JSON: identifies inputs. */
export const inputsHash = (value: unknown): string => textHash(canonicalJson(value));
