import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, test } from '@jest/globals';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const SOURCES = ['app', 'cli', 'contract', 'core', 'demo', 'server', 'words'];

const filesIn = (folder: string): readonly string[] =>
  readdirSync(join(ROOT, folder), { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
  );

/** What documents say of today; a decision and a release speak of their own day. */
const DOCUMENTS = ['README.md', ...filesIn('docs').filter((file) => file.endsWith('.md') && !file.includes('decisions/'))];

const PATH = new RegExp(`\`((?:${[...SOURCES, 'docs', 'e2e', 'scripts', 'benchmark'].join('|')})/[\\w./{},-]*)\``, 'g');
const ENDINGS = ['', '.ts', '.tsx', '.mjs', '.test.ts'];

/** `core/run/{plan,late}.ts` names two. */
const pathsOf = (named: string): readonly string[] => {
  const [, before = '', list, after = ''] = /^(.*)\{(.*)\}(.*)$/.exec(named) ?? [];
  return list === undefined ? [named] : list.split(',').map((one) => `${before}${one}${after}`);
};

test('a kitchen file says which version of the application wrote it', () => {
  const { version } = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')) as { version: string };
  expect(readFileSync(join(ROOT, 'app/store/exchange.ts'), 'utf8')).toContain(`APP_VERSION = '${version}'`);
});

describe('what a document names is there', () => {
  test.each(DOCUMENTS)('%s: every path', (document) => {
    const named = [...readFileSync(join(ROOT, document), 'utf8').matchAll(PATH)].flatMap(([, path = '']) => pathsOf(path));
    expect(named.filter((path) => !ENDINGS.some((ending) => existsSync(join(ROOT, `${path}${ending}`))))).toEqual([]);
  });

  test('the glossary: every symbol occurs in the code', () => {
    const code = SOURCES.flatMap(filesIn)
      .filter((file) => /\.tsx?$/.test(file) && !file.endsWith('.test.ts'))
      .map((file) => readFileSync(join(ROOT, file), 'utf8'))
      .join('\n');
    const words = new Set(code.match(/\w+/g));
    const rows = readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8').split('\n').slice(4);
    const symbols = rows.flatMap((row) => [...(row.split('|')[2] ?? '').matchAll(/`(\w+)/g)].map(([, symbol = '']) => symbol));
    expect(symbols.length).toBeGreaterThan(40);
    expect(symbols.filter((symbol) => !words.has(symbol))).toEqual([]);
  });
});
