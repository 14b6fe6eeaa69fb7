import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import {
  cleanTexts,
  copyClean,
  expect,
  isAccessible,
  openDesk,
  openSample,
  paste,
  pasteParts,
  pieceIsReady,
  test,
  WRAPPED,
} from './test.ts';

const openLedger = async (page: Page) => {
  await page.getByRole('button', { name: 'Ledger', exact: true }).click();
  await expect(page.getByRole('grid', { name: /^Edits/ })).toBeVisible();
};
const lineWith = (page: Page, text: string) => page.getByRole('row').filter({ hasText: text });
const lookFor = async (page: Page, text: string) => {
  await page.keyboard.press('ControlOrMeta+F');
  await page.getByRole('textbox', { name: 'Find' }).fill(text);
};

test('an edit can be let stand, taken back, and shown in the text', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await openLedger(page);
  await lineWith(page, 'Reference marks').getByRole('button', { name: 'Keep original' }).click();
  await expect.poll(() => cleanTexts(page)).toContainEqual(expect.stringContaining('before him.[4]'));
  await page.getByRole('button', { name: /^By hand 1/ }).click();
  await expect(page.getByRole('row')).toHaveCount(1);
  await page.getByRole('grid').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('toolbar', { name: 'Places of a finding' })).toContainText('Reference marks');
  await expect(page.locator('[data-shown]').first()).toHaveText('[4]');
  await page.getByRole('grid').focus();
  await page.keyboard.press('s');
  await expect.poll(() => cleanTexts(page)).toContainEqual(expect.stringMatching(/before him\.$/));
  await expect(page.getByText('You have changed nothing by hand yet.')).toBeVisible();
  // It is part of the text's screen: on another it is not shown as open.
  const ledger = page.getByRole('button', { name: 'Ledger', exact: true });
  await expect(ledger).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('link', { name: 'Findings' }).click();
  await expect(ledger).toHaveAttribute('aria-pressed', 'false');
  await ledger.click();
  await expect(page.getByRole('grid', { name: /^Edits/ })).toBeVisible();
});

test('all edits of a pass stand with one press, and one undo takes that back', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  await page.getByRole('button', { name: 'Highlight the changes of “Ligatures”' }).click();
  await page.getByRole('button', { name: 'List its changes' }).click();
  await expect(page.getByText('17 edits')).toBeVisible();
  await page.getByRole('button', { name: 'Keep all 17 originals' }).click();
  await expect.poll(async () => (await copyClean(page)).plain).toContain('leaﬂet');
  await expect(page.getByRole('button', { name: 'Undo', exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: /^Undo: / }).click();
  await expect.poll(async () => (await copyClean(page)).plain).toContain('leaflet');
});

test('doubts can be found right in the ledger', async ({ page }) => {
  await openDesk(page);
  await paste(page, 'It fell... and rose.. Then the tide stood at the old sea wall for a while.');
  await pieceIsReady(page);
  await openLedger(page);
  await page.getByRole('button', { name: 'In doubt 1' }).click();
  await expect(page.getByRole('row')).toHaveCount(1);
  await page.getByRole('button', { name: 'Approve all' }).click();
  await expect(page.getByText('No questions here.')).toBeVisible();
});

test('the ledger is saved as CSV and as JSON', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await openLedger(page);
  const saved = async (name: string) => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name }).click();
    const file = await waiting;
    return readFile(await file.path(), 'utf8');
  };
  expect(await saved('Save as CSV')).toMatch(/^line,from,to,passes,[^]*,\[4\],/);
  const records = JSON.parse(await saved('as JSON')) as { source: string }[];
  expect(records.map(({ source }) => source)).toContain('[4]');
});

test('a name is replaced throughout, but where it was left; the rule is kept, and undone in one step', async ({
  page,
}) => {
  await openDesk(page);
  await paste(page, 'Pell met Pell at Pellworm.\n\nThen Pell slept.');
  await pieceIsReady(page);
  await lookFor(page, 'Pell');
  await expect(page.getByText('4 hits')).toBeVisible();
  await page.getByRole('button', { name: 'Whole words' }).click();
  await expect(page.getByText('3 hits')).toBeVisible();
  await page.getByRole('textbox', { name: 'Replace with' }).fill('Ada Trask');
  await page.getByRole('grid', { name: /^Hits/ }).focus();
  await page.keyboard.press('y');
  await page.keyboard.press('n');
  await page.getByRole('button', { name: 'Replace the 2 ticked' }).click();
  const replaced = ['Ada Trask met Pell at Pellworm.', 'Then Ada Trask slept.'];
  await expect.poll(() => cleanTexts(page)).toEqual(replaced);
  await expect(page.getByRole('switch', { name: '“Pell” → “Ada Trask”' })).toBeVisible();
  await page.reload();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(replaced);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(['Pell met Pell at Pellworm.', 'Then Pell slept.']);
});

test('line ends and other hidden characters are picked by name, seen in the field, and replaced', async ({ page }) => {
  await openDesk(page);
  await paste(page, 'The mill stood.\n\nThe miller slept.\n\nThe tide rose.');
  await pieceIsReady(page);
  await page.keyboard.press('ControlOrMeta+F');
  const pick = async (field: string, name: string) => {
    await page.getByRole('button', { name: `${field}: put in a hidden character` }).click();
    await page.getByRole('menuitem', { name, exact: true }).click();
  };
  await pick('Find', 'Line end');
  await pick('Find', 'Line end');
  await expect(page.getByRole('textbox', { name: 'Find' })).toHaveValue('␊␊');
  await expect(page.getByText('2 hits')).toBeVisible();
  await pick('Replace with', 'Space');
  await page.getByRole('row').nth(1).getByRole('checkbox').click();
  await page.getByRole('button', { name: 'Replace the 1 ticked' }).click();
  await expect
    .poll(async () => (await copyClean(page)).plain)
    .toBe('The mill stood. The miller slept.\n\nThe tide rose.');
});

test('only some lines can be searched, and replaced in', async ({ page }) => {
  await openDesk(page);
  await paste(page, 'The mill stood.\n\nThe mill slept.\n\nThe mill rose.');
  await pieceIsReady(page);
  await lookFor(page, 'mill');
  await expect(page.getByText('3 hits')).toBeVisible();
  await page.getByRole('button', { name: 'Only some lines' }).click();
  await page.getByRole('textbox', { name: 'from' }).fill('3');
  await page.getByRole('textbox', { name: 'from' }).blur();
  await expect(page.getByText('2 hits')).toBeVisible();
  await page.getByRole('textbox', { name: 'Replace with' }).fill('quern');
  await page.getByRole('button', { name: 'Replace the 2 ticked' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(['The mill stood.', 'The quern slept.', 'The quern rose.']);
});

test('what passes have dealt with is told, and a wrong expression is explained at its place', async ({ page }) => {
  await openDesk(page);
  await paste(page, 'The\u00a0mill\u00a0stood.');
  await pieceIsReady(page);
  await lookFor(page, '\u00a0');
  await expect(
    page.getByText('The source has 2, which passes or your decisions have dealt with already.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Expression' }).click();
  await lookFor(page, 'mill)');
  await expect(page.getByRole('alert')).toContainText('not right: unmatched');
  await expect(page.getByRole('alert').locator('pre')).toContainText('mill)');
});

test('a hopeless expression is stopped and told of; the page answers all the while, and so does the next search', async ({
  page,
}) => {
  await openDesk(page);
  await paste(page, `The mill ${'a'.repeat(60)} stood.`);
  await pieceIsReady(page);
  await lookFor(page, '(a+)+\\1b');
  await page.getByRole('button', { name: 'Expression' }).click();
  await expect(page.getByText('Looking…')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a pass' }).fill('Tabs');
  await page.getByRole('button', { name: 'Highlight the changes of “Tabs”' }).click();
  await expect(page.getByText('Turns each run of tabs')).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('takes too long on this text', { timeout: 15_000 });
  // On a machine with no time to spare even a short search may be stopped: then it is asked for again.
  await expect(async () => {
    await lookFor(page, 'mi');
    await lookFor(page, 'mi(l)\\1');
    await expect(page.getByText('1 hit')).toBeVisible({ timeout: 10_000 });
  }).toPass();
});

test('an own rule that does not end is left out, and the rest is cleaned', async ({ page }) => {
  await openDesk(page);
  await paste(page, `The mill ${'a'.repeat(60)}  stood.`);
  await pieceIsReady(page);
  await page.evaluate(
    (id) =>
      new Promise((resolve) => {
        const asked = indexedDB.open('lucid-ribbon');
        asked.onsuccess = () => {
          const work = asked.result.transaction(['pieces', 'steps'], 'readwrite');
          const query = { text: '(a+)+\\1b', expression: true, matchCase: true, wholeWords: false };
          work
            .objectStore('steps')
            .put({ pieceId: id, seq: 0, step: { kind: 'set-rule', rule: { id: 'rule:1', query, insert: '' } } });
          const pieces = work.objectStore('pieces');
          pieces.get(id).onsuccess = (event) => {
            const { result } = event.target as IDBRequest<object>;
            pieces.put({ ...result, at: 1, stepCount: 1 });
          };
          work.oncomplete = resolve;
        };
      }),
    page.url().split('/').pop()!,
  );
  await page.reload();
  await expect(page.getByText('takes too long on this text')).toBeVisible({ timeout: 20_000 });
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual([`The mill ${'a'.repeat(60)} stood.`]);
});

test('a ledger of seventy thousand edits scrolls to its end', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': `${WRAPPED}\n`.repeat(9000) });
  await pieceIsReady(page);
  await openLedger(page);
  await page.getByRole('grid').focus();
  await page.keyboard.press('End');
  const count = Number(await page.getByRole('grid').getAttribute('aria-rowcount'));
  expect(count).toBeGreaterThan(70_000);
  await expect(page.locator(`[aria-rowindex="${count}"]`)).toContainText(/\S/);
});

test('axe finds nothing on the ledger, its search and the working order', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  await openLedger(page);
  await expect(page.getByRole('row').first()).toBeVisible();
  await isAccessible(page, 'section[aria-label="Ledger"]');
  await lookFor(page, 'mill');
  await expect(page.getByText(/\d hits/)).toBeVisible();
  await isAccessible(page, 'section[aria-label="Ledger"]');
  await page.getByRole('button', { name: 'Order of passes…' }).click();
  await expect(page.getByRole('dialog').getByRole('row').first()).toBeVisible();
  await isAccessible(page, '[role="dialog"]');
});

test('the working order is changed by keyboard, and brought back', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  await page.getByRole('button', { name: 'Order of passes…' }).click();
  const names = () => page.getByRole('dialog').getByRole('row').allInnerTexts();
  await expect(page.getByRole('dialog').getByRole('row').first()).toBeVisible();
  const before = await names();
  await page.getByRole('button', { name: 'Move “Garbled characters”' }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect.poll(names).not.toEqual(before);
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'Reset all passes' }).click();
  await page.getByRole('button', { name: 'Order of passes…' }).click();
  await expect.poll(names).toEqual(before);
});
