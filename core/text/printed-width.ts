import { isDirectionMark } from './characters.ts';

/**
 * Estimated printed width of text set in a proportional book face, in thousandths of an em. The classes follow the advance
 * widths common to text faces (a digit is half an em wide, an "m" three times an "i"); no one face is meant.
 */
const NARROW = "iljtf.,;:'!|()[]-‘’·";
const WIDE = 'mwMWÆŒæœ—…@%&';
const CAPITAL = 750;

const ASCII_WIDTHS = buildAsciiWidths();

function buildAsciiWidths(): Uint16Array {
  const widths = new Uint16Array(0x180);
  for (let code = 0; code < widths.length; code++) widths[code] = classWidth(String.fromCharCode(code));
  return widths;
}

function classWidth(char: string): number {
  if (char === ' ' || char === '\u00a0') return 250;
  if (NARROW.includes(char)) return 300;
  if (WIDE.includes(char)) return char === char.toLowerCase() ? 780 : 900;
  if (char === 'I' || char === 'J' || char === 's' || char === 'r') return 390;
  if (char >= 'A' && char <= 'Z') return CAPITAL;
  return 500;
}

/** Advance width of one code unit, in thousandths of an em. */
export function unitWidth(code: number): number {
  if (code < 0x180) return ASCII_WIDTHS[code]!;
  if (code >= 0x2e80 && code <= 0xff60) return 1000;
  if (code === 0x2014 || code === 0x2026) return 1000;
  if (code === 0x2018 || code === 0x2019) return 300;
  if (code === 0x200b || code === 0xfeff || isDirectionMark(code)) return 0;
  return 500;
}

/** Printed width of source[from, to), in thousandths of an em. */
export function printedWidth(source: string, from: number, to: number): number {
  let width = 0;
  for (let at = from; at < to; at++) width += unitWidth(source.charCodeAt(at));
  return width;
}
