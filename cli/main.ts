import { readFileSync } from 'node:fs';
import { runCommand } from './run.ts';

const MOST_BYTES = 50 * 1024 * 1024;

const readText = (file: string): string | null => {
  try {
    const bytes = readFileSync(file);
    return bytes.length > MOST_BYTES ? null : bytes.toString('utf8').replace(/^\uFEFF/, '');
  } catch {
    return null;
  }
};

const { code, stdout, stderr } = runCommand(process.argv.slice(2), readText);
process.stderr.write(stderr);
process.stdout.write(stdout);
process.exitCode = code;
