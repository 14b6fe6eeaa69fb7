import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';

export { expect };

/** Every journey also proves that no request leaves the origin and that the console stays clean. */
export const test = base.extend<{ watched: void }>({
  watched: [
    async ({ page, baseURL }, use) => {
      const foreign: string[] = [];
      const complaints: string[] = [];
      page.on('request', (request) => {
        const url = new URL(request.url());
        if (url.origin !== baseURL && !['data:', 'blob:'].includes(url.protocol)) foreign.push(request.url());
      });
      page.on('console', (message) => {
        if (message.type() === 'error') complaints.push(message.text());
      });
      page.on('pageerror', (error) => complaints.push(error.message));
      await use();
      expect(foreign).toEqual([]);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export async function openDesk(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Or try a sample' })).toBeVisible();
}

/** Pastes text as a person does with the keys, wherever the focus is. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((data) => navigator.clipboard.writeText(data), text);
  await page.keyboard.press('ControlOrMeta+V');
}

/** Hands over a clipboard of any make-up, such as a picture without text. */
export function pasteParts(page: Page, parts: Readonly<Record<string, string>>, picture = false): Promise<void> {
  return page.evaluate(
    ([data, withPicture]) => {
      const clipboardData = new DataTransfer();
      for (const [type, value] of Object.entries(data)) clipboardData.setData(type, value);
      if (withPicture) clipboardData.items.add(new File(['x'], 'picture.png', { type: 'image/png' }));
      document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    },
    [parts, picture] as const,
  );
}

/** Waits for the cleaning of a piece to be on the screen. */
export async function pieceIsReady(page: Page): Promise<void> {
  await expect(page.getByRole('navigation', { name: 'Passes' })).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[data-words]').first()).toBeAttached();
}

export async function openSample(page: Page, title: string): Promise<void> {
  await openDesk(page);
  await page.getByRole('button', { name: title }).click();
  await pieceIsReady(page);
}

/** Axe finds nothing on the page, or on one part of it; in dark colours only their contrasts can be other than in light ones. */
export async function isAccessible(page: Page, part?: string): Promise<void> {
  const look = () => {
    // The names of all elements that are as they should be take most of the time, and a page of its own for the report the rest.
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
    return part ? axe.include(part) : axe;
  };
  await page.emulateMedia({ colorScheme: 'dark' });
  expect((await look().withRules('color-contrast').analyze()).violations).toEqual([]);
  await page.emulateMedia({ colorScheme: 'light' });
  expect((await look().analyze()).violations).toEqual([]);
}

/** Screens scroll within themselves; were the page longer than the window, keys and readers could scroll it all out of sight. */
export async function fitsWindow(page: Page): Promise<void> {
  const heights = await page.evaluate(() => [document.documentElement.scrollHeight, innerHeight]);
  expect(heights[0]).toBeLessThanOrEqual(heights[1]!);
}

/** The clean paragraphs in sight, as read. */
export function cleanTexts(page: Page): Promise<string[]> {
  return page.locator('[data-words]').allInnerTexts();
}

/** Copies the clean text and gives what is then on the clipboard. */
export async function copyClean(page: Page): Promise<{ plain: string; rich: string }> {
  const nothing = { plain: '', rich: '' };
  let copied = nothing;
  await page.evaluate(() => navigator.clipboard.writeText(''));
  await page.getByRole('button', { name: 'Copy clean text' }).click();
  // The browser refuses to read a clipboard that is written in the meantime.
  await expect(async () => {
    copied = await page.evaluate(async () => {
      const [item] = await navigator.clipboard.read();
      const read = async (type: string) => (await item!.getType(type)).text();
      return { plain: await read('text/plain'), rich: await read('text/html') };
    });
    expect(copied).not.toEqual(nothing);
  }).toPass();
  await expect(page.getByText('Clean text copied').first()).toBeVisible();
  return copied;
}

export const WRAPPED = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did be-
fore him.[4]

The miller kept a slate by the sluice  with the
week's high waters chalked on it, and let the
children wipe it clean on Saturdays.
`;

export const CLEANED = [
  'A tide mill asks for nothing but patience, and twice a day the creek fills the pond behind the wall, and twice a day the miller lets it out again through a gate no wider than a cart, as his father did before him.',
  "The miller kept a slate by the sluice with the week's high waters chalked on it, and let the children wipe it clean on Saturdays.",
];
