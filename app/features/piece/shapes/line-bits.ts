import { entryOfForm, lineTokens, type GroupView, type Part } from '../../../../core/index.ts';

const WORDS = /[\p{L}\p{M}\p{N}]+(?:[’'.-][\p{L}\p{M}\p{N}]+)*|[^\s\p{L}\p{M}\p{N}]+/gu;

/** The bits of a line that can be marked: words, signs, and whole times, dates, links and figures. */
export function lineBits(line: string): Part[] {
  return lineTokens(line).flatMap((token): Part[] => {
    if (token.is === 'sign' && token.sign === 'gap') return [];
    if (token.is !== 'text' && token.is !== 'bracket') return [{ from: token.from, to: token.to }];
    return Array.from(line.slice(token.from, token.to).matchAll(WORDS), (found) => ({
      from: token.from + found.index,
      to: token.from + found.index + found[0].length,
    }));
  });
}

/** The parts that marked bits make: those side by side are one. */
export function partsOf(bits: readonly Part[], marked: ReadonlySet<number>): Part[] {
  const parts: Part[] = [];
  for (const [at, { from, to }] of bits.entries()) {
    if (!marked.has(at)) continue;
    const before = parts.at(-1);
    if (before && marked.has(at - 1)) parts[parts.length - 1] = { from: before.from, to };
    else parts.push({ from, to });
  }
  return parts;
}

/** What is most likely wanted of a line: its longest words. */
export function likelyMarks(line: string, bits: readonly Part[]): ReadonlySet<number> {
  const longest = lineTokens(line)
    .filter(({ is }) => is === 'text')
    .reduce<Part | undefined>(
      (best, token) => (best && best.to - best.from >= token.to - token.from ? best : token),
      undefined,
    );
  return new Set(bits.flatMap(({ from, to }, at) => (longest && from >= longest.from && to <= longest.to ? [at] : [])));
}

/** The line that stands for a group as an example; of several entries in a line it is the first that is like the others. */
export function exampleOf(text: string, { form, within }: Pick<GroupView, 'form' | 'within'>): string {
  const entry = within && entryOfForm(text, within, form);
  return entry ? text.slice(entry.from, entry.to) : text.trim();
}
