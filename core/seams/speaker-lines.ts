import { Flag, type LineTable } from '../lines/line-table.ts';
import { readSpeaker } from '../text/speakers.ts';
import { LEANS } from './runs-on.ts';
import { Decision, type SeamTable } from './seam-table.ts';
import { settle, type Verdicts } from './verdicts.ts';

const CERTAINTY = 0.92;
/** Two speakers, each of whom begins two lines, at the least. */
const FEWEST = 2;
const LONGEST_LABEL = 30;

/** In capitals, "ENOCH: ", or as any line begins: "Enoch: ", "old_enoch: ". */
const MAY_NAME = Flag.startsSpeaker | Flag.startsUpper | Flag.startsLower | Flag.startsAddress;
const HANDLE = /^([\p{Ll}\p{N}][\p{L}\p{N}_.-]{1,24}): +\S/u;

/** In an interview or a play a line that begins with the name of one who speaks again and again is another turn. */
export function breakBeforeSpeakers(source: string, table: LineTable, seams: SeamTable, verdicts: Verdicts): void {
  const lines = new Map<string, number[]>();
  for (const [place, line] of seams.line.entries()) {
    if (!(table.flags[line]! & MAY_NAME)) continue;
    const start = source.slice(table.from[line], table.from[line]! + LONGEST_LABEL);
    const name = start.includes(':') ? (readSpeaker(start)?.name ?? HANDLE.exec(start)?.[1]) : undefined;
    if (!name) continue;
    const places = lines.get(name);
    if (places) places.push(place);
    else lines.set(name, [place]);
  }
  const speakers = [...lines.values()].filter((places) => places.length >= FEWEST);
  if (speakers.length < FEWEST) return;
  for (const place of speakers.flat()) {
    const seam = place - 1;
    if (seam < 0 || verdicts.decision[seam] !== Decision.join) continue;
    if (!(table.flags[seams.line[seam]!]! & LEANS)) settle(verdicts, seam, Decision.break, 'speaker', CERTAINTY);
  }
}
