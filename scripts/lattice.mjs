import { spawnSync } from 'node:child_process';
import { ensureInstalled, tsxArguments } from './ensure.mjs';

await ensureInstalled();
// The file named on the command line is meant from where npm was called.
const cwd = process.env.INIT_CWD ?? process.cwd();
const { status } = spawnSync(process.execPath, [...tsxArguments('cli/main.ts'), ...process.argv.slice(2)], { stdio: 'inherit', cwd });
process.exitCode = status ?? 1;
