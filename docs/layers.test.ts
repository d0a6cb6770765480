import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import { cruise } from 'dependency-cruiser';
import type { IForbiddenRuleType, ICruiseResult } from 'dependency-cruiser';

const { forbidden } = createRequire(import.meta.url)('../.dependency-cruiser.cjs') as { forbidden: IForbiddenRuleType[] };
const house = mkdtempSync(join(tmpdir(), 'layers-'));
afterAll(() => rmSync(house, { recursive: true }));

const write = (file: string, text: string): void => {
  mkdirSync(dirname(join(house, file)), { recursive: true });
  writeFileSync(join(house, file), text);
};

/** One import that breaks each rule: from this file, of that. */
const PLANTED: Readonly<Record<string, readonly [from: string, of: string]>> = {
  'no-cycles': ['core/basis/about.ts', './round.ts'],
  'core-knows-no-interface': ['core/basis/upward.ts', '../../app/page.ts'],
  'core-imports-only-zod-and-culori': ['core/basis/bought.ts', 'bought'],
  'interface-has-no-node': ['app/disk.ts', 'node:fs'],
  'core-has-no-node': ['core/basis/disk.ts', 'node:fs'],
  'words-know-codes-only': ['words/nosy.ts', '../core/kit/index.ts'],
  'one-public-face-of-core': ['app/nosy.ts', '../core/kit/inside.ts'],
  'one-public-face-between-stages': ['core/kit/nosy.ts', '../plate/inside.ts'],
  'stations-do-not-know-each-other': ['app/cook/nosy.ts', '../plan/inside.ts'],
  'stations-do-not-know-the-shell': ['app/cook/upward.ts', '../shell/inside.ts'],
  'nothing-needs-the-beginning': ['app/cook/early.ts', '../setup/index.ts'],
  'command-line-and-server-stand-alone': ['cli/nosy.ts', '../app/page.ts'],
  'the-contract-needs-nobody': ['contract/nosy.ts', '../core/basis/index.ts'],
  'tests-stay-tests': ['core/basis/lazy.ts', './round.test.ts'],
};

test('every rule of the layers turns red for an import that breaks it', async () => {
  const floors = forbidden.flatMap(({ name = '' }) => /^floor-\d+-(.+)$/.exec(name)?.[1] ?? []);
  for (const file of [
    'core/attic/index.ts',
    'core/kit/index.ts',
    'core/kit/inside.ts',
    'core/plate/inside.ts',
    'core/basis/index.ts',
    'core/basis/round.test.ts',
    'app/page.ts',
    'app/plan/inside.ts',
    'app/shell/inside.ts',
    'app/setup/index.ts',
  ])
    write(file, 'export const thing = 1;\n');
  write('core/basis/round.ts', "import { mine } from './about.ts';\nexport const thing = mine;\n");
  write('node_modules/bought/package.json', '{"name":"bought","version":"1.0.0","main":"index.js"}');
  write('node_modules/bought/index.js', 'exports.thing = 1;\n');
  write('package.json', '{"type":"module","dependencies":{"bought":"1.0.0"}}');
  for (const [from, of] of Object.values(PLANTED)) write(from, `import { thing } from '${of}';\nexport const mine = thing;\n`);
  // No floor lies above the attic.
  for (const room of floors) write(`core/${room}/tall.ts`, "import { thing } from '../attic/index.ts';\nexport const mine = thing;\n");
  const { output } = await cruise(['core', 'app', 'words', 'cli', 'contract'], {
    baseDir: house,
    ruleSet: { forbidden },
    validate: true,
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { extensions: ['.ts', '.js', '.json'] },
  });
  const { violations } = (output as ICruiseResult).summary;
  const red = violations.map(({ rule, from }) => `${rule.name}: ${from}`);
  expect(forbidden.map(({ name }) => name).sort()).toEqual([...floors.map((room) => floorRule(room)), ...Object.keys(PLANTED)].sort());
  for (const [name, [from]] of Object.entries(PLANTED)) expect(red).toContain(`${name}: ${from}`);
  for (const room of floors) expect(red).toContain(`${floorRule(room)}: core/${room}/tall.ts`);
});

const floorRule = (room: string): string =>
  forbidden.find(({ name }) => name?.endsWith(`-${room}`) === true && name.startsWith('floor-'))?.name ?? room;
