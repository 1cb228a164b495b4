import { defineConfig } from '@playwright/test';

/**
 * The built application in Debian's Chromium, on a database made for this run. `npm test` gives DATABASE_URL and
 * CHROMIUM; the server is started here, on a port of its own.
 */
const PORT = Number(process.env['E2E_PORT'] ?? 4699);

export default defineConfig({
  testDir: './tests',
  workers: 1,
  // Time is measured by bench:ui; a slow machine must not fail a test.
  timeout: 300_000,
  expect: { timeout: 40_000 },
  forbidOnly: true,
  reporter: [['list'], ['json']],
  outputDir: './test-results',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    locale: 'en-GB',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx ../server/src/main.ts',
    url: `http://127.0.0.1:${PORT}/api/jobs`,
    env: { DATABASE_URL: process.env['DATABASE_URL'] ?? '', PORT: String(PORT) },
    timeout: 120_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
