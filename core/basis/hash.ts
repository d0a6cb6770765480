/** JSON with sorted keys, so that equal values give equal texts. `undefined` members are left out. */
export const canonicalJson = (value: unknown): string => {
  if (Array.isArray(value)) return `[${value.map(canonicalJson).join(',')}]`;
  if (value !== null && typeof value === 'object') {
    const members = Object.entries(value)
      .filter(([, member]) => member !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
      .map(([key, member]) => `${JSON.stringify(key)}:${canonicalJson(member)}`);
    return `{${members.join(',')}}`;
  }
  return value === undefined ? 'null' : JSON.stringify(value);
};

/** 64-bit FNV-1a of the canonical JSON, as 16 hex digits: identifies inputs, is no security measure. */
export const inputsHash = (value: unknown): string => {
  let hash = 0xcbf29ce484222325n;
  for (const character of canonicalJson(value)) {
    hash ^= BigInt(character.codePointAt(0) ?? 0);
    hash = BigInt.asUintN(64, hash * 0x100000001b3n);
  }
  return hash.toString(16).padStart(16, '0');
};
