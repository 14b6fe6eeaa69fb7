import {
  CLEANED,
  cleanTexts,
  expect,
  openDesk,
  openSample,
  paste,
  pasteParts,
  pieceIsReady,
  test,
  WRAPPED,
} from './test.ts';

test('typed text is kept as it is typed, survives a reload and is cleaned', async ({ page }) => {
  await openDesk(page);
  await page.getByLabel('Paste a text').pressSequentially('The tide\nfell.');
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise((resolve) => {
            indexedDB.open('lucid-ribbon').onsuccess = (opened) => {
              const db = (opened.target as IDBOpenDBRequest).result;
              const request = db.transaction('notes').objectStore('notes').get('draft');
              request.onsuccess = () => {
                db.close();
                resolve((request.result as { value: string } | undefined)?.value);
              };
            };
          }),
      ),
    )
    .toBe('The tide\nfell.');
  await page.reload();
  await expect(page.getByLabel('Paste a text')).toHaveValue('The tide\nfell.');
  await page.getByLabel('Paste a text').press('ControlOrMeta+Enter');
  await pieceIsReady(page);
  await page.goto('/');
  await expect(page.getByLabel('Paste a text')).toHaveValue('');
});

test('pieces are listed, renamed, deleted and taken back', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('link', { name: /to the desk/ }).click();
  const pieces = page.getByRole('region', { name: 'Your pieces' });
  await expect(pieces.getByRole('listitem')).toHaveCount(1);
  await expect(pieces).toContainText('69 words');
  await pieces.getByRole('button', { name: /^Rename/ }).click();
  await page.getByLabel('Title', { exact: true }).fill('Patience');
  await page.keyboard.press('Enter');
  await expect(pieces.getByRole('link', { name: 'Patience' })).toBeVisible();
  await pieces.getByRole('button', { name: 'Delete “Patience”' }).click();
  await expect(pieces).toContainText('None yet');
  await page.getByRole('button', { name: 'Undo' }).click();
  await pieces.getByRole('link', { name: 'Patience' }).click();
  await pieceIsReady(page);
  expect(await cleanTexts(page)).toEqual(CLEANED);
});

test('the title of a piece is changed on its screen, and kept', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  await page.getByLabel('Title of the piece').fill('To the shop');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: /to the desk/ }).click();
  await page.getByRole('link', { name: 'To the shop' }).click();
  await pieceIsReady(page);
  await page.reload();
  await pieceIsReady(page);
  await expect(page.getByLabel('Title of the piece')).toHaveValue('To the shop');
});

test('many pieces can be searched', async ({ page }) => {
  await openDesk(page);
  const files = Array.from({ length: 9 }, (_, at) => ({
    name: `chapter ${at + 1}.txt`,
    mimeType: 'text/plain',
    buffer: Buffer.from(`Chapter ${at + 1}\n\n${WRAPPED}`),
  }));
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open files' }).click();
  await (await chooser).setFiles(files);
  const pieces = page.getByRole('region', { name: 'Your pieces' });
  await expect(pieces.getByRole('listitem')).toHaveCount(9);
  await page.getByLabel('Search the pieces by title').fill('chapter 7');
  await expect(pieces.getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Search the pieces by title').fill('nowhere');
  await expect(pieces).toContainText('No title has “nowhere” in it.');
});

test('a thousand pieces are listed a hundred at a time, and searched all', async ({ page }) => {
  await openDesk(page);
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const request = indexedDB.open('lucid-ribbon');
        request.onerror = () => fail(new Error('not opened'));
        request.onsuccess = () => {
          const asked = request.result.transaction(['pieces', 'texts'], 'readwrite');
          for (let at = 0; at < 1000; at++) {
            const dates = { createdAt: at + 1, changedAt: at + 1 };
            asked.objectStore('pieces').add({ id: `p${at}`, title: `Piece ${at}`, ...dates, at: 0, stepCount: 0 });
            asked.objectStore('texts').add({ pieceId: `p${at}`, source: 'The tide fell.' });
          }
          asked.oncomplete = () => {
            request.result.close();
            done();
          };
        };
      }),
  );
  await page.reload();
  const pieces = page.getByRole('region', { name: 'Your pieces' });
  await expect(pieces.getByRole('listitem')).toHaveCount(100);
  await expect(pieces.getByRole('link', { name: 'Piece 999', exact: true })).toBeVisible();
  await pieces.getByRole('button', { name: 'Show 100 more (900 left)' }).click();
  await expect(pieces.getByRole('listitem')).toHaveCount(200);
  await page.getByLabel('Search the pieces by title').fill('Piece 7');
  await expect(pieces.getByRole('listitem')).toHaveCount(111);
});

test.describe('what cannot become a piece is told, with what to do', () => {
  const cases: readonly (readonly [string, Record<string, string>, boolean, string])[] = [
    ['an empty clipboard', {}, false, 'There is no text on the clipboard'],
    ['only spaces', { 'text/plain': ' \n\t \n' }, false, 'This text is only white space'],
    ['a picture', {}, true, 'There is a picture on the clipboard, not text'],
  ];
  for (const [name, parts, picture, message] of cases) {
    test(name, async ({ page }) => {
      await openDesk(page);
      await pasteParts(page, parts, picture);
      await expect(page.getByText(message)).toBeVisible();
      await page.getByRole('button', { name: 'Close this message' }).click();
      await expect(page.getByText(message)).toBeHidden();
      await expect(page).toHaveURL('/');
    });
  }

  test('a file that is not text', async ({ page }) => {
    await openDesk(page);
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Open files' }).click();
    await (
      await chooser
    ).setFiles({ name: 'a.png', mimeType: 'image/png', buffer: Buffer.from([0x89, 0x50, 0, 0, 0, 1, 2, 3]) });
    await expect(page.getByText('This kind of file cannot be read here')).toBeVisible();
  });
});

test('NUL bytes and lone surrogates are taken in, cleaned and kept', async ({ page }) => {
  await openDesk(page);
  await pasteParts(page, { 'text/plain': 'The tide\u0000 fell \ud83c\nand rose \udf0a again.' });
  await pieceIsReady(page);
  expect((await cleanTexts(page))[0]).toContain('The tide fell');
  await page.reload();
  await pieceIsReady(page);
  expect((await cleanTexts(page))[0]).toContain('again.');
});

test('a dropped text file opens as a piece', async ({ page }) => {
  await openDesk(page);
  await page.evaluate((text) => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([text], 'slate.txt', { type: 'text/plain' }));
    document
      .querySelector('main')!
      .dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
  }, WRAPPED);
  await pieceIsReady(page);
  await expect(page.getByLabel('Title of the piece')).toHaveValue('slate');
  expect(await cleanTexts(page)).toEqual(CLEANED);
});

test('there is a word for a piece that is gone, and for a wrong address', async ({ page }) => {
  await openDesk(page);
  await page.goto('/piece/none');
  await expect(page.getByRole('heading', { name: 'This piece is no longer there' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to the desk' }).click();
  await expect(page).toHaveURL('/');
});

test('a draft is kept when the desk is left right after the last key', async ({ page }) => {
  await openSample(page, 'A letter to Mrs. Pell');
  await page.getByRole('link', { name: /to the desk/ }).click();
  await page.getByLabel('Paste a text').fill('The tide');
  await page.getByRole('link', { name: 'A letter to Mrs. Pell' }).click();
  await pieceIsReady(page);
  await page.getByRole('link', { name: /to the desk/ }).click();
  await expect(page.getByLabel('Paste a text')).toHaveValue('The tide');
});

test('of several files on a full disk each is told, and each can be tried again', async ({ page }) => {
  await openDesk(page);
  await page.evaluate(() => {
    const add = IDBObjectStore.prototype.add;
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    Object.assign(window, { freeTheDisk: () => (IDBObjectStore.prototype.add = add) });
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open files' }).click();
  const file = (name: string) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(WRAPPED) });
  await (await chooser).setFiles([file('ebb.txt'), file('flood.txt')]);
  const again = page.getByRole('button', { name: 'Try again' });
  await expect(again).toHaveCount(2);
  await page.evaluate(() => (window as unknown as { freeTheDisk: () => void }).freeTheDisk());
  const pieces = page.getByRole('region', { name: 'Your pieces' });
  await again.first().click();
  await expect(pieces.getByRole('listitem')).toHaveCount(1);
  await again.first().click();
  await expect(pieces.getByRole('link', { name: 'ebb' })).toBeVisible();
  await expect(pieces.getByRole('link', { name: 'flood' })).toBeVisible();
});

test('a stored piece that cannot be read closes neither the desk nor the others, and can be downloaded', async ({
  page,
}) => {
  await openSample(page, 'A letter to Mrs. Pell');
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const opening = indexedDB.open('lucid-ribbon');
        opening.onerror = () => fail(opening.error);
        opening.onsuccess = () => {
          const writing = opening.result.transaction('pieces', 'readwrite');
          writing.objectStore('pieces').put({ id: 'odd', title: 7, createdAt: 1, changedAt: 2, at: 0, stepCount: 0 });
          writing.oncomplete = () => done();
        };
      }),
  );
  await page.goto('/');
  await expect(page.getByText('A piece cannot be read, and was left as it is.')).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download what is stored of it' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('piece-odd.json');
  await page.getByRole('link', { name: /A letter to Mrs. Pell/ }).click();
  await pieceIsReady(page);
});
