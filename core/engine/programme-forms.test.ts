import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

/*
 * Programmes and filled-in forms, whose longer entries wrap: below the value, set in, or at the left.
 */

const cleaned = (source: string) => foldLines(cleanText(clean(source, DEFAULT_STYLE)));

const WORDS = [
  'The bar opens',
  'Songs of the bargemen',
  'Ann Trask on how the toll house was moved by night, stone by stone, while the river was up and nobody could cross it',
  'Supper',
  'Dancing',
];
const KEYS: Readonly<Record<string, readonly string[]>> = {
  times: ['6:30', '7:00', '7:45', '9:00', '9:30'],
  'times of the afternoon': ['6:30pm', '7:00pm', '7:45pm', '9:00pm', '9:30pm'],
  'hours of the afternoon': ['5 p.m.', '6 p.m.', '7 p.m.', '9 p.m.', '10 p.m.'],
  spans: ['6:30–7:00', '7:00–7:45', '7:45–8:30', '9:00–9:30', '9:30–11:00'],
  days: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'],
  dates: ['2 May', '9 May', '16 May', '23 May', '30 May'],
};
const FIELDS = ['Doors', 'Music', 'Speaker and subject', 'Food', 'Afterwards'];

function wrongForms(keys: readonly string[], separator: (key: string) => string, hangs: readonly number[]): string[] {
  const wrong: string[] = [];
  for (const width of [46, 58, 999])
    for (const between of ['\n', '\n\n'])
      for (const hang of hangs) {
        const entries = WORDS.map((words, at) => {
          const key = keys[at]! + separator(keys[at]!);
          return wrapItem(words, width, key, ' '.repeat(hang));
        });
        const wanted = WORDS.map((words, at) => keys[at]! + separator(keys[at]!) + words);
        if (cleaned(entries.join(between)) !== foldLines(wanted.join('\n')))
          wrong.push(`${width}, ${between.length}, ${hang}`);
      }
  return wrong;
}

test.each(Object.keys(KEYS))(
  'entries of a programme behind %s stand alone, and go on in their further lines',
  (form) => {
    const keys = KEYS[form]!;
    const separators: Readonly<Record<string, (key: string) => string>> = {
      'a space': () => ' ',
      'a column': (key) => ' '.repeat(16 - key.length),
      'a tab': () => '\t',
      'a dash': () => ' – ',
      'a bar': () => ' | ',
      dots: (key) => ` ${'.'.repeat(18 - key.length)} `,
    };
    for (const [name, separator] of Object.entries(separators)) {
      // "Thursday Supper" may be anything.
      if (name === 'a space' && form === 'days') continue;
      expect([name, ...wrongForms(keys, separator, [0, 8])]).toEqual([name]);
    }
  },
);

test('what is filled in goes on below where it began, set in, or at the left', () => {
  const separators: Readonly<Record<string, (key: string) => string>> = {
    'a colon': () => ': ',
    'a column': (key) => `:${' '.repeat(22 - key.length)}`,
    dots: (key) => ` ${'.'.repeat(22 - key.length)} `,
  };
  for (const [name, separator] of Object.entries(separators))
    expect([name, ...wrongForms(FIELDS, separator, [0, 4, 23])]).toEqual([name]);
});
