import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
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

test('the preview is what is copied and saved, in the shape that was chosen, also for the next piece', async ({
  page,
}) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('link', { name: 'Output' }).click();
  const preview = page.getByRole('region', { name: 'The clean text as it goes out' }).locator('pre');
  await expect(preview).toContainText('The miller kept a slate');
  await page.getByRole('radiogroup', { name: 'Lines' }).getByText('wrapped', { exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'At column' })).toHaveValue('72');
  await page.getByRole('radiogroup', { name: 'Between paragraphs' }).getByText('line end').click();
  const text = async () => (await preview.allTextContents()).join('\n');
  await expect.poll(text).not.toContain('\n\n');
  const shown = await text();
  expect(shown.split('\n').every((line) => line.length <= 72)).toBe(true);
  expect((await copyClean(page)).plain).toBe(shown);
  await fitsWindow(page);

  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as Plain text (.txt)' }).click(),
  ]);
  expect(saved.suggestedFilename()).toMatch(/\.txt$/);
  expect(readFileSync(await saved.path(), 'utf8')).toBe(shown);

  await openDesk(page);
  await paste(page, 'The tide fell.\n\nIt rose.\n');
  await pieceIsReady(page);
  expect((await copyClean(page)).plain).toBe('The tide fell.\nIt rose.');
  await page.getByRole('link', { name: 'Output' }).click();
  await page.getByRole('button', { name: 'Use the defaults' }).click();
  await expect.poll(text).toBe('The tide fell.\n\nIt rose.');
});

test('formatting goes out as Markdown and as a Word file', async ({ page }) => {
  await openDesk(page);
  const html = '<h2>The gate</h2><p>It is of <b>old oak</b>.</p><p>It holds.</p>';
  await pasteParts(page, { 'text/plain': 'The gate It is of old oak. It holds.', 'text/html': html });
  await pieceIsReady(page);
  await expect(page.locator('[data-words] strong')).toHaveText('old oak');
  await page.getByRole('link', { name: 'Output' }).click();
  await page.getByRole('radiogroup', { name: 'Preview' }).getByText('Markdown').click();
  await expect(page.getByRole('region', { name: 'The clean text as it goes out' })).toContainText('## The gate');
  await expect(page.getByRole('region', { name: 'The clean text as it goes out' })).toContainText('of **old oak**.');
  await isAccessible(page);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as Word (.docx)' }).click(),
  ]);
  const parts = unzipSync(new Uint8Array(readFileSync(await saved.path())));
  expect(new TextDecoder().decode(parts['word/document.xml'])).toContain('<w:b/>');
});
