import { replaceMatches, type Pass } from './pass.ts';

/** A beginning, the dash that breaks it off, and a word that begins in the same way. */
const FALSE_START = /(?<![\p{L}\p{N}’'-])(\p{L}[\p{L}’']{0,12})(?:-|\s?[–—])\s+(?=(\p{L}[\p{L}’']*))/giu;
const CERTAINTY = 0.75;

export const falseStarts: Pass = {
  id: 'false-starts',
  title: 'False starts',
  summary:
    'Takes out words that were begun, broken off with a dash and begun again: “the ke- the keel” keeps “the keel”.',
  group: 'words',
  onByDefault: false,
  examples: [
    { before: 'You begin with the — the keel, wh- which is oak.', after: 'You begin with the keel, which is oak.' },
    {
      before: 'Both pre- and post-war mills — mills of oak — stand.',
      after: 'Both pre- and post-war mills — mills of oak — stand.',
    },
  ],
  reasons: { dash: 'a word before a dash may be meant' },
  find: (text) =>
    replaceMatches(text, FALSE_START, (match) => {
      const [whole, begun, again] = match;
      const isSame = again!.toLowerCase() === begun!.toLowerCase();
      const isPart = whole.includes('-') && again!.toLowerCase().startsWith(begun!.toLowerCase());
      // A long word said again after a dash is style, not a slip of the tongue.
      if (!isPart && !(isSame && begun!.length <= 4)) return undefined;
      return { insert: '', certainty: CERTAINTY, why: 'dash' };
    }),
};
