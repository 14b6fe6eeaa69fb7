import type { LocalEdit } from '../edits/local-edit.ts';
import type { Language } from '../text/language.ts';
import { findLanguage } from '../text/languages/index.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

/** Where the language is not known. */
const USUAL = { double: ['“', '”'], single: ['‘', '’'] } as const;

/** Words that lost their beginning, which an apostrophe stands for. */
const SHORTENED = /^(?:tis|twas|twere|twould|til|em|cause|bout|round|n|\d\ds?)\b/i;
const STRAIGHT: Readonly<Record<string, string>> = { '“': '"', '”': '"', '„': '"', '‘': "'", '’': "'", '‚': "'" };

/**
 * What a straight quotation mark or apostrophe stands for; undefined for feet, inches and what is not clear. `isOpen`: a mark of
 * this sign stands before, without its closing one.
 */
function curled(text: string, at: number, language: Language, isOpen: boolean): string | undefined {
  const sign = text[at]!;
  const before = text[at - 1] ?? ' ';
  const after = text.slice(at + 1, at + 9);
  const opens = /[\s([{“‘„«—–"-]/.test(before) && /^\S/.test(after);
  if (/\d/.test(before) && !isOpen) return undefined;
  const { double, single } = findLanguage(language)?.quotes ?? USUAL;
  if (sign === '"') return double[opens ? 0 : 1];
  if (/\p{L}/u.test(before) && /^\p{L}/u.test(after)) return '’';
  if (opens) return SHORTENED.test(after) ? '’' : single[0];
  return isOpen ? single[1] : '’';
}

/** All straight marks of a text in one pass, each with whether one of its sign is open. */
function curlAll(text: string, language: Language): LocalEdit[] {
  const open = { '"': false, "'": false };
  return replaceMatches(text, /["']/g, (match) => {
    const sign = match[0] as '"' | "'";
    const mark = curled(text, match.index, language, open[sign]);
    const isApostrophe = sign === "'" && /\p{L}'\p{L}/u.test(text.slice(Math.max(0, match.index - 1), match.index + 2));
    if (!isApostrophe && mark !== undefined) open[sign] = !open[sign];
    return mark;
  });
}

export const quotes = {
  works: 'inline',
  id: 'quotes',
  title: 'Same quotation marks throughout',
  summary:
    'Writes quotation marks and apostrophes curly, in the way of the text’s language, or straight; feet and inches stay.',
  group: 'punctuation',
  onByDefault: false,
  settings: [
    {
      id: 'form',
      title: 'Form',
      options: [
        { value: 'curly', title: '“curly”' },
        { value: 'straight', title: '"straight"' },
      ],
      usual: 'curly',
    },
  ],
  examples: [
    { before: '"\'Tis the keeper\'s," she said.', after: '“’Tis the keeper’s,” she said.' },
    { before: 'The gate is 6\' 2" wide.', after: 'The gate is 6\' 2" wide.' },
    {
      before: '“It is ‘low’ water,” she said.',
      after: '"It is \'low\' water," she said.',
      settings: { form: 'straight' },
    },
  ],
  signs: ({ form }) => (form === 'straight' ? Sign.curlyQuote : Sign.straightQuote),
  find: ({ text }, { language }, { form }) =>
    form === 'straight' ? replaceMatches(text, /[“”„‘’‚]/g, ([sign]) => STRAIGHT[sign]) : curlAll(text, language),
} as const satisfies InlinePass;
