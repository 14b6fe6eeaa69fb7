import { Decision, type SeamReason, type SplitEvidence } from '../../../../core/index.ts';

/** How decisions are called, as a thing done and as a thing to do. */
export const DECISION_WORDS: Readonly<
  Record<Decision, { readonly done: string; readonly todo: string; readonly help: string }>
> = {
  [Decision.join]: { done: 'joined', todo: 'Join', help: 'the text runs on' },
  [Decision.mend]: { done: 'mended', todo: 'Mend the word', help: 'close up, drop the hyphen' },
  [Decision.break]: { done: 'a new paragraph', todo: 'New paragraph', help: 'the line end was meant' },
  [Decision.keep]: { done: 'kept as a line end', todo: 'Keep the line end', help: 'verse, an address' },
};

interface Sides {
  /** Said when the evidence speaks for a new paragraph. */
  readonly apart: string;
  /** Said when it speaks for running on. */
  readonly on: string;
}

const SAID = 'you said what this part is';

const REASONS: Readonly<Record<SeamReason['name'], Sides>> = {
  chosenMark: { apart: 'you said that a gap like this marks a paragraph', on: '' },
  otherThanMark: { apart: '', on: 'you said that another gap marks paragraphs' },
  lineEndMark: { apart: 'the text itself marks a paragraph here', on: '' },
  gap: {
    apart: 'a gap like this one stands between paragraphs here',
    on: 'gaps like this one mostly stand inside paragraphs here',
  },
  plainGapWhereMarked: { apart: '', on: 'paragraphs here are marked, and this line end is not' },
  fullLine: { apart: '', on: 'the line is full' },
  room: { apart: 'the next word would have fitted on this line', on: '' },
  roomAfterStop: { apart: 'a sentence ends with room left on the line', on: '' },
  roomAtWiderGap: { apart: 'the line has room left, and a wider gap follows', on: '' },
  shortFill: { apart: 'the line is shorter than lines that run on here', on: '' },
  fullEnd: {
    apart: 'paragraphs are many here, so some end in a full line',
    on: 'paragraphs are few here, so a sentence end at a line end is most likely chance',
  },
  pieceOfLine: { apart: '', on: 'the two lines together are as wide as one' },
  looseRun: { apart: 'several lines in a row leave room', on: '' },
  looseGroup: { apart: 'all lines between two gaps leave room', on: '' },
  notWrapped: { apart: 'lines are not wrapped in this text', on: '' },
  hangingLine: { apart: '', on: 'the line stands under the words of a list item' },
  pageTurn: { apart: '', on: 'the sentence goes on over the page' },
  endsStop: { apart: 'the line ends a sentence', on: '' },
  endsColon: { apart: 'the line ends with a colon', on: '' },
  endsComma: { apart: '', on: 'the line ends with a comma' },
  endsHyphen: { apart: '', on: 'the line ends with a hyphen' },
  endsAbbreviation: { apart: '', on: 'the line ends with a short form, not a sentence' },
  endsFunctionWord: { apart: '', on: 'the last word wants another after it' },
  endsOpen: { apart: '', on: 'the sentence is not finished' },
  startsLower: { apart: '', on: 'the next line begins with a small letter' },
  startsUpper: { apart: 'the next line begins with a capital', on: '' },
  startsReferring: { apart: '', on: 'the next sentence begins with a word that refers back' },
  startsQuote: { apart: 'the next line begins a quotation', on: '' },
  speechTurn: { apart: 'one speech ends and another begins', on: '' },
  startsMarker: { apart: 'the next line begins with a number or a bullet', on: '' },
  inSequence: { apart: 'the next number of a list follows', on: '' },
  startsBullet: { apart: 'the next line begins with a sign such as a dash or a star', on: '' },
  startsSureBullet: { apart: 'the next line begins with a bullet', on: '' },
  headingGoesOn: { apart: '', on: 'the heading goes on with a small letter' },
  insideAddress: { apart: '', on: 'a link or a path goes on' },
  startsClosing: { apart: '', on: 'the next line begins with a closing mark' },
  speaker: { apart: 'another speaker begins', on: '' },
  titleBefore: { apart: 'the line above looks like a title', on: '' },
  titleAfter: { apart: 'the line below looks like a title', on: '' },
  headingBefore: { apart: 'the line above is a heading', on: '' },
  headingAfter: { apart: 'the line below is a heading', on: '' },
  captionAfter: { apart: 'the caption of a figure or a table begins', on: '' },
  speechDash: { apart: 'the next line begins with the dash of a speech', on: '' },
  footnoteAfter: { apart: 'a footnote begins', on: '' },
  footnoteBefore: { apart: 'the footnotes of the page end here', on: '' },
  longPause: { apart: 'the speaker pauses for more than two seconds', on: '' },
  noPause: { apart: '', on: 'the captions follow without a pause' },
  verse: { apart: 'short lines stand together here, as in verse or an address', on: '' },
  title: { apart: 'the line is wider than all that wrap, so it is a title', on: '' },
  shape: { apart: 'lines of one form stand together here, as in a list', on: '' },
  hanging: { apart: 'entries begin farther left than they go on', on: 'the entry goes on, set in' },
  markup: { apart: 'a tag begins or ends a paragraph here', on: '' },
  layout: { apart: 'rows, code and tables of contents keep their lines', on: '' },
  turn: { apart: 'another speaker or another line of a song begins', on: '' },
  speech: { apart: 'the speech goes on for long, so it is divided at a sentence end', on: '' },
  part: { apart: SAID, on: SAID },
};

/** The reasons that speak for the decision, then those against it, as sentences without stops. */
export function reasonWords(reasons: readonly SeamReason[], decision: Decision): { for: string[]; against: string[] } {
  const breaks = decision === Decision.break || decision === Decision.keep;
  const words = { for: [] as string[], against: [] as string[] };
  for (const { name, weight } of reasons) {
    const text = weight > 0 ? REASONS[name].apart : REASONS[name].on;
    if (text) words[weight > 0 === breaks ? 'for' : 'against'].push(text);
  }
  return words;
}

export const SPLIT_WORDS: Readonly<Record<SplitEvidence, string>> = {
  'soft-hyphen': 'the hyphen is one that only line ends have',
  'joined-elsewhere': 'the whole word stands elsewhere in the text',
  'hyphenated-elsewhere': 'the word has its hyphen elsewhere in the text',
  'capital-after': 'a capital follows the hyphen',
  digit: 'a figure stands at the hyphen',
  address: 'the hyphen stands in an address',
  suspended: 'the hyphen stands for a part said later',
  listed: 'the whole word is in the word list',
  enclitic: 'words of this kind hang on by a hyphen',
  chain: 'the first half hangs on a word by a hyphen already',
  'compound-number': 'numbers of this kind keep their hyphen',
  'both-halves-words': 'both halves are words',
  'usual-prefix': 'words that begin so mostly keep their hyphen',
  usual: 'most words that are split so are one word',
};
