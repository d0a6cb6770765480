import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { pathToFileURL } from 'node:url';
import { describe, expect, test } from '@jest/globals';

const MODULE = pathToFileURL('scripts/toItsEnd.mjs').href;
/** Prints its own id and lives until it is ended. */
const LIVES = 'console.log(process.pid); setInterval(() => {}, 1000)';

const runner = (code: string) =>
  spawn(
    process.execPath,
    [
      '--input-type=module',
      '-e',
      `import { toItsEnd } from '${MODULE}'; process.exitCode = await toItsEnd(process.execPath, ['-e', ${JSON.stringify(code)}], { stdio: 'inherit' });`,
    ],
    { stdio: ['ignore', 'pipe', 'inherit'] },
  );

const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

describe('what `npm start` runs', () => {
  test.each(['SIGTERM', 'SIGINT', 'SIGHUP'] as const)('ends with it at %s: nothing is left running', async (signal) => {
    const parent = runner(LIVES);
    const [line] = (await once(parent.stdout, 'data')) as [Buffer];
    const pid = Number(line.toString());
    expect(isAlive(pid)).toBe(true);
    parent.kill(signal);
    const [code] = (await once(parent, 'close')) as [number | null];
    expect(code).toBe(1);
    expect(isAlive(pid)).toBe(false);
  });

  test('gives its exit code', async () => {
    const [code] = (await once(runner('process.exit(7)'), 'close')) as [number];
    expect(code).toBe(7);
  });
});
