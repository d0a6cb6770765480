import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureInstalled, ROOT } from './ensure.mjs';

await ensureInstalled();
spawnSync(process.execPath, [join(ROOT, 'node_modules/vite/bin/vite.js'), '--host', '127.0.0.1'], { cwd: ROOT, stdio: 'inherit' });
