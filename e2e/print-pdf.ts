import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';

/** The paragraphs of the leaflet on tide mills, without its headings. */
export const PROSE = readFileSync('samples/prose/tide-mills.txt', 'utf8')
  .split(/\n\n+/)
  .filter((text) => text.length > 200 && !text.includes('\n'));

/** A PDF of the paragraphs, printed by a browser: small pages with a head and numbers at their feet, in columns of small type if asked. */
export async function printPdf(executablePath: string | undefined, columns = 1): Promise<Buffer> {
  const browser = await chromium.launch({ executablePath, args: ['--no-sandbox'] });
  const page = await browser.newPage();
  const prose = PROSE.map((text) => `<p>${text}</p>`).join('');
  const inColumns = columns > 1 ? `body { columns: ${columns} } p { font-size: 11px }` : '';
  await page.setContent(`<style>p { margin: 0; text-indent: 2em; font: 16px/1.5 serif }${inColumns}</style>${prose}`);
  const small = (words: string) => `<div style="font-size: 9px; margin: auto">${words}</div>`;
  const pdf = await page.pdf({
    format: 'A5',
    displayHeaderFooter: true,
    headerTemplate: small('The Tidewright Quarterly'),
    footerTemplate: small('<span class="pageNumber"></span>'),
    margin: { top: '20mm', bottom: '20mm', left: '20mm', right: '20mm' },
  });
  await browser.close();
  return pdf;
}
