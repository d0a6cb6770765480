// Everything that is quick, and the cook's main paths in the browser (tagged @walk); `npm run prove` plays the long campaigns whole, goes every other way through
// the browser and measures, and CI runs both. Two hands at once where the steps don't need each other, then what needs the built application.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { keepProved, staleCampaigns } from './campaigns.mjs';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, tell } from './ensure.mjs';

await ensureInstalled();
ensureChromium();

const bin = (path) => join(ROOT, 'node_modules', path);
const node = process.execPath;
const tsc = (project) => [`types: ${project}`, node, [bin('typescript/bin/tsc'), '-p', project]];

const results = [];

/** Runs one step; its output is shown only when it fails, or when it is a test runner's. */
const run = ([name, command, args, show = false, env = {}]) =>
  new Promise((resolve) => {
    const from = Date.now();
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, NODE_NO_WARNINGS: '1', FORCE_COLOR: '0', ...env },
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (output += data));
    child.on('close', (code) => {
      const passed = code === 0;
      results.push({ name, passed });
      console.log(`${passed ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - from) / 1000).toFixed(1)} s)`);
      if (!passed || show) console.log(output.trimEnd());
      resolve();
    });
  });

const lane = async (steps) => {
  for (const step of steps) await run(step);
};

const jest = (name, args, env = {}) => [name, node, ['--experimental-vm-modules', bin('jest/bin/jest.js'), '--silent', ...args], true, env];

/** CI plays every campaign whole with `npm run prove`; here those are, that rest on something that has changed since. */
const stale = process.env.CI === undefined ? staleCampaigns() : [];
const campaigns =
  stale.length === 0 ? [] : [jest(`campaigns that rest on a change (${stale.length})`, ['--maxWorkers=2', ...stale], { TAWNY_PROVE: '1' })];

const started = Date.now();
await ensureBuilt();
const QUARTERS = [1, 2, 3, 4].map((part) => jest(`unit and property tests, part ${part} of 4`, ['--runInBand', `--shard=${part}/4`]));
// Two hands take the next one that lies there: the long ones first.
const waiting = [
  ['lint', node, [bin('eslint/bin/eslint.js'), '.', '--cache', '--cache-location', '.cache/eslint']],
  ...QUARTERS,
  // Everything at once; that the interface uses nothing of Node’s, and the core neither, is a rule of the layers and of lint.
  tsc('tsconfig.json'),
  [
    'format',
    node,
    [bin('prettier/bin/prettier.cjs'), '--check', '.', '--log-level', 'warn', '--cache', '--cache-location', '.cache/prettier'],
  ],
  [
    'layers',
    node,
    [
      bin('dependency-cruiser/bin/dependency-cruise.mjs'),
      ...['core', 'words', 'cli', 'server', 'demo', 'app', 'e2e', 'contract'],
      '--config',
      '.dependency-cruiser.cjs',
    ],
  ],
  ['nothing dead (knip)', node, [bin('knip/bin/knip.js')]],
  ['size of the first paint', node, [join(ROOT, 'scripts/size.mjs')], true],
];
const hand = async () => {
  for (let step = waiting.shift(); step !== undefined; step = waiting.shift()) await run(step);
};
await Promise.all([hand(), hand()]);
await lane([...campaigns, ['browser walks', node, [bin('@playwright/test/cli.js'), 'test', '--grep', '@walk'], true]]);

const failed = results.filter((result) => !result.passed);
if (stale.length > 0 && failed.every(({ name }) => !name.startsWith('campaigns'))) keepProved(stale);
for (const { name } of failed) tell(`failed: ${name}`);
console.log(`${((Date.now() - started) / 1000).toFixed(0)} s`);
console.log(`${results.length - failed.length} passed, ${failed.length} failed`);
process.exitCode = failed.length === 0 ? 0 : 1;
