import { spawn } from 'node:child_process';

const SIGNALS = ['SIGINT', 'SIGTERM', 'SIGHUP'];

/** Runs a program; resolves with its exit code. Whoever ends us meanwhile ends it too, and waits until it is gone. */
export const toItsEnd = (command, args, options = {}) =>
  new Promise((resolve) => {
    const child = spawn(command, args, options);
    let endedBy = null;
    const end = (signal) => {
      endedBy = signal;
      child.kill(signal);
    };
    for (const signal of SIGNALS) process.on(signal, end);
    child.on('close', (code) => {
      for (const signal of SIGNALS) process.off(signal, end);
      if (endedBy === null) resolve(code ?? 1);
      else process.exit(code ?? 1);
    });
  });
