// The long campaigns, whole: seeded, bounded, printed as one table. `--write` puts the table into docs/trust.md.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { campaignFiles, keepProved } from './campaigns.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT } from './ensure.mjs';

await ensureInstalled();
ensureChromium();
await ensureBuilt();
const env = { ...process.env, TAWNY_PROVE: '1', NODE_NO_WARNINGS: '1', FORCE_COLOR: '0' };
const out = join(ROOT, '.cache', 'prove');
mkdirSync(out, { recursive: true });
const run = (args) => spawnSync(process.execPath, args, { cwd: ROOT, env, stdio: ['ignore', 'inherit', 'inherit'] }).status ?? 1;
const read = (name) => {
  try {
    return JSON.parse(readFileSync(join(out, name), 'utf8'));
  } catch {
    return null;
  }
};

/** Measures, and so runs by itself. */
const SPEED = 'speed.spec.ts';
const BROWSER = readdirSync(join(ROOT, 'e2e')).filter((file) => file.endsWith('.spec.ts') && file !== SPEED);
const files = campaignFiles();
const units = run([
  '--experimental-vm-modules',
  'node_modules/jest/bin/jest.js',
  '--silent',
  '--maxWorkers=2',
  '--json',
  `--outputFile=${join(out, 'units.json')}`,
  ...files,
]);
// What lint leaves out of `npm test`.
const lint = run(['node_modules/eslint/bin/eslint.js', '.']);
// The reference of the computation's public functions, made from their comments.
const api = run(['node_modules/typedoc/bin/typedoc']);
env.PLAYWRIGHT_JSON_OUTPUT_NAME = join(out, 'browser.json');
const PLAYWRIGHT = ['node_modules/@playwright/test/cli.js', 'test'];
// Every way through the browser that `npm test` doesn't go.
const browser = run([...PLAYWRIGHT, ...BROWSER, '--grep-invert', '@walk', '--reporter=list,json']);
// Speed is measured as a ratio within one run and judged at three times the budget, alone on the machine.
const bench = run(['scripts/bench.mjs', '--gate']);
env.PLAYWRIGHT_JSON_OUTPUT_NAME = join(out, 'speed.json');
const speed = run([...PLAYWRIGHT, SPEED, '--workers', '1', '--reporter=list,json']);

/** One row a file: what it shows, how many of its tests passed, how long it took. */
const rowOf = (where, tests) => ({
  where,
  what: [...new Set(tests.map(({ about }) => about))].join('; '),
  passed: tests.filter(({ passed }) => passed).length,
  of: tests.length,
  seconds: tests.reduce((sum, { seconds }) => sum + seconds, 0),
});
const rows = [
  ...(read('units.json')?.testResults ?? []).map(({ name, assertionResults }) =>
    rowOf(
      name.replace(`${ROOT}/`, ''),
      assertionResults.map(({ ancestorTitles, title, status, duration }) => ({
        about: ancestorTitles[0] ?? title,
        passed: status === 'passed',
        seconds: (duration ?? 0) / 1000,
      })),
    ),
  ),
  ...[read('browser.json'), read('speed.json')]
    .flatMap((report) => report?.suites ?? [])
    .map(({ specs, file }) =>
      rowOf(
        `e2e/${file}`,
        (specs ?? []).map(({ title, ok, tests }) => ({ about: title, passed: ok, seconds: (tests[0]?.results[0]?.duration ?? 0) / 1000 })),
      ),
    ),
].sort((one, other) => one.where.localeCompare(other.where));
const [passed, all] = [rows.reduce((sum, row) => sum + row.passed, 0), rows.reduce((sum, row) => sum + row.of, 0)];
const table = [
  '| what | where | passed | s |',
  '| --- | --- | ---: | ---: |',
  ...rows.map(
    ({ what, where, passed, of, seconds }) =>
      `| ${what.replaceAll('|', '/').slice(0, 400)} | ${where} | ${passed} of ${of} | ${seconds.toFixed(0)} |`,
  ),
].join('\n');
console.log(table);
if (process.argv.includes('--write')) {
  const head =
    '# What is shown to hold\n\nWritten by `npm run prove -- --write`: every campaign at its full length; its seeds and the number of its cases stand in the file named beside it.\n';
  writeFileSync(join(ROOT, 'docs', 'trust.md'), `${head}\n${table}\n`);
  run(['node_modules/prettier/bin/prettier.cjs', '--write', '--log-level', 'warn', 'docs/trust.md']);
}
if (units === 0) keepProved(files);
console.log(`${passed} passed, ${all - passed} failed`);
process.exitCode = [units, lint, api, browser, bench, speed].every((code) => code === 0) && all > 0 ? 0 : 1;
