import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { concordanceLine, findHits } from './find-hits.ts';
import { HIDDEN_SIGNS, readHidden, showHidden } from './hidden-signs.ts';
import { compileQuery, expandReplacement, type Query } from '../rules/query.ts';

const query = (text: string, options: Partial<Query> = {}): Query => ({
  text,
  expression: false,
  matchCase: false,
  wholeWords: false,
  ...options,
});

function found(asked: Query, text: string): string[] {
  const compiled = compileQuery(asked);
  if (!compiled.ok) throw new Error(compiled.message);
  const { from, to } = findHits(text, compiled.expression, 100);
  return Array.from(from, (start, at) => text.slice(start, to[at]));
}

describe('a search', () => {
  const text = 'Pell met pell at Pellworm.\n\nMrs. Pell’s mill (c. 1871)?';

  test.each([
    ['words in any case', query('pell'), ['Pell', 'pell', 'Pell', 'Pell']],
    ['the case as it is', query('Pell', { matchCase: true }), ['Pell', 'Pell', 'Pell']],
    ['whole words', query('pell', { wholeWords: true }), ['Pell', 'pell', 'Pell']],
    ['signs that mean something in expressions', query('(c. 1871)?'), ['(c. 1871)?']],
    ['line ends', query('\n\n'), ['\n\n']],
    ['an expression', query('\\d{4}', { expression: true }), ['1871']],
    ['the start of a line', query('^M\\w+', { expression: true }), ['Mrs']],
    [
      'whole words of an expression',
      query('[a-z]ell|at', { expression: true, wholeWords: true }),
      ['Pell', 'pell', 'at', 'Pell'],
    ],
    [
      'letters of any script',
      query('\\p{Lu}\\w+', { expression: true, matchCase: true }),
      ['Pell', 'Pellworm', 'Mrs', 'Pell'],
    ],
  ])('finds %s', (_what, asked, expected) => {
    expect(found(asked, text)).toEqual(expected);
  });

  test('of plain words finds them wherever they stand', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 4 }), fc.string(), fc.string(), (words, before, after) => {
        const hits = found(query(words, { matchCase: true }), before + words + after);
        expect(hits.length).toBeGreaterThan(0);
        expect(new Set(hits)).toEqual(new Set([words]));
      }),
    );
  });

  test('stops counting where there are too many', () => {
    const compiled = compileQuery(query('a'));
    const hits = compiled.ok ? findHits('aaaa', compiled.expression, 3) : undefined;
    expect(hits).toMatchObject({ capped: true, from: Uint32Array.of(0, 1, 2) });
  });

  test('a wrong expression is told, not thrown', () => {
    expect(compileQuery(query('(a', { expression: true }))).toMatchObject({ ok: false });
    expect(compileQuery(query('a)(b', { expression: true }))).toMatchObject({ ok: false });
    expect(compileQuery(query('(a'))).toMatchObject({ ok: true });
  });
});

describe('a replacement', () => {
  test('is what ECMAScript would put there', () => {
    const inserts = fc.array(
      fc.constantFrom('$', '$$', '$&', '$1', '$2', '$12', '$9', '$<name>', '$<other>', 'x', '0', "$'", '$`'),
      {
        maxLength: 6,
      },
    );
    fc.assert(
      fc.property(inserts, (parts) => {
        const insert = parts.join('');
        const asked = query('(?<name>m)(i)|w', { expression: true });
        const compiled = compileQuery(asked);
        if (!compiled.ok) throw new Error(compiled.message);
        const text = 'a mill, a wheel';
        let at = 0;
        let made = '';
        for (const match of text.matchAll(compiled.expression)) {
          made += text.slice(at, match.index) + expandReplacement(asked, insert, match);
          at = match.index + match[0].length;
        }
        expect(made + text.slice(at)).toBe(text.replace(compiled.expression, insert));
      }),
    );
  });

  test('writes line ends and tabs, and takes plain words as they are', () => {
    const match = /b/.exec('abc')!;
    expect(expandReplacement(query('b', { expression: true }), '\\n\\t\\\\', match)).toBe('\n\t\\');
    expect(expandReplacement(query('b'), '$& \\n', match)).toBe('$& \\n');
  });

  test('is shown in its surroundings, also where they decide', () => {
    const asked = query('(?<=low )(w)ater', { expression: true });
    const compiled = compileQuery(asked);
    const line =
      compiled.ok && concordanceLine('At low water, high water.', asked, '$1heel', compiled.expression, 7, 12);
    expect(line).toEqual({ before: 'At low ', hit: 'water', becomes: 'wheel', after: ', high water.' });
  });
});

describe('hidden characters', () => {
  test('come back from their signs', () => {
    const text = fc
      .array(
        fc.oneof(fc.constantFrom(...HIDDEN_SIGNS.map(({ char }) => char), '\u200e', '\u0007', '\u2028'), fc.string()),
      )
      .map((parts) => parts.join(''));
    fc.assert(
      fc.property(text, (own) => {
        fc.pre(!/[␣⍽⇥␊␍⟨]/.test(own));
        const shown = showHidden(own);
        expect(shown).not.toMatch(/[\p{Cc}\p{Cf}\p{Z}]/u);
        expect(readHidden(shown)).toBe(own);
      }),
    );
  });

  test.each([
    ['Mrs. Pell', 'Mrs.␣Pell'],
    ['a\u00a0b\tc\n', 'a⍽b⇥c␊'],
    ['\u200bx\u00ad', '⟨zero-width-space⟩x⟨soft-hyphen⟩'],
    ['\u200e', '⟨U+200E⟩'],
  ])('%j shows as %s', (text, shown) => {
    expect(showHidden(text)).toBe(shown);
  });

  test('a code point that there is not stays as it was typed', () => {
    expect(readHidden('⟨U+FFFFFF⟩')).toBe('⟨U+FFFFFF⟩');
  });
});
