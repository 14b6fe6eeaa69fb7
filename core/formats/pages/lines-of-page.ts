import { raisedFigures } from '../../text/raised-figures.ts';
import type { PlacedPage, PlacedWord } from '../document.ts';
import { notesLast } from './page-notes.ts';
import { isDropCap, joinDropCaps } from './drop-caps.ts';
import { inReadingOrder } from './reading-order.ts';
import type { PageLines, PlacedLine } from './placed-line.ts';

/** Words this far apart, in sizes of their type, do not stand in one line of one column. */
const WIDEST_GAP = 2;
/** A gap this wide, in sizes of the type, is a space. */
const SPACE = 0.16;
const SAME_BASELINE = 0.3;
/** Raised or lowered type is smaller than this share of the type beside it. */
const SMALL = 0.85;
const MOST_RAISED = 0.75;

/** Puts the words of a page together to lines, in the order in which they are read. What is stamped across the page is left out. */
export function linesOfPage({ words }: PlacedPage): PageLines {
  const lines: Line[] = [];
  for (const word of words) {
    if (!word.isUpright || word.text === '') continue;
    const line = lines
      .slice(-MOST_LOOKED_AT)
      .reverse()
      .find((one) => belongs(one, word));
    if (line) add(line, word);
    else if (word.text.trim() !== '') lines.push(start(word));
  }
  return { lines: notesLast(inReadingOrder(joinDropCaps(lines.map(finish)))) };
}

/** Words come mostly in the order of their lines; marks that are raised may come somewhat later. */
const MOST_LOOKED_AT = 6;

const CJK = '[\\u2e80-\\u30ff\\u3400-\\u4dbf\\u4e00-\\u9fff\\uff00-\\uffef]';
const SPREAD = new RegExp(`(?<=${CJK}) (?=${CJK})`, 'g');

interface Line {
  text: string;
  left: number;
  right: number;
  baseline: number;
  size: number;
}

function start({ text, left, right, baseline, size }: PlacedWord): Line {
  return { text, left, right, baseline, size };
}

function belongs(line: Line, word: PlacedWord): boolean {
  const size = Math.max(line.size, word.size);
  const gap = word.left - line.right;
  if (gap > WIDEST_GAP * size || gap < -0.5 * size) return false;
  if (isDropCap(line, word.size)) return false;
  const above = line.baseline - word.baseline;
  if (Math.abs(above) < SAME_BASELINE * size) return true;
  // A raised mark behind a word, or words behind a mark that began the line.
  if (gap > 0.5 * size) return false;
  return word.size < SMALL * line.size
    ? above > 0 && above < MOST_RAISED * size
    : line.size < SMALL * word.size && above < 0 && -above < MOST_RAISED * size;
}

function add(line: Line, word: PlacedWord): void {
  const isRaised = word.size < SMALL * line.size && line.baseline - word.baseline > 0.15 * line.size;
  if (line.size < SMALL * word.size) {
    if (word.baseline - line.baseline > 0.15 * word.size && /^\d{1,3}$/.test(line.text.trim()))
      line.text = raisedFigures(line.text.trim());
    line.size = word.size;
    line.baseline = word.baseline;
  }
  const gap = word.left - line.right;
  if (gap > SPACE * word.size && !/\s$/.test(line.text) && !/^\s/.test(word.text) && !isRaised) line.text += ' ';
  line.text += isRaised && /^\d{1,3}$/.test(word.text.trim()) ? raisedFigures(word.text.trim()) : word.text;
  if (word.text.trim() !== '') line.right = Math.max(line.right, word.right);
}

function finish(line: Line): PlacedLine {
  // Lines of East Asian scripts are filled by spreading their signs, which looks like spaces.
  const text = line.text
    .replace(/[\s\u00a0]+/g, ' ')
    .replace(SPREAD, '')
    .trim();
  return { ...line, text };
}
