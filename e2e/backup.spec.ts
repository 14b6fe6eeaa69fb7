import { copyClean, expect, isAccessible, openDesk, paste, pieceIsReady, test, WRAPPED } from './test.ts';

test('a backup brings pieces back that were deleted, with what was done to them', async ({ page }) => {
  await openDesk(page);
  await expect(page.getByRole('button', { name: 'Save a backup' })).toBeDisabled();
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('switch', { name: 'Reference marks' }).click({ force: true });
  await expect(page.locator('[data-words]').first()).toContainText('him.[4]');
  await page.getByRole('link', { name: /to the desk/ }).click();
  const pieces = page.getByRole('region', { name: 'Your pieces' }).getByRole('listitem');
  await expect(pieces).toHaveCount(1);
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  expect(saved.suggestedFilename()).toMatch(/^lucid-ribbon-.*\.backup\.zip$/);
  const file = await saved.path();
  await page.getByRole('button', { name: /^Delete/ }).click();
  await expect(pieces).toHaveCount(0);

  const choose = async (path: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Read a backup in…' }).click(),
    ]);
    await chooser.setFiles(path);
  };
  await choose('package.json');
  await expect(page.getByText('This file is no backup')).toBeVisible();
  await choose(file);
  await expect(page.getByRole('dialog')).toContainText('holds 1 piece');
  await isAccessible(page, '[role=dialog]');
  await page.getByRole('button', { name: 'Add to what is here' }).click();
  await expect(page.getByText('1 piece came in')).toBeVisible();
  await expect(pieces).toHaveCount(1);
  await pieces.getByRole('link').click();
  await pieceIsReady(page);
  await expect(page.locator('[data-words]').first()).toContainText('him.[4]');
});

test('a change record opens as the piece that it was made of', async ({ page }) => {
  await openDesk(page);
  await paste(page, WRAPPED);
  await pieceIsReady(page);
  await page.getByRole('switch', { name: 'Reference marks' }).click({ force: true });
  await expect(page.locator('[data-words]').first()).toContainText('him.[4]');
  await page.getByRole('link', { name: 'Output' }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the changes (.json)' }).click(),
  ]);
  const path = await saved.path();
  await openDesk(page);
  await page.locator('input[type=file]').first().setInputFiles(path);
  await pieceIsReady(page);
  expect((await copyClean(page)).plain).toContain('him.[4]');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.locator('[data-words]').first()).not.toContainText('[4]');
});
