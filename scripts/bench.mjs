// The bench runs as the application does: bundled, so that calls between files cost what they cost there.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureInstalled, ROOT } from './ensure.mjs';

await ensureInstalled();
const { build } = await import('vite');
const outDir = join(ROOT, '.cache', 'benchmark');
await build({
  root: ROOT,
  configFile: false,
  logLevel: 'error',
  build: { ssr: 'benchmark/main.ts', outDir, emptyOutDir: true, target: 'node20', minify: false },
});
const { status } = spawnSync(process.execPath, ['--expose-gc', join(outDir, 'main.js'), ...process.argv.slice(2)], {
  cwd: ROOT,
  stdio: 'inherit',
});
process.exitCode = status ?? 1;
