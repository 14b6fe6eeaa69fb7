import { existsSync } from 'node:fs';

/** What the journeys and the screenshots share: Debian's Chromium, and the production server on a port of its own. */
export const PORT = 4391;

/** Of Chromium's features, off; only the last such list counts, so those that Playwright switches off stand here too. */
const FEATURES_OFF = [
  // Each new window would load the browser's own address bar, which takes longer than our pages.
  'WebUIOmniboxPopup',
  'WebUIOmniboxFullPopup',
  'WebUIOmniboxAimPopup',
  'PreloadTopChromeWebUI',
  'AimEnabled',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
];

/** Without the browser's own windows journeys take three quarters of the time. */
const HEADLESS = '/usr/bin/chromium-headless-shell';

export const BROWSER = {
  // Each journey would keep the whole program anew: offline.spec.ts has its own say.
  serviceWorkers: 'block' as const,
  viewport: { width: 1280, height: 800 },
  permissions: ['clipboard-read', 'clipboard-write'],
  launchOptions: {
    executablePath: existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      // As most screens show type: without it, advances are rounded.
      '--font-render-hinting=none',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      `--disable-features=${FEATURES_OFF.join()}`,
    ],
  },
};

export const server = {
  command: 'node server/serve.js',
  url: `http://127.0.0.1:${PORT}/`,
  env: { PORT: String(PORT), LUCID_RIBBON_API: '1', HOSTS: 'wrackby.example' },
  reuseExistingServer: false,
};
