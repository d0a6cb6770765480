import { readNumber } from '../../core/basis/index.ts';

export type DialWord = { readonly word: string; readonly mark: number };

/** "low 1, medium 3, high 5" as words at marks; null: not understood, or off the dial. An empty text is no words. */
export const readDialWords = (text: string, min: number, max: number): DialWord[] | null => {
  const parts = text
    .split(/[,;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const words = parts.map((part): DialWord | null => {
    const [, word = '', number = ''] = /^(\D*?[^\s\d])\s*[:=]?\s*(\d.*|[½⅓⅔¼¾].*)$/u.exec(part) ?? [];
    const read = readNumber(number);
    return word.trim() === '' || word.length > 20 || read.kind !== 'number' || read.value < min || read.value > max
      ? null
      : { word: word.trim(), mark: read.value };
  });
  return words.length > 12 || words.includes(null) ? null : words.flatMap((word) => word ?? []);
};

export const typedDialWords = (words: readonly DialWord[]): string => words.map(({ word, mark }) => `${word} ${mark}`).join(', ');
