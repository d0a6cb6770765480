import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { spawn } from 'node:child_process';
import { get } from 'node:http';
import request from 'supertest';
import { createServer } from './app.ts';

const dist = mkdtempSync(join(tmpdir(), 'lattice-'));
mkdirSync(join(dist, 'assets'));
writeFileSync(join(dist, 'index.html'), '<title>Tawny Lattice</title>');
writeFileSync(join(dist, 'assets', 'a-123.js'), 'export {};');
writeFileSync(join(dist, 'sw.js'), '// worker');
const app = createServer(dist);

describe('the server', () => {
  test.each(['/', '/iron', '/line?iron=a'])('%s gives the application, never from a cache', async (path) => {
    const response = await request(app).get(path);
    expect(response.status).toBe(200);
    expect(response.text).toContain('Tawny Lattice');
    expect(response.headers['cache-control']).toBe('no-cache');
  });

  test('assets are kept for ever, the service worker is not', async () => {
    expect((await request(app).get('/assets/a-123.js')).headers['cache-control']).toContain('immutable');
    expect((await request(app).get('/sw.js')).headers['cache-control']).toBe('no-cache');
  });

  test.each(['/assets/missing.js', '/nothing.png', '/api/nothing', '/../package.json', '/%2e%2e/package.json'])(
    '%s is not found',
    async (path) => {
      const response = await request(app).get(path);
      expect(response.status).toBe(404);
      expect(response.text).not.toContain('tawny-lattice"');
    },
  );

  test('headers: only our own scripts, no framing, no sniffing', async () => {
    const { headers } = await request(app).get('/');
    const policy = headers['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/unsafe|https?:|upgrade-insecure/);
    expect(policy).toContain("img-src 'self' data: blob:");
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['strict-transport-security']).toBeUndefined();
  });

  test.each([
    ['/%', 400],
    ['/%E0%A4%A', 400],
    ['/api/scales/a', 400],
  ] as const)('%s: an error is a code, without a stack or a path', async (path, status) => {
    const response = path.startsWith('/api')
      ? await request(app).post(path).set('Content-Type', 'application/json').send('{"do":')
      : await request(app).get(path);
    expect(response.status).toBe(status);
    expect(Object.keys(response.body as object)).toEqual(['code']);
    expect(response.text).not.toMatch(/node_modules|\n\s+at |\/work|Error:/);
  });

  test('too large a body is refused', async () => {
    const response = await request(app)
      .post('/api/scales/a')
      .send({ do: 'add', grams: 1, more: 'x'.repeat(9000) });
    expect([response.status, (response.body as { code: string }).code]).toEqual([413, 'entity.too.large']);
  });

  test('the devices answer pages of this server alone', async () => {
    const command = { do: 'add', grams: 100 };
    const post = () => request(app).post('/api/scales/a');
    expect((await post().send(command)).status).toBe(200);
    expect((await post().set('Host', 'kitchen.example.com').send(command)).body).toEqual({ code: 'foreign-host' });
    expect((await post().set('Host', '192.168.1.20:4173').send(command)).status).toBe(200);
    expect((await post().set('Origin', 'http://evil.example').send(command)).body).toEqual({ code: 'foreign-origin' });
    expect((await post().set('Host', 'localhost:4173').set('Origin', 'http://localhost:4173').send(command)).status).toBe(200);
  });

  test('is alive', async () => expect((await request(app).get('/api/health')).body).toEqual({ ok: true }));
});

describe('its end', () => {
  test.each(['SIGTERM', 'SIGINT'] as const)('%s ends it with a stream open', async (signal) => {
    const child = spawn(process.execPath, ['--import', './node_modules/tsx/dist/loader.mjs', 'server/main.ts'], {
      env: { ...process.env, PORT: '0' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    const address = await new Promise<string>((resolve) => {
      let said = '';
      child.stdout.on('data', (data: Buffer) => {
        said += String(data);
        const found = /http:\/\/\S+/.exec(said);
        if (found !== null) resolve(found[0]);
      });
    });
    const stream = get(`${address}/api/scales/a/stream`);
    stream.on('error', () => undefined);
    await new Promise((resolve) => stream.on('response', (response) => response.once('data', resolve)));
    const ended = new Promise((resolve) => child.on('exit', resolve));
    child.kill(signal);
    expect(await ended).toBe(0);
  });
});
