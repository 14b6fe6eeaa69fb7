import { readFileSync } from 'node:fs';
import {
  copyClean,
  expect,
  fitsWindow,
  isAccessible,
  openDesk,
  paste,
  pasteParts,
  pieceIsReady,
  test,
  WRAPPED,
} from './test.ts';

test('a style is made, goes out as a file, comes in on a fresh browser, and cleans there', async ({
  page,
  browser,
}) => {
  await openDesk(page);
  await page.getByRole('link', { name: 'House styles' }).click();
  await expect(page.getByText('None yet.')).toBeVisible();
  await isAccessible(page);
  await page.getByRole('button', { name: 'New style' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Quarterly');
  await page.getByRole('switch', { name: 'Reference marks' }).click({ force: true });
  await page.getByLabel('Never change').fill('week\'s  high, "pond"');
  await page.getByRole('button', { name: 'Add a rule' }).click();
  await page.getByLabel('Find', { exact: true }).fill('miller');
  await page.getByLabel('Replace with').fill('keeper');
  await page.getByRole('button', { name: 'Keep the rule' }).click();
  await expect(page.getByText('Reference marks: off')).toBeVisible();
  await expect(page.getByText('1 more own rule')).toBeVisible();
  await fitsWindow(page);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe('Quarterly.style.json');
  const buffer = readFileSync(await saved.path());
  // It is there after a reload; deleted, it can be taken back.
  await page.reload();
  await expect(page.getByRole('option', { name: 'Quarterly' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('option', { name: 'Quarterly' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('option', { name: 'Quarterly' })).toBeVisible();

  const other = await browser.newContext({ permissions: ['clipboard-read', 'clipboard-write'] });
  const fresh = await other.newPage();
  await openDesk(fresh);
  // On the desk, where every file goes; a broken one is told with the place of its mistake.
  const files = fresh.locator('input[type=file]').first();
  const broken = Buffer.from(buffer.toString().replace('"certaintyLimit": 0.85', '"certaintyLimit": 85'));
  await files.setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: broken });
  await expect(fresh.getByText('At “style.certaintyLimit”')).toBeVisible();
  await files.setInputFiles({ name: 'Quarterly.style.json', mimeType: 'application/json', buffer });
  await expect(fresh.getByText('The style “Quarterly” is here')).toBeVisible();
  await paste(fresh, WRAPPED);
  await pieceIsReady(fresh);
  await fresh.getByRole('button', { name: /^Style/ }).click();
  await fresh.getByRole('button', { name: 'Use Quarterly' }).click();
  await fresh.keyboard.press('Escape');
  await expect(fresh.getByRole('button', { name: /^Style/ })).toContainText('Quarterly');
  const { plain } = await copyClean(fresh);
  expect(plain).toContain('before him.[4]');
  expect(plain).toContain('The keeper kept a slate');
  // What is changed on the piece is told, and goes into the style or back.
  await fresh.getByRole('switch', { name: 'Doubled spaces' }).click({ force: true });
  await fresh.getByRole('button', { name: /^Style/ }).click();
  await fresh.getByRole('button', { name: 'Put this into “Quarterly”' }).click();
  await expect(fresh.getByText('Nothing was changed on this piece since.')).toBeVisible();
  await other.close();
});

test('the clipboard stays as it was where there is nothing to clean, and the reason is said', async ({ page }) => {
  await openDesk(page);
  const run = page.getByRole('button', { name: /^Clean the clipboard/ });
  await page.evaluate(() => navigator.clipboard.writeText(''));
  await run.click();
  await expect(page.getByText('There is no text on the clipboard')).toBeVisible();
  await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2, 2);
    canvas.getContext('2d');
    await navigator.clipboard.write([new ClipboardItem({ 'image/png': await canvas.convertToBlob() })]);
  });
  await run.click();
  await expect(page.getByText('There is a picture on the clipboard, not text')).toBeVisible();
  expect(await page.evaluate(async () => (await navigator.clipboard.read())[0]?.types)).toEqual(['image/png']);
  await page.context().clearPermissions();
  await page.context().grantPermissions([]);
  await run.click();
  await expect(page.getByText('The browser does not let this page read the clipboard')).toBeVisible();
});

test('a proposal that was declined is not made again', async ({ page }) => {
  const captions = '00:01\nThe tide comes in\n\n00:04\nand it goes out again.\n\n00:09\nThat is all.\n';
  await openDesk(page);
  await pasteParts(page, { 'text/plain': captions });
  await pieceIsReady(page);
  await expect(page.getByText('The style Captions and talks is for texts like this (by its kind).')).toBeVisible();
  await page.getByRole('button', { name: 'No, thanks' }).click();
  await expect(page.getByText('is for texts like this')).toHaveCount(0);
  // Neither when the person comes back from another screen of the piece, nor after a reload.
  await page.getByRole('link', { name: 'Findings' }).click();
  await page.getByRole('link', { name: 'Text', exact: true }).click();
  await expect(page.locator('[data-words]').first()).toBeVisible();
  await expect(page.getByText('is for texts like this')).toHaveCount(0);
  await page.reload();
  await pieceIsReady(page);
  await expect(page.getByText('is for texts like this')).toHaveCount(0);
});
