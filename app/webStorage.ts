/**
 * Web Storage behind one guard: it may be forbidden, full or cleared, and hold anything. Then nothing is kept and nothing breaks. `tab`: for as long as
 * the tab is open; `browser`: for all tabs of this browser, until it is cleared.
 */
export type Keeps = 'tab' | 'browser';

const storageOf = (keeps: Keeps): Storage => (keeps === 'tab' ? sessionStorage : localStorage);

/** Null: nothing is kept under this key. */
export const keptText = (keeps: Keeps, key: string): string | null => {
  try {
    return storageOf(keeps).getItem(key);
  } catch {
    return null;
  }
};

/** What is kept, as JSON; null: nothing, or nothing that can be read. Whoever asks checks its shape. */
export const keptJson = (keeps: Keeps, key: string): unknown => {
  const text = keptText(keeps, key);
  if (text === null) return null;
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return null;
  }
};

/** Null: nothing is kept any more. */
export const keepText = (keeps: Keeps, key: string, text: string | null): void => {
  try {
    if (text === null) storageOf(keeps).removeItem(key);
    else storageOf(keeps).setItem(key, text);
  } catch {
    // It lasts as long as the page.
  }
};

export const keepJson = (keeps: Keeps, key: string, value: unknown): void => keepText(keeps, key, JSON.stringify(value));
