import { BROWSER, PORT } from './setup.ts';
import { expect, openDesk, pieceIsReady, test, WRAPPED } from './test.ts';

test.use({
  baseURL: `http://wrackby.example:${PORT}`,
  permissions: [],
  launchOptions: {
    ...BROWSER.launchOptions,
    args: [...BROWSER.launchOptions.args, '--host-resolver-rules=MAP wrackby.example 127.0.0.1'],
  },
});

test('over plain http from another machine a paste becomes a piece, and the clean text can be copied', async ({
  page,
}) => {
  await openDesk(page);
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await page.evaluate((text) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', text);
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('button', { name: 'Copy clean text' }).click();
  await expect(page.getByText('Clean text copied').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Title of the piece' }).click();
  await page.keyboard.press('ControlOrMeta+A');
  await page.keyboard.press('ControlOrMeta+V');
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue(/^A tide mill asks for nothing/);
});
