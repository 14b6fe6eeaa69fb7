/** What Enter puts in: a new paragraph, or a new line in the same one. */
export const NEW_PARAGRAPH = '\n\n';
export const NEW_LINE = '\n';

/**
 * What stands above and below the caret once `insert` has been put between two texts. A space where a paragraph begins goes to the
 * end of the line above: nobody sees it there, and it stands between the words again when the break is taken back.
 */
export function around(before: string, insert: string, after: string): { above: string; below: string } {
  const lines = insert.replace(/\r\n?/g, '\n');
  // Should two pasted paragraphs be joined later, a space stands between them.
  const spaced = lines.replace(/([^\s])[ \t]*(\n{2,})[ \t]*(?=\S)/g, '$1 $2');
  if (!spaced.endsWith('\n')) return { above: before + spaced, below: after };
  const leading = /^[ \t]*/.exec(after)![0];
  const ends = /\n+$/.exec(spaced)![0];
  return {
    above: before + spaced.slice(0, spaced.length - ends.length) + leading + ends,
    below: after.slice(leading.length),
  };
}

/** The range of a break between paragraphs within one text that Backspace or Delete takes away at an offset; undefined where none is there. */
export function breakAt(
  text: string,
  offset: number,
  key: 'Backspace' | 'Delete',
): { readonly from: number; readonly to: number } | undefined {
  if (key === 'Backspace') {
    return text.startsWith(NEW_PARAGRAPH, offset - 2) && offset >= 2 ? { from: offset - 2, to: offset } : undefined;
  }
  let from = offset;
  while (text[from] === ' ' || text[from] === '\t') from++;
  return text.startsWith(NEW_PARAGRAPH, from) ? { from, to: from + 2 } : undefined;
}
