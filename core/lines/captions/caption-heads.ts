import type { LineIndex } from '../../text/line-index.ts';
import { LineKind } from '../line-kind.ts';
import { readCueTag } from './clock.ts';
import type { TimeSpot } from './time-spots.ts';

const VTT = /^\ufeff?WEBVTT(?:[ \t].*)?$/;
const VTT_BLOCK = /^(?:NOTE(?:[ \t].*)?|STYLE|REGION)[ \t]*$/;
const SONG_FIELD = /^\[(?:ar|ti|al|au|by|re|ve|length|offset|la):[^\]\n]*\][ \t]*$/i;
const SCRIPT_SECTION = /^\[[A-Z][A-Za-z0-9+ ]*\][ \t]*$/;
/** Nothing but tags of such a file; whatever else stands in "<" and ">" is said. */
const ONLY_TAGS =
  /^\s*(?:<[?/]?(?:[\w-]+:)?(?:xml|tt|head|body|div|p|span|style|styling|layout|region|metadata|transcript|timedtext|text)\b[^<>]*>\s*)+$/i;
const SCRIPT_COMMENT = /^(?:Comment|Format):/;

/**
 * Drops what caption files say of themselves: the head of a WebVTT file and its notes, styles and regions; the sections before the
 * events of a script; the markup around the lines of others; the fields of a song. Nothing goes from a text that is not in that form.
 */
export function dropCaptionHeads(source: string, index: LineIndex, kind: Uint8Array, spots: readonly TimeSpot[]): void {
  const lineText = (line: number) => source.slice(index.from[line], index.to[line]);
  const drop = (line: number) => {
    if (kind[line] === LineKind.prose) kind[line] = LineKind.captionHeader;
  };
  const first = kind.findIndex((one) => one !== LineKind.blank);
  const isVtt = first >= 0 && VTT.test(lineText(first));
  const isScript = first >= 0 && SCRIPT_SECTION.test(lineText(first)) && source.includes('Dialogue:');
  const timed = new Set(isVtt || isScript ? spots.map(({ line }) => line) : []);
  if (isVtt) {
    let inBlock = true;
    for (let line = first; line < kind.length; line++) {
      if (kind[line] === LineKind.blank) inBlock = false;
      else if (timed.has(line)) inBlock = false;
      else if (inBlock) drop(line);
      else if ((line === 0 || kind[line - 1] === LineKind.blank) && VTT_BLOCK.test(lineText(line))) {
        inBlock = true;
        drop(line);
      }
    }
  } else if (isScript) {
    let inHead = true;
    for (let line = first; line < kind.length; line++) {
      if (timed.has(line)) inHead = false;
      if (!timed.has(line) && (inHead || SCRIPT_SECTION.test(lineText(line)))) drop(line);
      else if (SCRIPT_COMMENT.test(lineText(line))) drop(line);
    }
  } else if (spots.some(({ line }) => readCueTag(lineText(line)))) {
    for (let line = 0; line < kind.length; line++) if (ONLY_TAGS.test(lineText(line))) drop(line);
  } else if (spots.some(({ bracket, isExact }) => bracket === '[' && isExact)) {
    for (let line = Math.max(0, first); line < spots[0]!.line; line++) if (SONG_FIELD.test(lineText(line))) drop(line);
  }
}
