import type { Page } from '@playwright/test';
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
  CLEANED,
  WRAPPED,
} from './test.ts';

const POEM = `The rhyme is still sung at the Wrackby ferry by children
who have never seen a mill, with a clap at every line:
Low water,  slow water, wheel
stands still;  high water, my
daughter, flour in the mill.
The second line is often left out by those who never
saw a mill at all, and nobody minds.
`;

const HEAD = `The ferry festival

By Dorcas Pell

3 April 1921

The ferry festival begins on the first Saturday after the spring tides, when the two boats of the Wrackby crossing are dressed overall and the children of both banks are let off school for the morning.
`;

async function openText(page: Page, text: string): Promise<void> {
  await openDesk(page);
  await paste(page, text);
  await pieceIsReady(page);
}

/** Selects lines of the source with the mouse, counted from 1 and without blank ones. */
async function selectLines(page: Page, first: number, last: number): Promise<void> {
  // Lines move when their type arrives.
  await page.evaluate(() => document.fonts.ready);
  const lines = page.locator('[data-line]');
  const [from, to] = [(await lines.nth(first - 1).boundingBox())!, (await lines.nth(last - 1).boundingBox())!];
  await page.mouse.move(from.x + 1, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width - 1, to.y + to.height / 2, { steps: 8 });
  await page.mouse.move(to.x + to.width + 3, to.y + to.height / 2);
  await page.mouse.up();
}

test('a poem is held as it is, and released', async ({ page }) => {
  await openText(page, POEM);
  const before = await cleanTexts(page);
  await selectLines(page, 3, 5);
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Lines 3 to 5');
  await page.keyboard.press('h');
  const held = 'Low water,  slow water, wheel\nstands still;  high water, my\ndaughter, flour in the mill.';
  await expect.poll(async () => (await copyClean(page)).plain).toContain(held);
  await page.reload();
  await pieceIsReady(page);
  await expect.poll(async () => (await copyClean(page)).plain).toContain(held);
  await selectLines(page, 4, 4);
  await page.getByRole('button', { name: /^Release/ }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(before);
});

test('a part is said to be verse, then a list, by the keys alone; findings tell of it, and it is taken back', async ({
  page,
}) => {
  await openText(page, WRAPPED);
  const before = await cleanTexts(page);
  await selectLines(page, 6, 8);
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Lines 7 to 9');
  await page.keyboard.press('t');
  await page.getByRole('menuitem', { name: 'verse' }).click();
  const lines = WRAPPED.replace('  ', ' ').split('\n').slice(6, 9);
  await expect.poll(async () => (await copyClean(page)).plain).toContain(lines.join('\n'));
  await page.reload();
  await pieceIsReady(page);
  await expect.poll(async () => (await copyClean(page)).plain).toContain(lines.join('\n'));
  await selectLines(page, 6, 8);
  await page.keyboard.press('t');
  await expect(page.getByRole('menuitem', { name: 'verse' })).toContainText('as you said');
  await page.keyboard.press('l');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await copyClean(page)).plain).toContain(lines.join('\n\n'));
  await page.getByRole('link', { name: 'Findings' }).click();
  await expect(page.getByRole('row', { name: /Lists 3 items you/ })).toBeVisible();
  await page.getByRole('button', { name: 'Lists: show 1 in the text' }).click();
  await pieceIsReady(page);
  await page.getByRole('button', { name: /^Undo: Said of lines 7 to 9: a list/ }).click();
  await page.getByRole('button', { name: /^Undo: Said of lines 7 to 9: verse/ }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(before);
});

test('the cleaning is limited to what is selected in the clean text', async ({ page }) => {
  await openText(page, WRAPPED);
  await page.locator('[data-words]').nth(1).click({ clickCount: 3 });
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Lines 7 to 9');
  await page.getByRole('button', { name: /^Clean only this/ }).click();
  await expect(page.getByText('Only a part cleaned')).toBeVisible();
  const { plain } = await copyClean(page);
  expect(plain.startsWith(WRAPPED.slice(0, WRAPPED.indexOf('The miller kept')))).toBe(true);
  expect(plain).toContain(CLEANED[1]!);
  await page.getByRole('button', { name: /clean all of it again/ }).click();
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
});

test('head matter is asked about, leaves with one key, stays folded in sight, and comes back', async ({ page }) => {
  await openText(page, HEAD);
  await expect(page.getByRole('region', { name: 'Questions' })).toContainText(
    'Does “By Dorcas Pell 3 April 1921” belong',
  );
  await page.keyboard.press('j');
  await expect(page.getByText(/lines? left out/).first()).toBeVisible();
  await expect(page.getByText('No questions left.')).toBeVisible();
  expect((await copyClean(page)).plain).toMatch(/^The ferry festival\n\nThe ferry festival begins/);
  await expect(page.getByText('By Dorcas Pell')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).first().click();
  await expect.poll(async () => (await copyClean(page)).plain).toContain('By Dorcas Pell\n\n3 April 1921');
  await page.locator('[data-words]').first().focus();
  await page.keyboard.press('x');
  await expect.poll(async () => (await cleanTexts(page))[0]).toBe('By Dorcas Pell');
  await expect(page.locator('[data-words]').first()).toBeFocused();
});

test('a change tells what it was; it is let stand alone, or with all alike', async ({ page }) => {
  await openText(
    page,
    'It rose.[1] Then it fell.[1] Then the keeper, who had seen it all before, went in.[1] And slept.',
  );
  await page.locator('[data-edit]').first().click();
  const popup = page.getByRole('dialog', { name: 'What was changed here' });
  await expect(popup).toContainText('Reference marks');
  await page.getByRole('menuitem', { name: 'Keep the original (stet)' }).click();
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/^It rose\.\[1\] Then it fell\. Then/);
  await page.keyboard.press('d');
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Keep the original in all 2 alike' }).click();
  await expect.poll(async () => (await cleanTexts(page))[0]).toMatch(/fell\.\[1\].*in\.\[1\] And slept\.$/);
});

test('a pass is let stand in what is selected', async ({ page }) => {
  await openText(page, POEM);
  await selectLines(page, 3, 3);
  await expect(page.getByRole('toolbar', { name: 'The selected part' })).toContainText('Line 3');
  await page.getByRole('button', { name: 'Keep the original here…' }).click();
  await page.getByRole('menuitem', { name: /Doubled spaces/ }).click();
  await expect.poll(async () => (await cleanTexts(page)).join(' ')).toMatch(/Low water, {2}slow.*still; high/s);
});

test('keys go from line end to line end, and a line is left out in the menu there', async ({ page }) => {
  await openText(page, WRAPPED);
  await page.keyboard.press('n');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 1 and 2/);
  for (let times = 0; times < 4; times++) await page.keyboard.press('n');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 5 and 7/);
  await page.keyboard.press('p');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 4 and 5/);
  await page.keyboard.press('Enter');
  await page.keyboard.type('Leave out line 5');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await cleanTexts(page))[0]).not.toContain('fore him');
});

test('steps have names; the list goes back and forth, also after a reload', async ({ page }) => {
  await openText(page, WRAPPED);
  await page.getByRole('button', { name: /^Lines 5 and 7/ }).click();
  await page.getByRole('menuitem', { name: 'Join' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual([CLEANED.join(' ')]);
  await page.getByRole('switch', { name: 'Reference marks' }).click({ force: true });
  await expect.poll(async () => (await cleanTexts(page))[0]).toContain('[4]');
  await page.reload();
  await pieceIsReady(page);
  await page.keyboard.press('v');
  const steps = page.getByRole('region', { name: 'Steps', exact: true });
  await expect(steps.getByRole('button', { name: 'Reference marks: switched off' })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await steps.getByRole('button', { name: 'Joined lines 5 and 7' }).click();
  await expect(steps.getByRole('button', { name: /switched off \(undone\)/ })).toBeVisible();
  await steps.getByRole('button', { name: 'As first cleaned' }).click();
  await page.keyboard.press('Escape');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  await page.keyboard.press('ControlOrMeta+Y');
  await expect.poll(() => cleanTexts(page)).toEqual([CLEANED.join(' ')]);
});

test('a version is kept under a name, compared, and gone back to', async ({ page }) => {
  await openText(page, WRAPPED);
  await page.keyboard.press('v');
  await page.getByLabel('Save the current state as').fill('As it came');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Lines 5 and 7/ }).click();
  await page.getByRole('menuitem', { name: 'Join' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual([CLEANED.join(' ')]);
  await page.reload();
  await pieceIsReady(page);
  await page.keyboard.press('v');
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByText('1 difference: now')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await page.keyboard.press('Escape');
  await expect.poll(() => cleanTexts(page)).toEqual(CLEANED);
  await page.getByRole('button', { name: 'Undo: Restored the version “As it came”' }).click();
  await expect.poll(() => cleanTexts(page)).toEqual([CLEANED.join(' ')]);
});

test('a key is changed on the sheet of keys, is not given twice, and stays', async ({ page }) => {
  await openText(page, WRAPPED);
  await page.keyboard.press('?');
  await page.getByRole('button', { name: /^Next line end/ }).click();
  await page.keyboard.press('p');
  await expect(page.getByText('P is taken: Previous line end')).toBeVisible();
  await page.getByRole('button', { name: /^Next line end/ }).click();
  await page.keyboard.press('m');
  await page.keyboard.press('Escape');
  await page.keyboard.press('m');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 1 and 2/);
  await page.reload();
  await pieceIsReady(page);
  await page.keyboard.press('m');
  await expect(page.locator(':focus')).toHaveAccessibleName(/^Lines 1 and 2/);
});

test('hidden characters show by their signs, with names, and are not copied', async ({ page }) => {
  await openText(page, 'The tide\u00a0mill\tstands.\nThe soft\u00adly running creek.');
  await page.getByRole('button', { name: /Hidden characters/ }).click();
  const source = page.locator('[data-column="source"]');
  await expect(source.getByTitle('No-break space', { exact: true })).toHaveAttribute('data-sign', '⍽');
  await expect(source.getByTitle('Soft hyphen')).toHaveAttribute('data-sign', 'SHY');
  await expect(source.getByTitle('Line end').first()).toHaveAttribute('data-sign', '␊');
  await expect(page.locator('[data-words]').first().getByTitle('Space').first()).toBeAttached();
  expect((await cleanTexts(page))[0]).toMatch(/^The tide mill stands\./);
});

test('the clean text alone, for reading; the same key leads back', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  const { plain } = await copyClean(page);
  await page.keyboard.press('r');
  await expect(page.getByRole('article')).toContainText(plain.trim().split('\n').at(-1)!);
  await expect(page.getByRole('navigation', { name: 'Passes' })).toHaveCount(0);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('banner')).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.keyboard.press('r');
  await pieceIsReady(page);
});

test('all of a long text is printed, on as many pages as it takes', async ({ page }) => {
  await openText(page, Array.from({ length: 60 }, (_, at) => `Chapter ${at + 1}\n\n${WRAPPED}`).join('\n'));
  await page.keyboard.press('r');
  await expect(page.getByRole('button', { name: 'Print' })).toBeEnabled();
  // The browser passes over what is out of sight; it must not when it begins to print.
  const passesOver = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('article > section')].some(
        (one) => getComputedStyle(one).contentVisibility === 'auto',
      ),
    );
  expect(await passesOver()).toBe(true);
  await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
  expect(await passesOver()).toBe(false);
  await page.evaluate(() => dispatchEvent(new Event('afterprint')));
  await expect.poll(passesOver).toBe(true);
  const printed = (await page.pdf({ format: 'A5' })).toString('latin1');
  expect(printed.match(/\/Type\s*\/Page\b/g)!.length).toBeGreaterThan(10);
});

test('the overview is moved by keys and says where it is', async ({ page }) => {
  await openText(page, Array.from({ length: 60 }, (_, at) => `Chapter ${at + 1}\n\n${WRAPPED}`).join('\n'));
  const overview = page.getByRole('slider', { name: 'Overview of the piece' });
  await overview.focus();
  await page.keyboard.press('End');
  await expect(page.getByRole('heading', { name: 'Chapter 60' })).toBeVisible();
  await expect(overview).toHaveAttribute('aria-valuetext', /^Lines? \d{3}/);
  await page.keyboard.press('Home');
  await expect(page.getByRole('heading', { name: 'Chapter 1', exact: true }).last()).toBeVisible();
});

test('axe finds nothing on piece, sheets and reading at 1280 by 800 enlarged twice', async ({ page }) => {
  // Many looks at whole pages.
  test.slow();
  await page.setViewportSize({ width: 640, height: 400 });
  await openDesk(page);
  await page.getByRole('button', { name: 'The tide mills of Saltfern Reach' }).click();
  await expect(page.locator('[data-words]').first()).toBeAttached();
  await page.keyboard.press('i');
  const region = page.getByRole('region', { name: 'Source and clean text' });
  await region.evaluate((element) => element.scrollTo({ top: 0, behavior: 'instant' }));
  await expect(page.locator('[data-line="0"]')).toBeAttached();
  await page.locator('[data-words]').first().focus();
  await page.keyboard.press('x');
  await expect(page.getByText('A line left out')).toBeAttached();
  await page.keyboard.press('e');
  await isAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
  await isAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('v');
  await expect(page.getByRole('dialog')).toContainText('Left out line 3');
  await isAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('r');
  await expect(page.getByRole('article')).toBeVisible();
  await isAccessible(page);
});
