import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { carryOver, guessDialects, type ForeignDialect } from './carry-over.ts';
import { compileQuery, expandReplacement } from './query.ts';

/** What an expression of ours makes of a text. */
function replaced(text: string, query: { text: string; insert: string; matchCase?: boolean }): string {
  const own = { text: query.text, expression: true, matchCase: query.matchCase ?? true, wholeWords: false };
  const compiled = compileQuery(own);
  if (!compiled.ok) throw new Error(compiled.message);
  let out = '';
  let at = 0;
  for (const match of text.matchAll(compiled.expression)) {
    out += text.slice(at, match.index) + expandReplacement(own, query.insert, match);
    at = match.index + match[0].length;
  }
  return out + text.slice(at);
}

const TEXT = 'Stop 4: The rope-walk (1890), 03:12 a/b\nPell, Ada & Orme, Marian costs $5\tand “more”.\n';

describe('carried over, an expression does here what it does there', () => {
  test.each<[string, string]>([
    ['(\\d+):(\\d+)', '$2.$1'],
    ['(?i)PELL', 'Trask'],
    ['(?P<name>\\w+), (\\w+)', '$2 ${name}'],
    ["(?'name'Orme)", '<$1>'],
    ['\\h+', '_'],
    ['[[:alpha:]]+-[[:alpha:]]+', '[$0]'],
    ['\\Q(1890)\\E', 'then'],
    ['a++\\/b', '$0$0'],
    ['(?>rope)-walk', 'lane'],
    ['\\AStop', 'Halt'],
    ['\\x{201c}more\\x{201d}', 'less'],
    ['[^[:space:][:punct:]]+', 'w'],
    ['\\"|\\,|\\-', '_'],
    ['(?#a comment)Ada', 'Eva'],
    ['(?s)walk.*Pell', '-'],
    ['(.)\\1|[]()]', '#'],
  ])('PCRE: %s → %s', (text, insert) => {
    const script = `use utf8; use open qw(:std :utf8); local $/; $_ = <STDIN>; s\u0002${text}\u0002${insert.replace(/\$0/g, '$$&').replace(/\$\{name\}/g, '$+{name}')}\u0002g; print`;
    const theirs = execFileSync('perl', ['-e', script], { input: TEXT, encoding: 'utf8' });
    expect(replaced(TEXT, carryOver(text, insert, 'pcre'))).toBe(theirs);
  });

  test.each<['posix' | 'basic', string, string]>([
    ['posix', '([0-9]+):([0-9]+)', '\\2.\\1'],
    ['posix', '[[:upper:]][[:lower:]]+', '<&>'],
    ['posix', '\\<a', 'A'],
    ['posix', 'Orme|Pell', '[\\0]'],
    ['posix', '\\$[0-9]', 'US\\&$'],
    ['basic', '\\([A-Z][a-z]*\\), \\([A-Z][a-z]*\\)', '\\2 \\1'],
    ['basic', '(1890)', 'x'],
    ['basic', '[0-9]\\{2\\}', '#'],
    ['basic', 'a+b\\?', '!'],
  ])('%s: %s → %s', (dialect, text, insert) => {
    const args = [...(dialect === 'posix' ? ['-E'] : []), `s\u0002${text}\u0002${insert}\u0002g`];
    const theirs = execFileSync('sed', args, {
      input: TEXT,
      encoding: 'utf8',
      env: { ...process.env, LC_ALL: 'C.UTF-8' },
    });
    expect(replaced(TEXT, carryOver(text, insert, dialect))).toBe(theirs);
  });

  test('a whole command gives its parts', () => {
    expect(carryOver('s#a/(b)#\\1/a#gi', '', 'posix')).toEqual({
      text: 'a/(b)',
      insert: '$1/a',
      matchCase: false,
      lost: [],
    });
  });
});

describe('what cannot be carried over is told', () => {
  test.each<[string, string, string[]]>([
    ['\\((?R)*\\)', '', ['recursion']],
    ['foo\\Kbar', '', ['keep-out']],
    ['(?(1)a|b)', '', ['conditional']],
    ['a*+', '', ['possessive']],
    ['(?x) a b', '', ['extended']],
    ['(a)', '\\U$1', ['case-change']],
  ])('%s', (text, insert, lost) => {
    expect(carryOver(text, insert, 'pcre').lost).toEqual(lost);
  });
});

describe('where an expression comes from', () => {
  test.each<[string, ForeignDialect[]]>([
    ['(\\d+)\\s', []],
    ['\\p{L}+(?=x)', []],
    ['(?<n>a)(?<=b)(?:c)', []],
    ['(?i)a', ['re2', 'pcre']],
    ['[[:alpha:]]+', ['posix', 'pcre']],
    ['\\(a\\)\\{2\\}', ['basic', 'pcre']],
    ['(?P<n>a)\\z', ['re2', 'pcre']],
    ['a++', ['pcre']],
    ['\\<word\\>', ['posix']],
    ['s/a/b/g', ['pcre']],
    ['\\"a', ['pcre']],
  ])('%s', (text, expected) => {
    expect(guessDialects(text)).toEqual(expected);
  });
});
