/*
 * A list as it is typed and pasted: any sign or way of counting, lines wrapped in any way, prose around it or not.
 */

/** What opens items, by what the first of them looks like; items are counted from 0. */
export const MARKERS: Readonly<Record<string, (item: number) => string>> = {
  '-': () => '- ',
  '*': () => '* ',
  '•': () => '• ',
  '• and a tab': () => '•\t',
  '–': () => '– ',
  '+': () => '+ ',
  '→': () => '→ ',
  '->': () => '-> ',
  '✓': () => '✓ ',
  '□': () => '□ ',
  o: () => 'o ',
  '[ ]': () => '[ ] ',
  '1.': (item) => `${item + 1}. `,
  '1. and a tab': (item) => `${item + 1}.\t`,
  '1)': (item) => `${item + 1}) `,
  '(1)': (item) => `(${item + 1}) `,
  '1 -': (item) => `${item + 1} - `,
  '01': (item) => `0${item + 1} `,
  '#1': (item) => `#${item + 1} `,
  'Q1.': (item) => `Q${item + 1}. `,
  '2.1': (item) => `2.${item + 1} `,
  'Step 1:': (item) => `Step ${item + 1}: `,
  'a.': (item) => `${'abcdef'[item]!}. `,
  'a)': (item) => `${'abcdef'[item]!}) `,
  '(a)': (item) => `(${'abcdef'[item]!}) `,
  'A.': (item) => `${'ABCDEF'[item]!}. `,
  'i.': (item) => `${ROMAN[item]!}. `,
  '(i)': (item) => `(${ROMAN[item]!}) `,
};

const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi'];

/** How the lines of an item go on: under its sign, under its words, or set in by four. */
export const CONTINUATIONS: Readonly<Record<string, (marker: string) => string>> = {
  'under the sign': () => '',
  'under the words': (marker) => ' '.repeat(marker.replace('\t', '  ').length),
  'set in': () => '    ',
};

/** Words in lines of so many characters at most, the first behind `first`, the others behind `rest`. */
export function wrapItem(words: string, width: number, first: string, rest: string): string {
  const lines: string[] = [];
  let line = first;
  let isEmpty = true;
  for (const word of words.split(' ')) {
    if (!isEmpty && line.length + 1 + word.length > width) {
      lines.push(line);
      line = rest + word;
    } else line += isEmpty ? word : ` ${word}`;
    isEmpty = false;
  }
  return [...lines, line].join('\n');
}

/** The lines that hold something, with one space for several: whether blank lines part them is a matter of style. */
export function foldLines(text: string): string {
  return text
    .split(/\n+/)
    .map((line) => line.trim().replace(/\s+/g, ' '))
    .join('\n');
}
