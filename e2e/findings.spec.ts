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

const openFindings = async (page: Page) => {
  await page.getByRole('link', { name: 'Findings' }).click();
  await expect(page.getByRole('heading', { name: 'What this text is made of' })).toBeVisible();
};
const toText = (page: Page) => page.getByRole('link', { name: 'Text', exact: true }).click();
/** The switch as a pointer sees it. */
const switchOf = (page: Page, name: string) => page.locator('label', { has: page.getByRole('switch', { name }) });

test('the findings tell a story, and open from their own address', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  await openFindings(page);
  await page.reload();
  await expect(page.getByText(/It came from pages.*Lines wrap at about 55 characters/)).toBeVisible();
  await expect(page.locator('svg.recharts-surface')).toBeVisible();
  // What is hidden but for readers does not stretch the page behind the screen.
  expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBe(0);
});

test('a finding leads through its places in the text', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  await openFindings(page);
  await page.getByRole('button', { name: /^Latin small ligature fi: show/ }).click();
  const bar = page.getByRole('toolbar', { name: 'Places of a finding' });
  await expect(bar).toContainText('1 of 11');
  await expect(page.locator('[data-shown]').first()).toHaveText('ﬁ');
  await bar.getByRole('button', { name: 'Previous place' }).click();
  await expect(bar).toContainText('11 of 11');
  await expect(page.locator('[data-shown]').first()).toBeInViewport();
  await bar.getByRole('button', { name: 'Done' }).click();
  await expect(bar).toBeHidden();
  await expect(page.locator('[data-shown]')).toHaveCount(0);
});

test('a finding far down a long text is gone to', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': `${WRAPPED}\n`.repeat(3000) + '\nThe last keeper → rowed home.\n' });
  await pieceIsReady(page);
  await openFindings(page);
  await page.getByRole('button', { name: 'Rightwards arrow: show 1 in the text' }).click();
  await expect(page.locator('[data-shown]').first()).toBeInViewport();
  await expect(page.locator('[data-shown]').first()).toHaveText('→');
});

test('the measure is moved by keyboard, decides anew, and is given back', async ({ page }) => {
  await openSample(page, 'The tide mills of Saltfern Reach');
  const before = (await copyClean(page)).plain;
  await openFindings(page);
  await page.getByRole('slider', { name: 'The measure, in characters' }).focus();
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('You set the measure to 52 characters.')).toBeVisible();
  await toText(page);
  await openFindings(page);
  await page.getByRole('button', { name: 'Measure it again' }).click();
  await expect(page.getByText('You set the measure')).toBeHidden();
  await toText(page);
  await expect.poll(async () => (await copyClean(page)).plain).toBe(before);
});

test('a gap becomes the mark of paragraphs, and a switch stops a pass', async ({ page }) => {
  await openDesk(page);
  await paste(page, 'The ferry leaves\u00a0at noon.\nThe bell rings twice.\n\nBring oars.\nBring a lamp.');
  await pieceIsReady(page);
  await openFindings(page);
  await page.getByRole('radio', { name: /^A blank line/ }).check({ force: true });
  await toText(page);
  await expect.poll(() => cleanTexts(page)).toHaveLength(2);
  await openFindings(page);
  await switchOf(page, 'No-break and other special spaces').click();
  await expect(page.getByText('stays')).toBeVisible();
});

test('lines that come back are dropped together, and what no pass is made for is looked for', async ({ page }) => {
  await openDesk(page);
  const page1 = (number: number, words: string) => `${words} →\n\nDraft ${number}, not for print\n\n`;
  await paste(
    page,
    page1(1, 'The mill stood by the creek for long.') +
      page1(2, 'Then it fell in a night.') +
      page1(3, 'Nobody saw it fall.'),
  );
  await pieceIsReady(page);
  await openFindings(page);
  await expect(page.getByRole('switch', { name: '“Draft 1, not for print” stays' })).toBeChecked();
  await switchOf(page, '“Draft 1, not for print” stays').click();
  await expect(page.getByText('left the text')).toBeVisible();
  await page.getByRole('button', { name: 'Replace…' }).click();
  await expect(page.getByRole('textbox', { name: 'Find' })).toHaveValue('→');
  await expect(page.getByText('3 hits')).toBeVisible();
  expect((await cleanTexts(page)).join(' ')).not.toContain('Draft');
});

test('axe finds nothing on the findings', async ({ page }) => {
  await openSample(page, 'Enoch Trask, boat builder');
  await openFindings(page);
  await expect(page.locator('svg.recharts-surface')).toBeVisible();
  await isAccessible(page);
});
