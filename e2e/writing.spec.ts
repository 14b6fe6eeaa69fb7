import { type Locator, type Page } from '@playwright/test';
import { CLEANED, cleanTexts, copyClean, expect, openDesk, paste, pieceIsReady, test, WRAPPED } from './test.ts';

async function openWrapped(page: Page): Promise<void> {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
}

/** Clicks behind some words of a paragraph, which must stand in one piece of it. */
async function clickBehind(page: Page, paragraph: Locator, words: string): Promise<void> {
  const spot = await paragraph.evaluate((element, wanted) => {
    const walker = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode() as Text | null; node; node = walker.nextNode() as Text | null) {
      const at = node.data.indexOf(wanted);
      if (at < 0) continue;
      const range = document.createRange();
      range.setStart(node, at + wanted.length - 1);
      range.setEnd(node, at + wanted.length);
      const box = range.getBoundingClientRect();
      return { x: box.right - 1, y: box.top + box.height / 2 };
    }
    throw new Error(`no “${wanted}” here`);
  }, words);
  await page.mouse.click(spot.x, spot.y);
}

const paragraph = (page: Page, at: number) => page.locator('[data-words]').nth(at);
const edited = CLEANED[1]!.replace('slate', 'slate board');

test('words are typed where they stand, come back after a reload, and are undone', async ({ page }) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 1), 'slate');
  await page.keyboard.type(' board');
  await expect(page.getByRole('button', { name: 'Undo: Wrote “board by” for “by” in line 7' })).toBeEnabled();
  expect((await copyClean(page)).plain).toBe(`${CLEANED[0]}\n\n${edited}`);
  await page.reload();
  await pieceIsReady(page);
  await expect.poll(() => cleanTexts(page)).toEqual([CLEANED[0], edited]);
  await page.getByRole('switch', { name: 'Doubled spaces' }).click({ force: true });
  await expect.poll(async () => (await cleanTexts(page))[1]).toContain('slate board by the sluice  with');
  await page.keyboard.press('ControlOrMeta+Z');
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
});

test('Enter parts at a line end of the source and elsewhere, Backspace joins; the caret goes along', async ({
  page,
}) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 1), 'with the');
  await page.keyboard.press('Enter');
  await page.keyboard.type('old ');
  await expect.poll(async () => (await cleanTexts(page))[2]).toMatch(/^old week's high waters/);
  await expect(page.getByRole('button', { name: /^Lines 7 and 8: a new paragraph, your decision/ })).toBeVisible();
  for (const key of ['ArrowLeft', 'ArrowLeft', 'ArrowLeft', 'ArrowLeft', 'Backspace']) await page.keyboard.press(key);
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(2);
  await page.keyboard.type('very ');
  await expect.poll(async () => (await cleanTexts(page))[1]).toContain("with the very old week's");
  await clickBehind(page, paragraph(page, 1), 'high waters');
  await page.keyboard.press('Enter');
  await page.keyboard.type('So it was ');
  await expect.poll(async () => (await copyClean(page)).plain).toContain('high waters\n\nSo it was chalked on it');
});

test('typing goes on over the pauses in which it is saved; undo takes it back in the paragraph itself', async ({
  page,
}) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 0), 'tide mill');
  for (const word of [' that', ' stands', ' there']) {
    await page.keyboard.type(word);
    await expect(
      page.getByRole('button', { name: new RegExp(`^Undo: Wrote “[a-z ]*${word.trim()} asks”`) }),
    ).toBeVisible();
  }
  expect((await cleanTexts(page))[0]).toMatch(/^A tide mill that stands there asks/);
  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/^A tide mill that stands asks/);
  await expect(paragraph(page, 0)).toBeFocused();
});

test('what is being typed when the page goes is there when it comes back', async ({ page, context }) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 1), 'slate');
  // Faster than the pauses in which it becomes a step.
  await page.keyboard.type(' board that somebody had painted black', { delay: 30 });
  const address = page.url();
  await page.close();
  const again = await context.newPage();
  await again.goto(address);
  await pieceIsReady(again);
  await expect.poll(async () => (await cleanTexts(again))[1]).toContain('kept a slate board that somebody');
});

test('a paste comes in as plain text', async ({ page }) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 1), 'slate');
  await page.evaluate(async () => {
    const blob = (type: string, text: string) => new Blob([text], { type });
    const item = new ClipboardItem({
      'text/plain': blob('text/plain', ' of oak'),
      'text/html': blob('text/html', ' <b>of oak</b>'),
    });
    await navigator.clipboard.write([item]);
  });
  await page.keyboard.press('ControlOrMeta+V');
  await expect(page.getByRole('button', { name: /^Undo: Wrote “of oak by”/ })).toBeVisible();
  expect(await paragraph(page, 1).locator('b').count()).toBe(0);
});

test('a selection over paragraphs is copied as clean text', async ({ page }) => {
  await openWrapped(page);
  const [first, second] = [(await paragraph(page, 0).boundingBox())!, (await paragraph(page, 1).boundingBox())!];
  await page.mouse.move(first.x + 1, first.y + 8);
  await page.mouse.down();
  await page.mouse.move(second.x + second.width / 2, second.y + 8, { steps: 6 });
  await page.mouse.move(second.x + second.width, second.y + second.height - 3, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Lines 1 to 9');
  await page.keyboard.press('ControlOrMeta+C');
  await expect(page.getByText('Selection copied')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(CLEANED.join('\n\n'));
});

test('what is dragged over within a paragraph is a selection: a key of the bar acts, and types nothing', async ({
  page,
}) => {
  await openWrapped(page);
  const box = (await paragraph(page, 1).boundingBox())!;
  await page.mouse.move(box.x + 60, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 240, box.y + 10, { steps: 6 });
  await page.mouse.up();
  await page.keyboard.press('h');
  await expect(page.getByRole('button', { name: /^Undo: Kept line 7 as in the source/ })).toBeVisible();
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Release');
  await page.keyboard.press('h');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  // Enter types over it.
  await page.keyboard.press('Enter');
  await page.keyboard.type('X');
  await expect.poll(async () => (await cleanTexts(page))[1]!.length).toBeLessThan(CLEANED[1]!.length - 10);
  expect((await cleanTexts(page))[1]).toContain('X');
});

test('a word that is doubly pressed is typed over; the bar is reached from there', async ({ page }) => {
  await openWrapped(page);
  await paragraph(page, 1).dblclick({ position: { x: 90, y: 12 } });
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Alt F10 opens this bar');
  await page.keyboard.press('Alt+F10');
  await expect(page.getByRole('button', { name: /^Keep as in the source/ })).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: /^Clean only this/ })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(paragraph(page, 1)).toBeFocused();
  await page.keyboard.press('h');
  await expect(page.getByRole('button', { name: /^Undo: Kept line 7 as in the source/ })).toBeVisible();
  await paragraph(page, 1).dblclick({ position: { x: 90, y: 12 } });
  await page.keyboard.type('quay');
  await expect.poll(async () => (await cleanTexts(page))[1]).toContain('quay');
});

test('by keyboard alone: into a paragraph, up and down, out again', async ({ page }) => {
  await openWrapped(page);
  await page.keyboard.press('e');
  await expect(paragraph(page, 0)).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('End');
  for (let lines = 0; lines < 8; lines++) await page.keyboard.press('ArrowDown');
  await expect(paragraph(page, 1)).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(paragraph(page, 1)).toBeFocused();
  await expect(page.getByRole('textbox', { name: 'Words of this paragraph' })).toHaveCount(0);
});

test('words that are composed come in whole', async ({ page }) => {
  await openWrapped(page);
  await clickBehind(page, paragraph(page, 1), 'slate');
  const keyboard = await page.context().newCDPSession(page);
  for (const text of ['ほ', 'ほう', 'ほうこ'])
    await keyboard.send('Input.imeSetComposition', { text, selectionStart: text.length, selectionEnd: text.length });
  await keyboard.send('Input.insertText', { text: '宝庫' });
  await expect(page.getByRole('button', { name: 'Undo: Wrote “slate宝庫” for “slate” in line 7' })).toBeVisible();
  expect((await cleanTexts(page))[1]).toMatch(/kept a slate宝庫 by the sluice/);
});

test('three clicks take the paragraph, and what is typed stands in its place', async ({ page }) => {
  await openWrapped(page);
  await paragraph(page, 1).click({ clickCount: 3, position: { x: 90, y: 12 } });
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Lines 7 to 9');
  await page.keyboard.type('So it was.');
  await expect.poll(async () => (await copyClean(page)).plain).toBe(`${CLEANED[0]}\n\nSo it was.`);
});

test('where there is nothing to join, what is typed next is not lost', async ({ page }) => {
  await openWrapped(page);
  await page.keyboard.press('e');
  await page.keyboard.press('Home');
  await page.keyboard.press('Backspace');
  await page.keyboard.type('Now ');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/^Now A tide mill asks/);
});
