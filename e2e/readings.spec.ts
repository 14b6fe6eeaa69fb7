import type { Page } from '@playwright/test';
import { AS_ONE_PARAGRAPH, SIDE_BY_SIDE } from '../core/testing/two-columns.ts';
import { copyClean, expect, openDesk, pasteParts, pieceIsReady, test } from './test.ts';

const HTML = '<h2>The gate</h2><p>It is of <b>old oak</b>.</p><p>It holds.</p>';
const PLAIN = 'The gate\nIt is of old oak.\nIt holds.\n';

const words = (page: Page) => page.locator('[data-words]');
const button = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

test('a formatted paste is read as plain text and back, by steps that are undone, and each reading keeps its decisions', async ({
  page,
}) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': PLAIN, 'text/html': HTML });
  await pieceIsReady(page);
  await expect(page.locator('[data-words] strong')).toHaveText('old oak');
  // A decision on the formatted text: one of its paragraphs is left out.
  await words(page).nth(2).dblclick();
  await page.keyboard.press('Escape');
  await words(page).nth(2).selectText();
  await page.keyboard.press('Delete');
  await expect(words(page)).toHaveText(['The gate', 'It is of old oak.']);

  await button(page, 'Use the plain text').click();
  await expect(page.getByText('Read as plain text.')).toBeVisible();
  await expect(page.locator('[data-words] strong')).toHaveCount(0);
  expect((await copyClean(page)).plain).toContain('It holds.');

  await page.keyboard.press('Control+z');
  await expect(page.getByText('Read with its formatting.')).toBeVisible();
  await expect(words(page)).toHaveText(['The gate', 'It is of old oak.']);
  await page.keyboard.press('Control+y');
  await expect(page.getByText('Read as plain text.')).toBeVisible();

  await page.reload();
  await pieceIsReady(page);
  await expect(page.getByText('Read as plain text.')).toBeVisible();
  expect((await copyClean(page)).plain).toContain('It holds.');
  await button(page, 'Use the formatting').click();
  await expect(words(page)).toHaveText(['The gate', 'It is of old oak.']);
  await page.keyboard.press('v');
  const steps = page.getByRole('region', { name: 'Steps' });
  await expect(steps.getByRole('button', { name: 'Read as plain text' })).toBeVisible();
  await expect(steps.getByRole('button', { name: 'Left out line 5' })).toBeVisible();
});

test('columns side by side are read one under the other, with a preview; undone, they are as they came', async ({
  page,
}) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': SIDE_BY_SIDE });
  await pieceIsReady(page);
  await button(page, 'Put one under the other…').click();
  await expect(page.getByRole('figure').filter({ hasText: 'Then' })).toContainText('twice a day it goes\nout again');
  await button(page, 'Use this order').click();
  await expect(words(page)).toHaveText([AS_ONE_PARAGRAPH]);
  await page.reload();
  await pieceIsReady(page);
  await expect(words(page)).toHaveText([AS_ONE_PARAGRAPH]);
  await button(page, 'Use the original order').click();
  await expect(page.getByText('two columns side by side')).toBeVisible();
  await button(page, 'No, thanks').click();
  await page.reload();
  await pieceIsReady(page);
  // The worker was asked for columns before it was asked for questions.
  await expect(page.getByRole('region', { name: 'Questions' })).toContainText('uestions');
  await expect(page.getByText('two columns side by side')).toHaveCount(0);
});

test('a text file is read in another encoding, and nothing of it is lost', async ({ page }) => {
  const sentence = 'Прилив наполняет пруд дважды в день.';
  const koi8 = 'f0d2c9ccc9d720cec1d0cfccced1c5d420d0d2d5c420c4d7c1d6c4d920d720c4c5ced82e0a';
  await openDesk(page);
  await page
    .locator('input[type=file][multiple]')
    .setInputFiles({ name: 'pond.txt', mimeType: 'text/plain', buffer: Buffer.from(koi8, 'hex') });
  await expect(words(page)).toHaveText([sentence]);
  await page.getByRole('button', { name: /Read as$/ }).click();
  await page.getByRole('option', { name: 'Greek', exact: true }).click();
  await expect(words(page)).toHaveText(/^[\u0370-\u03ff]/);
  await page.keyboard.press('Control+z');
  await expect(words(page)).toHaveText([sentence]);
  await page.keyboard.press('Control+y');
  await expect(words(page)).toHaveText(/^[\u0370-\u03ff]/);
  await page.getByRole('button', { name: /Read as$/ }).click();
  await page.getByRole('option', { name: 'Cyrillic (KOI8-R)', exact: true }).click();
  await expect(words(page)).toHaveText([sentence]);
});
