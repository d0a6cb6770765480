import { fileURLToPath } from 'node:url';
import { createServer } from './app.ts';
import { Streams } from './standins/routes.ts';

const DEFAULT_PORT = 4173;

const port = Number(process.env['PORT'] ?? DEFAULT_PORT);
// Loopback unless somebody says otherwise: the kitchen's own devices are reached by setting HOST.
const host = process.env['HOST'] ?? '127.0.0.1';

if (!Number.isInteger(port) || port < 0 || port > 65535) {
  process.stderr.write(`PORT must be a whole number from 0 to 65535, not "${process.env['PORT'] ?? ''}".\n`);
  process.exit(2);
}

const streams = new Streams();
const listener = createServer(fileURLToPath(new URL('../dist', import.meta.url)), { streams, host }).listen(port, host, (error?: Error) => {
  if (error !== undefined) {
    process.stderr.write(`Could not listen on ${host}:${port}: ${error.message}. Set another PORT.\n`);
    process.exit(1);
  }
  const address = listener.address();
  const actual = typeof address === 'object' && address !== null ? address.port : port;
  process.stdout.write(`Tawny Lattice is at http://${host.includes(':') ? `[${host}]` : host}:${actual}\n`);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    // Streams never end by themselves, and some listeners keep their line up.
    streams.endAll();
    listener.close(() => process.exit(0));
    listener.closeAllConnections();
  });
