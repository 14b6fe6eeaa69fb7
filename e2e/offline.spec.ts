import { test as base, expect, type Page } from '@playwright/test';
import { printPdf } from './print-pdf.ts';
import { SAMPLES } from '../samples/index.ts';
import { startProxy, type Proxy } from './proxy.ts';
import { CLEANED, pieceIsReady, WRAPPED } from './test.ts';

/** Pages whose program is kept by the browser, with a network that can go. */
const test = base.extend<{ network: Proxy }>({
  network: async ({ baseURL }, use) => {
    const network = await startProxy(baseURL!);
    await use(network);
    await network.close().catch(() => undefined);
  },
});
test.use({ serviceWorkers: 'allow' });

/** Waits until the program is kept. */
const isKept = (page: Page) =>
  page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) await new Promise((done) => setTimeout(done, 20));
  });

test('after one visit everything works without a network, files and word lists too', async ({ page, network }, {
  project,
}) => {
  const failed: string[] = [];
  const pdf = await printPdf(project.use.launchOptions?.executablePath);
  await page.goto(network.address);
  await isKept(page);
  await network.close();
  page.on('pageerror', (error) => failed.push(error.message));

  await page.reload();
  await page.getByRole('button', { name: SAMPLES[0]!.title }).click();
  await pieceIsReady(page);
  await page.reload();
  await pieceIsReady(page);
  for (const screen of ['findings', 'shapes', 'output', 'read']) {
    await page.goto(`${page.url().replace(/(piece\/[^/]+).*/, '$1')}/${screen}`);
    await expect(page.getByRole('main').or(page.locator('article')).first()).toBeVisible();
  }
  await page.goto(`${network.address}/styles`);
  await expect(page.getByRole('button', { name: 'New style' })).toBeVisible();
  await page.goto(`${network.address}/stack`);
  await expect(page.getByRole('button', { name: 'Add files' })).toBeVisible();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add files' }).click();
  await (await chooser).setFiles({ name: 'mill.pdf', mimeType: 'application/pdf', buffer: pdf });
  await expect(page.getByText('1 file cleaned')).toBeVisible();
  expect(failed).toEqual([]);
});

test('a new version waits for its turn, says so, and comes when no other tab is open', async ({
  page,
  network,
  context,
}) => {
  await page.goto(network.address);
  await isKept(page);
  const other = await context.newPage();
  await other.goto(network.address);
  network.bringNewBuild();
  await page.reload();
  await expect(page.getByText('A new version is ready')).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Use it now' }).click();
  await expect(page.getByText('Close the other tabs of this program first')).toBeVisible();
  // The old tab goes on with all that belongs to its build.
  await other.evaluate(() => navigator.clipboard.writeText('x'));
  await other.getByRole('link', { name: 'House styles' }).click();
  await expect(other.getByRole('button', { name: 'New style' })).toBeVisible();
  await other.close();
  const loaded = page.waitForEvent('load');
  await page.getByRole('button', { name: 'Use it now' }).click();
  await loaded;
  await expect(page.getByRole('button', { name: 'Open files' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use it now' })).toBeHidden();
});

test('a style with a key is a shortcut of the installed app; what other apps share becomes a piece', async ({
  page,
  network,
}) => {
  await page.goto(network.address);
  await isKept(page);
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('lucid-ribbon');
        open.onerror = () => fail(open.error);
        open.onsuccess = () => {
          const put = open.result.transaction('styles', 'readwrite').objectStore('styles');
          const style = { version: 1, passes: {}, apart: 'blank', certaintyLimit: 0.85 };
          put.put({ id: 's1', name: 'Minutes', key: '1', createdAt: 1, changedAt: 1, style }).onsuccess = () => done();
        };
      }),
  );
  const manifest = await page.evaluate(
    async () =>
      (await fetch('/manifest.webmanifest')).json() as Promise<{
        shortcuts: { url: string }[];
        icons: { src: string }[];
      }>,
  );
  expect(manifest.shortcuts.map(({ url }) => url)).toEqual(['/run', '/stack', '/run?style=s1']);
  for (const { src } of manifest.icons) expect((await page.request.get(`${network.address}${src}`)).ok()).toBe(true);

  await page.evaluate((words) => {
    const form = document.createElement('form');
    Object.assign(form, { action: '/share', method: 'post', enctype: 'multipart/form-data' });
    const field = document.createElement('textarea');
    Object.assign(field, { name: 'text', value: words });
    form.append(field);
    document.body.append(form);
    form.submit();
  }, WRAPPED);
  await pieceIsReady(page);
  await expect(page.getByText(CLEANED[0]!)).toBeVisible();
});

test('the shortcut cleans the clipboard as it opens, or says in plain words what keeps it from it', async ({
  page,
  network,
}) => {
  await page.goto(`${network.address}/styles`);
  await page.evaluate((text) => navigator.clipboard.writeText(text), WRAPPED);
  await page.goto(`${network.address}/run?style=analysis`);
  await expect(page.getByText('The clean text is on the clipboard. Style: For analysis.')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).not.toContain(',');
  await page.getByRole('link', { name: 'Look at the text' }).click();
  await pieceIsReady(page);

  await page.evaluate(() => navigator.clipboard.writeText('  '));
  await page.goto(`${network.address}/run`);
  await expect(page.getByRole('heading', { name: 'This text is only white space' })).toBeVisible();
  await page.evaluate((text) => navigator.clipboard.writeText(text), WRAPPED);
  await page.getByRole('button', { name: 'Clean the clipboard' }).click();
  await expect(page.getByText('The clean text is on the clipboard. Style: The usual.')).toBeVisible();
});
