import { all, any, BLANK, DIGIT, group, noneOf, oneOf, optional, text, times, type Node } from './expression.ts';
import {
  TYPED,
  type LooseSlot,
  type Pattern,
  type Slot,
  type TextSlot,
  type Typed,
  type TypedSlot,
} from './line-shape.ts';
import { BLANKS, LOOSE_CHARS, SIGN_CHARS, SURE_CHARS, type SignId } from './signs.ts';

/**
 * The expression behind a pattern. Words take as much as they can, and no dialect needs more than that: what keeps them from
 * taking too much is what they cannot hold. So all dialects find the same parts.
 */
export function expressionOf(pattern: Pattern): Node {
  return all(
    ...pattern.map((slot, at) => {
      const node = nodeOf(slot, pattern[at - 1], pattern[at + 1]);
      return 'keep' in slot && slot.keep ? group(node) : node;
    }),
  );
}

function nodeOf(slot: Slot, before: Slot | undefined, next: Slot | undefined): Node {
  switch (slot.is) {
    case 'text':
      return textNode(slot, next);
    case 'literal':
      return text(slot.text);
    case 'words':
      return all(WORD, ...Array.from({ length: slot.count - 1 }, () => all(times(BLANK, 1), WORD)));
    case 'loose':
      return looseNode(slot, before, next);
    case 'blank':
      return times(BLANK, 1);
    case 'sign':
      return signNode(slot.sign, before !== undefined, next !== undefined);
    default:
      return typedNode(slot);
  }
}

/**
 * What stands beside words known by their form ends or begins with a blank or a sign that no such word holds: else "https" would be
 * words, and "://" a joint before an address.
 */
function looseNode({ leader, optional: mayMiss }: LooseSlot, before: Slot | undefined, next: Slot | undefined): Node {
  const leaders = leader ? SIGN_CHARS.leader : '';
  const signs = oneOf(BLANKS + LOOSE_CHARS + leaders);
  if (mayMiss) return times(signs, 0);
  const sure = oneOf(BLANKS + SURE_CHARS + leaders);
  const weak = times(oneOf([...LOOSE_CHARS].filter((char) => !SURE_CHARS.includes(char)).join('')), 0);
  if (!isTyped(next)) return all(weak, sure, times(signs, 0));
  return isTyped(before) ? all(weak, sure, optional(all(times(signs, 0), sure))) : all(times(signs, 0), sure);
}

function isTyped(slot: Slot | undefined): boolean {
  return (TYPED as readonly string[]).includes(slot?.is ?? '');
}

const WORD = times(noneOf(BLANKS), 1);

/** At the edge of a line no blank is needed on that side. */
function signNode(sign: SignId, hasBefore: boolean, hasAfter: boolean): Node {
  if (sign === 'gap') return all(any(all(oneOf(' \u00a0'), BLANK), text('\t')), times(BLANK, 0));
  const signs = times(oneOf(SIGN_CHARS[sign]), sign === 'leader' ? 2 : 1);
  const isApart = sign === 'dash' || sign === 'slash' || sign === 'equals';
  return all(times(BLANK, isApart && hasBefore ? 1 : 0), signs, times(BLANK, isApart && hasAfter ? 1 : 0));
}

/** Signs that words cannot hold at all, and those that they hold within a word but not alone. */
const WITHIN_WORDS: ReadonlySet<SignId> = new Set(['dash', 'slash', 'equals']);

/** What makes a word one of a kind. */
const TELLTALE: Readonly<Record<Typed, string>> = {
  time: ':',
  date: '0123456789',
  link: '/@',
  figure: '0123456789',
  bracket: '([',
};

function textNode({ without = [], bare = [] }: TextSlot, next: Slot | undefined): Node {
  const excluded = new Set<string>();
  for (const sign of without)
    if (sign !== 'gap' && !WITHIN_WORDS.has(sign)) for (const char of SIGN_CHARS[sign]) excluded.add(char);
  for (const kind of bare) for (const char of TELLTALE[kind]) excluded.add(char);
  const closed = BLANKS + [...excluded].join('');
  const alone = without.filter((sign) => WITHIN_WORDS.has(sign)).flatMap((sign) => [...SIGN_CHARS[sign as 'dash']]);
  const inner = noneOf(closed);
  const word =
    alone.length === 0
      ? times(inner, 1)
      : // A word that is more than a sign alone.
        all(times(oneOf(alone.join('')), 0), noneOf(unique(closed + alone.join(''))), times(inner, 0));
  const joint = without.includes('gap') ? oneOf(' \u00a0') : times(BLANK, 1);
  // Words do not end in what parts them from the next piece.
  const ending = unique(closed + alone.join('') + endingsBefore(next));
  return all(times(all(word, joint), 0), times(inner, 0), noneOf(ending));
}

function endingsBefore(next: Slot | undefined): string {
  if (next?.is === 'sign' && next.sign !== 'gap') return SIGN_CHARS[next.sign];
  if (next?.is === 'loose') return LOOSE_CHARS + (next.leader ? SIGN_CHARS.leader : '');
  return '';
}

function unique(chars: string): string {
  return [...new Set(chars)].join('');
}

const CLOCK = all(
  times(DIGIT, 1, 2),
  text(':'),
  times(DIGIT, 2, 2),
  optional(all(text(':'), times(DIGIT, 2, 2))),
  optional(all(oneOf('.,'), times(DIGIT, 1, 3))),
);
const LABEL = times(oneOf('-', 'a-z', '0-9'), 1);
const NO_BLANK = noneOf(BLANKS);
const LETTERS = oneOf('', 'A-Z', 'a-z');

const TYPED_NODES: Readonly<Record<Exclude<Typed, 'figure'>, Node>> = {
  time: all(optional(oneOf('[(')), CLOCK, optional(oneOf('])'))),
  date: all(
    any(
      all(times(DIGIT, 1, 4), oneOf('-./'), times(DIGIT, 1, 2), oneOf('-./'), times(DIGIT, 1, 4)),
      all(
        times(DIGIT, 1, 2),
        optional(text('.')),
        BLANK,
        oneOf('', 'A-Z'),
        times(oneOf('äéû', 'a-z'), 2, 8),
        optional(text('.')),
        BLANK,
        times(DIGIT, 4, 4),
      ),
      all(
        oneOf('', 'A-Z'),
        times(oneOf('', 'a-z'), 2, 8),
        optional(text('.')),
        BLANK,
        times(DIGIT, 1, 2),
        text(','),
        BLANK,
        times(DIGIT, 4, 4),
      ),
    ),
  ),
  link: all(
    any(
      all(text('http'), optional(text('s')), text('://'), times(NO_BLANK, 1)),
      all(text('www.'), times(NO_BLANK, 1)),
      all(
        LABEL,
        times(all(text('.'), LABEL), 0),
        text('.'),
        times(oneOf('', 'a-z'), 2),
        optional(all(text('/'), times(NO_BLANK, 0))),
      ),
      all(
        times(noneOf(BLANKS + '@'), 1),
        text('@'),
        LABEL,
        times(all(text('.'), LABEL), 0),
        text('.'),
        times(LETTERS, 2),
      ),
    ),
  ),
  bracket: all(
    any(all(text('('), times(noneOf('()'), 0), text(')')), all(text('['), times(noneOf('[]'), 0), text(']'))),
  ),
};

function typedNode({ is, ending = '' }: TypedSlot): Node {
  if (is !== 'figure') return TYPED_NODES[is];
  return all(optional(oneOf('#№')), times(DIGIT, 1), times(all(oneOf('.,'), times(DIGIT, 1)), 0), text(ending));
}

/** What is known by its form, for reading a line: see lineTokens. */
export const TYPED_EXPRESSIONS: Readonly<Record<Typed, Node>> = {
  ...TYPED_NODES,
  figure: all(typedNode({ is: 'figure' }), optional(oneOf('.)'))),
};
