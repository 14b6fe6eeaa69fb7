import { Flag, type LineTable } from '../lines/line-table.ts';
import { Decision, type SeamTable } from './seam-table.ts';

/** In characters: a longer paragraph of speech is divided, at the longest pause after the shortest length. */
const LONGEST = 3000;
const SHORTEST = 1000;
/** Where to divide speech without pauses and turns is a matter of taste. */
const CERTAINTY = 0.6;
const TAG = /<[^<>]*>/g;

/**
 * Divides what a caption track leaves without pauses and turns for pages: at the end of a sentence, in unpunctuated captions
 * anywhere, where the speaker stops longest.
 */
export function divideLongSpeech(
  source: string,
  table: LineTable,
  seams: SeamTable,
  decision: Uint8Array,
  certainty: Float32Array,
): void {
  if (!table.captions.found) return;
  const chars = Uint32Array.from(seams.line, (line) => {
    return source.slice(table.from[line], table.to[line]).replace(TAG, '').length + 1;
  });
  let since = 0;
  let from = 0;
  for (let seam = 0; seam < seams.count; seam++) {
    since += chars[seam]!;
    if (decision[seam] === Decision.break) {
      since = 0;
      from = seam + 1;
    } else if (since > LONGEST) {
      const best = bestDivision(table, seams, chars, decision, from, seam);
      if (best !== undefined) {
        decision[best] = Decision.break;
        certainty[best] = CERTAINTY;
      }
      from = (best ?? seam) + 1;
      since = 0;
      for (let kept = from; kept <= seam; kept++) since += chars[kept]!;
    }
  }
}

/** The seam of the longest pause after enough text; of sentence ends, where there are any. */
function bestDivision(
  table: LineTable,
  seams: SeamTable,
  chars: Uint32Array,
  decision: Uint8Array,
  from: number,
  to: number,
): number | undefined {
  const { start, end } = table.captions;
  let length = 0;
  let best: number | undefined;
  let bestWorth = -Infinity;
  for (let seam = from; seam <= to; seam++) {
    length += chars[seam]!;
    if (length < SHORTEST || decision[seam] !== Decision.join) continue;
    const pause = start[seams.line[seam + 1]!]! - end[seams.line[seam]!]! || 0;
    const closes = table.flags[seams.line[seam]!]! & Flag.endsStop ? 1 : 0;
    const worth = closes * 1e7 + pause;
    if (worth > bestWorth) {
      bestWorth = worth;
      best = seam;
    }
  }
  return best;
}
