import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { SENTENCES } from './dictionary.ts';
import { say, sayAloud } from './index.ts';

const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return name === 'testing' ? [] : sources(path);
    return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [readFileSync(path, 'utf8')] : [];
  });

/** Codes as the core writes them: as first argument of its own helpers, or as a code in a literal. */
const codesIn = (text: string): string[] =>
  [
    ...text.matchAll(
      /(?:says|failure|warning|add)(?:<\w+>)?\(\s*(?:[\w.!\s>?]+\? )?'([a-z]+(?:-[a-z]+)+)'|\{ code: '([a-z]+(?:-[a-z]+)+)', level/g,
    ),
  ].flatMap((m) => m[1] ?? m[2] ?? []);

describe('the catalogue of words', () => {
  const codes = [...new Set(sources(new URL('../core', import.meta.url).pathname).flatMap(codesIn))];

  test('the core’s codes were found', () => expect(codes.length).toBeGreaterThan(40));
  test.each(codes)('%s has words', (code) => expect(SENTENCES[code]).toBeDefined());

  test.each(Object.keys(SENTENCES))('%s makes a sentence without fields too', (code) => {
    const text = say({ code, fields: {} });
    expect(text.length).toBeGreaterThan(3);
    expect(sayAloud({ code, fields: {} }).charAt(0)).toBe(text.charAt(0).toUpperCase());
  });

  test('an unknown code is shown as it is', () => expect(say({ code: 'never-heard-of', fields: {} })).toBe('never-heard-of'));
});
