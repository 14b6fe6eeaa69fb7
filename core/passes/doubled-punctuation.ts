import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass, type PassContext, type Replacement } from './pass.ts';

/** But not the two commas that open a quotation on a typewriter: ",,come in''". */
const DOUBLED = /(?:(?<!^|[\s(]),{2,}|,{2,}(?!\p{L}))|;{2,}|(?<=[\p{L}\p{N}”’")])\.\.(?=[\s”’")\]]|$)/gu;
/** "mill,,2026-05-04": an empty cell of a row of data. Nothing but such a row has a comma between a letter and what follows. */
const IN_ROW = /^\S*$|\p{L},+[\p{L}\p{N}]/u;
const GOES_ON = /^["”’)\]]?\s+\p{Ll}/u;
/** Two stops before a small letter, in a text that writes ellipses; and at the end of a sentence, in one that writes none. */
const CLEAR = 0.93;
const UNCLEAR = 0.7;

export const doubledPunctuation = {
  works: 'inline',
  id: 'doubled-punctuation',
  title: 'Doubled punctuation',
  summary: 'Makes one comma of two, and of two stops one stop or an ellipsis; three stops stay.',
  group: 'punctuation',
  onByDefault: true,
  settings: [
    {
      id: 'stops',
      title: 'Two stops become',
      options: [
        { value: 'evidence', title: 'two stops: by what follows' },
        { value: 'stop', title: 'two stops: one stop' },
        { value: 'ellipsis', title: 'two stops: an ellipsis' },
        { value: 'stay', title: 'two stops stay' },
      ],
      usual: 'evidence',
    },
  ],
  examples: [
    { before: 'The tide fell,, and rose..', after: 'The tide fell, and rose.' },
    { before: 'The tide fell.. and rose. It waited...', after: 'The tide fell... and rose. It waited...' },
    {
      before: 'The tide fell.. and rose...',
      after: 'The tide fell… and rose...',
      settings: { stops: 'ellipsis' },
    },
    { before: 'He said ,,come in”, and sat,, at last.', after: 'He said ,,come in”, and sat, at last.' },
    { before: 'mill,,2026-05-04', after: 'mill,,2026-05-04' },
    { before: 'Go to ../mills or wait... or wait....', after: 'Go to ../mills or wait... or wait....' },
  ],
  reasons: {
    'goes-on': 'the sentence goes on after two stops, so an ellipsis may have lost one',
    'may-be-ellipsis': 'two stops may be what is left of an ellipsis',
  },
  signs: Sign.doubledComma | Sign.doubledStop,
  find: ({ text }, context, { stops }) => {
    if (!/,,|;;|\.\./.test(text)) return [];
    const isRow = text.includes(',,') && IN_ROW.test(text);
    return replaceMatches(text, DOUBLED, (match) => {
      if (match[0] !== '..') return isRow && match[0][0] === ',' ? undefined : match[0][0];
      if (stops === 'stay') return undefined;
      if (stops === 'stop') return '.';
      return stops === 'ellipsis' ? '…' : byWhatFollows(text.slice(match.index + 2, match.index + 8), context);
    });
  },
} as const satisfies InlinePass;

function byWhatFollows(after: string, { ellipsis }: PassContext): Replacement {
  if (GOES_ON.test(after)) {
    return { insert: ellipsis ?? '…', certainty: ellipsis ? CLEAR : UNCLEAR, why: 'goes-on' };
  }
  return { insert: '.', certainty: ellipsis ? UNCLEAR : CLEAR, why: 'may-be-ellipsis' };
}
