import type { Cleaning } from '../cleaning/cleaning.ts';
import { kindOfSource, type SourceKind } from '../report/summary.ts';
import { linesWrap } from '../seams/decide.ts';
import type { Language } from '../text/language.ts';
import { findCharacters, type CharacterFinding } from './characters-found.ts';
import { profileLines, type LineProfile } from './line-profile.ts';
import { findMarkers, type MarkerFinding } from './markers-found.ts';
import { findParts, type PartFinding } from './parts-found.ts';
import { weighMarks, type MarkFinding } from './paragraph-marks.ts';
import { findRepeatedLines, type RepeatedLine } from './repeated-lines.ts';
import { listSpeakers, type SpeakerFinding } from './speakers-found.ts';
import { listSplits, type SplitFinding } from './splits-found.ts';

/** What was measured in a source and found in it, for people to read and to act on. Places are source offsets. */
export interface Findings {
  readonly kind: SourceKind;
  readonly language: Language;
  readonly lines: number;
  readonly wraps: boolean;
  readonly profile: LineProfile;
  readonly marks: readonly MarkFinding[];
  readonly parts: readonly PartFinding[];
  readonly characters: readonly CharacterFinding[];
  readonly repeated: readonly RepeatedLine[];
  readonly splits: readonly SplitFinding[];
  readonly markers: readonly MarkerFinding[];
  readonly speakers: readonly SpeakerFinding[];
}

/** Measures and lists. Linear in the length of the source. */
export function findFindings(cleaning: Cleaning): Findings {
  return {
    kind: kindOfSource(cleaning),
    language: cleaning.context.language,
    lines: cleaning.table.index.count,
    wraps: linesWrap(cleaning.decided),
    profile: profileLines(cleaning),
    marks: weighMarks(cleaning),
    parts: findParts(cleaning),
    characters: findCharacters(cleaning),
    repeated: findRepeatedLines(cleaning),
    splits: listSplits(cleaning),
    markers: findMarkers(cleaning),
    speakers: listSpeakers(cleaning),
  };
}
