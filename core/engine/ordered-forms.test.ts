import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { foldLines, wrapItem } from '../testing/list-forms.ts';

/*
 * Entries that no sign opens, in many forms: references, glossaries and indexes, told by their order or by the pages at their ends.
 */

const PROSE =
  'The ferry at Oxhithe was rowed until the year of the long frost, when the river could be crossed on foot for six weeks and the ferryman sold roasted chestnuts on the ice, which bore them until the second week of March.';

/** How entries go on: at the margin, set in, or with the first line set in. */
const WAYS = { 'at the margin': ['', ''], 'set in': ['', '    '], 'first set in': ['   ', ''] } as const;

const setOut = (entries: readonly string[], way: readonly [string, string], width: number, between: string) =>
  entries.map((entry) => wrapItem(entry, width, way[0], way[1])).join(between);

/** Puts a list behind nothing, behind a heading, and among prose; gives what came of it and what should. */
function* among(list: string, entries: readonly string[], heading: string, width: number) {
  const prose = wrapItem(PROSE, width, '', '');
  yield { source: list, wanted: entries };
  yield { source: `${heading}\n\n${list}`, wanted: [heading, ...entries] };
  yield { source: `${prose}\n\n${list}\n\n${prose}`, wanted: [PROSE, ...entries, PROSE] };
}

const cleaned = (source: string) => foldLines(cleanText(clean(source, DEFAULT_STYLE)));

const REFERENCES: Readonly<Record<string, readonly string[]>> = {
  'name, initials, year in brackets': [
    'Corran, R. (1988). The measuring of small waters. Journal of Estuary Studies, 12, 44–61.',
    'Hale, E., & Trask, A. (1991). Accounts of the ferry at Oxhithe, with an index of boats. Saltfern: The Creek Press.',
    'Pell, D. (1979). Forty years on the slip. https://doi.org/10.5555/oxhithe.79',
    'Quill, T. (2003). The last of the rope ferries. In R. Corran (Ed.), Small waters (pp. 12–40). Ostrey University Press.',
  ],
  'name, first name, year at the end': [
    'Corran, Rhona. The Measuring of Small Waters. Saltfern, The Creek Press, 1988.',
    'Hale, Enoch, and Ann Trask. “Accounts of the Ferry at Oxhithe.” Journal of Estuary Studies, vol. 12, no. 4, 1991, pp. 44–61.',
    'Pell, Dorcas. Forty Years on the Slip. Wrackby, Pell and Daughters, 1979.',
    '---. “What the Ferryman Knew.” Small Waters, edited by Rhona Corran, Ostrey University Press, 1984, pp. 12–40.',
  ],
  'initials without stops, numbered': [
    '1. Corran R. The measuring of small waters. J Estuary Stud. 1988;12(4):44-61.',
    '2. Hale E, Trask A. Accounts of the ferry at Oxhithe. Saltfern: The Creek Press; 1991.',
    '3. Pell D. Forty years on the slip. 2nd ed. Wrackby: Pell and Daughters; 1979. doi:10.5555/oxhithe.79',
    '4. Quill T. The last of the rope ferries. In: Corran R, editor. Small waters. Ostrey: Ostrey University Press; 2003. p. 12-40.',
  ],
  'keys in brackets': [
    '(Corran 1988) Rhona Corran. The measuring of small waters. Saltfern: The Creek Press.',
    '(Hale 1991) Enoch Hale and Ann Trask. Accounts of the ferry at Oxhithe, with an index of boats. Saltfern.',
    '(Pell 1979) Dorcas Pell. Forty years on the slip. Wrackby: Pell and Daughters.',
  ],
};

test.each(Object.keys(REFERENCES))('references (%s) are whole and alone, however they are set out', (form) => {
  const wrong: string[] = [];
  const entries = REFERENCES[form]!;
  for (const [name, way] of Object.entries(WAYS))
    for (const width of [50, 64, 78])
      for (const between of ['\n', '\n\n'])
        for (const { source, wanted } of among(setOut(entries, way, width, between), entries, 'References', width))
          if (cleaned(source) !== foldLines(wanted.join('\n')))
            wrong.push(`${name}, ${width}, ${between.length}: ${source.slice(0, 12)}`);
  expect(wrong).toEqual([]);
});

const TERMS: readonly (readonly [term: string, meaning: string])[] = [
  ['bank', 'the side of a river; the left one is on the left of who looks down the stream'],
  ['belay', 'to make a rope fast to a cleat or a post, so that it can be let go at once'],
  ['fair lead', 'a ring through which a rope is led'],
  ['painter', 'the rope in the bow of a small boat, by which she is tied or towed'],
  ['slip', 'a slope of stone or planks on which boats are drawn out of the water'],
];
const PARTED: Readonly<Record<string, (term: string, meaning: string) => string>> = {
  'a colon': (term, meaning) => `${term}: ${meaning}`,
  'a dash': (term, meaning) => `${term} – ${meaning}`,
  'a long dash': (term, meaning) => `${term}—${meaning}`,
  'a hyphen': (term, meaning) => `${term} - ${meaning}`,
  'an equals sign': (term, meaning) => `${term} = ${meaning}`,
  'a tab': (term, meaning) => `${term}\t${meaning}`,
  'a part of speech': (term, meaning) => `${term}, n. ${meaning}`,
  'how it is said': (term, meaning) => `${term} (say ${term.slice(0, 2)}) ${meaning}`,
  'bold type': (term, meaning) => `**${term}** ${meaning}`,
  'quotation marks': (term, meaning) => `“${term}” means ${meaning};`,
  capitals: (term, meaning) => `${term.toUpperCase()} ${meaning}`,
};

test.each(Object.keys(PARTED))('terms parted from what they mean by %s are whole and alone', (form) => {
  const wrong: string[] = [];
  const entries = TERMS.map(([term, meaning]) => PARTED[form]!(term, meaning));
  for (const [name, way] of Object.entries(WAYS).slice(0, 2))
    for (const width of [44, 58, 72, 999])
      for (const between of ['\n', '\n\n'])
        for (const { source, wanted } of among(setOut(entries, way, width, between), entries, 'Words', width))
          if (cleaned(source) !== foldLines(wanted.join('\n')))
            wrong.push(`${name}, ${width}, ${between.length}: ${source.slice(0, 12)}`);
  expect(wrong).toEqual([]);
});

const INDEX: readonly (readonly [entry: string, parts: readonly string[]])[] = [
  ['chestnuts, 12, 40–43', []],
  ['ferrymen, 9, 17, 33', ['of the night boat, 34', 'and how they were paid before the bridge was built, 17–19']],
  ['frost, the long, 4', ['fires on the ice, 5, 88–90', 'skating, and what became of it, 71, 93']],
  ['Hale, Enoch, 3, 101', []],
  ['rope, 8', ['price of, 44']],
  ['tolls, 55–61', []],
];

test('entries of an index are whole and alone, however they are set out', () => {
  const wrong: string[] = [];
  const entries = INDEX.flatMap(([entry, parts]) => [entry, ...parts]);
  for (const step of [0, 1, 2, 4])
    for (const hang of [4, 8])
      for (const width of [36, 48, 999])
        for (const letters of [false, true]) {
          if (hang <= step) continue;
          const lines = INDEX.map(([entry, parts]) => [
            wrapItem(entry, width, '', ' '.repeat(hang)),
            ...parts.map((part) => wrapItem(part, width, ' '.repeat(step), ' '.repeat(hang))),
          ]);
          const list = lines.map((own, at) => {
            const letter = INDEX[at]![0][0]!.toUpperCase();
            const isNew = letters && letter !== INDEX[at - 1]?.[0][0]!.toUpperCase();
            return [...(isNew ? [...(at > 0 ? [''] : []), letter] : []), ...own].join('\n');
          });
          const plain = letters ? entries.flatMap((entry) => headed(entry)) : entries;
          for (const { source, wanted } of among(list.join('\n'), plain, 'Index', 60))
            if (cleaned(source) !== foldLines(wanted.join('\n')))
              wrong.push(`${step}, ${hang}, ${width}, ${String(letters)}: ${source.slice(0, 12)}`);
        }
  expect(wrong).toEqual([]);
});

/** An entry with the letter above it, where it is the first of its letter. */
function headed(entry: string): readonly string[] {
  const firsts = INDEX.filter(([own], at) => own[0]!.toUpperCase() !== INDEX[at - 1]?.[0][0]!.toUpperCase());
  return firsts.some(([own]) => own === entry) ? [entry[0]!.toUpperCase(), entry] : [entry];
}
