import { strToU8, zipSync } from 'fflate';
import { PROSE, printPdf } from './print-pdf.ts';
import { cleanTexts, expect, openDesk, pasteParts, pieceIsReady, test } from './test.ts';

const CHOOSER = 'input[type=file][multiple]';
const WORDS = 'The creek fills the pond behind the wall twice a day, and the miller lets it out again through a gate.';

const word = (paragraphs: readonly string[]) =>
  Buffer.from(
    zipSync({
      'word/document.xml': strToU8(
        `<w:document><w:body>${paragraphs.map((text) => `<w:p><w:r><w:t>${text}</w:t></w:r></w:p>`).join('')}</w:body></w:document>`,
      ),
    }),
  );

test('a PDF opens with its paragraphs, without its page numbers', async ({ page }, { project }) => {
  await openDesk(page);
  const buffer = await printPdf(project.use.launchOptions?.executablePath);
  await page.locator(CHOOSER).setInputFiles({ name: 'mill.pdf', mimeType: 'application/pdf', buffer });
  await pieceIsReady(page);
  const shown = (await cleanTexts(page)).filter((text) => text.length > 200);
  expect(shown.length).toBeGreaterThan(3);
  expect(PROSE).toEqual(expect.arrayContaining(shown));
  await page.reload();
  await pieceIsReady(page);
  expect((await cleanTexts(page))[0]).toBe(PROSE[0]);
});

test('a PDF in two columns shows where the second begins', async ({ page }, { project }) => {
  await openDesk(page);
  const buffer = await printPdf(project.use.launchOptions?.executablePath, 2);
  await page.locator(CHOOSER).setInputFiles({ name: 'mill.pdf', mimeType: 'application/pdf', buffer });
  await pieceIsReady(page);
  await page.locator('[data-column="source"]').first().hover();
  const turn = page.getByTitle('A column begins here');
  await expect(async () => {
    await page.mouse.wheel(0, 300);
    await expect(turn.first()).toBeVisible({ timeout: 500 });
  }).toPass();
  expect(PROSE).toEqual(expect.arrayContaining((await cleanTexts(page)).filter((text) => text.length > 200)));
});

test('several files become pieces, those that cannot be read are named with their reason', async ({ page }) => {
  await openDesk(page);
  await page.locator(CHOOSER).setInputFiles([
    { name: 'gate.docx', mimeType: '', buffer: word(['The gate is oak.', 'It holds.']) },
    { name: 'torn.docx', mimeType: '', buffer: word(['The gate is oak.']).subarray(0, 70) },
    { name: 'pond.html', mimeType: '', buffer: Buffer.from(`<title>The pond</title><nav>Home</nav><p>${WORDS}</p>`) },
  ]);
  await expect(page.getByText('torn.docx: this file is damaged')).toBeVisible();
  await expect(page.getByText('2 of 3 files are on the desk')).toBeVisible();
  const pieces = page.getByRole('region', { name: 'Your pieces' });
  await expect(pieces.getByRole('listitem')).toHaveCount(2);
  await pieces.getByRole('link', { name: 'The pond' }).click();
  await pieceIsReady(page);
  expect((await cleanTexts(page)).join('\n')).toContain(WORDS);
});

test('formatted text from the clipboard keeps its paragraphs, its headings and lists, and loses its menus', async ({
  page,
}) => {
  await openDesk(page);
  const html = `<nav><a href="/">Home</a></nav><h2>The gate</h2><p>${WORDS}<sup><a href="#n1">1</a></sup></p><ul><li>oak</li><li>iron</li></ul>`;
  await pasteParts(page, { 'text/plain': `The gate ${WORDS}1 oak iron`, 'text/html': html });
  await pieceIsReady(page);
  const texts = await cleanTexts(page);
  expect(texts).toEqual(expect.arrayContaining(['The gate', WORDS]));
  expect(texts.join('\n')).not.toContain('Home');
});
