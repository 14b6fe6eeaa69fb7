import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import { PART_KINDS, type PartKind } from '../lines/part.ts';
import { stepForPortion, viewPortion } from '../portion/portion.ts';
import { explainSeam } from '../seams/explain.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

const BEFORE = 'The creek fills the pond behind the wall, and the miller lets it out\nagain through a gate.';
const AFTER = 'Nobody has ever drowned in it, though many\nhave said that they would.';

/** The clean text where a person said that the lines between two paragraphs are of a kind. */
function saidOf(lines: string, as: PartKind): string {
  const source = `${BEFORE}\n\n${lines}\n\n${AFTER}\n`;
  const from = BEFORE.length + 2;
  const choice = { kind: 'part', from, to: from + lines.length, as } as const;
  const text = cleanText(clean(source, DEFAULT_STYLE, [choice]));
  const ends = [BEFORE.replace('\n', ' '), AFTER.replace('\n', ' ')];
  expect(text.startsWith(`${ends[0]}\n\n`)).toBe(true);
  expect(text.trimEnd().endsWith(`\n\n${ends[1]}`)).toBe(true);
  return text.slice(ends[0]!.length, text.lastIndexOf(ends[1]!)).trim();
}

describe('what a person says of a part wins', () => {
  test.each<[string, PartKind, string, string]>([
    ['short lines are prose', 'prose', 'Oil\nlamps\nand a re-\nmarkable wick', 'Oil lamps and a remarkable wick'],
    [
      'blank lines and indents part paragraphs of prose',
      'prose',
      'Oil\nand lamps\n\nWicks\n  And flour',
      'Oil and lamps\n\nWicks\n\nAnd flour',
    ],
    ['a heading is prose', 'prose', 'CHAPTER IV', 'CHAPTER IV'],
    ['every line is an item', 'list', 'oil and lamps\nwicks for them', 'oil and lamps\n\nwicks for them'],
    ['items with signs may wrap', 'list', '• oil and\nlamps\n• wicks', '• oil and lamps\n• wicks'],
    [
      'full lines are verse, blank lines part stanzas',
      'verse',
      'the tide that turns the wheel will turn it\nall night\n\nand stop',
      'the tide that turns the wheel will turn it\nall night\n\nand stop',
    ],
    ['rows keep their spaces', 'table', 'oil  3  lamps\nwicks  4', 'oil  3  lamps\nwicks  4'],
    ['code keeps its indents and signs', 'code', 'do\n    oil ( x )  ,, y\nend', 'do\n    oil ( x )  ,, y\nend'],
  ])('%s', (_name, as, lines, expected) => {
    expect(saidOf(lines, as)).toBe(expected);
  });

  test('nothing in it is asked about, and the reason is what was said', () => {
    const choice = { kind: 'part', from: 0, to: BEFORE.length, as: 'verse' } as const;
    const { decided } = clean(`${BEFORE}\n${AFTER}`, DEFAULT_STYLE, [choice]);
    expect([...decided.certainty.slice(0, 2)]).toEqual([1, 1]);
    expect(explainSeam(decided, 0)[0]).toMatchObject({ name: 'part' });
  });

  test('it says nothing of other parts', () => {
    const lines = `${BEFORE}\n\n`.repeat(20);
    const rest = cleanText(clean(lines, DEFAULT_STYLE));
    const choice = { kind: 'part', from: 0, to: BEFORE.length, as: 'verse' } as const;
    const text = cleanText(clean(lines, DEFAULT_STYLE, [choice]));
    expect(text).toBe(BEFORE + rest.slice(BEFORE.length));
  });
});

describe('saying it of a selection', () => {
  const source = `${BEFORE}\n\noil\nlamps\n\n${AFTER}\n`;
  const portion = { from: source.indexOf('il\n'), to: source.indexOf('ps\n') };
  const cleaned = (steps: ReturnType<typeof stepForPortion>[]) => {
    const history = steps.reduce((all, step) => (step ? applyStep(all, step) : all), NO_HISTORY);
    return clean(source, DEFAULT_STYLE, outcomeOf(history, DEFAULT_STYLE).choices);
  };
  const plain = cleaned([]);
  const say = (as: PartKind | undefined) => stepForPortion(plain, portion, { kind: 'part', as });

  test.each(PART_KINDS.map((kind) => [kind]))('%s: of the whole lines, and it shows', (as) => {
    expect(viewPortion(plain, portion)?.part).toBeUndefined();
    const after = cleaned([say(as)]);
    expect(viewPortion(after, portion)?.part).toBe(as);
    expect(viewPortion(after, { from: 0, to: source.length })?.part).toBeUndefined();
  });

  test('said again it takes the place of what was said; taken back the evidence tells', () => {
    const verse = cleaned([say('verse')]);
    const prose = stepForPortion(verse, { from: 0, to: source.length }, { kind: 'part', as: 'prose' });
    const both = cleaned([say('verse'), prose]);
    expect(both.choices).toHaveLength(1);
    expect(viewPortion(both, portion)?.part).toBe('prose');
    const back = stepForPortion(both, portion, { kind: 'part', as: undefined });
    expect(cleanText(cleaned([say('verse'), prose, back]))).toBe(cleanText(plain));
    expect(stepForPortion(plain, portion, { kind: 'part', as: undefined })).toBeUndefined();
  });
});
