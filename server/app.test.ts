import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
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
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
    expect(headers['strict-transport-security']).toBeUndefined();
  });

  test('is alive', async () => expect((await request(app).get('/api/health')).body).toEqual({ ok: true }));
});
