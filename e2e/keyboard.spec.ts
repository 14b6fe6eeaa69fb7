import { type Page } from '@playwright/test';
import { CLEANED, cleanTexts, expect, openDesk, openSample, paste, pieceIsReady, test, WRAPPED } from './test.ts';

const focused = (page: Page) =>
  page.evaluate(() => {
    const element = document.activeElement;
    if (element === document.body) return 'the page';
    return element?.getAttribute('aria-label') ?? element?.textContent?.trim().slice(0, 40) ?? '';
  });

test('the text, the rail and the desk are few stops, with arrow keys inside', async ({ page }) => {
  await openSample(page, 'Tide mills');
  await page.reload();
  await pieceIsReady(page);
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the text' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Source and clean text' })).toBeFocused();
  const kindOfFocus = () =>
    page.evaluate(() => {
      const element = document.activeElement as HTMLElement;
      return ['words', 'seam', 'edit'].find((kind) => kind in element.dataset) ?? element.getAttribute('role') ?? '';
    });
  for (const kind of ['words', 'seam', 'edit', 'slider']) {
    await page.keyboard.press('Tab');
    expect(await kindOfFocus()).toBe(kind);
  }
  await page.keyboard.press('Shift+Tab');
  await expect(page.getByRole('region', { name: 'Source and clean text' })).toBeFocused();
  await page.keyboard.press('Tab');
  const first = await focused(page);
  await page.keyboard.press('ArrowDown');
  expect(await kindOfFocus()).toBe('words');
  expect(await focused(page)).not.toBe(first);
  const rail = page.getByRole('navigation', { name: 'Passes' });
  await rail.getByPlaceholder('Find a pass').focus();
  await page.keyboard.press('Tab');
  await expect(rail.getByRole('switch').first()).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(rail.getByRole('switch').nth(1)).toBeFocused();
  // A letter is a command on a switch as well.
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(rail.getByRole('switch').nth(1)).toBeFocused();
});

test('lines that are folded are opened and shut by keyboard, and are one stop', async ({ page }) => {
  await openSample(page, 'Enoch Trask, boat builder');
  await page.locator('[data-fold]').first().focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-fold]').first()).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByText('00:00:03,000 --> 00:00:07,650')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('[data-fold]').nth(1)).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('slider', { name: 'Overview of the piece' })).toBeFocused();
});

test('the focus never falls to the page: after a title, a piece that is deleted or renamed, an undo', async ({
  page,
}) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  const title = page.getByLabel('Title of the piece');
  await title.fill('The slate');
  await title.press('Enter');
  await expect.poll(() => focused(page)).toBe('Source and clean text');
  await page.keyboard.press('c');
  await expect(page.getByText('Clean text copied')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(CLEANED.join('\n\n'));
  await page.getByRole('switch', { name: 'Doubled spaces' }).focus();
  await page.keyboard.press('Space');
  await expect.poll(async () => (await cleanTexts(page))[1]).toContain('sluice  with');
  await page.getByRole('button', { name: /^Undo/ }).focus();
  await page.keyboard.press('Enter');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  await page.keyboard.press('Tab');
  await expect.poll(() => focused(page)).not.toBe('the page');

  await openDesk(page);
  await paste(page, `${WRAPPED}\nAnd so on.\n`);
  await pieceIsReady(page);
  await openDesk(page);
  const link = page.getByRole('link', { name: 'The slate' });
  await page.getByRole('button', { name: 'Rename “The slate”' }).press('Enter');
  await page.keyboard.type('The board');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Rename “The board”' })).toBeFocused();
  await expect(link).toBeHidden();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Delete “The board”' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByText('“The board” deleted')).toBeVisible();
  await expect.poll(() => focused(page)).toMatch(/^A tide mill/);
});

test('coming back from reading or findings returns to the place', async ({ page }) => {
  await openDesk(page);
  const long = Array.from({ length: 120 }, (_, at) => WRAPPED.replace('A tide mill', `Mill ${at} of the reach`)).join(
    '\n',
  );
  await paste(page, long);
  await pieceIsReady(page);
  const region = page.getByRole('region', { name: 'Source and clean text' });
  await region.evaluate((element) => element.scrollTo({ top: 12_000, behavior: 'instant' }));
  const inSight = () =>
    region.evaluate((box) => {
      const top = box.getBoundingClientRect().top;
      const rows = [...box.querySelectorAll<HTMLElement>('[data-row-from]')];
      return Number(rows.find((row) => row.getBoundingClientRect().bottom > top)?.dataset['rowFrom']);
    });
  await expect.poll(inSight).toBeGreaterThan(5000);
  const before = await inSight();
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: /^Back/ })).toBeVisible();
  await page.keyboard.press('r');
  await pieceIsReady(page);
  await expect.poll(inSight).toBeGreaterThan(before - 900);
  expect(await inSight()).toBeLessThan(before + 900);
});

test('the place of the first question is in view and marked from the start', async ({ page }) => {
  await openSample(page, 'Tide mills');
  await expect(page.getByRole('region', { name: 'Questions' })).toContainText('question');
  await expect(page.locator('[data-shown]').first()).toBeInViewport();
});

test('of several files each is reported by name, the bad ones with their reason', async ({ page }) => {
  await openDesk(page);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open files' }).click();
  const text = (name: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(WRAPPED) });
  const picture = { name: 'seal.png', mimeType: 'image/png', buffer: Buffer.from([0x89, 0x50, 0, 0, 0, 1, 2, 3]) };
  await (await chooser).setFiles([text('slate.txt'), picture, text('board.txt')]);
  await expect(page.getByText('seal.png: this kind of file cannot be read here')).toBeVisible();
  await expect(page.getByText('2 of 3 files are on the desk')).toBeVisible();
  await expect(page.getByText('slate.txt, board.txt')).toBeVisible();
});
