import { defineConfig } from '@playwright/test';
import { BROWSER, PORT, server } from './e2e/setup.ts';

/** Browser journeys on the production build. */
export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  timeout: 40_000,
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  use: { ...BROWSER, baseURL: `http://127.0.0.1:${PORT}`, trace: 'retain-on-failure' },
  webServer: server,
});
