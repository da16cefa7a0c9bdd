import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './chromium.js';

export default defineConfig({
  testDir: '.',
  testMatch: '**/*.e2e.ts',
  globalSetup: './house.ts',
  outputDir: '../test-results',
  // Two cores: two at a time. A test that fails once has failed.
  workers: 2,
  fullyParallel: false,
  retries: 0,
  // Generous: a busy machine is no fault of the product.
  timeout: 240_000,
  expect: { timeout: 45_000 },
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? '../test-results/report.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
    launchOptions: CHROMIUM,
    actionTimeout: 45_000,
    trace: 'off',
    // Each test begins on a device of its own; only those that go without a network install the app there.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
  },
});
