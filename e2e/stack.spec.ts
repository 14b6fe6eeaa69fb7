import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { strFromU8, unzipSync } from 'fflate';
import { expect, fitsWindow, isAccessible, pieceIsReady, test } from './test.ts';

const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
/** A page of which several things are asked. */
const festival = readFileSync('samples/texts/ferry-festival.txt', 'utf8');
const text = (name: string, content: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(content) });

async function addFiles(page: Page, files: readonly ReturnType<typeof text>[]): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add files' }).click();
  await (await chooser).setFiles([...files]);
}

const row = (page: Page, name: string) => page.getByRole('row').filter({ hasText: name });

test('many files are cleaned, a question settled once for all, one opened, and all saved', async ({ page }) => {
  await page.goto('/stack');
  await addFiles(page, [
    text('one.txt', leaflet),
    text('two.txt', leaflet),
    text('log.txt', 'A tide mill asks for\nnothing but pa-\ntience.\n'),
    text('broken.docx', 'PK\u0003\u0004'),
  ]);
  await expect(page.getByText('3 files cleaned · 1 could not be cleaned')).toBeVisible();
  await expect(row(page, 'broken.docx')).toContainText('This file is damaged');
  await fitsWindow(page);
  await isAccessible(page);

  // In both leaflets the same is asked.
  const side = page.getByRole('region', { name: 'Settle once for all files' });
  await expect(side.getByText('2 places in 2 files').first()).toBeVisible();
  const asked = await side.getByRole('listitem').count();
  await side.getByRole('listitem').first().getByRole('button').last().click();
  await expect(side.getByRole('listitem')).toHaveCount(asked - 1);
  await expect(side.getByText('1 question is settled')).toBeVisible();
  await expect(page.getByText('3 files cleaned · 1 could not be cleaned')).toBeVisible();

  // The list shows what is asked for, in the order that is asked for.
  await page.getByText('Not cleaned 1').click();
  await expect(page.getByRole('row')).toHaveCount(2);
  await page.getByText('All 4').click();
  await page.getByRole('button', { name: 'Words' }).click();
  await expect(page.getByRole('row').last()).toContainText('broken.docx');
  await expect(page.getByRole('columnheader', { name: 'Words' })).toHaveAttribute('aria-sort', 'descending');

  // After a reload all is there, the answer too.
  await page.reload();
  await expect(side.getByText('1 question is settled')).toBeVisible();
  await expect(page.getByText('3 files cleaned · 1 could not be cleaned')).toBeVisible();

  // What is taken off can be put back.
  await page.getByRole('button', { name: 'Take “log.txt” off the stack' }).click();
  await expect(page.getByText('2 files cleaned · 1 could not be cleaned')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('3 files cleaned · 1 could not be cleaned')).toBeVisible();

  await page.getByRole('button', { name: 'Save all…' }).click();
  await page.getByText('One beside each text').click();
  await page.evaluate(() => Object.assign(globalThis, { showSaveFilePicker: undefined }));
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a zip' }).click();
  const archive = unzipSync(readFileSync(await (await saving).path()));
  expect(Object.keys(archive).sort()).toEqual(
    ['log', 'one', 'two'].flatMap((name) => [`${name}.txt`, `${name}.txt.record.json`]),
  );
  expect(strFromU8(archive['log.txt']!)).toBe('A tide mill asks for nothing but patience.\n');
  await expect(page.getByText('3 clean texts were saved')).toBeVisible();

  await page.getByRole('button', { name: 'one.txt', exact: true }).click();
  await pieceIsReady(page);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
});

test('by keyboard alone, the focus goes on where a file is taken off or a question settled', async ({ page }) => {
  await page.goto('/stack');
  await addFiles(page, [text('one.txt', festival), text('two.txt', 'The tide fell.'), text('three.txt', 'It rose.')]);
  await expect(page.getByText('3 files cleaned')).toBeVisible();
  await page.getByRole('button', { name: 'one.txt', exact: true }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByText('2 files cleaned')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take “three.txt” off the stack' })).toBeFocused();
  const asked = page.getByRole('region', { name: 'Settle once for all files' }).getByRole('listitem');
  const next = await asked.nth(1).innerText();
  await asked.first().getByRole('button').first().focus();
  await page.keyboard.press('Enter');
  await expect(asked.first()).toHaveText(next.replace(/\n/g, ''));
  await expect(asked.first().getByRole('button').first()).toBeFocused();
});

test('a thousand dropped files are cleaned, all but one that cannot be read', async ({ page }) => {
  test.slow();
  await page.goto('/stack');
  await expect(page.getByRole('button', { name: 'Add a folder' })).toBeVisible();
  // Dropped, as from a folder, without a thousand messages to the browser.
  await page.evaluate((words) => {
    const transfer = new DataTransfer();
    for (let at = 0; at < 1000; at++)
      transfer.items.add(new File([at === 500 ? '\u0000\u0001\u0002' : `${words} ${at}`], `part ${at}.txt`));
    document
      .querySelector('main')!
      .dispatchEvent(new DragEvent('drop', { dataTransfer: transfer, bubbles: true, cancelable: true }));
  }, 'A tide mill asks for\nnothing but patience.');
  await expect(page.getByText(/^999 files cleaned · 1 could not be cleaned/)).toBeVisible({ timeout: 120_000 });
  await page.getByRole('button', { name: 'File', exact: true }).click();
  await page.getByLabel('Search the files by name').fill('part 500');
  await expect(page.getByRole('row')).toHaveCount(2);
  await expect(row(page, 'part 500')).toContainText('cannot be read here');
});

test('only one tab works on the stack; the other goes on when that one is closed', async ({ page, context }) => {
  await page.goto('/stack');
  await expect(page.getByRole('button', { name: 'Add files' })).toBeVisible();
  const other = await context.newPage();
  await other.goto('/stack');
  await expect(other.getByText('The stack is open in another tab')).toBeVisible();
  await page.close();
  await expect(other.getByRole('button', { name: 'Add files' })).toBeVisible();
});
