import { join } from 'node:path';
import { ensureInstalled, ROOT } from './ensure.mjs';
import { toItsEnd } from './toItsEnd.mjs';

await ensureInstalled();
const vite = [join(ROOT, 'node_modules/vite/bin/vite.js'), '--host', '127.0.0.1'];
process.exitCode = await toItsEnd(process.execPath, vite, { cwd: ROOT, stdio: 'inherit' });
