import { test, type Page } from '@playwright/test';
import { openDesk, openSample } from './test.ts';

const shoot = (page: Page, name: string) => page.screenshot({ path: `docs/screenshots/${name}.png` });

for (const colorScheme of ['light', 'dark'] as const) {
  test(`desk and piece, ${colorScheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    for (const title of ['Enoch Trask, boat builder', 'A letter to Mrs. Pell', 'Log of the Gannet Rock light'])
      await openSample(page, title);
    await openSample(page, 'The tide mills of Saltfern Reach');
    await page.evaluate(() => document.fonts.ready);
    await page.locator('[data-index="3"] svg path').first().waitFor();
    await shoot(page, `piece-${colorScheme}`);
    await openDesk(page);
    await shoot(page, `desk-${colorScheme}`);
  });
}
