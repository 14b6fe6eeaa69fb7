import type { ProseBlock } from './marked-prose.ts';

/** Widths of lines that tell nothing: none of them is wrapped where it is full. */
const WIDTHS = [58, 44, 63, 51, 39, 66, 48, 55];
const WIDEST = 70;

/** Prose in lines of changing widths, without a gap or an indent: where a paragraph ends is anybody's guess. */
export function raggedLines(blocks: readonly ProseBlock[]): string {
  const lines: string[] = [];
  for (const { lines: words } of blocks)
    lines.push(...wrapped(words.join(' '), () => WIDTHS[lines.length % WIDTHS.length]!));
  return `${lines.join('\n')}\n`;
}

/** Prose in which each sentence begins a line, and paragraphs are not told. */
export function lineBySentence(blocks: readonly ProseBlock[]): string {
  const sentences = blocks.flatMap(({ lines }) => lines.join(' ').split(/(?<=[.!?]["”’]?) /));
  return `${sentences.flatMap((sentence) => wrapped(sentence, () => WIDEST)).join('\n')}\n`;
}

function wrapped(text: string, width: () => number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (longer.length <= width()) line = longer;
    else {
      lines.push(line);
      line = word;
    }
  }
  return [...lines, line].filter((one) => one !== '');
}
