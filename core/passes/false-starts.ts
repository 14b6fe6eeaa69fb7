import type { LocalEdit } from '../edits/local-edit.ts';
import { Sign } from '../text/signs.ts';
import type { InlinePass } from './pass.ts';

/** The dash that breaks a word off, with the spaces beside it. Dashes are rare, so it is they that are looked for. */
const BREAK = /(?:-|\s?[–—])\s+/g;
const BEGUN = /(?<![\p{L}\p{N}’'-])\p{L}[\p{L}’']{0,12}$/u;
const AGAIN = /^\p{L}[\p{L}’']*/u;
const LONGEST = 40;
const CERTAINTY = 0.75;

export const falseStarts = {
  works: 'inline',
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
  signs: Sign.dash,
  find: ({ text }) => {
    const edits: LocalEdit[] = [];
    for (const { 0: dash, index } of text.matchAll(BREAK)) {
      const to = index + dash.length;
      const begun = BEGUN.exec(text.slice(Math.max(0, index - LONGEST), index))?.[0];
      const again = AGAIN.exec(text.slice(to, to + LONGEST))?.[0];
      if (begun === undefined || again === undefined || !isBegunAgain(begun.toLowerCase(), again.toLowerCase(), dash))
        continue;
      edits.push({ from: index - begun.length, to, insert: '', certainty: CERTAINTY, why: 'dash' });
    }
    return edits;
  },
} as const satisfies InlinePass;

/** A part of the word that follows; or, before a dash with spaces, a short word said again: of a long one it is style. */
function isBegunAgain(begun: string, again: string, dash: string): boolean {
  if (dash.startsWith('-') && again.startsWith(begun)) return true;
  return begun === again && begun.length <= LONGEST_SAID_AGAIN;
}

const LONGEST_SAID_AGAIN = 4;
