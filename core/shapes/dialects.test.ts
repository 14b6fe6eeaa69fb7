import { afterAll, describe, expect, test } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RE2JS } from 're2js';
import { INDEX_FAMILIES, indexLines } from '../testing/index-lines.ts';
import { seededRandom } from '../testing/random.ts';
import { learnPatterns } from './learn.ts';
import type { Pattern } from './line-shape.ts';
import { matcherOf } from './match-shape.ts';
import { MOST_GROUPS, writeExpression, type Dialect } from './expression.ts';
import { expressionOf } from './pattern-expression.ts';

/** What an engine finds in each line: the kept parts, undefined where the expression does not fit. */
type Found = readonly (readonly string[] | undefined)[];

const APART = '\u0001';

const folder = mkdtempSync(join(tmpdir(), 'shapes-'));
afterAll(() => {
  rmSync(folder, { recursive: true });
});

function ours(pattern: Pattern, lines: readonly string[]): Found {
  const matcher = matcherOf({ patterns: [pattern] });
  return lines.map((line) => matcher.match(line)?.map(({ from, to }) => line.slice(from, to)));
}

/** Runs a program over lines; it marks those that fit with APART and the parts behind it. */
function run(program: string, args: readonly string[], lines: readonly string[]): Found {
  const input = join(folder, 'lines');
  writeFileSync(input, lines.map((line) => `${line}\n`).join(''));
  const output = execFileSync(program, [...args, input], {
    encoding: 'utf8',
    env: { ...process.env, LC_ALL: 'C.UTF-8' },
    maxBuffer: 1 << 26,
  });
  return output
    .split('\n')
    .slice(0, lines.length)
    .map((line) => (line.startsWith(APART) ? line.slice(1).split(APART).slice(0, -1) : undefined));
}

const ENGINES: Readonly<Record<string, (pattern: Pattern, lines: readonly string[]) => Found>> = {
  pcre(pattern, lines) {
    const { expression, groups } = writeExpression(expressionOf(pattern), 'pcre');
    const script = join(folder, 'run.pl');
    const parts = groups.map((group) => `$${group} . "\\x01"`).join(' . ');
    writeFileSync(
      script,
      `use utf8; use open qw(:std :utf8);\nwhile (<>) { chomp; if (m\u0002${expression}\u0002) { print "\\x01" . ${parts} . "\\n" } else { print "$_\\n" } }\n`,
    );
    return run('perl', [script], lines);
  },
  posix(pattern, lines) {
    const { expression, groups } = writeExpression(expressionOf(pattern), 'posix');
    const parts = groups.map((group) => `\\${group}${APART}`).join('');
    const script = join(folder, 'run.sed');
    writeFileSync(script, `s\u0002${expression}\u0002${APART}${parts}\u0002\n`);
    return run('sed', ['-E', '-f', script], lines);
  },
  re2(pattern, lines) {
    const { expression, groups } = writeExpression(expressionOf(pattern), 're2');
    const compiled = RE2JS.compile(expression);
    return lines.map((line) => {
      const matcher = compiled.matcher(line);
      return matcher.find() ? groups.map((group) => matcher.group(group)!) : undefined;
    });
  },
};

/** Blanks at the ends of a line are no part of it for a shape. */
const bare = (line: string) => line.replace(/^[ \t\u00a0]+|[ \t\u00a0]+$/g, '');

describe('an expression finds what the shape finds, in each dialect', () => {
  test.each(Object.keys(ENGINES))('%s', (dialect) => {
    const random = seededRandom(7);
    const lines = INDEX_FAMILIES.flatMap((family) => indexLines(family, random, 12).map(({ line }) => bare(line)));
    // Lines put together from others are like nothing that was thought of.
    const mixed = lines.flatMap((line, at) => {
      const other = lines[(at * 31 + 7) % lines.length]!;
      return [bare(line.slice(Math.floor(line.length / 3)) + other.slice(0, 9)), bare(`${other.slice(0, 8)} ${line}`)];
    });
    const all = [...lines, ...mixed].filter((line) => line !== '');
    let fitting = 0;
    let skipped = 0;
    for (const family of INDEX_FAMILIES) {
      const [example] = indexLines(family, random, 1);
      const learned = learnPatterns([example!]);
      if (!learned.ok) continue;
      for (const { patterns } of learned.readings) {
        for (const pattern of patterns) {
          const { groups } = writeExpression(expressionOf(pattern), dialect as Dialect);
          // What a dialect cannot name is not offered in it.
          if (groups.some((group) => group > MOST_GROUPS[dialect as Dialect])) {
            skipped++;
            continue;
          }
          const expected = ours(pattern, all);
          fitting += expected.filter((parts) => parts).length;
          expect(ENGINES[dialect]!(pattern, all)).toEqual(expected);
        }
      }
    }
    expect(skipped).toBeLessThanOrEqual(2);
    expect(fitting).toBeGreaterThan(all.length);
  });
});
