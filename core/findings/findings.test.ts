import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import { PASSES } from '../passes/index.ts';
import { Decision } from '../seams/seam-table.ts';
import { applyPassSwitch, DEFAULT_STYLE } from '../style/style.ts';
import { findFindings } from './findings.ts';
import { stepForRepeated } from './repeated-lines.ts';
import { otherDecision } from './splits-found.ts';

const sample = (id: string) => readFileSync(`samples/texts/${id}.txt`, 'utf8');
const leaflet = clean(sample('tide-mills'), DEFAULT_STYLE);
const found = findFindings(leaflet);
const afterStep = (cleaning: Cleaning, step: Step) => {
  const { style, choices } = outcomeOf(applyStep(NO_HISTORY, step), cleaning.style);
  return clean(cleaning.source, style, choices);
};

describe('the profile of line lengths', () => {
  test('counts every kept line once', () => {
    const lines = found.profile.bars.reduce((sum, { runOn, end }) => sum + runOn + end, 0);
    expect(lines).toBe(leaflet.decided.seams.line.length);
  });

  test('knows the measure, and that lines beyond it are few', () => {
    const { measure, bars, isGiven } = found.profile;
    expect(measure).toBe(leaflet.decided.measure.widestCharacters);
    expect(isGiven).toBe(false);
    const beyond = bars.filter(({ from }) => from > measure).reduce((sum, { runOn }) => sum + runOn, 0);
    expect(beyond).toBeLessThan(5);
  });

  test('has few bars however long the lines are, and none for no text', () => {
    const long = findFindings(clean(`${'word '.repeat(4000)}\n\n${'word '.repeat(900)}`, DEFAULT_STYLE));
    expect(long.profile.bars.length).toBeLessThanOrEqual(61);
    const empty = findFindings(clean('', DEFAULT_STYLE));
    expect(empty).toMatchObject({ lines: 1, characters: [], repeated: [], splits: [], markers: [] });
  });

  test('takes the measure that a person sets, and decides by it', () => {
    const choice: Choice = { kind: 'measure', from: 0, to: 0, characters: 200 };
    const wide = clean(leaflet.source, DEFAULT_STYLE, [choice]);
    expect(findFindings(wide).profile).toMatchObject({ measure: 200, isGiven: true });
    const breaks = (cleaning: Cleaning) => cleaning.decision.filter((made) => made === Decision.break).length;
    expect(breaks(wide)).toBeGreaterThan(breaks(leaflet));
    const same = clean(leaflet.source, DEFAULT_STYLE, [{ ...choice, characters: found.profile.measure }]);
    expect(breaks(same)).toBe(breaks(leaflet));
  });
});

describe('parts that are no plain paragraphs', () => {
  const source =
    'LOW WATER\n\nThe creek fills the pond behind the wall, and the miller lets it out again through a gate.\n\n• oil\n• lamps\n\nNobody has drowned in it.\n\n• wicks\n\nThe pond is deep.';

  test('are runs of blocks of one kind, each kind with its places', () => {
    const { parts } = findFindings(clean(source, DEFAULT_STYLE));
    expect(parts.map(({ kind, parts: runs, blocks }) => [kind, runs, blocks])).toEqual([
      ['heading', 1, 1],
      ['list-item', 2, 3],
    ]);
    expect(parts[1]!.places.map(({ from, to }) => source.slice(from, to))).toEqual(['• oil\n• lamps', '• wicks']);
    expect(parts.every(({ said }) => said === 0)).toBe(true);
  });

  test('are those of a person where they said so', () => {
    const from = source.indexOf('Nobody');
    const choice: Choice = { kind: 'part', from, to: source.indexOf('\n\n• wicks'), as: 'verse' };
    const { parts } = findFindings(clean(source, DEFAULT_STYLE, [choice]));
    expect(parts.find(({ kind }) => kind === 'verse')).toMatchObject({ parts: 1, said: 1 });
  });
});

describe('what marks paragraphs', () => {
  test('is told by how often each gap parts them', () => {
    const blank = found.marks.find(({ mark }) => mark.blanks === 1)!;
    expect(blank.breaks / blank.count).toBeGreaterThan(0.9);
    const plain = found.marks.find(({ mark }) => mark.blanks === 0 && mark.step === 'level')!;
    expect(plain.runningOn).toBeGreaterThan(plain.breaks);
    expect(found.marks.reduce((sum, { count }) => sum + count, 0)).toBeLessThanOrEqual(leaflet.decided.seams.count);
  });
});

describe('hidden and unusual characters', () => {
  const findIn = (text: string) => findFindings(clean(text, DEFAULT_STYLE)).characters;

  test.each([
    ['\u00a0', 'space', 'odd-spaces', 0],
    ['\u200b', 'invisible', 'invisible', 0],
    ['\u0000', 'control', 'invisible', 0],
    ['\t', 'control', 'tabs', 0],
    ['ﬁ', 'form', 'ligatures', 0],
    ['⛴', 'emoji', 'emoji', 1],
    ['\ufffd', 'broken', undefined, 1],
    ['ж', 'foreign', undefined, 1],
    ['→', 'sign', undefined, 1],
    ['\u0301', 'accent', 'composed-letters', 0],
  ])('%j is found with its class, its pass, and how many are left', (char, kind, pass, left) => {
    const [only, ...others] = findIn(`The ferry waits e${char} here at the quay.`).filter(
      ({ codePoint }) => codePoint !== 0xfe0f,
    );
    expect(others).toEqual([]);
    expect(only).toMatchObject({ codePoint: char.codePointAt(0), class: kind, count: 1, left });
    expect(only!.pass).toBe(pass);
    expect(only!.places).toEqual([{ from: 17, to: 17 + char.length }]);
  });

  test('plain prose has none, in whatever script it is', () => {
    expect(findIn('“The tide—so they said—fell…” It cost £5, and ¿quién? Größe, café.\n')).toEqual([]);
    expect(findIn('Мельница стоит у пруда, и мельник ждёт.\n')).toEqual([]);
    expect(findIn('潮の水車は忍耐だけを求める。\n')).toEqual([]);
  });

  test('a pass that is off leaves them, and is named all the same', () => {
    const style = applyPassSwitch(DEFAULT_STYLE, 'odd-spaces', false);
    const [space] = findFindings(clean('At\u00a0noon the\u00a0ferry.', style)).characters;
    expect(space).toMatchObject({ count: 2, left: 2, pass: 'odd-spaces' });
  });

  test('names only passes that there are', () => {
    const ids = new Set<string>(PASSES.map(({ id }) => id));
    for (const { pass } of findIn(sample('novella-chapter'))) if (pass !== undefined) expect(ids).toContain(pass);
  });
});

describe('lines that come back', () => {
  const page = (number: number, refrain: string) =>
    `The mill by the ${'old new low high wide'.split(' ')[number]} creek stood there, and the miller of it waited for the
water to turn, as ${'one two three four five'.split(' ')[number]} others did.

Draft ${number}, not for print

${refrain}

`;
  const text = [1, 2, 3, 4].map((number) => page(number, 'Row, keeper, row!')).join('');
  const cleaning = clean(text, { ...DEFAULT_STYLE, passes: { 'page-furniture': false } });

  test('are found with their figures aside, and none else', () => {
    const { repeated } = findFindings(cleaning);
    expect(repeated.map(({ text: line, count, dropped }) => [line, count, dropped])).toEqual([
      ['Draft 1, not for print', 4, 0],
      ['Row, keeper, row!', 4, 0],
    ]);
  });

  test('can be dropped all at once, and kept again', () => {
    const step = stepForRepeated(cleaning, 'Draft 1, not for print', 'drop')!;
    const dropped = afterStep(cleaning, step);
    expect(cleanText(dropped)).not.toContain('Draft');
    expect(cleanText(dropped)).toContain('Row, keeper, row!');
    expect(findFindings(dropped).repeated[0]).toMatchObject({ count: 4, dropped: 4 });
    const { choices } = dropped;
    expect(stepForRepeated(dropped, 'Draft 9, not for print', 'keep')).toMatchObject({
      kind: 'together',
      steps: choices.map((choice) => ({ kind: 'withdraw', choice })),
    });
  });

  test('that a pass dropped are kept by stets', () => {
    const caught = findFindings(leaflet).repeated.find(({ dropped }) => dropped > 0);
    if (caught) {
      const kept = afterStep(leaflet, stepForRepeated(leaflet, caught.text, 'keep')!);
      expect(cleanText(kept)).toContain(caught.text);
    }
    expect(stepForRepeated(leaflet, 'no such line', 'drop')).toBeUndefined();
  });
});

describe('split words, marks and speakers', () => {
  test('each split word has its halves, its decision and its evidence', () => {
    expect(found.splits.length).toBe(leaflet.decided.splits.size);
    for (const { head, tail, place, certainty } of found.splits) {
      expect(leaflet.source.slice(place.from, place.to)).toContain(head);
      expect(leaflet.source.slice(place.from, place.to)).toContain(tail);
      expect(certainty).toBeGreaterThan(0.4);
    }
    const certainties = found.splits.map(({ certainty }) => certainty);
    expect(certainties).toEqual([...certainties].sort((a, b) => a - b));
  });

  test('choosing the other decision closes the word up, or keeps its hyphen', () => {
    const split = found.splits.find(({ decision }) => decision === Decision.mend)!;
    const choice: Choice = { kind: 'seam', ...split.seam, decision: otherDecision(split.decision) };
    const changed = findFindings(clean(leaflet.source, DEFAULT_STYLE, [choice])).splits;
    expect(changed.find(({ place }) => place.from === split.place.from)).toMatchObject({
      decision: Decision.join,
      settled: true,
      certainty: 1,
    });
  });

  test('marks are counted by pass with their forms; passes that are off say what they would find', () => {
    const marks = found.markers.find(({ pass }) => pass === 'reference-marks')!;
    expect(marks.on).toBe(true);
    expect(marks.forms[0]!.text).toMatch(/^\[\d+\]$/);
    expect(marks.places).toHaveLength(marks.count);
    const off = findFindings(clean(leaflet.source, applyPassSwitch(DEFAULT_STYLE, 'reference-marks', false)));
    const wanted = off.markers.find(({ pass }) => pass === 'reference-marks')!;
    expect(wanted).toMatchObject({ on: false, count: marks.count });
    for (const { from, to } of wanted.places) expect(leaflet.source.slice(from, to)).toMatch(/\[\d+\]/);
  });

  test('speakers are those whose labels stand in the captions', () => {
    const talk = findFindings(clean(sample('boat-builder'), DEFAULT_STYLE));
    expect(talk.speakers.map(({ name }) => name)).toEqual(expect.arrayContaining(['TRASK', 'INTERVIEWER']));
    expect(talk.kind).toBe('captions');
    expect(found.speakers).toEqual([]);
  });
});
