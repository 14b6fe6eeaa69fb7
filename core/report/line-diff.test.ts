import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { toLineDiff } from './line-diff.ts';

const diffOf = (source: string) => toLineDiff(clean(source, DEFAULT_STYLE), 'in.txt');

describe('a line diff', () => {
  test.each([
    ['nothing, where nothing changes', 'The tide fell.\n\nIt rose.\n', ''],
    [
      'the lines that were joined, with those around them',
      'It rose.\n\nA tide mill asks for\nnothing but pa-\ntience.\n\nIt waits.\n',
      '--- in.txt\n+++ in.txt (clean)\n@@ -1,7 +1,5 @@\n It rose.\n \n-A tide mill asks for\n-nothing but pa-\n-tience.\n' +
        '+A tide mill asks for nothing but patience.\n \n It waits.\n',
    ],
    [
      'a last line that has no end',
      'The tide fell.',
      '--- in.txt\n+++ in.txt (clean)\n@@ -1,1 +1,1 @@\n-The tide fell.\n\\ No newline at end of file\n+The tide fell.\n',
    ],
    ['no line ends of another kind', 'The tide fell.\r\n\r\nIt rose.\r\n', ''],
  ])('says %s', (_what, source, expected) => {
    expect(diffOf(source)).toBe(expected);
  });

  test('begins a hunk of its own where changes are far apart', () => {
    const quiet = 'It rose.\n\n'.repeat(6);
    const hunks = diffOf(`The tide  fell.\n\n${quiet}The tide  fell.\n`).match(/^@@ .*/gm);
    expect(hunks).toEqual(['@@ -1,4 +1,4 @@', '@@ -12,4 +12,4 @@']);
  });
});
