import { writeExpression } from './expression.ts';
import type { LineShape, Part, Pattern } from './line-shape.ts';
import { entriesOf } from './entries.ts';
import { expressionOf } from './pattern-expression.ts';
import { withoutBlanks } from './signs.ts';

/** A shape ready to be tried on lines. */
export interface Matcher {
  /** The parts of a line, or of an entry of one, that are kept; undefined where the shape does not fit. */
  match(line: string): Part[] | undefined;
}

/** Longer lines are running text: no shape is tried on them. */
export const LONGEST_LINE = 1000;

export function matcherOf({ patterns }: Pick<LineShape, 'patterns'>): Matcher {
  const tried = patterns.map(compilePattern);
  return {
    match(line) {
      const { from, to } = withoutBlanks(line);
      if (to - from > LONGEST_LINE || from === to) return undefined;
      const words = line.slice(from, to);
      for (const pattern of tried) {
        const parts = pattern(words);
        if (parts) return parts.map((part) => ({ from: part.from + from, to: part.to + from }));
      }
      return undefined;
    },
  };
}

function compilePattern(pattern: Pattern): (words: string) => Part[] | undefined {
  const expression = new RegExp(writeExpression(expressionOf(pattern), 'ecmascript').expression, 'du');
  return (words) =>
    expression
      .exec(words)
      ?.indices!.slice(1)
      // No group of a pattern is optional.
      .map((range) => ({ from: range![0], to: range![1] }));
}

const FEWEST_ENTRIES = 2;
const LEAST_SHARE_OF_ENTRIES = 0.5;

/** What a shape makes of a line: replacements in order, which do not touch one another. */
export interface ShapeEdit extends Part {
  readonly insert: string;
}

/** The replacements that a shape makes in a line; undefined where it does not fit. Of several entries those that do not fit stay. */
export function shapeEdits(shape: LineShape, matcher: Matcher, line: string): ShapeEdit[] | undefined {
  if (shape.within === undefined) {
    const parts = matcher.match(line);
    return parts && editsFor(shape, parts, withoutBlanks(line));
  }
  const entries = entriesOf(line, shape.within);
  const matched = entries.map(({ from, to }) => shiftedBy(from, matcher.match(line.slice(from, to))));
  // In prose a word or two between commas may look like an entry by chance.
  const fitting = matched.filter((parts) => parts).length;
  if (fitting < FEWEST_ENTRIES || fitting < entries.length * LEAST_SHARE_OF_ENTRIES) return undefined;
  return entries.flatMap((entry, at): ShapeEdit[] => {
    const own = matched[at] ? editsFor(shape, matched[at], entry) : [];
    const before = entries[at - 1];
    // What stands between two entries becomes the line end between them.
    return before ? [{ from: before.to, to: entry.from, insert: '\n' }, ...own] : own;
  });
}

function shiftedBy(by: number, parts: Part[] | undefined): Part[] | undefined {
  return parts?.map(({ from, to }) => ({ from: from + by, to: to + by }));
}

function editsFor({ before, between, after }: LineShape, parts: readonly Part[], line: Part): ShapeEdit[] {
  const edits: ShapeEdit[] = parts.map(({ from }, at) => ({
    from: at === 0 ? line.from : parts[at - 1]!.to,
    to: from,
    insert: at === 0 ? before : between,
  }));
  edits.push({ from: parts.at(-1)!.to, to: line.to, insert: after });
  return edits.filter(({ from, to, insert }) => from < to || insert !== '');
}
