// The long campaigns, whole: seeded, bounded, printed as one table. `--write` puts the table into docs/trust.md.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
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

/** Browser tests that are longer here, or only here. */
const BROWSER = ['rehearsal.spec.ts', 'crash.spec.ts'];
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
env.PLAYWRIGHT_JSON_OUTPUT_NAME = join(out, 'browser.json');
const browser = run(['node_modules/@playwright/test/cli.js', 'test', ...BROWSER, '--reporter=list,json']);

const rows = [];
for (const { name, assertionResults } of read('units.json')?.testResults ?? [])
  for (const { fullName, status, duration } of assertionResults)
    rows.push({ where: name.replace(`${ROOT}/`, ''), what: fullName, passed: status === 'passed', seconds: (duration ?? 0) / 1000 });
for (const { specs, file } of read('browser.json')?.suites ?? [])
  for (const { title, ok, tests } of specs ?? [])
    rows.push({ where: `e2e/${file}`, what: title, passed: ok, seconds: (tests[0]?.results[0]?.duration ?? 0) / 1000 });

const failed = rows.filter(({ passed }) => !passed).length;
const table = [
  '| what | where | result | s |',
  '| --- | --- | --- | ---: |',
  ...rows.map(
    ({ what, where, passed, seconds }) =>
      `| ${what.replaceAll('|', '/')} | ${where} | ${passed ? 'ok' : 'FAILED'} | ${seconds.toFixed(1)} |`,
  ),
].join('\n');
console.log(table);
if (process.argv.includes('--write')) {
  const head =
    '# What is shown to hold\n\nWritten by `npm run prove -- --write`: every campaign at its full length, with its seeds in the files named beside it.\n';
  writeFileSync(join(ROOT, 'docs', 'trust.md'), `${head}\n${table}\n`);
}
if (units === 0) keepProved(files);
console.log(`${rows.length - failed} passed, ${failed} failed`);
process.exitCode = units === 0 && lint === 0 && browser === 0 && rows.length > 0 ? 0 : 1;
