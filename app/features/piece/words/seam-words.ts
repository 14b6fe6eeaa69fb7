import { Decision, type SeamReason, type SplitEvidence } from '../../../../core/index.ts';

interface DecisionWords {
  /** As a thing done, and as a thing to do. */
  readonly done: string;
  readonly todo: string;
  readonly help: string;
  /** What follows from a reason that only makes it likely. */
  readonly likely: string;
}

export const DECISION_WORDS: Readonly<Record<Decision, DecisionWords>> = {
  [Decision.join]: { done: 'joined', todo: 'Join', help: 'the text runs on', likely: 'it probably runs on' },
  [Decision.mend]: {
    done: 'mended',
    todo: 'Mend the word',
    help: 'drop the hyphen',
    likely: 'it is probably one word',
  },
  [Decision.break]: {
    done: 'a new paragraph',
    todo: 'New paragraph',
    help: 'a real line end',
    likely: 'a new paragraph probably starts',
  },
  [Decision.keep]: {
    done: 'kept as a line end',
    todo: 'Keep the line end',
    help: 'verse, an address',
    likely: 'the line end probably stays',
  },
};

interface Sides {
  /** Said when the evidence speaks for a new paragraph. */
  readonly apart: string;
  /** Said when it speaks for running on. */
  readonly on: string;
}

const SAID = 'you said what this part is';

/** Each piece of evidence as a clause that a sentence can begin with. */
const REASONS: Readonly<Record<SeamReason['name'], Sides>> = {
  chosenMark: { apart: 'you said that gaps like this mark paragraphs', on: '' },
  otherThanMark: { apart: '', on: 'you said that another kind of gap marks paragraphs' },
  lineEndMark: { apart: 'the text itself marks a paragraph here', on: '' },
  gap: {
    apart: 'gaps like this separate paragraphs in this text',
    on: 'gaps like this mostly fall inside paragraphs in this text',
  },
  plainGapWhereMarked: { apart: '', on: 'paragraphs are marked in this text, and this line end is not' },
  fullLine: { apart: '', on: 'this line is full' },
  room: { apart: 'the next word would have fitted on this line', on: '' },
  roomAfterStop: { apart: 'a sentence ends here with room left on the line', on: '' },
  roomAtWiderGap: { apart: 'this line has room left, and a wider gap follows', on: '' },
  shortFill: { apart: 'this line is shorter than the ones that run on', on: '' },
  fullEnd: {
    apart: 'this text has many paragraphs, and some end in a full line',
    on: 'this text has few paragraphs, and sentences often end at a line end by chance',
  },
  pieceOfLine: { apart: '', on: 'the two lines together are as wide as one' },
  looseRun: { apart: 'several lines in a row have room left', on: '' },
  looseGroup: { apart: 'all lines of this group have room left', on: '' },
  notWrapped: { apart: 'lines are not wrapped in this text', on: '' },
  hangingLine: { apart: '', on: 'this line is aligned with the words of a list item' },
  pageTurn: { apart: '', on: 'the sentence continues on the next page' },
  endsStop: { apart: 'this line ends a sentence', on: '' },
  endsColon: { apart: 'this line ends with a colon', on: '' },
  endsComma: { apart: '', on: 'this line ends with a comma' },
  endsHyphen: { apart: '', on: 'this line ends with a hyphen' },
  endsAbbreviation: { apart: '', on: 'this line ends with an abbreviation, not a sentence' },
  endsFunctionWord: { apart: '', on: 'the last word needs another after it' },
  endsOpen: { apart: '', on: 'the sentence is not finished' },
  startsLower: { apart: '', on: 'the next line starts with a small letter' },
  startsUpper: { apart: 'the next line starts with a capital', on: '' },
  startsReferring: { apart: '', on: 'the next sentence starts with a word that refers back' },
  startsQuote: { apart: 'the next line opens a quotation', on: '' },
  speechTurn: { apart: 'one speech ends and another begins', on: '' },
  startsMarker: { apart: 'the next line starts with a number or a bullet', on: '' },
  inSequence: { apart: 'the next number of a list follows', on: '' },
  startsBullet: { apart: 'the next line starts with a sign such as a dash or a star', on: '' },
  startsSureBullet: { apart: 'the next line starts with a bullet', on: '' },
  headingGoesOn: { apart: '', on: 'the heading continues with a small letter' },
  insideAddress: { apart: '', on: 'a link or a path continues' },
  startsClosing: { apart: '', on: 'the next line starts with a closing mark' },
  speaker: { apart: 'another speaker begins', on: 'the same speaker goes on, and the line above is full' },
  titleBefore: { apart: 'the line above looks like a title', on: '' },
  titleAfter: { apart: 'the line below looks like a title', on: '' },
  headingBefore: { apart: 'the line above is a heading', on: '' },
  headingAfter: { apart: 'the line below is a heading', on: '' },
  captionAfter: { apart: 'the caption of a figure or table follows', on: '' },
  speechDash: { apart: 'the next line starts with the dash of direct speech', on: '' },
  footnoteAfter: { apart: 'a footnote follows', on: '' },
  footnoteBefore: { apart: 'the footnotes of the page end here', on: '' },
  newElement: { apart: 'the file says that a new paragraph begins here', on: '' },
  sameHeading: { apart: '', on: 'both lines are of one heading, as the file says' },
  longPause: { apart: 'the speaker pauses for more than two seconds', on: '' },
  noPause: { apart: '', on: 'the captions follow without a pause' },
  paragraphLength: {
    apart: 'the paragraph would be long for this text without a break here',
    on: 'the paragraph would be short for this text',
  },
  linesBeside: { apart: 'the lines around look like the end of a paragraph', on: 'the lines around run on' },
  lineLength: { apart: 'this line is short among those of this text', on: 'this line is as full as those that run on' },
  setOff: { apart: 'the next line is set off from this one', on: 'the next line is not set off from this one' },
  habits: {
    apart: 'line ends like this mostly end paragraphs in this text',
    on: 'line ends like this mostly fall inside paragraphs in this text',
  },
  verse: { apart: 'short lines stand together here, as in verse or an address', on: '' },
  wideSpace: { apart: 'the next line is set in by a wide space, as a paragraph is', on: '' },
  fullWithoutStop: { apart: '', on: 'the line is full and no sentence ends in it' },
  title: {
    apart: 'this line is wider than the lines that wrap, as a title is',
    on: 'this line and the next are one heading: both are in capitals, and only the last ends in a full stop',
  },
  head: { apart: 'the next line looks like a heading: it ends no sentence, and a paragraph begins after it', on: '' },
  repeated: { apart: 'the same line stands by itself elsewhere in this text', on: '' },
  shape: { apart: 'these lines share one form, as in a list', on: '' },
  hanging: {
    apart: 'entries start farther left than their other lines',
    on: 'this line is set in, as the rest of an entry is',
  },
  wrappedEntry: {
    apart: '',
    on: 'the next word had no room on this line, and the next line does not begin as the others do',
  },
  ordered: {
    apart: 'the next line begins another entry of this list',
    on: 'this line is full, and the next line begins no new entry of this list',
  },
  setIn: { apart: 'the next line is indented as paragraphs are here, and this one has room left', on: '' },
  hungItem: { apart: 'the next line is not indented as the list items above it are', on: '' },
  loneBullet: { apart: '', on: 'the bullet of a list item stands on a line of its own here' },
  formField: { apart: 'this is a form, with blanks to fill in', on: '' },
  shortLine: { apart: 'this line ends far too early to be wrapped', on: '' },
  salutation: { apart: 'a letter begins with this line', on: '' },
  cutWord: { apart: '', on: 'this line in capitals ends within a word' },
  cutFirst: { apart: '', on: 'the text starts in the middle of a sentence, which goes on in the next line' },
  signFirst: { apart: '', on: 'the next line starts with a stop, a comma or a closing bracket' },
  article: { apart: '', on: 'this line ends in what belongs to the next, as “the”, “Mr.” or “page” does' },
  gapWithRoom: { apart: 'a blank line stands here, though the next word would have fitted on the line', on: '' },
  gapByCustom: {
    apart: 'a blank line stands here, as between the other paragraphs',
    on: 'the line is full, and other paragraphs have a blank line between them',
  },
  spacedLine: { apart: '', on: 'every line here has a blank one after it, and this one is full' },
  initial: { apart: '', on: 'this letter is the big first letter of the line below' },
  aside: { apart: '', on: 'the sentence continues below what stands between its halves' },
  ownForm: { apart: 'one of the two lines has a form of its own, such as a note, an address or a name', on: '' },
  bracket: { apart: '', on: 'a bracket opens in this line and closes in the next' },
  openSpeech: { apart: '', on: 'a quotation is still open at the end of this line, and closes further down' },
  runInNumber: { apart: '', on: 'the number before this one stands within a line, so the sentence goes on' },
  overlong: { apart: 'a line here is far longer than those that wrap, so it is a paragraph by itself', on: '' },
  displayed: { apart: 'a line stands by itself here, set off from the lines around it', on: '' },
  speechBlock: {
    apart: 'names, directions and speeches have indents of their own here',
    on: 'the speech continues in a column of its own',
  },
  singleWords: {
    apart: 'a wider gap follows, in a text with one word to a line',
    on: 'this text has one word to a line',
  },
  noStops: { apart: 'this text has no full stops; only gaps and line lengths tell', on: '' },
  noCapitals: { apart: 'no sentence here starts with a capital, so gaps and line lengths decide', on: '' },
  speechEnd: { apart: 'one speech ends here, and another begins', on: '' },
  markup: { apart: 'a tag starts or ends a paragraph here', on: '' },
  layout: { apart: 'tables, code and contents keep their lines', on: '' },
  columns: { apart: 'a wide gap stands in one of the two lines, as between columns', on: '' },
  quotation: { apart: 'one of the two lines is quoted more deeply than the other', on: '' },
  label: { apart: 'a button or an advert of the page stood between the two lines', on: '' },
  turn: {
    apart: 'another speaker or another line of a song begins',
    on: 'speakers are marked here, and the next line has no mark',
  },
  centred: { apart: 'the lines here are centred, as on a card or a title page', on: '' },
  speech: { apart: 'the speech is long, and a sentence ends here', on: '' },
  withoutPause: { apart: '', on: 'the next caption follows without a pause' },
  part: { apart: SAID, on: SAID },
  opening: { apart: 'the style says that a paragraph begins with these words', on: '' },
  taught: { apart: 'a line shape that you taught fits both lines', on: '' },
};

/** Why a decision was taken, as a sentence: “This line is full, so it probably runs on.” Empty without a reason. */
export function sentenceOf(reason: string | undefined, decision: Decision): string {
  return reason ? `${capital(reason)}, so ${DECISION_WORDS[decision].likely}.` : '';
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

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
  'soft-hyphen': 'this kind of hyphen only stands at line ends',
  'joined-elsewhere': 'the whole word is used elsewhere in the text',
  'hyphenated-elsewhere': 'the word has its hyphen elsewhere in the text',
  'capital-after': 'a capital follows the hyphen',
  digit: 'there is a digit at the hyphen',
  address: 'the hyphen is part of an address',
  suspended: 'the hyphen stands for a part that comes later',
  listed: 'the whole word is in the word list',
  enclitic: 'words of this kind are attached with a hyphen',
  chain: 'the word has another hyphen in it',
  'one-letter': 'no word is divided after its first letter',
  'compound-number': 'numbers of this kind keep their hyphen',
  'both-halves-words': 'both halves are words',
  'usual-prefix': 'words that begin like this mostly keep their hyphen',
  usual: 'most words split like this are one word',
  named: 'the style says that this word keeps its hyphen',
};
