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
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? '../test-results/report.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
    launchOptions: CHROMIUM,
    actionTimeout: 20_000,
    trace: 'off',
  },
});
