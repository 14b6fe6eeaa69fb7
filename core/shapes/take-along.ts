import { MOST_GROUPS, writeExpression, writeReplacement, type Dialect } from './expression.ts';
import type { LineShape } from './line-shape.ts';
import { expressionOf } from './pattern-expression.ts';

/** An expression that fits a whole line, and what takes the line's place. */
export interface TakenAlong {
  readonly expression: string;
  readonly replacement: string;
}

/**
 * The expressions behind a shape in a dialect, with their replacements: one for each pattern, of which the first that fits a line
 * holds. Undefined where the dialect cannot name so many groups.
 */
export function expressionsOf(
  { patterns, before, between, after }: Pick<LineShape, 'patterns' | 'before' | 'between' | 'after'>,
  dialect: Dialect,
): TakenAlong[] | undefined {
  const written = patterns.map((pattern) => writeExpression(expressionOf(pattern), dialect));
  if (written.some(({ groups }) => groups.some((group) => group > MOST_GROUPS[dialect]))) return undefined;
  return written.map(({ expression, groups }) => {
    const parts = groups.flatMap((group, at) => [at === 0 ? before : between, group]);
    return {
      expression,
      replacement: writeReplacement(
        [...parts, after].filter((part) => part !== ''),
        dialect,
      ),
    };
  });
}
