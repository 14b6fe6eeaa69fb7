import type { LocalEdit } from '../edits/local-edit.ts';
import { isDigit, isInWord, isWordUnit } from '../text/characters.ts';
import type { InlinePass } from './pass.ts';

/** Doubled on purpose, in some sentences: "had had", "that that", "very very". */
const MAY_DOUBLE: ReadonlySet<string> = new Set(
  'had that very so no yes ha bye now there well sie die der das nous vous'.split(' '),
);

const NAME_CERTAINTY = 0.7;

/** Words that stand twice with one space between: at each space what is before it is compared with what is after. */
function findRepeats(text: string): { from: number; word: string }[] {
  const repeats: { from: number; word: string }[] = [];
  for (let space = text.indexOf(' '); space >= 0; space = text.indexOf(' ', space + 1)) {
    if (text[space - 1] === undefined || !isLetter(text.charCodeAt(space - 1))) continue;
    let from = space;
    while (from > 0 && isLetter(text.charCodeAt(from - 1))) from--;
    const word = text.slice(from, space);
    if (!text.startsWith(word, space + 1)) continue;
    if (isInWord(text[from - 1]) || isInWord(text[space + 1 + word.length])) continue;
    repeats.push({ from, word });
  }
  return repeats;
}

function isLetter(code: number): boolean {
  return isWordUnit(code) && !isDigit(code);
}

export const repeatedWords = {
  works: 'inline',
  id: 'repeated-words',
  title: 'Repeated words',
  summary: 'Makes one of a word that stands twice in a row, also over a line end; “had had” and the like stay.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'He opened the the gate, as he had had to.', after: 'He opened the gate, as he had had to.' },
    { before: 'He went to the\nthe water.', after: 'He went to the water.' },
  ],
  reasons: { name: 'a name may be doubled' },
  find: ({ text }) => {
    const edits: LocalEdit[] = [];
    for (const { from, word } of findRepeats(text)) {
      if (MAY_DOUBLE.has(word.toLowerCase()) || from < (edits.at(-1)?.to ?? 0)) continue;
      const edit = { from, to: from + 2 * word.length + 1, insert: word };
      edits.push(/^\p{Lu}/u.test(word) ? { ...edit, certainty: NAME_CERTAINTY, why: 'name' } : edit);
    }
    return edits;
  },
} as const satisfies InlinePass;
