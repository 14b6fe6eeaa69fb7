import type { Page } from '@playwright/test';
import { cleanTexts, CLEANED, copyClean, expect, openDesk, pasteParts, pieceIsReady, test, WRAPPED } from './test.ts';

/** What can be wrong with the browser's database, as it is put into a page before all else. */
const FAULTS: Readonly<Record<string, { readonly put: () => void; readonly said: RegExp }>> = {
  'is missing': {
    put: () => Object.defineProperty(window, 'indexedDB', { value: undefined }),
    said: /This browser keeps no data for this page/,
  },
  'throws when it is asked': {
    put: () => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('refused', 'SecurityError');
      };
    },
    said: /This browser keeps no data for this page/,
  },
  'cannot be opened': {
    put: () => {
      const { open } = IDBFactory.prototype;
      IDBFactory.prototype.open = function (this: IDBFactory, name: string) {
        const request = open.call(this, name, 1);
        Object.defineProperty(request, 'error', { value: new DOMException('no', 'UnknownError') });
        request.addEventListener('success', (event) => {
          event.stopImmediatePropagation();
          request.dispatchEvent(new Event('error', { cancelable: true }));
        });
        return request;
      };
    },
    said: /This browser keeps no data for this page/,
  },
  'never answers': {
    put: () => {
      IDBFactory.prototype.open = () => new EventTarget() as IDBOpenDBRequest;
    },
    said: /The browser’s storage does not answer/,
  },
};

async function worksWithoutStorage(page: Page): Promise<void> {
  await pasteParts(page, { 'text/plain': WRAPPED });
  await pieceIsReady(page);
  await expect(page.getByRole('button', { name: 'Not stored' })).toBeVisible();
  expect(await cleanTexts(page)).toEqual(CLEANED);
  expect((await copyClean(page)).plain).toContain(CLEANED[0]);
  await page.getByRole('link', { name: 'Output' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save/ }).first().click();
  expect((await saved).suggestedFilename()).toMatch(/\.txt$/);
}

for (const [name, { put, said }] of Object.entries(FAULTS)) {
  test(`where storage ${name}, it is said, and texts are cleaned, copied and saved all the same`, async ({ page }) => {
    await page.addInitScript(put);
    await openDesk(page);
    await expect(page.getByText(said).first()).toBeVisible();
    await worksWithoutStorage(page);
  });
}

test('pieces of a newer version are left alone, and it is said', async ({ page }) => {
  // Pages that name no icon are asked for this one.
  await page.route('**/favicon.ico', (route) => route.fulfill({ status: 204 }));
  await openDesk(page);
  await pasteParts(page, { 'text/plain': WRAPPED });
  await pieceIsReady(page);
  await page.goto('/manifest.webmanifest');
  const count = () =>
    page.evaluate(
      () =>
        new Promise<number>((done, fail) => {
          const request = indexedDB.open('lucid-ribbon');
          request.onerror = () => fail(new Error('not opened'));
          request.onsuccess = () => {
            const asked = request.result.transaction('pieces').objectStore('pieces').count();
            asked.onsuccess = () => {
              request.result.close();
              done(asked.result);
            };
          };
        }),
    );
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const request = indexedDB.open('lucid-ribbon', 9000);
        request.onsuccess = () => {
          request.result.close();
          done();
        };
      }),
  );
  await openDesk(page);
  await expect(page.getByText('Your pieces were stored by a newer version').first()).toBeVisible();
  await worksWithoutStorage(page);
  page.on('dialog', (dialog) => void dialog.accept());
  await page.goto('/manifest.webmanifest');
  expect(await count()).toBe(1);
});

test('storage that no longer answers is said, and a text that it does not take is opened without it', async ({
  page,
}) => {
  await openDesk(page);
  await page.evaluate(() => {
    IDBObjectStore.prototype.add = () => new EventTarget() as IDBRequest<IDBValidKey>;
  });
  await pasteParts(page, { 'text/plain': WRAPPED });
  await expect(page.getByText('The browser’s storage has not answered for some seconds')).toBeVisible();
  await page.getByRole('button', { name: 'Open it without storing' }).click();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(CLEANED);
  // It says so for as long as the piece is open, and on a press what to do.
  await page.getByRole('button', { name: 'Not stored' }).click();
  await expect(page.getByRole('dialog', { name: 'Not stored' })).toContainText('gone when this page is closed');
  await page.keyboard.press('Escape');
  await expect(page.getByText('The browser’s storage has not answered for some seconds')).toBeHidden();
});
