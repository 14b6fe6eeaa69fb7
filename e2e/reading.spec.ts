import { cleanTexts, expect, openDesk, openSample, paste, pasteParts, pieceIsReady, test, WRAPPED } from './test.ts';

test('a click on the overview goes there', async ({ page }) => {
  await openDesk(page);
  const chapters = Array.from({ length: 200 }, (_, at) => `Chapter ${at + 1}\n\n${WRAPPED}`).join('\n');
  await pasteParts(page, { 'text/plain': chapters });
  await pieceIsReady(page);
  const overview = page.locator('canvas');
  const box = (await overview.boundingBox())!;
  await overview.click({ position: { x: 12, y: box.height - 3 } });
  await expect(page.getByRole('heading', { name: 'Chapter 200' })).toBeVisible();
  await overview.click({ position: { x: 12, y: 2 } });
  await expect(page.getByRole('heading', { name: 'Chapter 1', exact: true }).last()).toBeVisible();
});

test('only the rows in sight exist', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': `${WRAPPED}\n`.repeat(3000) });
  await pieceIsReady(page);
  expect(await page.locator('[data-index]').count()).toBeLessThan(40);
});

test('the colours that were chosen stay after a reload', async ({ page }) => {
  await openDesk(page);
  await page.getByRole('button', { name: 'Use dark colours' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Use light colours' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('a text without a single space opens, scrolls and can be copied', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': 'x'.repeat(300_000) });
  await pieceIsReady(page);
  await page.getByRole('region', { name: 'Source and clean text' }).focus();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: 'Copy clean text' }).click();
  await expect(page.getByText('1 paragraph, 300,000 characters')).toBeVisible();
});

test('the whole way by keyboard: paste, go to a line end, decide it, undo, copy', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  const before = await cleanTexts(page);
  await page.getByRole('region', { name: 'Source and clean text' }).focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 1 and 2: joined/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(before.length + 1);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(() => cleanTexts(page)).toEqual(before);
  await page.getByRole('button', { name: 'Copy clean text' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Clean text copied')).toBeVisible();
});

test('a paste into the title stays in the title', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  await page.getByLabel('Title of the piece').fill('');
  await page.evaluate(() => navigator.clipboard.writeText('To Dorcas'));
  await page.getByLabel('Title of the piece').press('ControlOrMeta+V');
  await expect(page.getByLabel('Title of the piece')).toHaveValue('To Dorcas');
});

test('a gap named as the mark of paragraphs parts the whole text, and can be taken back', async ({ page }) => {
  await openDesk(page);
  const indented = WRAPPED.replace(/\n\n/g, '\n   ');
  await pasteParts(page, { 'text/plain': `${indented}\n   ${indented}` });
  await pieceIsReady(page);
  const before = await cleanTexts(page);
  await page.getByRole('button', { name: /^Lines 1 and 2: joined/ }).click();
  await page.getByRole('menuitem', { name: /Gaps like this mark paragraphs/ }).click();
  await expect(page.getByText('Paragraphs by every line end')).toBeVisible();
  await expect.poll(async () => (await cleanTexts(page)).length).toBeGreaterThan(before.length + 2);
  await page.reload();
  await expect(page.getByText('Paragraphs by every line end')).toBeVisible();
  await page.getByRole('button', { name: /decide automatically again/ }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(before);
});
