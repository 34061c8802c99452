import { defineConfig } from '@playwright/test';

const base = process.env['ZUMBO_URL'] ?? 'http://127.0.0.1:8080';

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  timeout: 120_000,
  // One at a time: the journeys of a class share the demo gym.
  workers: 1,
  // A machine that pauses for some seconds is no fault of a page; what has to be quick says so itself.
  expect: { timeout: 15_000 },
  // What a busy machine spoils once is tried again, and told as flaky.
  retries: 1,
  reporter: [['list']],
  use: {
    baseURL: base,
    // A list that still slides when it is clicked is a race of its own; the app honours the wish (base.css).
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
    // A trace of every journey takes a quarter of the time of all of them: only when somebody looks for a fault.
    trace: process.env['ZUMBO_TRACE'] === undefined ? 'off' : 'retain-on-failure',
    screenshot: 'only-on-failure',
  },
  // @desk: keyboards belong to the desk, and what the server decides needs to be shown in one place only.
  // @phone: what only a thumb needs.
  projects: [
    {
      name: 'desk',
      grepInvert: /@phone/,
      use: { viewport: { width: 1280, height: 800 } },
      testIgnore: 'shots.ts',
    },
    {
      name: 'phone',
      grepInvert: /@desk/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      testIgnore: 'shots.ts',
    },
    { name: 'shots', testMatch: 'shots.ts' },
  ],
});
