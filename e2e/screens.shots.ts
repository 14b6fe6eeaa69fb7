import { test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { SAMPLES } from '../samples/index.ts';
import { printPdf } from './print-pdf.ts';
import { openDesk, openSample, pasteParts, pieceIsReady } from './test.ts';

/** Takes a picture once every face that is to be seen is there: some are asked for by what has just been drawn. */
async function shoot(page: Page, name: string): Promise<void> {
  await page.evaluate(async () => {
    await new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)));
    await document.fonts.ready;
  });
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

/** A line left out, words written, and a part selected. */
async function byHand(page: Page): Promise<void> {
  await page.locator('#text').evaluate((region) => region.scrollTo({ top: 0, behavior: 'instant' }));
  await page.locator('[data-line="0"]').waitFor();
  const words = page.locator('[data-words]');
  await words.first().focus();
  await page.keyboard.press('x');
  await page
    .getByText(/lines? left out/)
    .first()
    .waitFor();
  await words.nth(3).click({ position: { x: 120, y: 12 } });
  await page.keyboard.press('ControlOrMeta+Home');
  await page.keyboard.type('Indeed, ');
  await page.getByRole('button', { name: /^Undo: Wrote/ }).waitFor();
  await page.keyboard.press('Escape');
  const lines = page.locator('[data-line]:visible');
  const [from, to] = [(await lines.nth(8).boundingBox())!, (await lines.nth(10).boundingBox())!];
  await page.mouse.move(from.x + 1, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width - 1, to.y + 8, { steps: 6 });
  await page.mouse.up();
  await page.getByRole('toolbar', { name: 'The selected part' }).waitFor();
}

/** A style kept from the index, told which texts it is for. */
async function stylesShot(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Apply to \d+ lines/ }).click();
  await page.getByText(/^Applied to \d/).waitFor();
  await page.getByRole('link', { name: 'Text', exact: true }).click();
  await page.getByRole('button', { name: /^Style/ }).click();
  await page.getByLabel('Keep as a new style').fill('Audio guide');
  await page.keyboard.press('Enter');
  await page.getByRole('heading', { name: 'Style of this piece: Audio guide' }).waitFor();
  await page.goto('/styles');
  await page.getByLabel('Words near the beginning').fill('index of the audio guide');
  await page.getByLabel('Keep the hyphen').fill('co-op, rope-walk');
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page
    .locator('main > div')
    .last()
    .evaluate((region) => region.scrollTo({ top: 0 }));
  await shoot(page, 'styles-light');
}

/** A stack in which several texts ask the same, and a run on the clipboard. */
async function stackShots(page: Page): Promise<void> {
  const texts = Object.fromEntries(
    SAMPLES.map(({ id }) => [`${id}.txt`, readFileSync(`samples/texts/${id}.txt`, 'utf8')]),
  );
  for (let part = 1; part <= 14; part++)
    texts[`The Tidewright Quarterly ${part}.txt`] = texts['tide-mills.txt']!.slice(part * 97);
  const files = Object.entries(texts).map(([name, text]) => ({
    name,
    mimeType: 'text/plain',
    buffer: Buffer.from(text),
  }));
  const broken = { name: 'ferry notes.docx', mimeType: 'application/zip', buffer: Buffer.from('PK\u0003\u0004') };
  await page.goto('/stack');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add files' }).click();
  await (await chooser).setFiles([...files, broken]);
  await page.getByText(/^21 files cleaned/).waitFor();
  await page.locator('svg.recharts-surface').waitFor();
  await page.getByRole('button', { name: 'Questions' }).click();
  await page.getByRole('row').filter({ hasText: 'Quarterly' }).first().waitFor();
  await shoot(page, 'stack-light');
  await page.evaluate((text) => navigator.clipboard.writeText(text), texts['keepers-log.txt']!);
  await page.goto('/run');
  await page.getByText('The clean text is on the clipboard').waitFor();
  await shoot(page, 'run-light');
}

const WEB = `<nav><ul><li><a href="/">Home</a></li><li><a href="/boats">Boats</a></li><li><a href="/tides">Tide tables</a></li></ul></nav>
<h1>The Wrackby Ferry Festival</h1><p>By Dorcas Pell</p>
<p>The ferry festival begins on the first Saturday after the spring tides, when the two boats of the Wrackby crossing are <em>dressed overall</em> and the children of both banks are let off school for the morning.<sup><a href="#n1">1</a></sup></p>
<h2>What to bring</h2><ul><li>a lantern, lit before the bell</li><li>oars, if you have them</li><li>something for the <a href="https://quarterly.example/table">long table</a></li></ul>
<p>Nobody has ever been turned away, and nobody has ever been told when it ends.</p>
<aside><p>Subscribe to our newsletter</p></aside><footer><a href="/contact">Contact</a> · Cookies</footer>`;

for (const colorScheme of ['light', 'dark'] as const) {
  test(`all main views, ${colorScheme}`, async ({ page }, { project }) => {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    for (const title of ['Enoch Trask, boat builder', 'Log of the Gannet Rock light', 'A letter to Mrs. Pell'])
      await openSample(page, title);
    const letter = page.url();
    await openSample(page, 'The tide mills of Saltfern Reach');
    await page.locator('[data-shown]').first().waitFor();
    await page.locator('[data-column="ribbon"] > svg path').first().waitFor();
    await shoot(page, `piece-${colorScheme}`);
    await page.getByRole('button', { name: 'Ledger', exact: true }).click();
    await page.getByRole('row').first().waitFor();
    if (colorScheme === 'light') await shoot(page, 'ledger-light');
    await page.getByRole('textbox', { name: 'Find' }).fill('Oxhithe');
    await page.getByRole('textbox', { name: 'Replace with' }).fill('Oxhythe');
    await page.locator('ins').first().waitFor();
    if (colorScheme === 'light') await shoot(page, 'search-light');
    await page.getByRole('link', { name: 'Findings' }).click();
    await page.locator('svg.recharts-surface').waitFor();
    await shoot(page, `findings-${colorScheme}`);
    await page.goto(letter);
    await pieceIsReady(page);
    await byHand(page);
    if (colorScheme === 'light') await shoot(page, 'hand-light');
    await page.keyboard.press('Escape');
    await page.keyboard.press('v');
    await page.getByLabel('Save the current state as').fill('For Dorcas');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'As first cleaned' }).click();
    await page.getByRole('button', { name: 'Compare' }).click();
    await page.getByText(/^\d+ differences?: now/).waitFor();
    if (colorScheme === 'light') await shoot(page, 'steps-light');
    await page.keyboard.press('Escape');
    await page.keyboard.press('r');
    await page.getByRole('article').getByText('Dear Mrs. Pell').waitFor();
    await page.getByText(/^\d+ paragraphs$/).waitFor();
    if (colorScheme === 'light') await shoot(page, 'read-light');
    await openDesk(page);
    // It is fetched when the rest is there.
    await page.getByText('in the style', { exact: true }).waitFor();
    await shoot(page, `desk-${colorScheme}`);
    await pasteParts(page, { 'text/html': WEB, 'text/plain': WEB.replace(/<[^>]+>/g, '\n') });
    await pieceIsReady(page);
    await page.locator('[data-column="ribbon"] > svg path').first().waitFor();
    await page.getByRole('button', { name: 'Use the plain text' }).waitFor();
    if (colorScheme === 'light') await shoot(page, 'web-light');
    await page.getByRole('link', { name: 'Output' }).click();
    await page.getByRole('radiogroup', { name: 'Preview' }).getByText('Markdown').click();
    await page.getByText('## What to bring').waitFor();
    if (colorScheme === 'light') await shoot(page, 'output-light');
    await openSample(page, 'Index of the audio guide');
    await page.getByRole('link', { name: 'Shapes' }).click();
    await page.getByRole('button', { name: /^Apply to \d+ lines/ }).waitFor();
    await page.getByRole('row').nth(5).waitFor();
    await shoot(page, `shapes-${colorScheme}`);
    if (colorScheme === 'light') await stylesShot(page);
    if (colorScheme === 'dark') return;
    await openDesk(page);
    const buffer = await printPdf(project.use.launchOptions?.executablePath);
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: 'Tide mills.pdf', mimeType: 'application/pdf', buffer });
    await pieceIsReady(page);
    await page.locator('[data-column="ribbon"] > svg path').first().waitFor();
    await shoot(page, 'pdf-light');
    await stackShots(page);
  });
}
