import { expandReplacement, type Query } from '../rules/query.ts';

/** Where a search found something, in order: hit i is text[from[i], to[i]). */
export interface Hits {
  readonly from: Uint32Array;
  readonly to: Uint32Array;
  /** There are more than these; the rest was not looked for. */
  readonly capped: boolean;
}

/** Finds all matches of an expression with the flag g, but no more than `most`. */
export function findHits(text: string, expression: RegExp, most: number): Hits {
  const from: number[] = [];
  const to: number[] = [];
  let capped = false;
  for (const match of text.matchAll(expression)) {
    if (from.length === most) {
      capped = true;
      break;
    }
    from.push(match.index);
    to.push(match.index + match[0].length);
  }
  return { from: Uint32Array.from(from), to: Uint32Array.from(to), capped };
}

/** A hit in its surroundings. */
export interface ConcordanceLine {
  readonly before: string;
  readonly hit: string;
  /** What the hit would be replaced by. */
  readonly becomes: string;
  readonly after: string;
}

const CONTEXT = 60;

/** The concordance line of one hit. `expression` is the one that found it; its place is looked at again for the replacement. */
export function concordanceLine(
  text: string,
  query: Query,
  insert: string,
  expression: RegExp,
  from: number,
  to: number,
): ConcordanceLine {
  const sticky = new RegExp(expression.source, expression.flags.replace('g', 'y'));
  sticky.lastIndex = from;
  const match = query.expression ? sticky.exec(text) : null;
  return {
    before: text.slice(Math.max(0, from - CONTEXT), from),
    hit: text.slice(from, to),
    becomes: match ? expandReplacement(query, insert, match) : insert,
    after: text.slice(to, to + CONTEXT),
  };
}
