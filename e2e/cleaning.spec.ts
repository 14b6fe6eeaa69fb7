import {
  CLEANED,
  cleanTexts,
  copyClean,
  expect,
  openDesk,
  openSample,
  paste,
  pieceIsReady,
  test,
  WRAPPED,
} from './test.ts';

test('paste, and the clean text can be copied, plain and rich', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(CLEANED);
  await expect(page.getByRole('img', { name: /words in the source/ })).toHaveText(
    '71 words in = 69 out + 1 removed + 1 mended',
  );
  const { plain, rich } = await copyClean(page);
  expect(plain).toBe(CLEANED.join('\n\n'));
  expect(rich).toContain(`<p>${CLEANED[0]}</p>`);
});

test('a line end is decided by hand; undo, redo and a reload keep all of it', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('button', { name: /^Lines 5 and 7: a new paragraph/ }).click();
  await expect(page.getByRole('dialog')).toContainText(
    'The next word would have fitted on this line, so a new paragraph probably starts.',
  );
  await page.getByRole('menuitem', { name: 'Join' }).click();
  const joined = [CLEANED.join(' ')];
  await expect.poll(() => cleanTexts(page)).toEqual(joined);
  await expect(page.getByRole('button', { name: /^Lines 5 and 7: joined, your decision/ })).toBeVisible();

  await page.keyboard.press('ControlOrMeta+Z');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  await page.reload();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(CLEANED);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(joined);
  await page.reload();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(joined);

  await page.getByRole('button', { name: /^Lines 5 and 7: joined/ }).click();
  await page.getByRole('menuitem', { name: 'Decide automatically' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
});

test('the menu of a line end works by keyboard', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('button', { name: /^Lines 7 and 8: joined/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menu')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'New paragraph' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await cleanTexts(page)).length).toBe(3);
  await page.getByRole('button', { name: /^Lines 8 and 9: joined/ }).press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  expect(await cleanTexts(page)).toHaveLength(3);
});

test('keys pressed at once when the menu of a line end is asked for go to the menu', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  const lineEnd = page.getByRole('button', { name: /^Lines 7 and 8: joined/ });
  // Between the press and this look no timer and no frame can run.
  const focused = await lineEnd.evaluate(async (button: HTMLElement) => {
    button.focus();
    button.click();
    await Promise.resolve();
    return document.activeElement?.getAttribute('role');
  });
  expect(focused).toBe('menuitem');
});

test('a pass is switched off and on, and its edits light up', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('button', { name: 'Highlight the changes of “Reference marks”' }).click();
  await expect(page.locator('[data-lit]').getByText('[4]')).toBeVisible();
  await page.getByRole('switch', { name: 'Reference marks' }).focus();
  await page.keyboard.press('Space');
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/him\.\[4\]$/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  await expect(page.getByRole('switch', { name: 'Reference marks' })).toBeChecked();
});

test('one line says what happened; its parts lead to the edits and to the question', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  const story = page.getByRole('region', { name: 'What was done' });
  await expect(story).toContainText('77 lines joined');
  await story.getByRole('button', { name: '3 words mended' }).click();
  await expect(page.getByRole('row')).toHaveCount(3);
  await story.getByRole('button', { name: '1 question' }).click();
  await expect(page.locator('[data-words]', { hasText: 'The great spur wheel' })).toBeInViewport();
  await page.getByRole('searchbox', { name: 'Find a pass' }).fill('ligatures');
  await expect(page.getByRole('switch', { name: 'Ligatures' })).toBeVisible();
  await expect(page.getByRole('switch', { name: 'Wrapped lines joined' })).toBeHidden();
});

test('split words are decided with a word list, which is loaded when its language is met', async ({ page }) => {
  const lists: string[] = [];
  page.on('request', (request) => {
    if (request.url().includes('/words/')) lists.push(new URL(request.url()).pathname);
  });
  await openDesk(page);
  expect(lists).toEqual([]);
  await paste(
    page,
    'The keeper of the light had a boat for the bread-\nbasket and one for the lamp-\nlighter of the town.',
  );
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual([
    'The keeper of the light had a boat for the breadbasket and one for the lamplighter of the town.',
  ]);
  expect(lists).toEqual(['/words/en.bin']);
});

test('a pass that is off says what it would do; switched on, it works as its setting says, and all can be reset', async ({
  page,
}) => {
  await openDesk(page);
  await paste(page, 'The tide fell--so the keeper said--and rose again.');
  await pieceIsReady(page);
  const rail = page.getByRole('navigation', { name: 'Passes' });
  await rail.getByRole('button', { name: /are off/ }).click();
  const dashes = rail.getByRole('button', { name: /Highlight the changes of “Same dash throughout”/ });
  await expect(dashes).toContainText('(2)');
  await rail.locator('label', { has: page.getByRole('switch', { name: 'Same dash throughout' }) }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(['The tide fell—so the keeper said—and rose again.']);
  await rail.getByRole('button', { name: /Same dash throughout: Form/ }).click();
  await page.getByRole('option', { name: 'word – word' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(['The tide fell – so the keeper said – and rose again.']);
  await page.reload();
  await expect.poll(() => cleanTexts(page)).toEqual(['The tide fell – so the keeper said – and rose again.']);
  await rail.getByRole('button', { name: 'Reset all passes' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(['The tide fell--so the keeper said--and rose again.']);
});
