import { authorYear } from './author-year.ts';
import { bullets } from './bullets.ts';
import { captionRepeats, soundCues, timeCodes } from './caption-marks.ts';
import { composedLetters } from './composed-letters.ts';
import { dashes } from './dashes.ts';
import { doubledPunctuation } from './doubled-punctuation.ts';
import { doubledSpaces } from './doubled-spaces.ts';
import { ellipses } from './ellipses.ts';
import { emoji } from './emoji.ts';
import { entities } from './entities.ts';
import { fullWidth } from './full-width.ts';
import { invisible } from './invisible.ts';
import { ligatures } from './ligatures.ts';
import {
  blankLines,
  edgeSpaces,
  footnotes,
  lineNumbers,
  mailQuotes,
  pageFurniture,
  rules,
  splitWords,
  webLabels,
  wrappedLines,
} from './line-passes.ts';
import { bareAddresses, links } from './links.ts';
import { misreadBytes } from './misread-bytes.ts';
import { missingSpace } from './missing-space.ts';
import { ocrSlips } from './ocr-slips.ts';
import { oddSpaces } from './odd-spaces.ts';
import type { Pass, PassGroup } from './pass.ts';
import { quotes } from './quotes.ts';
import { referenceMarks } from './reference-marks.ts';
import { spaceBeforePunctuation } from './space-before-punctuation.ts';
import { speakerLabels } from './speaker-labels.ts';
import { falseStarts } from './false-starts.ts';
import { fillers, repeatedWords, sentenceCapitals } from './spoken.ts';
import { strayTags } from './stray-tags.ts';
import { asciiOnly, figuresOnly, lettersOnly, noFigures, noPunctuation, noStops } from './strip.ts';
import { tabs } from './tabs.ts';

/** All passes in working order: the one list that the rail, the command and the tests read. */
export const PASSES = [
  misreadBytes,
  entities,
  strayTags,
  oddSpaces,
  tabs,
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

export type PassId = string;

export const PASS_GROUPS: readonly { readonly id: PassGroup; readonly title: string }[] = [
  { id: 'characters', title: 'Characters' },
  { id: 'lines', title: 'Lines that go' },
  { id: 'breaks', title: 'Line breaks' },
  { id: 'spaces', title: 'Spaces' },
  { id: 'marks', title: 'Marks' },
  { id: 'punctuation', title: 'Punctuation' },
  { id: 'words', title: 'Words' },
];
