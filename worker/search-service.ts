import { RegExpSyntaxError, RegExpValidator } from '@eslint-community/regexpp';
// Straight from their files: this worker needs nothing else of the core.
import { concordanceLine, findHits, type ConcordanceLine } from '../core/search/find-hits.ts';
import { compileQuery, type Query } from '../core/rules/query.ts';

/** What is searched: the clean text, and the source to tell what passes have dealt with already. */
export interface SearchTexts {
  readonly clean: string;
  readonly source: string;
}

export type SearchAnswer =
  | {
      readonly status: 'found';
      /** Hits in the clean text, in order. */
      readonly from: Uint32Array;
      readonly to: Uint32Array;
      readonly capped: boolean;
      /** Hits in the source, where the clean text has none. */
      readonly inSource: number;
    }
  /** The expression is wrong; `at` is the place in it, in UTF-16 units, where that is known. */
  | { readonly status: 'wrong'; readonly message: string; readonly at?: number };

/** The search worker's side: holds two texts and answers searches. An expression may take forever: it is stopped from outside. */
export interface SearchService {
  load(texts: SearchTexts): void;
  find(query: Query): SearchAnswer;
  /** Concordance lines of the hits [from[i], to[i]) of a query, with what would take their place. */
  lines(query: Query, insert: string, from: readonly number[], to: readonly number[]): ConcordanceLine[];
}

export const MOST_HITS = 50_000;

export function createSearchService(): SearchService {
  let texts: SearchTexts = { clean: '', source: '' };
  return {
    load(loaded) {
      texts = loaded;
    },
    find(query) {
      const compiled = compileQuery(query);
      if (!compiled.ok) return { status: 'wrong', ...explain(query, compiled.message) };
      const { clean, source } = texts;
      const hits = findHits(clean, compiled.expression, MOST_HITS);
      const inSource = hits.from.length > 0 ? 0 : findHits(source, compiled.expression, MOST_HITS).from.length;
      return { status: 'found', ...hits, inSource };
    },
    lines(query, insert, from, to) {
      const compiled = compileQuery(query);
      if (!compiled.ok) return [];
      return from.map((start, at) => concordanceLine(texts.clean, query, insert, compiled.expression, start, to[at]!));
    },
  };
}

/** The engine says what is wrong, a parser of the same grammar says where. */
function explain(query: Query, message: string): { message: string; at?: number } {
  const said = message.replace(/^Invalid regular expression: \/[^]*\/[a-z]*: /, '');
  try {
    new RegExpValidator({ ecmaVersion: 2025 }).validatePattern(query.text, 0, query.text.length, { unicode: true });
    return { message: said };
  } catch (error) {
    if (!(error instanceof RegExpSyntaxError)) throw error;
    const reason = error.message.replace(/^Invalid regular expression: \/[^]*\/[a-z]*: /, '');
    return { message: reason, at: Math.min(error.index, query.text.length) };
  }
}
