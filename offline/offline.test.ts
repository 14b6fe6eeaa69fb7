import { describe, expect, test } from '@jest/globals';
import { toShortcuts, withShortcuts } from './manifest.ts';
import { PAGES, pageFor } from './pages.ts';

describe('a kept page', () => {
  test.each([
    ['/', '/'],
    ['/stack', '/stack'],
    ['/stack/', '/stack'],
    ['/piece/7f3a', '/piece/-'],
    ['/piece/7f3a/findings', '/piece/-/findings'],
    ['/piece/7f3a/output/', '/piece/-/output'],
    ['/piece/7f3a/frob', undefined],
    ['/piece/', undefined],
    ['/api/clean', undefined],
    ['/frob', undefined],
  ])('%s shows %s', (path, page) => {
    expect(pageFor(path)).toBe(page);
  });

  test('is shown by its own address', () => {
    for (const page of PAGES) expect(pageFor(page)).toBe(page);
  });
});

describe('shortcuts', () => {
  test('are the styles that have a key, in the order of their keys; other rows are none', () => {
    const rows = [
      { id: 'b', name: 'Second', key: '2' },
      { id: 'a & b', name: 'First', key: '1' },
      { id: 'c', name: 'No key' },
      { id: 'd', name: 'Gone', key: '3', deletedAt: 1 },
      { id: 5, name: 'Odd', key: '4' },
    ];
    expect(toShortcuts(rows)).toEqual([
      { name: 'Clean the clipboard: First', url: '/run?style=a+%26+b' },
      { name: 'Clean the clipboard: Second', url: '/run?style=b' },
    ]);
  });

  test('stand behind those that everyone has, four in all', async () => {
    const manifest = Response.json({ name: 'x', shortcuts: [{ name: 'A', url: '/a' }] });
    const own = [1, 2, 3, 4].map((at) => ({ name: String(at), url: `/${at}` }));
    const made = (await (await withShortcuts(manifest, own)).json()) as { name: string; shortcuts: { url: string }[] };
    expect([made.name, made.shortcuts.map(({ url }) => url)]).toEqual(['x', ['/a', '/1', '/2', '/3']]);
  });
});
