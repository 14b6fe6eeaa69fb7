import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { stepForStet, viewEdit } from './edit-at.ts';
import { stepForPortion, viewPortion, type PortionAction } from './portion.ts';

const POEM = `The rhyme is still sung at the ferry by the children of
the place, with a clap  at every line, and it goes so:
  Low water, slow water,[1] wheel  stands
  still; high water, my daughter,
the miller gives the flour away to all that ask[1] him for
it, and to those who do not.
`;

const rangeOf = (words: string, last = words) => ({
  from: POEM.indexOf(words),
  to: POEM.indexOf(last) + last.length,
});
const poem = rangeOf('Low water', 'my daughter,');

function after(...steps: (Step | undefined)[]): string {
  const taken = steps.reduce((history, step) => applyStep(history, step!), NO_HISTORY);
  const { style, choices } = outcomeOf(taken, DEFAULT_STYLE);
  return cleanText(clean(POEM, style, choices));
}

const plain = clean(POEM, DEFAULT_STYLE);
const step = (range: { from: number; to: number }, action: PortionAction) => stepForPortion(plain, range, action);

describe('a portion', () => {
  test('is told by its lines and by what was done in it, white space at its ends aside', () => {
    expect(viewPortion(plain, { from: poem.from - 3, to: poem.to + 1 })).toMatchObject({
      ...poem,
      lines: [3, 4],
      isHeld: false,
      isLeftOut: false,
      passes: expect.arrayContaining([{ pass: 'doubled-spaces', edits: 1 }]),
    });
    expect(viewPortion(plain, { from: POEM.indexOf('\n'), to: POEM.indexOf('\n') + 1 })).toBeUndefined();
  });

  test('that is held stands with its line ends and indents, and its whole lines run on to nothing', () => {
    expect(after(step(poem, { kind: 'hold' }))).toMatch(
      /so:\n+ {2}Low water, slow water,\[1\] wheel {2}stands\n {2}still; high water, my daughter,\n+the miller/,
    );
    const held = clean(POEM, DEFAULT_STYLE, [{ kind: 'hold', ...poem }]);
    expect(viewPortion(held, poem)?.isHeld).toBe(true);
    expect(stepForPortion(held, poem, { kind: 'release' })).toMatchObject({ kind: 'withdraw' });
  });

  test('of some words of one line is held without its line ends', () => {
    expect(after(step(rangeOf('wheel  stands'), { kind: 'hold' }))).toMatch(/wheel {2}stands still/);
  });

  test('can be all that is cleaned', () => {
    const text = after(step(rangeOf('the miller', 'do not.'), { kind: 'only' }));
    expect(text.startsWith(POEM.slice(0, POEM.indexOf('the miller')))).toBe(true);
    expect(text).toContain('that ask him for it, and');
  });

  test('leaves with its words', () => {
    const drop = step({ from: poem.from + 2, to: poem.from + 5 }, { kind: 'leave-out' });
    expect(after(drop)).toMatch(/slow water, wheel stands\s+still; high/);
    expect(after(drop)).not.toContain('Low water');
  });

  test('that parted a sentence, as a running head does, lets it run on when it leaves; nothing else changes', () => {
    const head = 'SALTFERN ALMANAC';
    const paged = `The miller kept a slate by the sluice with the week’s\nhigh waters chalked on it, and let the children of the\n\n${head}\n\nplace wipe it clean on Saturdays, when the gates were\nclosed and nobody could be drowned in the race.\n\nSo it went on for forty years.\n`;
    const from = paged.indexOf(head);
    const whole = clean(paged, DEFAULT_STYLE);
    const { choices } = outcomeOf(
      applyStep(NO_HISTORY, stepForPortion(whole, { from, to: from + head.length }, { kind: 'leave-out' })!),
      DEFAULT_STYLE,
    );
    const left = cleanText(revise(whole, DEFAULT_STYLE, choices));
    expect(left).toContain('the children of the place wipe it clean');
    expect(left).toContain('drowned in the race.\n\nSo it went on');
    expect(cleanText(revise(revise(whole, DEFAULT_STYLE, choices), DEFAULT_STYLE, []))).toBe(cleanText(whole));
  });

  test('lets one pass stand in it', () => {
    const text = after(step(poem, { kind: 'stet', pass: 'reference-marks' }));
    expect(text).toContain('slow water,[1]');
    expect(text).toContain('that ask him');
  });
});

describe('an edit', () => {
  const mark = rangeOf('[1]');

  test('is told with what it was and became, by whom, and how many are alike', () => {
    expect(viewEdit(plain, mark.from + 1, mark.from + 1)).toMatchObject({
      ...mark,
      source: '[1]',
      becomes: '',
      passes: ['reference-marks'],
      alike: 2,
    });
    expect(viewEdit(plain, 0, 1)).toBeUndefined();
  });

  test('is let stand alone, or with all alike', () => {
    const { from, to } = mark;
    expect(after(stepForStet(plain, from, to, false))).toMatch(/water,\[1\].*that ask him/s);
    expect(after(stepForStet(plain, from, to, true))).toMatch(/water,\[1\].*that ask\[1\] him/s);
  });

  test('by hand is taken back', () => {
    const own = clean(POEM, DEFAULT_STYLE, [{ kind: 'rewrite', ...rangeOf('ferry'), text: 'quay' }]);
    const { from, to } = rangeOf('ferry');
    expect(stepForStet(own, from, to, false)).toMatchObject({ kind: 'withdraw', choice: { kind: 'rewrite' } });
  });
});
