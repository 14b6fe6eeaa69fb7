import { asciiOnly } from './ascii-only.ts';
import { authorYear } from './author-year.ts';
import { bareAddresses } from './bare-addresses.ts';
import { blankLines } from './blank-lines.ts';
import { bullets } from './bullets.ts';
import { captionRepeats } from './caption-repeats.ts';
import { composedLetters } from './composed-letters.ts';
import { dashes } from './dashes.ts';
import { doubledPunctuation } from './doubled-punctuation.ts';
import { doubledSpaces } from './doubled-spaces.ts';
import { edgeSpaces } from './edge-spaces.ts';
import { ellipses } from './ellipses.ts';
import { emoji } from './emoji.ts';
import { entities } from './entities.ts';
import { falseStarts } from './false-starts.ts';
import { figuresOnly } from './figures-only.ts';
import { fillers } from './fillers.ts';
import { footnotes } from './footnotes.ts';
import { fullWidth } from './full-width.ts';
import { gapsInWords } from './gaps-in-words.ts';
import { invisible } from './invisible.ts';
import { lettersOnly } from './letters-only.ts';
import { ligatures } from './ligatures.ts';
import { lineNumbers } from './line-numbers.ts';
import { links } from './links.ts';
import { mailQuotes } from './mail-quotes.ts';
import { misreadBytes } from './misread-bytes.ts';
import { missingSpace } from './missing-space.ts';
import { noFigures } from './no-figures.ts';
import { noPunctuation } from './no-punctuation.ts';
import { noStops } from './no-stops.ts';
import { ocrSlips } from './ocr-slips.ts';
import { oddSpaces } from './odd-spaces.ts';
import { pageFurniture } from './page-furniture.ts';
import { isFindingPass, type LinePass, type Pass, type PassGroup } from './pass.ts';
import { quotes } from './quotes.ts';
import { referenceMarks } from './reference-marks.ts';
import { repeatedWords } from './repeated-words.ts';
import { rules } from './rules.ts';
import { sentenceCapitals } from './sentence-capitals.ts';
import { soundCues } from './sound-cues.ts';
import { spaceBeforePunctuation } from './space-before-punctuation.ts';
import { speakerLabels } from './speaker-labels.ts';
import { splitWords } from './split-words.ts';
import { strayTags } from './stray-tags.ts';
import { tabs } from './tabs.ts';
import { timeCodes } from './time-codes.ts';
import { webLabels } from './web-labels.ts';
import { wrappedLines } from './wrapped-lines.ts';

const ALL = [
  misreadBytes,
  entities,
  strayTags,
  oddSpaces,
  tabs,
  gapsInWords,
  invisible,
  ligatures,
  fullWidth,
  composedLetters,
  pageFurniture,
  footnotes,
  lineNumbers,
  mailQuotes,
  webLabels,
  timeCodes,
  captionRepeats,
  soundCues,
  speakerLabels,
  rules,
  wrappedLines,
  splitWords,
  blankLines,
  referenceMarks,
  authorYear,
  links,
  bareAddresses,
  bullets,
  emoji,
  doubledPunctuation,
  missingSpace,
  ellipses,
  dashes,
  quotes,
  ocrSlips,
  fillers,
  falseStarts,
  repeatedWords,
  sentenceCapitals,
  asciiOnly,
  lettersOnly,
  figuresOnly,
  noFigures,
  noPunctuation,
  noStops,
  spaceBeforePunctuation,
  edgeSpaces,
  doubledSpaces,
] as const satisfies readonly Pass[];

/** All passes in working order: the one list that the rail, the command and the tests read. */
export const PASSES: readonly (Pass & { readonly id: PassId })[] = ALL;

export type PassId = (typeof ALL)[number]['id'];

/** Those that take out lines or parts of lines. */
export const LINE_PASSES: readonly (LinePass & { readonly id: PassId })[] = ALL.filter(
  (pass) => pass.works === 'lines',
);

/** Those that look for edits in blocks. */
export const FINDING_PASSES = PASSES.filter(isFindingPass);

const OWNERS: ReadonlyMap<number, PassId> = new Map(
  LINE_PASSES.flatMap(({ id, kinds }) => kinds.map((kind) => [kind, id] as const)),
);

/** The pass that owns a kind of line; undefined where none does. */
export function passOfLine(kind: number): PassId | undefined {
  return OWNERS.get(kind);
}

/** Of the passes that worked in one place, the one that gives this reason to doubt; undefined where none does. */
export function passOfReason(passes: readonly string[], why: string | undefined): Pass | undefined {
  return PASSES.find((pass) => passes.includes(pass.id) && why !== undefined && pass.reasons?.[why] !== undefined);
}

/** The pass with an id; undefined where there is none, as with ids of newer versions. */
export function findPass(id: string): (Pass & { readonly id: PassId }) | undefined {
  return BY_ID.get(id);
}

const BY_ID: ReadonlyMap<string, Pass & { readonly id: PassId }> = new Map(PASSES.map((pass) => [pass.id, pass]));

export const PASS_GROUPS: readonly { readonly id: PassGroup; readonly title: string }[] = [
  { id: 'characters', title: 'Characters' },
  { id: 'lines', title: 'Lines that go' },
  { id: 'breaks', title: 'Line breaks' },
  { id: 'spaces', title: 'Spaces' },
  { id: 'marks', title: 'Marks' },
  { id: 'punctuation', title: 'Punctuation' },
  { id: 'words', title: 'Words' },
];
