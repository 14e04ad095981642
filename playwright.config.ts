import { defineConfig } from '@playwright/test';
import { launchOptions, MADE_UP_ORIGIN, MADE_UP_PORT, ORIGIN, PORT } from './e2e/browser';
import { STATED_ZONE } from './src/testing/statedDay';

const report = process.env.BROWSER_REPORT;

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  outputDir: 'test-results/browser',
  // Roomy, as a machine that has others to serve may be many times as slow: no test is of speed.
  timeout: 900_000,
  expect: { timeout: 120_000 },
  // One that passes when it is tried again is named as flaky.
  retries: 1,
  workers: 2,
  fullyParallel: true,
  reporter: report ? [['list'], ['json', { outputFile: report }]] : 'list',
  use: {
    baseURL: ORIGIN,
    timezoneId: STATED_ZONE,
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    // It would fetch the whole application anew for every test: `offline.spec.ts` has its own.
    serviceWorkers: 'block',
    launchOptions,
  },
  webServer: [
    {
      command: `npx next start -H 127.0.0.1 -p ${PORT}`,
      url: ORIGIN,
      reuseExistingServer: false,
      env: { NEXT_TELEMETRY_DISABLED: '1' },
    },
    {
      command: `npx next build && npx next start -H 127.0.0.1 -p ${MADE_UP_PORT}`,
      url: MADE_UP_ORIGIN,
      reuseExistingServer: false,
      timeout: 300_000,
      env: {
        NEXT_TELEMETRY_DISABLED: '1',
        NEXT_PUBLIC_DEMO: '1',
        INTERFACE_LANGUAGE: 'made-up',
      },
    },
  ],
});
