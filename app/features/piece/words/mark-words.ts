import type { ParagraphMark } from '../../../../core/index.ts';

const BLANKS = ['', 'a blank line', 'two blank lines', 'three blank lines'];
const STEPS = { level: 'every line end', in: 'a line that steps in', out: 'a line that steps out' } as const;

/** What marks paragraphs, in words: "a blank line", "a line that steps in". */
export function markWords(mark: ParagraphMark): string {
  if (mark.by === 'nothing') return 'no gap';
  const gap = mark.blanks > 0 ? BLANKS[mark.blanks]! : STEPS[mark.step];
  return mark.odd ? `${gap} with a no-break space` : gap;
}
