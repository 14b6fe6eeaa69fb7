import { test as plain } from '@playwright/test';
import {
  cleanTexts,
  expect,
  isAccessible,
  openDesk,
  openSample,
  paste,
  pasteParts,
  pieceIsReady,
  test,
  CLEANED,
  WRAPPED,
} from './test.ts';

test('the policy of every page lets nothing in from, or out to, another origin', async ({ page }) => {
  const answer = await page.goto('/');
  const policy = (await answer!.headerValue('content-security-policy')) ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("connect-src 'self';");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']{20,}'/);
  expect(policy).not.toMatch(/unsafe|https?:|\*/);
  const again = await page.goto('/');
  expect(await again!.headerValue('content-security-policy')).not.toBe(policy);
});

plain('a request to another origin is refused by the policy itself', async ({ page }) => {
  await page.goto('/');
  const outcome = await page.evaluate(() =>
    fetch('http://127.0.0.2:9/').then(
      () => 'reached',
      () => 'refused',
    ),
  );
  const broken = page.evaluate(
    () =>
      new Promise<string>((resolve) =>
        document.addEventListener('securitypolicyviolation', (event) => resolve(event.violatedDirective)),
      ),
  );
  await page.evaluate(() => fetch('http://127.0.0.2:9/').catch(() => undefined));
  expect(outcome).toBe('refused');
  expect(await broken).toBe('connect-src');
});

test('five megabytes open, scroll to the end and come back after a reload', async ({ page }) => {
  await openDesk(page);
  const text =
    `${WRAPPED}
`.repeat(Math.ceil(5_000_000 / WRAPPED.length)) + '\nThe last line of the log.\n';
  await pasteParts(page, { 'text/plain': text });
  await pieceIsReady(page);
  await page.getByRole('region', { name: 'Source and clean text' }).focus();
  await page.keyboard.press('End');
  await expect(page.locator('[data-index] p').getByText('The last line of the log.')).toBeVisible();
  await page.reload();
  await pieceIsReady(page);
  expect((await cleanTexts(page))[0]).toBe(CLEANED[0]);
});

test('a cleaning can be stopped and started again', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': WRAPPED.repeat(20_000) });
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Cleaning was stopped. Your source is safe.')).toBeVisible();
  await page.getByRole('button', { name: 'Clean again' }).click();
  await pieceIsReady(page);
});

test('a full disk is told, and the text is not lost', async ({ page }) => {
  await openDesk(page);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.add;
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    Object.assign(window, { freeTheDisk: () => (IDBObjectStore.prototype.add = put) });
  });
  await pasteParts(page, { 'text/plain': WRAPPED });
  await expect(page.getByText('The browser’s storage is full; this was not saved')).toBeVisible();
  await page.evaluate(() => (window as unknown as { freeTheDisk: () => void }).freeTheDisk());
  await page.getByRole('button', { name: 'Try again' }).click();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(CLEANED);
});

test('two tabs on one piece show each other’s changes, and lose none of them', async ({ page, context }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  const second = await context.newPage();
  await second.goto(page.url());
  await pieceIsReady(second);
  await page.getByRole('button', { name: /^Lines 5 and 7/ }).click();
  await page.getByRole('menuitem', { name: 'Join' }).click();
  await expect.poll(() => cleanTexts(second)).toEqual([CLEANED.join(' ')]);
});

test('a tab that heard nothing of another is told, and its step comes after the other’s', async ({ page, context }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  const second = await context.newPage();
  await second.addInitScript(() => {
    window.BroadcastChannel = class extends EventTarget {
      postMessage() {}
    } as unknown as typeof BroadcastChannel;
  });
  await second.goto(page.url());
  await pieceIsReady(second);
  await page.getByRole('switch', { name: 'Reference marks' }).click({ force: true });
  await second.getByRole('button', { name: /^Lines 7 and 8/ }).click();
  await second.getByRole('menuitem', { name: 'New paragraph' }).click();
  await expect(second.getByText('This piece was changed in another tab')).toBeVisible();
  const expected = [
    CLEANED[0]!.replace('fore him.', 'fore him.[4]'),
    'The miller kept a slate by the sluice with the',
    CLEANED[1]!.slice(CLEANED[1]!.indexOf("week's")),
  ];
  await expect.poll(() => cleanTexts(second)).toEqual(expected);
  await page.reload();
  await expect.poll(() => cleanTexts(page)).toEqual(expected);
});

plain(
  'a part of the program that is gone since a new build: the page loads anew, once, and goes on',
  async ({ page }) => {
    let refused = 0;
    await page.route('**/assets/bucket-bars-*.js', (route) =>
      refused++ === 0 ? route.fulfill({ status: 404 }) : route.continue(),
    );
    await page.goto('/stack');
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Add files' }).click();
    await (await chooser).setFiles({ name: 'tide.txt', mimeType: 'text/plain', buffer: Buffer.from(WRAPPED) });
    await expect(page.getByText('1 file cleaned')).toBeVisible();
    await expect(page.locator('.recharts-surface').first()).toBeVisible();
    expect(refused).toBeGreaterThan(1);
  },
);

plain('a program that does not start is told', async ({ page }) => {
  await page.clock.install();
  await page.route('**/assets/entry.client-*.js', (route) => route.fulfill({ status: 404 }));
  await page.goto('/');
  const note = page.getByText('Lucid Ribbon has not started');
  await expect(note).toBeHidden();
  await page.clock.fastForward(16_000);
  await expect(note).toBeVisible();
});

test('axe finds nothing on desk and piece', async ({ page }) => {
  await openSample(page, 'Log of the Gannet Rock light');
  await isAccessible(page);
  await page.locator('[data-seam]').first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await isAccessible(page, '[role="dialog"]');
  await openDesk(page);
  await isAccessible(page);
});
