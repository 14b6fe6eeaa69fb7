import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { columnsInOrder, findSideBySide } from './side-by-side.ts';

const lines = (text: string) => {
  const all = text.split('\n');
  return { count: all.length, at: (line: number) => all[line]! };
};
const found = (text: string) => findSideBySide(lines(text));

const LEFT = `A tide mill asks for nothing but
patience, and twice a day the creek
fills the pond behind the wall, and
twice a day the miller lets it out
again through a gate no wider than a
cart, as his father did before him.
   The miller kept a slate by the
sluice with the high waters on it,
and let the children wipe it clean`.split('\n');
const RIGHT = `on Saturdays. Nobody could say why
the slate was never stolen, for it
hung in the open and was worth a
shilling at the least.
   When the railway came the slate
was taken down and put in the hall
of the station, where it told the
trains that were late, and by how
much, until the chalk ran out.`.split('\n');
const side = LEFT.map((row, at) => `${row.padEnd(40)}${RIGHT[at]}`);
const PAGE = [
  'THE QUARTERLY OF THE REACH, on mills and those who keep them, their tides and their debts',
  '',
  ...side,
].join('\n');

describe('columns side by side', () => {
  test('are found, and put one under the other, titles across both left where they are', () => {
    expect(found(PAGE)).toEqual([{ from: 2, to: 11, gutter: 40 }]);
    expect(columnsInOrder(PAGE, found(PAGE)).split('\n')).toEqual([...PAGE.split('\n').slice(0, 2), ...LEFT, ...RIGHT]);
  });

  test('each page by itself, in the line ends of the text', () => {
    const two = `${side.join('\r\n')}\r\n\f\r\n${side.join('\r\n')}\r\n`;
    const stretches = found(two.replaceAll('\r', ''));
    expect(stretches).toHaveLength(2);
    expect(columnsInOrder(two, stretches)).toBe([...LEFT, ...RIGHT, '\f', ...LEFT, ...RIGHT, ''].join('\r\n'));
  });

  test.each<[string, string]>([
    ['a table', Array.from({ length: 9 }, (_, at) => `Orme, Marian        keeper        ${at}`).join('\n')],
    [
      'a glossary',
      [
        'sluice      a gate that lets',
        'quay        a wall to land at',
        'tar         what keeps boats',
        'reach       a stretch of water',
        'halt        where trains stop',
        'mole        a wall in the sea',
        'weir        a low dam',
      ].join('\n'),
    ],
    ['prose that was justified', LEFT.map((row) => row.replace(' ', '   ')).join('\n')],
    ['an address beside a date', ['The Quay           12 March 1890', 'Wrackby', '', ...LEFT].join('\n')],
    [
      'a script',
      ['ORME             I saw it go.', '', 'PELL             So did I, and', '                 the keeper too.'].join(
        '\n',
      ),
    ],
    ['prose', LEFT.join('\n')],
  ])('%s is none', (_, text) => {
    expect(found(text)).toEqual([]);
  });

  test('law: no word is lost, added or moved within its column', () => {
    const word = fc.constantFrom('the', 'tide', 'mill.', 'A', 'of', '   ', '\t', '—', 'é', '12');
    const row = fc.array(word, { maxLength: 9 }).map((words) => words.join(' '));
    fc.assert(
      fc.property(fc.array(row, { maxLength: 12 }), fc.nat({ max: 30 }), fc.nat({ max: 12 }), (rows, gutter, to) => {
        const stretch = { from: Math.min(1, to), to: Math.min(to, rows.length), gutter };
        const cells = (side: 'left' | 'right') =>
          rows
            .slice(stretch.from, stretch.to)
            .map((one) => (side === 'left' ? one.slice(0, gutter) : one.slice(gutter)));
        const letters = (parts: readonly string[]) => parts.join('').replace(/\s/g, '');
        const expected = [
          ...rows.slice(0, stretch.from),
          ...cells('left'),
          ...cells('right'),
          ...rows.slice(stretch.to),
        ];
        if (stretch.from >= stretch.to) return;
        expect(letters([columnsInOrder(rows.join('\n'), [stretch])])).toBe(letters(expected));
      }),
    );
  });
});
