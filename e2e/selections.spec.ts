import { type Page } from '@playwright/test';
import { CLEANED, cleanTexts, copyClean, expect, openDesk, paste, pieceIsReady, test, WRAPPED } from './test.ts';

const THREE = `${WRAPPED}\nNobody asked for it back when the autumn came and\nthe gates were closed for the year.\n`;
const TEXTS = [...CLEANED, 'Nobody asked for it back when the autumn came and the gates were closed for the year.'];

async function openThree(page: Page): Promise<void> {
  await openDesk(page);
  await paste(page, THREE);
  await pieceIsReady(page);
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);
}

const paragraph = (page: Page, at: number) => page.locator('[data-words]').nth(at);
const toolbar = (page: Page) => page.getByRole('toolbar', { name: 'The selected part' });

/** Drags from the middle of one paragraph's first line into another's. */
async function dragOver(page: Page, from: number, to: number): Promise<void> {
  const [first, last] = [(await paragraph(page, from).boundingBox())!, (await paragraph(page, to).boundingBox())!];
  await page.mouse.move(first.x + 120, first.y + 10);
  await page.mouse.down();
  await page.mouse.move(last.x + 60, last.y + 10, { steps: 6 });
  await page.mouse.move(last.x + 120, last.y + 10, { steps: 6 });
  await page.mouse.up();
  await expect(toolbar(page)).toBeVisible();
}

test('a selection over paragraphs is deleted, cut and pasted over, each one step', async ({ page }) => {
  await openThree(page);
  await dragOver(page, 0, 1);
  await page.keyboard.press('Delete');
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(2);
  const [joined] = await cleanTexts(page);
  expect(joined!.length).toBeLessThan(TEXTS[0]!.length + TEXTS[1]!.length - 100);
  // The caret stands where the selection was.
  await page.keyboard.type('|');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/^A tide mill as.*\|.*on Saturdays\.$/);
  await page.keyboard.press('ControlOrMeta+Z');
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);

  await page.keyboard.press('Escape');
  await dragOver(page, 1, 2);
  await page.keyboard.press('ControlOrMeta+X');
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(2);
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/ on Saturdays\.\n\nNobody/);
  await page.keyboard.press('ControlOrMeta+V');
  // Pasted paragraphs are paragraphs: what was cut is back where it was.
  await expect.poll(async () => (await copyClean(page)).plain).toBe(TEXTS.join('\n\n'));
});

test('what is typed over a selection stands in its place once Enter made it one to be typed over', async ({ page }) => {
  await openThree(page);
  await dragOver(page, 0, 2);
  await page.keyboard.press('Enter');
  await expect(toolbar(page)).toContainText('Typing replaces it');
  await page.keyboard.type('here and there');
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(1);
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/here and there.*for the year\.$/);
});

test('Ctrl or Cmd and A takes the whole clean text; keys, cutting and undo work on it', async ({ page }) => {
  await openThree(page);
  await page.keyboard.press('ControlOrMeta+A');
  await expect(toolbar(page)).toContainText('Lines 1 to 12');
  await page.keyboard.press('ControlOrMeta+C');
  await expect(page.getByText('Selection copied')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(TEXTS.join('\n\n'));
  await page.keyboard.press('h');
  await expect(page.getByRole('button', { name: /^Undo: Kept lines 1 to 12 as in the source/ })).toBeVisible();
  await page.keyboard.press('h');
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);
  await page.keyboard.press('ControlOrMeta+X');
  await expect.poll(() => cleanTexts(page)).toEqual([]);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);
});

test('Shift and arrows lead a selection from one paragraph into the next, and it is typed over', async ({ page }) => {
  await openThree(page);
  await page.keyboard.press('e');
  await page.keyboard.press('ControlOrMeta+End');
  await page.keyboard.press('ArrowLeft');
  for (let steps = 0; steps < 3; steps++) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(toolbar(page)).toContainText('Typing replaces it');
  await page.keyboard.type(', said t');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/before him, said t/);
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(2);
});

test('paragraphs that are pasted among words are paragraphs', async ({ page }) => {
  await openThree(page);
  await page.keyboard.press('e');
  await page.keyboard.press('ControlOrMeta+End');
  await paste(page, ' So it was.\n\nThen it');
  await page.keyboard.type(' ended.');
  await expect
    .poll(async () => (await copyClean(page)).plain)
    .toBe([`${TEXTS[0]} So it was.`, 'Then it ended.', TEXTS[1], TEXTS[2]].join('\n\n'));
});

test('Enter at the end of a paragraph begins another; Backspace takes it back, as fast as the keys come', async ({
  page,
}) => {
  await openThree(page);
  await page.keyboard.press('e');
  await page.keyboard.press('ControlOrMeta+End');
  await page.keyboard.press('Enter');
  await page.keyboard.type('It was so.');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/him\.\s+It was so\.$/);
  for (let letters = 0; letters < 'It was so.'.length; letters++) await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);
  // In and out of the middle of a word, and of a line.
  for (const steps of [3, 20, 40]) {
    for (let step = 0; step < steps; step++) await page.keyboard.press('ArrowLeft');
    for (const key of ['Enter', 'Backspace', 'Enter', 'x', 'Backspace', 'Backspace']) await page.keyboard.press(key);
  }
  await expect.poll(() => cleanTexts(page)).toEqual(TEXTS);
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await page.keyboard.type('So ');
  // Where a line ends is the browser's to say.
  await expect.poll(async () => (await copyClean(page)).plain.replace('\n\nSo ', ' ')).toBe(TEXTS.join('\n\n'));
});
