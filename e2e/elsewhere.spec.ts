import { cleanTexts, CLEANED, expect, openDesk, openSample, paste, pieceIsReady, test, WRAPPED } from './test.ts';

test('a paste on the screen of a piece makes a new piece, and says so; so does a dropped file', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  const letter = page.url();
  await paste(page, WRAPPED);
  await expect(page.getByText('This is a new piece')).toBeVisible();
  await pieceIsReady(page);
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  expect(page.url()).not.toBe(letter);
  const pasted = page.url();
  await page.evaluate(() => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File(['Oil and lamps\nand wicks for them.'], 'list.txt', { type: 'text/plain' }));
    for (const type of ['dragover', 'drop'])
      document
        .querySelector('[data-words]')!
        .dispatchEvent(new DragEvent(type, { dataTransfer, bubbles: true, cancelable: true }));
  });
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue('list');
  expect(page.url()).not.toBe(pasted);
});

test('an error that nobody foresaw is told', async ({ page }) => {
  await openDesk(page);
  await page.evaluate(() => window.dispatchEvent(new ErrorEvent('error', { error: new RangeError('no such tide') })));
  await expect(page.getByText('Something went wrong, and may not have been done')).toBeVisible();
  await expect(page.getByText('RangeError: no such tide')).toBeVisible();
});

test.describe('in a browser of another language', () => {
  test.use({ locale: 'ar-EG' });

  test('what the program says is in English, numbers too', async ({ page }) => {
    await openSample(page, 'A letter to Mrs. Pell');
    await page.getByRole('link', { name: 'Output' }).click();
    await page.getByRole('radiogroup', { name: 'Lines' }).getByText('wrapped', { exact: true }).click();
    const width = page.getByRole('textbox', { name: 'At column' });
    await expect(width).toHaveValue('72');
    await page.getByRole('button', { name: 'Increase At column' }).click();
    await expect(width).toHaveValue('73');
    await expect(page.locator('[dir=rtl]')).toHaveCount(0);
  });
});
