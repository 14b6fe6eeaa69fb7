import { describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { RE2JS } from 're2js';
import { readMarks } from '../testing/index-lines.ts';
import { shapedText } from './apply-shapes.ts';
import { DIALECTS, type Dialect } from './expression.ts';
import { learnPatterns } from './learn.ts';
import type { LineShape } from './line-shape.ts';
import { matcherOf, shapeEdits } from './match-shape.ts';
import { expressionsOf, type TakenAlong } from './take-along.ts';

function shapeOf(marked: string, written: Partial<LineShape> = {}): LineShape {
  const learned = learnPatterns([readMarks(marked)]);
  if (!learned.ok) throw new Error(learned.problem);
  const { patterns } = learned.readings[0]!;
  return {
    id: 'shape:1',
    name: 'x',
    patterns,
    parts: [],
    as: 'lines',
    before: '',
    between: ', ',
    after: '',
    ...written,
  };
}

const environment = { ...process.env, LC_ALL: 'C.UTF-8' };

/** What another program makes of a line with an expression and its replacement; undefined where the expression does not fit. */
const REPLACE: Readonly<Record<Dialect, (line: string, taken: TakenAlong) => string | undefined>> = {
  ecmascript(line, { expression, replacement }) {
    const found = new RegExp(expression, 'u');
    return found.test(line) ? line.replace(found, replacement) : undefined;
  },
  pcre(line, { expression, replacement }) {
    // What Perl writes in another way than PCRE: a dollar sign, a backslash, and signs that it would take for names of lists.
    const perl = replacement.replace(/\\/g, '\\\\').replace(/\$\$/g, '\\$').replace(/@/g, '\\@');
    const script = `use utf8; use open qw(:std :utf8); $_ = <STDIN>; if (s\u0002${expression}\u0002${perl}\u0002) { print "+$_" }`;
    const out = execFileSync('perl', ['-e', script], { input: line, encoding: 'utf8', env: environment });
    return out === '' ? undefined : out.slice(1);
  },
  posix(line, { expression, replacement }) {
    const script = `s\u0002${expression}\u0002${replacement}\u0002;t fits\nd\n:fits`;
    const out = execFileSync('sed', ['-E', script], { input: `${line}\n`, encoding: 'utf8', env: environment });
    return out === '' ? undefined : out.slice(0, -1);
  },
  re2(line, { expression, replacement }) {
    const matcher = RE2JS.compile(expression).matcher(line);
    if (!matcher.find()) return undefined;
    // As RE2 itself does it: a backslash before a figure names a group, before another backslash it is one.
    return replacement.replace(/\\(\d|\\)/g, (_, sign: string) =>
      sign === '\\' ? '\\' : matcher.group(Number(sign))!,
    );
  },
};

const LINES = [
  '03:12 | The rope walk | saltfern.example/s4',
  '1:05:05 – Two & a half \\ $5 | saltfern.example/s5',
  '04:10 | The mill',
  '(closed)',
  '12. Low water',
  'Orme, Marian – keeper',
];

const SHAPES: readonly [string, LineShape][] = [
  ['a list', shapeOf('03:12 | <The rope walk> | saltfern.example/s4', { before: '- ' })],
  ['columns', shapeOf('<03:12> | <The rope walk> | saltfern.example/s4', { between: '\t' })],
  [
    'figures right behind a group',
    shapeOf('<03:12> | <The rope walk> | saltfern.example/s4', { between: '0', after: '12' }),
  ],
  [
    'signs that mean something in replacements',
    shapeOf('03:12 | <The mill>', { before: '$1 \\ & $& / @x ', after: ' $' }),
  ],
  ['a number before', shapeOf('1. <The mill>', { before: '# ' })],
  ['a name and a trade', shapeOf('<Pell, Ada> – <writer>', { between: ' (', after: ')' })],
];

describe.each(DIALECTS)('taken along to %s', (dialect) => {
  test.each(SHAPES)('%s: writes what the shape writes', (_, shape) => {
    const taken = expressionsOf(shape, dialect);
    expect(taken).toBeDefined();
    const matcher = matcherOf(shape);
    for (const line of LINES) {
      const edits = shapeEdits(shape, matcher, line);
      const ours = edits && shapedText(line, edits);
      let theirs: string | undefined;
      // The first that fits a line holds.
      for (const one of taken!) theirs ??= REPLACE[dialect](line, one);
      expect([line, theirs]).toEqual([line, ours]);
    }
  });
});

test('a dialect that cannot name so many groups is not offered', () => {
  const many = shapeOf('<a> | <b> | <c> | <d> | <e> | <f> | <g> | <h> | <i> | <k>');
  expect(DIALECTS.filter((dialect) => expressionsOf(many, dialect) !== undefined)).toEqual(['ecmascript', 'pcre']);
});
