import type { LineIndex } from '../../text/line-index.ts';
import { isKept } from '../line-kind.ts';

interface Spoken {
  readonly start: Float64Array;
  readonly end: Float64Array;
  readonly leadTo: Uint32Array;
}

/**
 * Gives each line the end that its length makes likely: its start, and its characters at the middle speed of all lines. False
 * where too little is known to tell a speed.
 */
export function estimateEnds(index: LineIndex, kind: Uint8Array, out: Spoken): boolean {
  const spoken: number[] = [];
  for (let line = 0; line < index.count; line++) if (isKept(kind[line]!) && out.start[line]! >= 0) spoken.push(line);
  const length = (line: number) => index.to[line]! - Math.max(index.from[line]!, out.leadTo[line]!);
  /** Lines that share a start are spoken one after another: the cue ends with the last of them. */
  const cues: { line: number; chars: number }[] = [];
  for (const line of spoken) {
    const cue = cues.at(-1);
    if (cue && out.start[cue.line] === out.start[line]) {
      cue.chars += length(line);
      cue.line = line;
    } else cues.push({ line, chars: length(line) });
  }
  const speeds = cues.slice(1).map((next, at) => {
    const { line, chars } = cues[at]!;
    return (out.start[next.line]! - out.start[line]!) / Math.max(1, chars);
  });
  const speed = speeds.sort((a, b) => a - b)[speeds.length >> 1];
  if (speed === undefined || speed <= 0) return false;
  for (const line of spoken) out.end[line] = out.start[line]!;
  for (const { line, chars } of cues) out.end[line] = out.start[line]! + chars * speed;
  return true;
}
