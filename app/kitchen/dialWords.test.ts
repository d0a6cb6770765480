import { expect, test } from '@jest/globals';
import { readDialWords, typedDialWords } from './dialWords.ts';

test('words at marks, there and back; what isn’t understood or off the dial is refused', () => {
  const words = [
    { word: 'low', mark: 1 },
    { word: 'medium', mark: 3 },
    { word: 'very hot', mark: 4.5 },
  ];
  expect(readDialWords('low 1, medium: 3; very hot 4½', 1, 5)).toEqual(words);
  expect(readDialWords(typedDialWords(words), 1, 5)).toEqual(words);
  expect(readDialWords('  ', 1, 5)).toEqual([]);
  for (const text of ['medium', '3', 'high 9', 'low 1, x', 'a word that is far too long to stand on it 3'])
    expect(readDialWords(text, 1, 5)).toBeNull();
});
