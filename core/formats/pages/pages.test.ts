import { describe, expect, test } from '@jest/globals';
import { clean } from '../../cleaning/clean.ts';
import { cleanText } from '../../cleaning/output.ts';
import { Element, Region } from '../../layout/layout.ts';
import { DEFAULT_STYLE } from '../../style/style.ts';
import type { OpenPdf, PlacedWord } from '../document.ts';
import { readDocument } from '../registry.ts';
import { bytes, read } from '../small-files.ts';

describe('pages with places', () => {
  const line = (words: string, left: number, top: number, right = 500) =>
    `<span class="ocr_line" title="bbox ${left} ${top} ${right} ${top + 20}; x_size 20"><span class="ocrx_word">${words}</span></span>`;

  test('hOCR: indents, gaps, ends of pages', async () => {
    const page = (body: string) => `<div class="ocr_page">${body}</div>`;
    const first = line('The tide fell', 100, 100) + line('and rose again', 100, 130) + line('Twice a day', 130, 160);
    const second = line('It comes.', 100, 100) + line('It goes.', 100, 200) + line('It stays away.', 100, 230);
    expect(await read(bytes(`<html>${page(first)}${page(second)}</html>`))).toBe(
      'The tide fell\nand rose again\n   Twice a day\n\fIt comes.\n\nIt goes.\nIt stays away.',
    );
  });

  test('ALTO: words, spaces, hyphens', async () => {
    const text =
      '<alto><Page><TextLine HPOS="1" VPOS="1" WIDTH="90" HEIGHT="10"><String CONTENT="The"/><SP/><String CONTENT="pa"/><HYP CONTENT="-"/></TextLine></Page></alto>';
    expect(await read(bytes(text))).toBe('The pa-');
  });

  const word = (text: string, left: number, baseline: number, size = 10): PlacedWord => ({
    text,
    left,
    right: left + text.length * size * 0.5,
    baseline,
    size,
    isUpright: true,
  });
  const pdf = (...pages: PlacedWord[][]): OpenPdf =>
    async function* () {
      await Promise.resolve();
      for (const words of pages) yield { page: { width: 600, height: 800, words }, count: pages.length };
    };
  const readPages = (...pages: PlacedWord[][]) => read(bytes('%PDF-1.7'), 'x.pdf', pdf(...pages));

  test('PDF: words make lines, raised figures are marks, what is stamped across is left out', async () => {
    const page = [
      word('The', 50, 100),
      word('tide', 70, 100),
      word('1', 90.5, 96, 6),
      word('fell.', 98, 100),
      { ...word('DRAFT', 100, 300, 60), isUpright: false },
    ];
    expect(await readPages(page)).toBe('The tide¹ fell.');
  });

  test('PDF: two columns one after the other, heads across both, notes behind both', async () => {
    const column = (name: string, left: number) =>
      Array.from({ length: 8 }, (_, at) => word(`${name} column line number ${at}`, left, 100 + 12 * at));
    const page = [
      word('A head that stands across both columns of the page', 100, 60),
      ...column('left', 50),
      word('¹A note of the left column', 50, 210, 8),
      ...column('right', 320),
    ];
    const lines = (await readPages(page)).split('\n').filter((text) => text !== '');
    const trimmed = lines.map((text) => text.trim());
    expect(trimmed[0]).toMatch(/^A head/);
    expect(trimmed.slice(1, 9).every((text) => text.startsWith('left'))).toBe(true);
    expect(trimmed.slice(9, 17).every((text) => text.startsWith('right'))).toBe(true);
    expect(trimmed[17]).toMatch(/^¹A note/);
    const found = await readDocument(bytes('%PDF-1.7'), { openPdf: pdf(page, page) });
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    const written = text.split(/[\n\f]/);
    expect([...layout!.columns!].map((at) => written[at]!.trim())).toEqual(Array(2).fill('right column line number 0'));
  });

  test('PDF: heads and feet by their height, titles by their size, notes by theirs', async () => {
    const page = (number: number, ...more: PlacedWord[]) => [
      word('THE QUARTERLY', 200, 30, 8),
      ...more,
      ...Array.from({ length: 6 }, (_, at) =>
        word(`page ${number} has a line of text that is number ${at}`, 50, 130 + 12 * at),
      ),
      word('¹A note at the foot of the page', 50, 230, 8),
      word('that goes on below', 50, 240, 8),
      word(`${number}`, 280, 300, 8),
    ];
    const title = [word('The keeper of', 50, 70, 18), word('the gate', 50, 90, 18)];
    const found = await readDocument(bytes('%PDF-1.7'), { openPdf: pdf(page(7, ...title), page(8)) });
    if (!found.ok) throw new Error(found.problem);
    const { text, layout } = found.document;
    const lines = text.split(/[\n\f]/);
    const at = (words: string) => lines.findIndex((line) => line.includes(words));
    const saysOf = (list: Uint8Array | Uint32Array, words: string) => list[at(words)];
    expect([saysOf(layout!.region, 'QUARTERLY'), saysOf(layout!.region, 'has a line')]).toEqual([
      Region.margin,
      Region.text,
    ]);
    expect(layout!.region[lines.findIndex((line) => line.trim() === '8')]).toBe(Region.margin);
    expect([saysOf(layout!.element, 'keeper'), saysOf(layout!.element, 'note at')]).toEqual([
      Element.heading,
      Element.note,
    ]);
    expect(saysOf(layout!.block, 'keeper')).toBe(saysOf(layout!.block, 'the gate'));
    const cleaned = cleanText(clean(text, DEFAULT_STYLE, [], { layout }));
    expect(cleaned).not.toContain('QUARTERLY');
    expect(cleaned.startsWith('The keeper of the gate\n\npage 7 has')).toBe(true);
  });

  /** Lines of hOCR on pages of their own: their words, left and right edge, and the distance to the line above, in lines. */
  type Placed = readonly [words: string, left: number, right: number, step?: number];
  const cleanPages = async (...pages: (readonly Placed[])[]) => {
    const written = pages.map((lines) => {
      let top = 100;
      return `<div class="ocr_page">${lines.map(([words, left, right, step = 1]) => line(words, left, (top += 30 * step), right)).join('')}</div>`;
    });
    const found = await readDocument(bytes(`<html>${written.join('')}</html>`));
    if (!found.ok) throw new Error(found.problem);
    return cleanText(clean(found.document.text, DEFAULT_STYLE, [], found.document)).split('\n\n');
  };
  /** Paragraphs of wrapped lines, set justified, the first line of each set in. */
  const paragraphs: Placed[][] = [
    [
      'The boat came in with the morning tide, heavy',
      'with herring, and the women on the quay had their',
      'knives out before',
      'the ropes were fast.',
    ],
    [
      'Nobody spoke of the night before. The keeper of',
      'the gate had seen a light where no light was due,',
      'and he wrote it down',
      'in the long book.',
    ],
    [
      'By noon the sheds were full, and the old cooper',
      'Hanno Vell, who was deaf by now, went from barrel',
      'to barrel with',
      'his small hammer.',
    ],
    [
      'What the wind left the rain took. A whole week it',
      'fell upon the island without a pause, until even',
      'the sheep were tired',
      'of their own wool.',
    ],
  ].map(([first, second, third, fourth]) => [
    [first!, 140, 500],
    [second!, 100, 500],
    [`${third!} ${fourth!}`, 100, 380],
  ]);
  const wordsOf = (lines: readonly Placed[]) => lines.map(([words]) => words).join(' ');

  test('how wide a line is set decides, not how many letters it has', async () => {
    // Paragraphs are not set in, so that only the room at the end of their last lines tells them apart.
    const flush = paragraphs.map((lines) => lines.map(([words, , right]): Placed => [words, 100, right]));
    const narrow: Placed[] = [
      ['The bells rang until the whole town was awake, and', 100, 500],
      ['it fell still in the little bay till I fell ill in it.', 100, 370],
    ];
    const texts = [...flush, narrow, ...flush];
    expect(await cleanPages(texts.flat())).toEqual(texts.map(wordsOf));
  });

  test('lines that are set in as paragraphs are, each with room to spare, are paragraphs', async () => {
    const lines: Placed[] = [
      ['The Keeper of the Second Gate', 140, 330],
      ['or', 140, 160],
      ['What the Tide Took from the Harbour', 140, 360],
    ];
    const text = await cleanPages([...paragraphs.flat(), ...lines, ...paragraphs.flat()]);
    expect(text).toEqual([...paragraphs.map(wordsOf), ...lines.map(([words]) => words), ...paragraphs.map(wordsOf)]);
  });

  test('the number that a page has by those of others makes a lone head one', async () => {
    const [boat, night, sheds, rain] = paragraphs as [Placed[], Placed[], Placed[], Placed[]];
    const foot = (number: number, step: number): Placed => [`${number}`, 290, 310, step];
    const [[firstWords, left, right], ...rest] = sheds as [Placed, ...Placed[]];
    const text = await cleanPages(
      [...boat, ...night, [firstWords, left, right], foot(95, 3)],
      [
        ['96 THE HERRING BOATS', 100, 320],
        ...rest.map((one, at): Placed => [one[0], one[1], one[2], at === 0 ? 3 : 1]),
        ...rain,
      ],
      [...night, ...boat, foot(97, 4)],
    );
    expect(text).toEqual([boat, night, sheds, rain, night, boat].map(wordsOf));
  });

  test.each([
    ['T', 'HE harbour lay in fog when the boat came in, and', 'THE harbour'],
    ['“N', 'obody would have come on such a night as this had', '“Nobody would'],
    ['A', 'long time ago the gate was oak, and nobody had to', 'A long time'],
    ['I', 'nside the mill it was dark, and nobody had thought', 'Inside the mill'],
  ])('PDF: a large first letter is of its line: %s', async (letter, first, begins) => {
    const left = 50 + letter.length * 18 + 2.5;
    const lines = [
      first,
      'nobody on the quay could have said at that hour',
      'whose it was, nor what it brought to the village',
    ];
    const page = [
      word(letter, 50, 124, 36),
      ...lines.map((text, at) => word(text, left, 100 + 12 * at)),
      word('at the end of so long a winter, with the ice still in.', 50, 136),
      word('They went down to see it all the same, one by one.', 50, 148),
    ];
    const found = await readDocument(bytes('%PDF-1.7'), { openPdf: pdf(page) });
    if (!found.ok) throw new Error(found.problem);
    const text = cleanText(clean(found.document.text, DEFAULT_STYLE, [], found.document));
    expect(text).toMatch(new RegExp(`^${begins}.*nobody on the quay.*village at the end of so long`));
  });

  test('a letter of the size of its text, or with nothing beside it, stays a line', async () => {
    expect(await readPages([word('B', 50, 100), word('boats, 12', 50, 112)])).toBe('B\nboats, 12');
    expect((await readPages([word('B', 50, 100, 36), word('boats, 12', 50, 160)])).split('\n')[0]).toBe('B');
  });

  test('PDF: signs of East Asian scripts are not spread', async () => {
    expect(await readPages([word('潮', 50, 100), word('の', 63, 100), word('水', 76, 100)])).toBe('潮の水');
  });

  test('pages of pictures say so', async () => {
    expect(await readPages([], [])).toBe('! pictures-only');
    expect(await read(bytes('<html><div class="ocr_page"></div></html>'))).toBe('! pictures-only');
  });
});
