import { readFileSync } from 'node:fs';
import { parseProse } from '../core/testing/marked-prose.ts';
import { raggedLines } from '../core/testing/unmarked-lines.ts';
import {
  cleanTexts,
  copyClean,
  expect,
  isAccessible,
  openDesk,
  openSample,
  paste,
  pieceIsReady,
  test,
} from './test.ts';

const DOUBTFUL =
  'It fell... and rose.. Then the keeper left.3 Then he slept.\n\nThe mill stood.. Then it fell, as the surveyor had said.4 Nobody saw it.';

test('paste, settle all doubts by keyboard, copy', async ({ page }) => {
  await openDesk(page);
  await paste(page, DOUBTFUL);
  await pieceIsReady(page);
  const bar = page.getByRole('region', { name: 'Questions' });
  await expect(bar).toContainText('4 questions');
  await expect(bar).toContainText('Change “..” to “.”');
  await page.keyboard.press('j');
  await expect(bar).toContainText('3 questions');
  await expect(bar).toContainText('Remove “3” after “the keeper left.”?');
  await expect(page.locator('[data-shown]').first()).toBeInViewport();
  await page.keyboard.press('l');
  await expect(bar).toContainText('Change “..” to “.” after “The mill stood”?');
  await page.keyboard.press('k');
  await expect(bar).toContainText('Remove “4”');
  await page.keyboard.press('a');
  await expect(bar).toContainText('No questions left.');
  expect((await copyClean(page)).plain).toBe(
    'It fell... and rose. Then the keeper left. Then he slept.\n\nThe mill stood.. Then it fell, as the surveyor had said. Nobody saw it.',
  );
});

test('answers given as fast as keys are sent each go to the question that was seen', async ({ page }) => {
  await openDesk(page);
  await paste(page, DOUBTFUL);
  await pieceIsReady(page);
  const bar = page.getByRole('region', { name: 'Questions' });
  await expect(bar).toContainText('Change “..” to “.” after “fell... and rose”?');
  await page.keyboard.type('jkjk');
  // What is copied has every answer in it, however soon it is asked for.
  expect((await copyClean(page)).plain).toBe(
    'It fell... and rose. Then the keeper left.3 Then he slept.\n\nThe mill stood. Then it fell, as the surveyor had said.4 Nobody saw it.',
  );
  await expect(bar).toContainText('No questions left.');
  for (let answers = 4; answers > 0; answers--) await page.keyboard.press('ControlOrMeta+Z');
  await expect(bar).toContainText('4 questions');
});

test('a text that marks no paragraphs says so once, and is read in the way that is chosen', async ({ page }) => {
  await openDesk(page);
  await paste(page, raggedLines(parseProse(readFileSync('samples/prose/boat-builder.txt', 'utf8'))));
  await pieceIsReady(page);
  const note = page.getByRole('status').filter({ hasText: 'Nothing marks the paragraphs of this text.' });
  const bar = page.getByRole('region', { name: 'Questions' });
  await expect(bar).toContainText(/\d+ questions/);
  const [asked] = /\d+ questions/.exec(await bar.innerText())!;
  await note.getByRole('button', { name: 'See the ways to read it…' }).press('Enter');
  const sheet = page.getByRole('dialog', { name: 'Where paragraphs end' });
  await expect(sheet.getByRole('radio').first()).toBeChecked();
  await expect(sheet.getByRole('radio').first()).toBeFocused();
  await expect(sheet.getByRole('button', { name: 'Use this way' })).toBeDisabled();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(sheet.getByRole('radio', { name: 'Every guess runs on' })).toBeChecked();
  await isAccessible(page);
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(sheet).toBeHidden();
  await expect(note).toBeHidden();
  await expect(bar).toContainText('No questions left.');
  await page.keyboard.press('ControlOrMeta+Z');
  await expect(bar).toContainText(asked);
  await note.getByRole('button', { name: 'No, thanks' }).click();
  await expect(note).toBeHidden();
  await page.reload();
  await pieceIsReady(page);
  await expect(bar).toContainText(asked);
  await expect(note).toBeHidden();
});

test('an answer is a step: it is undone, and kept over a reload', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  const bar = page.getByRole('region', { name: 'Questions' });
  await expect(bar).toContainText('Does a new paragraph start at “The great spur”?');
  await page.getByRole('button', { name: /^New paragraph/ }).click();
  await expect(bar).toContainText('No questions left.');
  // The bar says what is known at once; the step is taken when the text is new.
  await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled();
  await page.reload();
  await pieceIsReady(page);
  await expect(bar).toContainText('No questions left.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bar).toContainText('1 question');
});

test('typing in a field answers nothing', async ({ page }) => {
  await openDesk(page);
  await paste(page, DOUBTFUL);
  await pieceIsReady(page);
  await page.getByRole('textbox', { name: 'Title of the piece' }).fill('jak');
  await page.getByRole('textbox', { name: 'Title of the piece' }).press('j');
  await expect(page.getByRole('region', { name: 'Questions' })).toContainText('4 questions');
  expect(await cleanTexts(page)).toHaveLength(2);
});

test('axe finds nothing on the bar of doubts', async ({ page }) => {
  await openDesk(page);
  await paste(page, DOUBTFUL);
  await pieceIsReady(page);
  await page.keyboard.press('g');
  await expect(page.locator('[data-shown]').first()).toBeVisible();
  await isAccessible(page);
});

test('a head in the middle of a sentence is asked about as a line; kept, it stands by itself, after a reload too', async ({
  page,
}) => {
  await openDesk(page);
  await paste(
    page,
    'The almanac of the valley was printed in 1711 by\na widow who had inherited the press and could not\n\nTHE WIDOW’S PRESS\n\nread. She set the letters by their shape, and it\nis one of the most accurate that we have.\n',
  );
  await pieceIsReady(page);
  await expect(page.getByText('Does the line “THE WIDOW’S PRESS” belong to the text?')).toBeVisible();
  expect(await cleanTexts(page)).toHaveLength(1);
  await page.keyboard.press('k');
  const kept = [/could not$/, 'THE WIDOW’S PRESS', /^read\. She set/];
  const texts = async () => (await cleanTexts(page)).map((text) => text.trim());
  await expect.poll(texts).toHaveLength(3);
  for (const [at, wanted] of kept.entries()) expect((await texts())[at]).toMatch(wanted);
  await expect(page.getByText('No questions left.')).toBeVisible();
  await page.reload();
  await pieceIsReady(page);
  await expect.poll(texts).toHaveLength(3);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(texts).toHaveLength(1);
  await expect(page.getByText('Does the line “THE WIDOW’S PRESS” belong to the text?')).toBeVisible();
  await page.keyboard.press('j');
  await expect(page.getByText('No questions left.')).toBeVisible();
  expect(await texts()).toHaveLength(1);
});

test('sheets and the list of edits open after the server has gone, once the piece has been there for a while', async ({
  page,
}) => {
  const fetched = Promise.all(
    ['history-sheet', 'keys-sheet', 'edit-list'].map((name) =>
      page.waitForResponse((response) => response.url().includes(name) && response.ok()),
    ),
  );
  await openDesk(page);
  await paste(page, 'The tide fell.[1] It rose.[2]');
  await pieceIsReady(page);
  await fetched;
  await page.route('**/*', (route) => route.abort());
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('v');
  await expect(page.getByRole('dialog', { name: 'Steps and versions' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Ledger', exact: true }).click();
  await expect(page.getByRole('row').first()).toBeVisible();
});

test('a line that is left out and asked about can be read where it is marked', async ({ page }) => {
  await openDesk(page);
  await paste(
    page,
    'The mill stood at the head of the creek, and whoever came by\nwater had to pass under its wall, where the swans of the\n\nTIDES AND TRADES\n\nparish slept in a row, and none of them ever woke for a boat.\n',
  );
  await pieceIsReady(page);
  await expect(page.getByRole('region', { name: 'Questions' })).toContainText('“TIDES AND TRADES”');
  await expect(page.locator('[data-shown]').first()).toContainText('TIDES AND TRADES');
  await isAccessible(page);
});
