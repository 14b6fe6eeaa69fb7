import { describe, expect, test } from '@jest/globals';
import { changeKey, COMMANDS, keyOf } from './commands.ts';

describe('keys', () => {
  test('each command has one of its own, of one sign', () => {
    const keys = COMMANDS.map(({ key }) => key);
    expect(new Set(keys).size).toBe(keys.length);
    for (const key of keys) expect(key).toMatch(/^[^\s/']$/);
    expect(new Set(COMMANDS.map(({ id }) => id)).size).toBe(COMMANDS.length);
  });

  test('are changed, in small letters, and back again', () => {
    const change = changeKey({}, 'later', 'W');
    expect(change).toEqual({ ok: true, keys: { later: 'w' } });
    expect(keyOf('later', { later: 'w' })).toBe('w');
    expect(keyOf('later', {})).toBe('l');
  });

  test('are not given twice, but free once they are given up', () => {
    expect(changeKey({}, 'later', 'j')).toEqual({ ok: false, taken: 'first-reading' });
    expect(changeKey({ 'first-reading': 'w' }, 'later', 'j')).toMatchObject({ ok: true });
    expect(changeKey({}, 'later', 'l')).toMatchObject({ ok: true });
  });

  test.each(['Enter', 'F5', ' ', '/', "'", 'ArrowUp', ''])('%j stays with the browser', (key) => {
    expect(changeKey({}, 'later', key)).toEqual({ ok: false });
  });
});
