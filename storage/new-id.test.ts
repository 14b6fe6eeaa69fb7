import { afterEach, expect, test } from '@jest/globals';
import { newId } from './new-id.ts';

const UUID = /^[\da-f]{8}-[\da-f]{4}-4[\da-f]{3}-[89ab][\da-f]{3}-[\da-f]{12}$/;

afterEach(() => {
  Reflect.deleteProperty(crypto, 'randomUUID');
});

test.each([
  ['the browser’s own', true],
  ['made of random numbers, where the page has no more', false],
])('an id is %s', (_name, hasOwn) => {
  if (!hasOwn) Object.defineProperty(crypto, 'randomUUID', { value: undefined, configurable: true });
  const ids = Array.from({ length: 200 }, newId);
  for (const id of ids) expect(id).toMatch(UUID);
  expect(new Set(ids).size).toBe(200);
});
