import type { Cleaning } from '../cleaning/cleaning.ts';
import { isKept } from '../lines/line-kind.ts';
import { readSpeaker } from '../text/speakers.ts';
import { addPlace, type Place } from '../edits/place.ts';

export interface SpeakerFinding {
  readonly name: string;
  readonly count: number;
  readonly places: readonly Place[];
}

/** The speakers whose labels stand in a caption track or transcript, the most frequent first. */
export function listSpeakers({ source, table }: Cleaning): SpeakerFinding[] {
  if (!table.captions.found) return [];
  const found = new Map<string, { name: string; count: number; places: Place[] }>();
  for (let line = 0; line < table.index.count; line++) {
    if (!isKept(table.kind[line]!)) continue;
    const from = table.from[line]!;
    const label = readSpeaker(source.slice(from, table.to[line]));
    if (!label || label.name === '') continue;
    let finding = found.get(label.name);
    if (!finding) found.set(label.name, (finding = { name: label.name, count: 0, places: [] }));
    finding.count++;
    addPlace(finding.places, from, from + label.length);
  }
  return [...found.values()].sort((a, b) => b.count - a.count);
}
