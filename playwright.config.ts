import { defineConfig } from '@playwright/test';
import { BROWSER, PORT, server } from './e2e/setup.ts';

/** Browser journeys on the production build. */
export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  // A busy machine takes its time; what hangs still fails.
  timeout: 90_000,
  expect: { timeout: 20_000 },
  // Journeys wait more than they work.
  workers: 3,
  fullyParallel: true,
  forbidOnly: true,
  // A second try is traced, and told as flaky; tracing every first one would take a third of the time.
  retries: 1,
  use: { ...BROWSER, baseURL: `http://127.0.0.1:${PORT}`, trace: 'on-first-retry' },
  webServer: server,
});
