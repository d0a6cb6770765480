import { spawn } from 'node:child_process';
import { ensureBuilt, ensureInstalled, ROOT, tsxArguments } from './ensure.mjs';

ensureInstalled();
ensureBuilt();
const child = spawn(process.execPath, tsxArguments('server/main.ts'), { cwd: ROOT, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => {
  process.exitCode = code ?? 0;
});
