import { clean, DEFAULT_STYLE } from '../core/index.ts';
import { pieceLists } from '../core/cleaning/output.ts';
import { alignTokens } from './align.ts';
import type { LabelledCase } from './cases.ts';
import { tokensOf } from './label.ts';

/** Words that a pass took out in one place, and whether the truth has them not either. */
export interface LabelledRemoval {
  readonly pass: string;
  readonly certainty: number;
  readonly isRight: boolean;
}

/** Share of the words of a place that the truth may have by chance, as it has most small words somewhere near. */
const BY_CHANCE = 0.5;

/** The places of a case where a pass took words out, by aligning all words of the source with those of the truth. */
export function labelRemovals({ source, truth }: LabelledCase): LabelledRemoval[] {
  const places: { pass: string; certainty: number; tokens: number; found: number }[] = [];
  const tokens: string[] = [];
  const placeOf: number[] = [];
  for (const pieces of pieceLists(clean(source, DEFAULT_STYLE))) {
    for (const { from, to, text, passes, certainty } of pieces) {
      const own = tokensOf(source.slice(from, to));
      const isRemoval = text !== undefined && text.trim() === '' && own.length > 0;
      if (isRemoval) places.push({ pass: passes[0]!, certainty: certainty ?? 1, tokens: own.length, found: 0 });
      for (const token of own) {
        tokens.push(token);
        placeOf.push(isRemoval ? places.length - 1 : -1);
      }
    }
  }
  const matches = alignTokens(tokens, truth.flatMap(tokensOf));
  if (!matches) return [];
  for (const [a] of matches) if (placeOf[a]! >= 0) places[placeOf[a]!]!.found++;
  return places.map(({ pass, certainty, tokens: count, found }) => ({
    pass,
    certainty,
    isRight: found <= count * BY_CHANCE,
  }));
}
