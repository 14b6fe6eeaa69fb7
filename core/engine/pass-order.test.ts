import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { applyMove, passesInOrder } from '../style/order.ts';
import { applyPassSwitch, DEFAULT_STYLE, isAsUsual } from '../style/style.ts';

const ids = (style: Parameters<typeof passesInOrder>[0]) => passesInOrder(style).map(({ id }) => id);
const usual = ids(DEFAULT_STYLE);

describe('the order of passes', () => {
  test('can be changed, and changes what comes out', () => {
    const both = ['ascii-only', 'entities'].reduce((style, id) => applyPassSwitch(style, id, true), DEFAULT_STYLE);
    const text = 'The keeper&rsquo;s oar.';
    expect(cleanText(clean(text, both))).toBe('The keepers oar.');
    expect(cleanText(clean(text, applyMove(both, 'entities', undefined)))).toBe('The keeper’s oar.');
  });

  test('a pass stands before the one it was moved to, the rest stays', () => {
    const moved = applyMove(DEFAULT_STYLE, 'quotes', 'entities');
    expect(ids(moved).indexOf('quotes')).toBe(ids(moved).indexOf('entities') - 1);
    expect(ids(moved).filter((id) => id !== 'quotes')).toEqual(usual.filter((id) => id !== 'quotes'));
    expect(isAsUsual(moved)).toBe(false);
  });

  test('moved back, all is as usual', () => {
    const next = usual[usual.indexOf('quotes') + 1];
    expect(isAsUsual(applyMove(applyMove(DEFAULT_STYLE, 'quotes', 'entities'), 'quotes', next))).toBe(true);
  });

  test.each([
    ['before itself', 'quotes', 'quotes'],
    ['before a pass that is none', 'quotes', 'nothing'],
    ['that decides lines', 'wrapped-lines', 'quotes'],
  ])('a pass moved %s changes nothing', (_what, pass, before) => {
    expect(ids(applyMove(DEFAULT_STYLE, pass, before))).toEqual(usual);
  });

  test('passes that an old order does not know follow the one that they follow as usual', () => {
    const old = usual.filter((id) => id !== 'ligatures' && id !== usual[0]).reverse();
    const order = ids({ order: [...old, 'gone-since'] });
    expect(new Set(order)).toEqual(new Set(usual));
    expect(order[0]).toBe(usual[0]);
    expect(order.indexOf('ligatures')).toBe(order.indexOf(usual[usual.indexOf('ligatures') - 1]!) + 1);
  });
});
