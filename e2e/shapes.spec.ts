import type { Page } from '@playwright/test';
import { copyClean, expect, isAccessible, openDesk, paste, pieceIsReady, test, WRAPPED } from './test.ts';

const month = (name: string, ...more: string[]) =>
  [
    `Audio guide of the Reach, ${name}`,
    '',
    '00:00 | Introduction: Where the water goes | saltfern.example/s1',
    '01:24 | Stop 2: Saint Olave’s Halt | saltfern.example/s2',
    '(Stop 3 is closed in winter.)',
    '03:12 |   Stop 4: The rope walk | saltfern.example/s4',
    ...more,
    '',
  ].join('\n');

const LIST = ['- Where the water goes\n- Saint Olave’s Halt', '- The rope walk'];

async function openShapes(page: Page, text: string): Promise<void> {
  await openDesk(page);
  await paste(page, text);
  await pieceIsReady(page);
  await page.getByRole('link', { name: 'Shapes' }).click();
  await expect(page.getByRole('button', { name: /^Apply to/ })).toBeEnabled();
}

const bit = (page: Page, name: string) =>
  page.getByRole('listbox', { name: 'Words to keep' }).getByRole('option', { name, exact: true });

test('an index becomes a list by one marked line, is kept in a style, and next month’s index cleans itself', async ({
  page,
}) => {
  await openShapes(page, month('May'));
  // What is drawn over is what is kept.
  await bit(page, 'Where').hover();
  await page.mouse.down();
  await bit(page, 'goes').hover();
  await page.mouse.up();
  const preview = page.getByRole('region', { name: 'Lines that fit, and what they become' });
  await expect(preview.getByRole('row')).toHaveCount(4);
  await expect(page.getByRole('region', { name: 'Lines that do not fit' })).toContainText('no time');
  await isAccessible(page);
  await page.getByRole('button', { name: 'Apply to 3 lines' }).click();
  await expect(page.getByText('Applied to 3 lines')).toBeVisible();
  await page.getByRole('link', { name: 'Text', exact: true }).click();
  await expect(page.getByText('(Stop 3 is closed in winter.)').first()).toBeVisible();
  await page.getByRole('button', { name: /^Style/ }).click();
  await expect(page.getByText('1 more line shape')).toBeVisible();
  await page.getByLabel('Keep as a new style').fill('Audio guide');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Style of this piece: Audio guide' })).toBeVisible();
  await page.getByRole('link', { name: 'House styles' }).click();
  await page.getByLabel('Words near the beginning').fill('audio guide of');
  await page.getByRole('button', { name: 'Key', exact: false }).last().click();
  await page.getByRole('option', { name: 'Alt 1' }).click();
  await isAccessible(page);

  // Next month, by paste: proposed, with the reason; a line that does not fit is asked about.
  await openDesk(page);
  await paste(page, month('June', '05:05 – Stop 5: Two hundred and six subscribers'));
  await pieceIsReady(page);
  await expect(page.getByText('(“audio guide of” near its beginning)')).toBeVisible();
  await page.getByRole('button', { name: 'Use it' }).click();
  await expect(page.getByText('Does “(Stop 3 is closed in winter.)” belong to the text?')).toBeVisible();
  const { plain, rich } = await copyClean(page);
  for (const line of [...LIST, '- Two hundred and six subscribers']) expect(plain).toContain(line);
  expect(rich).toContain('<li>The rope walk</li>');

  // And by one key, from the clipboard to the clipboard.
  await openDesk(page);
  await page.evaluate((text) => navigator.clipboard.writeText(text), month('July'));
  await page.keyboard.press('Alt+1');
  await expect(page.getByText('Style: Audio guide.')).toBeVisible();
  const written = await page.evaluate(() => navigator.clipboard.readText());
  for (const line of LIST) expect(written).toContain(line);
  await page.getByRole('button', { name: 'Look' }).click();
  await pieceIsReady(page);
  await expect(page.getByRole('button', { name: /^Style/ })).toContainText('Audio guide');
});

test('marking with the keyboard, columns with heads, a second example, a question of two readings', async ({
  page,
}) => {
  const people = 'Orme, Marian – keeper\nPell, Ada – writer – late\nTrask, Enoch – builder\n';
  await openShapes(page, `${month('May', 'Low water at the quay, 07:10')}\n${people}`);
  await bit(page, '00:00').focus();
  await page.keyboard.press('Space');
  await expect(bit(page, '00:00')).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('radiogroup', { name: 'Write each line as' }).getByText('columns').click();
  await page.getByLabel('Head 1').fill('Time');
  await page.getByLabel('Head 2').fill('Stop');
  await page.getByRole('button', { name: 'Copy the lines' }).click();
  await expect(page.getByText('Columns copied')).toBeVisible();
  const table = await page.evaluate(() => navigator.clipboard.readText());
  expect(table.split('\n').slice(0, 2)).toEqual(['Time\tStop', '00:00\tIntroduction: Where the water goes']);
  // Back to one part, and a line that is otherwise as a second example.
  await bit(page, '00:00').click();
  await page.getByRole('listitem').filter({ hasText: '(Stop 3' }).getByRole('button', { name: 'Mark it too' }).click();
  await expect(page.getByRole('listbox', { name: 'Words to keep, example 2' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the example' }).click();

  await page.getByRole('option', { name: /^Words, dash, words/ }).click();
  const ask = page.getByRole('group', { name: 'Which reading is meant' });
  await expect(ask).toContainText('Pell, Ada – writer – late');
  await ask.getByRole('button', { name: 'Pell, Ada – writer' }).click();
  await expect(page.getByRole('region', { name: 'Lines that fit, and what they become' })).toContainText(
    /Pell, Ada – writer\b/,
  );
  await page.getByRole('button', { name: 'As an expression, for other programs' }).click();
  await page.getByText('POSIX ERE').click();
  await expect(page.locator('code').filter({ hasText: '\\' }).first()).toBeVisible();
  // Applied, undone, and gone from the text.
  await page.getByRole('button', { name: /^Apply to/ }).click();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('region', { name: 'Applied to this piece' })).toHaveCount(0);
});

test('a text in which no lines look alike says so', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('link', { name: 'Shapes' }).click();
  await expect(page.getByText('No two lines of this text look alike.')).toBeVisible();
});
