import type { PlacedLine } from './placed-line.ts';

/** A letter that is so many times as large as the text beside it is the first of a chapter, set beside two lines or more. */
const LARGER = 1.7;
/** How far the text beside it may begin, in sizes of its type. */
const WIDEST_GAP = 1;
/** So far from the next word, in sizes of the type, a letter is a word by itself. */
const SPACE = 0.5;
/** Letters that are a word by themselves in one language or another; others are always part of one. */
const WORDS = /^\P{L}?[AEIOUYÀÉÓЯИАОУВСК]$/u;

/** More of them a page does not have. */
const MOST = 8;
/** A letter alone, or behind the mark that opens a speech. */
const LETTER = /^[“"'‘„«]?\s?\p{Lu}$/u;

/** Whether a line is one letter, so large beside type of a size that it begins several lines of it. */
export function isDropCap({ text, size }: Pick<PlacedLine, 'text' | 'size'>, beside: number): boolean {
  return size > LARGER * beside && LETTER.test(text);
}

/**
 * Puts large first letters before the line that they begin. The lines beside one begin where it does: their place says nothing of a
 * paragraph.
 */
export function joinDropCaps(lines: readonly PlacedLine[]): PlacedLine[] {
  const gone = new Set<PlacedLine>();
  const instead = new Map<PlacedLine, PlacedLine>();
  for (const letter of lines.filter(({ text }) => LETTER.test(text)).slice(0, MOST)) {
    const beside = lines
      .filter((line) => line !== letter && isBeside(letter, line))
      .sort((a, b) => a.baseline - b.baseline);
    const [first] = beside;
    if (!first) continue;
    gone.add(letter);
    const text = `${letter.text}${isWord(letter, first, lines) ? ' ' : ''}${first.text}`;
    for (const line of beside) instead.set(line, { ...line, left: letter.left, ...(line === first && { text }) });
  }
  return gone.size === 0
    ? [...lines]
    : lines.filter((line) => !gone.has(line)).map((line) => instead.get(line) ?? line);
}

/** Whether a letter is a word by itself: what follows it is a word as well, which stands elsewhere on the page; "nside" does not. */
function isWord(letter: PlacedLine, first: PlacedLine, lines: readonly PlacedLine[]): boolean {
  if (!WORDS.test(letter.text)) return false;
  if (first.left - letter.right > SPACE * first.size) return true;
  const wordsOf = ({ text }: PlacedLine) => text.toLowerCase().split(/[^\p{L}\p{M}’']+/u);
  const [next = '', ...others] = wordsOf(first);
  return next !== '' && (others.includes(next) || lines.some((line) => line !== first && wordsOf(line).includes(next)));
}

function isBeside(letter: PlacedLine, { left, baseline, size }: PlacedLine): boolean {
  if (!isDropCap(letter, size)) return false;
  const gap = left - letter.right;
  const isAtItsHeight = baseline > letter.baseline - letter.size && baseline < letter.baseline + 0.3 * size;
  return gap > -0.3 * size && gap < WIDEST_GAP * size && isAtItsHeight;
}
