import { test, type Page } from '@playwright/test';
import { openDesk, openSample } from './test.ts';

const shoot = (page: Page, name: string) => page.screenshot({ path: `docs/screenshots/${name}.png` });

for (const colorScheme of ['light', 'dark'] as const) {
  test(`all main views, ${colorScheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    for (const title of ['Enoch Trask, boat builder', 'A letter to Mrs. Pell', 'Log of the Gannet Rock light'])
      await openSample(page, title);
    await openSample(page, 'The tide mills of Saltfern Reach');
    await page.evaluate(() => document.fonts.ready);
    await page.locator('[data-index="3"] svg path').first().waitFor();
    await shoot(page, `piece-${colorScheme}`);
    await page.getByRole('button', { name: 'Ledger', exact: true }).click();
    await page.getByRole('row').first().waitFor();
    await page.evaluate(() => document.fonts.ready);
    await shoot(page, `ledger-${colorScheme}`);
    await page.getByRole('textbox', { name: 'Look for' }).fill('Oxhithe');
    await page.getByRole('textbox', { name: 'Put in its place' }).fill('Oxhythe');
    await page.locator('ins').first().waitFor();
    await shoot(page, `search-${colorScheme}`);
    await page.getByRole('link', { name: 'Findings' }).click();
    await page.locator('svg.recharts-surface').waitFor();
    await shoot(page, `findings-${colorScheme}`);
    await openDesk(page);
    await shoot(page, `desk-${colorScheme}`);
  });
}
