import { ensureBuilt, ensureInstalled, ROOT, tsxArguments } from './ensure.mjs';
import { toItsEnd } from './toItsEnd.mjs';

await ensureInstalled();
await ensureBuilt();
process.exitCode = await toItsEnd(process.execPath, tsxArguments('server/main.ts'), { cwd: ROOT, stdio: 'inherit' });
