import { captionRepeats, soundCues, timeCodes } from './caption-marks.ts';
import { doubledSpaces } from './doubled-spaces.ts';
import { invisible } from './invisible.ts';
import { ligatures } from './ligatures.ts';
import {
  blankLines,
  edgeSpaces,
  footnotes,
  lineNumbers,
  pageFurniture,
  rules,
  splitWords,
  webLabels,
  wrappedLines,
} from './line-passes.ts';
import { oddSpaces } from './odd-spaces.ts';
import type { Pass, PassGroup } from './pass.ts';
import { referenceMarks } from './reference-marks.ts';
import { tabs } from './tabs.ts';

/** All passes in working order: the one list that the rail, the command and the tests read. */
export const PASSES = [
  oddSpaces,
  tabs,
  invisible,
  ligatures,
  pageFurniture,
  footnotes,
  lineNumbers,
  webLabels,
  timeCodes,
  captionRepeats,
  soundCues,
  rules,
  wrappedLines,
  splitWords,
  blankLines,
  referenceMarks,
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
];
