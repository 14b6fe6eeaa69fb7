/** A block of clean prose; the lines of verse and addresses are separate strings. */
export interface ProseBlock {
  readonly kind: 'heading' | 'paragraph' | 'item' | 'verse' | 'line';
  readonly lines: readonly string[];
}

/**
 * Reads clean prose in a small notation, a blank line between blocks: "# " before a heading, "- " before a list item, "| "
 * before each line of verse or of an address. A block of several other lines is as many lines that stand on their own.
 */
export function parseProse(marked: string): ProseBlock[] {
  return marked
    .split(/\n{2,}/)
    .map((block) => block.trim())
    .filter((block) => block !== '')
    .flatMap(parseBlock);
}

function parseBlock(block: string): ProseBlock[] {
  const lines = block.split('\n');
  if (lines[0]!.startsWith('| ')) return [{ kind: 'verse', lines: lines.map((line) => line.slice(2)) }];
  if (lines[0]!.startsWith('- ')) return lines.map((line) => ({ kind: 'item', lines: [line.slice(2)] }));
  if (lines[0]!.startsWith('# ')) return lines.map((line) => ({ kind: 'heading', lines: [line.slice(2)] }));
  return lines.map((line) => ({ kind: lines.length > 1 ? 'line' : 'paragraph', lines: [line] }));
}

/** The wanted text: a paragraph, heading, list item or line of verse per line. */
export function toTruth(blocks: readonly ProseBlock[], bullet = ''): string[] {
  return blocks.flatMap((block) => (block.kind === 'item' ? [bullet + block.lines[0]!] : [...block.lines]));
}
