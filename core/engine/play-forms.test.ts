import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

const SPEECHES = [
  'You have been at the kilns again, and do not tell me that you were only looking.',
  'I was looking. There was a light in the second one, and nobody there.',
  'There is always somebody there.',
  'What sort of a light would you say it was, if you had to swear to it before the council?',
  'A small one.',
  'Then it was the same. I saw it on the night when the brother came home, and again when he left.',
];
const DIRECTION = '(She takes the lamp down from its hook, trims it, and hangs it up again without lighting it.)';
const NAMES: readonly (readonly [string, string])[] = [
  ['HALE', 'PELL'],
  ['Hale', 'Pell'],
  ['MRS. HALE', 'OLD PELL'],
];

/** How a name is written before what is said, and what of it is left. */
const FORMS: Readonly<Record<string, { readonly before: (name: string) => string; readonly isAlone?: boolean }>> = {
  'a stop': { before: (name) => `${name}. ` },
  'a colon': { before: (name) => `${name}: ` },
  'a stop and a dash': { before: (name) => `${name}.—` },
  'a dash': { before: (name) => `${name} — ` },
  'a direction and a colon': { before: (name) => `${name} (aside): ` },
  'a tab': { before: (name) => `${name}\t` },
  'a wide space': { before: (name) => name.padEnd(12) },
  nothing: { before: (name) => name, isAlone: true },
  'a colon, alone': { before: (name) => `${name}:`, isAlone: true },
};

test.each(Object.keys(FORMS))('who speaks, with %s behind the name, begins a paragraph each time', (form) => {
  const { before, isAlone = false } = FORMS[form]!;
  const wrong: string[] = [];
  for (const names of NAMES)
    for (const between of ['\n', '\n\n'])
      for (const width of [38, 56, 72])
        for (const rest of ['', '  '])
          for (const hasDirection of [false, true]) {
            const speeches = SPEECHES.map((words, turn) => {
              const name = before(names[turn % 2]!);
              const lines = isAlone ? [name, wrapItem(words, width, rest, rest)] : [wrapItem(words, width, name, rest)];
              return { lines, wanted: isAlone ? [name, words] : [name + words] };
            });
            const parts = hasDirection
              ? speeches.toSpliced(3, 0, { lines: [wrapItem(DIRECTION, width, '', '')], wanted: [DIRECTION] })
              : speeches;
            const source = parts.map(({ lines }) => lines.join('\n')).join(between);
            const wanted = parts.flatMap((part) => part.wanted).join('\n');
            if (foldLines(cleanText(clean(source, DEFAULT_STYLE))) !== foldLines(wanted))
              wrong.push(`${names[0]}, ${between.length}, ${width}, ${rest.length}, ${String(hasDirection)}`);
          }
  expect(wrong).toEqual([]);
});

const SCRIPT = [
  'NARRATOR: And now the story of the rope.',
  'SOUND: WATER, A BELL',
  'ELIN: I paid for it.',
  'NARRATOR: Elin Hale, of Oxhithe.',
  'MUSIC: “THE FERRYMAN”',
];

test('cues in capitals are no headings where one who speaks comes again', () => {
  const kinds = (source: string) => clean(source, DEFAULT_STYLE).blocks.map(({ kind }) => kind);
  expect(kinds(SCRIPT.join('\n\n'))).toEqual(SCRIPT.map(() => 'paragraph'));
  expect(kinds('A RIVER: A HISTORY\n\nIt begins at Oxhithe, and nobody knows where it ends.')[0]).toBe('heading');
});
