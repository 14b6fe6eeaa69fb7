import { PASS_GROUPS, PASSES } from './index.ts';
import type { Pass } from './pass.ts';

const PLACE = /(<!-- passes:[^>]*-->\n)[^]*?(<!-- \/passes -->)/;

/** A Markdown text with the table of all passes between its marks; as it was where it has no marks. */
export function withPassTable(text: string): string {
  return text.replace(
    PLACE,
    (_whole, before: string, after: string) => `${before}\n<!-- prettier-ignore -->\n${passTable()}\n\n${after}`,
  );
}

function passTable(): string {
  const rows = PASS_GROUPS.flatMap(({ id, title }) =>
    PASSES.filter((pass: Pass) => pass.group === id).map((pass: Pass) =>
      row([title, pass.title, pass.onByDefault ? 'on' : 'off', pass.summary]),
    ),
  );
  return [row(['Group', 'Pass', 'At first', 'What it does']), row(['---', '---', '---', '---']), ...rows].join('\n');
}

function row(cells: readonly string[]): string {
  return `| ${cells.map((cell) => cell.replace(/</g, '&lt;').replace(/&nbsp;|&#8217;/g, '`$&`')).join(' | ')} |`;
}
