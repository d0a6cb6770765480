// Everything that CI runs. Two lanes at once where the steps don't need each other, then what needs the built application.
import { spawn } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, tell } from './ensure.mjs';

ensureInstalled();
ensureChromium();

const bin = (path) => join(ROOT, 'node_modules', path);
const node = process.execPath;
const tsc = (project) => [`types: ${project}`, node, [bin('typescript/bin/tsc'), '-p', project]];

/** Measures, and so runs by itself; every other browser test there is runs beside another. */
const SPEED = 'speed.spec.ts';

const results = [];

/** Runs one step; its output is shown only when it fails, or when it is a test runner's. */
const run = ([name, command, args, show = false]) =>
  new Promise((resolve) => {
    const from = Date.now();
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: { ...process.env, NODE_NO_WARNINGS: '1', FORCE_COLOR: '0' },
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

const tests = (shard) => [
  `unit and property tests, ${shard}`,
  node,
  ['--experimental-vm-modules', bin('jest/bin/jest.js'), '--runInBand', '--silent', `--shard=${shard}`],
  true,
];

const started = Date.now();
await Promise.all([
  lane([
    // Everything at once; that the interface uses nothing of Node’s, and the core neither, is a rule of the layers and of lint.
    tsc('tsconfig.json'),
    [
      'layers',
      node,
      [
        bin('dependency-cruiser/bin/dependency-cruise.mjs'),
        'core',
        'words',
        'cli',
        'server',
        'demo',
        'app',
        'e2e',
        'contract',
        '--config',
        '.dependency-cruiser.cjs',
      ],
    ],
    ['nothing dead (knip)', node, [bin('knip/bin/knip.js')]],
    ['lint', node, [bin('eslint/bin/eslint.js'), '.']],
    ['format', node, [bin('prettier/bin/prettier.cjs'), '--check', '.', '--log-level', 'warn']],
    tests('3/3'),
  ]),
  // Speed is measured as a ratio within one run and judged at three times the budget: a neighbour doesn't matter.
  lane([tests('1/3'), tests('2/3'), ['speed, at three times the budget', node, [join(ROOT, 'scripts/bench.mjs'), '--gate'], true]]),
]);
ensureBuilt();
await lane([
  ['size of the first paint', node, [join(ROOT, 'scripts/size.mjs')], true],
  [
    'browser tests',
    node,
    [
      bin('@playwright/test/cli.js'),
      'test',
      ...readdirSync(join(ROOT, 'e2e')).filter((file) => file.endsWith('.spec.ts') && file !== SPEED),
    ],
    true,
  ],
  // Alone on the machine: it measures.
  ['speed in the browser', node, [bin('@playwright/test/cli.js'), 'test', SPEED, '--workers', '1'], true],
]);

const failed = results.filter((result) => !result.passed);
for (const { name } of failed) tell(`failed: ${name}`);
console.log(`${((Date.now() - started) / 1000).toFixed(0)} s`);
console.log(`${results.length - failed.length} passed, ${failed.length} failed`);
process.exitCode = failed.length === 0 ? 0 : 1;
