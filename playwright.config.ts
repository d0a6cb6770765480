import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './e2e/chromium.ts';

/** Two runs at once on one machine need two. */
const PORT = Number(process.env['E2E_PORT'] ?? 4179);

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  // Two cores; what measures time is run by itself (see scripts/test.mjs).
  workers: 2,
  fullyParallel: true,
  // A flaky test is a failure.
  retries: 0,
  // Machines are shared and can be many times slower: what should appear is waited for generously, and nothing but the bench judges time.
  timeout: 420_000,
  expect: { timeout: 90_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    // Installing it takes a second of every test; the tests that are about it allow it.
    serviceWorkers: 'block',
    // Recording takes a third of the time; ask for it with TRACE=1 when something fails.
    trace: process.env['TRACE'] === undefined ? 'off' : 'retain-on-failure',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--disable-quic',
        '--autoplay-policy=no-user-gesture-required',
      ],
    },
  },
  webServer: {
    command: 'node --import ./node_modules/tsx/dist/loader.mjs server/main.ts',
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
  },
});
