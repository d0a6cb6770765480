// JavaScript for the first paint: the entry, the first door, and what they load before they can show.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT } from './ensure.mjs';

const MOST_KB = 240;
const manifest = JSON.parse(readFileSync(join(ROOT, 'dist/.vite/manifest.json'), 'utf8'));
const seen = new Set();
const walk = (key) => {
  if (seen.has(key)) return;
  seen.add(key);
  for (const next of manifest[key].imports ?? []) walk(next);
};
walk('index.html');
walk('plan/index.ts');
let total = 0;
for (const key of seen) {
  const kB = gzipSync(readFileSync(join(ROOT, 'dist', manifest[key].file))).length / 1000;
  total += kB;
  console.log(`${manifest[key].file.padEnd(44)} ${kB.toFixed(1).padStart(7)} kB gzip`);
}
console.log(`JavaScript for the first paint: ${total.toFixed(1)} of ${MOST_KB} kB gzip`);
if (total > MOST_KB) process.exitCode = 1;
