import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { cleanText, undoneText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { listWordChanges } from '../report/report.ts';
import { applyRule, applyRuleRemoval, newRuleId, rulesInForce } from '../style/rules.ts';
import { applyPassSwitch, DEFAULT_STYLE, type Style } from '../style/style.ts';
import { toStyle } from '../style/read-style.ts';
import { findRuleEdits, isRuleId, nextRuleId, type OwnRule, type RuleId } from '../rules/own-rule.ts';

const SOURCE = 'Mr. Pell met Mrs. Pell  by the\nmill of Pellworm.\n\nPell slept.\n\nThe mill stood.';

const rule = (text: string, insert: string, more: Partial<OwnRule['query']> & { id?: RuleId } = {}): OwnRule => {
  const { id = 'rule:1', ...query } = more;
  return { id, query: { text, expression: false, matchCase: true, wholeWords: false, ...query }, insert };
};
const styleWith = (...rules: OwnRule[]): Style => rules.reduce(applyRule, DEFAULT_STYLE);
const cleaned = (style: Style, choices: readonly Choice[] = []) => clean(SOURCE, style, choices);

describe('own rules', () => {
  test.each([
    [
      'a name throughout',
      rule('Pell', 'Trask', { wholeWords: true }),
      'Mr. Trask met Mrs. Trask by the mill of Pellworm.\n\nTrask slept.\n\nThe mill stood.',
    ],
    [
      'words that the cleaning joined',
      rule('the mill', 'a mill'),
      'Mr. Pell met Mrs. Pell by a mill of Pellworm.\n\nPell slept.\n\nThe mill stood.',
    ],
    [
      'groups of an expression',
      rule('(Mrs?)\\. (\\w+)', '$2, $1', { expression: true }),
      'Pell, Mr met Pell, Mrs by the mill of Pellworm.\n\nPell slept.\n\nThe mill stood.',
    ],
    [
      'the gap between two paragraphs',
      rule('slept.\n\nThe', 'slept. The'),
      'Mr. Pell met Mrs. Pell by the mill of Pellworm.\n\nPell slept. The mill stood.',
    ],
    ['all gaps', rule('\n\n', ' '), 'Mr. Pell met Mrs. Pell by the mill of Pellworm. Pell slept. The mill stood.'],
    [
      'something at the start of each paragraph',
      rule('^', '> ', { expression: true }),
      '> Mr. Pell met Mrs. Pell by the mill of Pellworm.\n> \n> Pell slept.\n> \n> The mill stood.',
    ],
    [
      'something at the end of each',
      rule('(?<=\\S)$', '!', { expression: true }),
      'Mr. Pell met Mrs. Pell by the mill of Pellworm.!\n\nPell slept.!\n\nThe mill stood.!',
    ],
    [
      'a new paragraph within one',
      rule(' met', '.\n\nHe met'),
      'Mr. Pell.\n\nHe met Mrs. Pell by the mill of Pellworm.\n\nPell slept.\n\nThe mill stood.',
    ],
  ])('replace %s', (_what, own, expected) => {
    const cleaning = cleaned(styleWith(own));
    expect(cleanText(cleaning)).toBe(expected);
    expect(undoneText(cleaning)).toBe(SOURCE);
  });

  test('work one after the other, and not when they are off', () => {
    const style = styleWith(rule('Pell', 'Trask'), rule('Trask slept', 'Trask woke', { id: 'rule:2' }));
    expect(cleanText(cleaned(style))).toContain('Trask woke');
    expect(cleanText(cleaned(applyPassSwitch(style, 'rule:1', false)))).toContain('Pell slept');
    expect(rulesInForce(applyPassSwitch(style, 'rule:1', false)).map(({ id }) => id)).toEqual(['rule:2']);
    expect(cleanText(cleaned(applyRuleRemoval(style, 'rule:2')))).toContain('Trask slept');
  });

  test('count as passes do, and the words they take are listed', () => {
    const cleaning = cleaned(styleWith(rule(' met Mrs. Pell', '')));
    expect(digestOf(cleaning).counts['rule:1']).toBe(1);
    const taken = listWordChanges(cleaning).flatMap(({ removed }) => removed);
    expect(taken).toEqual(['met', 'Mrs', 'Pell']);
  });

  test('a stet leaves one hit, a limit all outside it', () => {
    const style = styleWith(rule('Pell', 'Trask'));
    const at = SOURCE.indexOf('Pell slept');
    const stet: Choice = { kind: 'stet', from: at, to: at + 4, pass: 'rule:1' };
    const limit: Choice = { kind: 'limit', from: at, to: SOURCE.length, pass: 'rule:1' };
    expect(cleanText(cleaned(style, [stet]))).toBe(
      'Mr. Trask met Mrs. Trask by the mill of Traskworm.\n\nPell slept.\n\nThe mill stood.',
    );
    expect(cleanText(cleaned(style, [limit]))).toBe(
      'Mr. Pell met Mrs. Pell by the mill of Pellworm.\n\nTrask slept.\n\nThe mill stood.',
    );
  });

  test('one that reaches over a gap is made whole or not at all', () => {
    const style = styleWith(rule('slept.\n\nThe', 'slept. The'));
    const at = SOURCE.indexOf('The mill stood');
    const stet: Choice = { kind: 'stet', from: at, to: at + 3, pass: 'rule:1' };
    expect(cleanText(cleaned(style, [stet]))).toContain('Pell slept.\n\nThe mill stood.');
  });

  test('a wrong or an empty one does nothing, and an empty text stays empty', () => {
    expect(findRuleEdits(rule('(', 'x', { expression: true }), 'a (')).toEqual([]);
    expect(findRuleEdits(rule('', 'x'), 'abc')).toEqual([]);
    expect(cleanText(clean('', styleWith(rule('^', 'x', { expression: true }))))).toBe('');
  });

  test('are told apart from passes by their ids, which are never used again', () => {
    expect(['rule:7', 'quotes'].map(isRuleId)).toEqual([true, false]);
    expect(nextRuleId([])).toBe('rule:1');
    expect(nextRuleId(['rule:7', 'quotes', 'rule:2'])).toBe('rule:8');
    const style = applyRuleRemoval(styleWith(rule('a', 'b', { id: 'rule:3' })), 'rule:3');
    expect(newRuleId(style, [])).toBe('rule:1');
    expect(newRuleId(style, [{ kind: 'stet', from: 0, to: 1, pass: 'rule:3' }])).toBe('rule:4');
    expect(newRuleId(applyPassSwitch(style, 'rule:5', false), [])).toBe('rule:6');
  });

  test('a rule begins its work only after it was told', () => {
    const told: string[] = [];
    clean(SOURCE, styleWith(rule('Pell', 'Trask'), rule('e', 'e', { id: 'rule:4' })), [], {
      onRule: (id) => told.push(id),
    });
    expect(told).toEqual(['rule:1', 'rule:4']);
  });

  test('come through a file whole, and are checked there', () => {
    const style = styleWith(rule('Pell', ''));
    expect(toStyle(JSON.parse(JSON.stringify(style)))).toEqual(style);
    expect(() => toStyle({ ...style, rules: [{ id: 'tabs', query: style.rules![0]!.query, insert: '' }] })).toThrow();
    expect(() => toStyle({ ...style, rules: [{ id: 'rule:1', insert: '' }] })).toThrow();
  });
});
