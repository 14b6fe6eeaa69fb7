import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { BROWSER } from '../e2e/setup.ts';

/** Draws the icons of the installed app from the sign of the product: node script/run-ts.js script/make-icons.ts. */
const sign = readFileSync('public/ribbon.svg', 'utf8');
const browser = await chromium.launch(BROWSER.launchOptions);
const page = await browser.newPage();
for (const { name, size, share } of [
  { name: 'ribbon-192', size: 192, share: 1 },
  { name: 'ribbon-512', size: 512, share: 1 },
  // Systems cut such an icon to shapes of their own: what counts lies in the middle of it.
  { name: 'ribbon-maskable-512', size: 512, share: 0.72 },
]) {
  await page.setViewportSize({ width: size, height: size });
  const back = share < 1 ? '#fffdf8' : 'transparent';
  await page.setContent(
    `<body style="margin:0;height:100vh;display:grid;place-items:center;background:${back}"><div style="width:${share * 100}%">${sign}</div></body>`,
  );
  await page.screenshot({ path: `public/icons/${name}.png`, omitBackground: share === 1 });
}
await browser.close();
