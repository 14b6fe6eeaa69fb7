import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { readHtml } from '../formats/html/read-html.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { readBlocks } from './read-blocks.ts';

describe('paragraphs for reading alone', () => {
  const SOURCE =
    'The ferry festival\n\nIt begins at noon, when the boats of both banks have come in.\n\nAll are let off school.\n';

  test('come in parts, with their kinds', () => {
    const cleaning = clean(SOURCE, DEFAULT_STYLE);
    const all = readBlocks(cleaning, 0, 99);
    expect(all.map(({ kind }) => kind)).toEqual(['heading', 'paragraph', 'paragraph']);
    expect([...readBlocks(cleaning, 0, 1), ...readBlocks(cleaning, 1, 3)]).toEqual(all);
    expect(readBlocks(cleaning, 3, 9)).toEqual([]);
  });

  test('end with what was gathered behind the last', () => {
    const cleaning = clean(SOURCE, DEFAULT_STYLE);
    const tail = [
      ...cleaning.tail,
      { from: SOURCE.length, to: SOURCE.length, text: '\n\n1 A note.', passes: ['footnotes'] },
    ];
    expect(readBlocks({ ...cleaning, tail }, 0, 9).at(-1)).toEqual({ kind: 'footnote', text: '1 A note.' });
  });

  test('have the looks of their words, in whatever part they come', () => {
    const { text, layout } = readHtml('<p>One <em>old</em> mill.</p><p>Plain.</p><p>Two <b>new</b> ones.</p>');
    const cleaning = clean(text, DEFAULT_STYLE, [], { layout });
    const all = readBlocks(cleaning, 0, 9);
    expect(all.map(({ runs }) => runs?.map((run) => run.text))).toEqual([
      ['One ', 'old', ' mill.'],
      undefined,
      ['Two ', 'new', ' ones.'],
    ]);
    expect(all[0]!.runs![1]).toEqual({ text: 'old', isEmphasis: true });
    expect([0, 1, 2].flatMap((at) => readBlocks(cleaning, at, at + 1))).toEqual(all);
  });
});
