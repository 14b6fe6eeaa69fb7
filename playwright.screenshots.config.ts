import { defineConfig } from '@playwright/test';
import { BROWSER, PORT, server } from './e2e/setup.ts';

/** Takes the pictures in docs/screenshots. */
export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.shots.ts',
  workers: 1,
  timeout: 120_000,
  use: { ...BROWSER, baseURL: `http://127.0.0.1:${PORT}` },
  webServer: server,
});
