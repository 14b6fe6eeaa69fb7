import { describe, expect, test } from '@jest/globals';
import type { Query } from '../core/index.ts';
import { createSearchService } from './search-service.ts';

const CLEAN = 'The mill stood.\n\nThe miller slept.';
const SOURCE = 'The\u00a0mill stood.\n\n12\n\nThe miller\nslept.';

function ask(text: string, options: Partial<Query> = {}) {
  const service = createSearchService();
  service.load({ clean: CLEAN, source: SOURCE });
  const query: Query = { text, expression: false, matchCase: false, wholeWords: false, ...options };
  return { answer: service.find(query), service, query };
}

describe('the search worker’s service', () => {
  test('finds in the clean text, and shows hits in their surroundings', () => {
    const { answer, service, query } = ask('mill');
    expect(answer).toMatchObject({ status: 'found', capped: false, inSource: 0 });
    if (answer.status !== 'found') throw new Error('not found');
    expect([...answer.from]).toEqual([4, 21]);
    expect(service.lines(query, 'wheel', [21], [25])).toEqual([
      { before: 'The mill stood.\n\nThe ', hit: 'mill', becomes: 'wheel', after: 'er slept.' },
    ]);
  });

  test('says what the source still has where the clean text has none', () => {
    expect(ask('\u00a0').answer).toMatchObject({ status: 'found', inSource: 1 });
    expect(ask('quern').answer).toMatchObject({ status: 'found', inSource: 0 });
  });

  test.each([
    ['(keel', 5],
    ['keel)', 4],
    ['[a-', 3],
    ['*', 1],
    ['a{2,1}', 6],
    ['\\p{Nothing}', 10],
  ])('explains %s at its place', (text, at) => {
    const { answer } = ask(text, { expression: true });
    expect(answer).toMatchObject({ status: 'wrong', message: expect.stringMatching(/^[^/]+$/) });
    expect(answer).toHaveProperty('at', at);
  });

  test('shows no lines of what cannot be looked for', () => {
    const { service, query } = ask('(', { expression: true });
    expect(service.lines(query, '', [0], [1])).toEqual([]);
  });
});
