import { readFileSync } from 'node:fs';
import { parseProse } from '../core/testing/marked-prose.ts';
import { raggedLines } from '../core/testing/unmarked-lines.ts';
import { describe, expect, jest, test } from '@jest/globals';
import {
  applyRowPatch,
  applyStep,
  DEFAULT_STYLE,
  historyChange,
  NO_HISTORY,
  type Choice,
  type Language,
  type Stage,
  type Step,
  type WordList,
} from '../core/index.ts';
import { packWords } from '../core/text/word-list.ts';
import type { Decided } from './protocol.ts';
import type { Means } from './session.ts';
import { createServices } from './services.ts';

const SOURCE = `The miller of the creek had a boat for the harbour-
master and a slate by the sluice, with the week's
high waters chalked on it for all to read.

The tide turned at noon.
`;
const noWords = () => Promise.resolve(undefined);
const noNames = () => Promise.resolve({});
const quietly = () => undefined;

/** A worker's services, told of steps as a page tells them: by what changed in the history. */
function started(means: Partial<Means> = {}) {
  const services = createServices({ fetchWords: noWords, nameCharacters: noNames, ...means });
  let history = NO_HISTORY;
  const since = (steps: readonly Step[]): Decided => {
    const before = history;
    history = steps.reduce(applyStep, history);
    return { history: historyChange(before, history), slowRules: [] };
  };
  return {
    ...services,
    ...services.cleaning,
    open: (source: string, onProgress: Parameters<typeof services.cleaning.open>[2] = quietly, ...steps: Step[]) =>
      services.cleaning.open({ source }, since(steps), onProgress),
    take: (...steps: Step[]) => services.cleaning.change(since(steps), quietly),
    undo() {
      const before = history;
      history = { ...history, at: history.at - 1 };
      return services.cleaning.change({ history: historyChange(before, history), slowRules: [] }, quietly);
    },
  };
}
const choose = (choice: Choice): Step => ({ kind: 'choose', choice });
const off = (pass: string): Step => ({ kind: 'switch-pass', pass, on: false });

describe('the worker’s service', () => {
  test('tells the stages and sums a cleaning up', async () => {
    const stages: Stage[] = [];
    const { summary, rows } = await started().open(SOURCE, ({ stage }) => stage && stages.push(stage));
    expect(stages).toEqual(['lines', 'seams', 'blocks']);
    expect(summary).toMatchObject({ lines: 6, blocks: 2, suggestedTitle: expect.stringMatching(/^The miller .*…$/) });
    expect(summary.tally.wordsIn).toBe(summary.tally.wordsOut + summary.tally.removed + summary.tally.mended);
    expect(summary.counts['wrapped-lines']).toBeGreaterThan(0);
    expect(rows).toMatchObject({ kind: 'all', plan: { count: 2 } });
  });

  test('gives the rows asked for, and no more than there are', async () => {
    const service = started();
    await service.open(SOURCE);
    expect(service.rows(0, 1)).toHaveLength(1);
    expect(service.rows(-5, 99)).toHaveLength(2);
    expect(service.rows(7, 9)).toEqual([]);
    expect(
      service
        .rows(1, 2)[0]!
        .clean.map((run) => run.text)
        .join(''),
    ).toBe('The tide turned at noon.');
  });

  test('cleans again after a choice and after a switch', async () => {
    const service = started();
    await service.open(SOURCE);
    const [seam] = service.rows(1, 2)[0]!.seams;
    const choice: Choice = { kind: 'seam', from: seam!.from, to: seam!.to, decision: 0 };
    expect(service.take(choose(choice)).summary.blocks).toBe(1);
    expect(service.copy().text.split('\n')).toHaveLength(1);
    expect(service.undo().summary.blocks).toBe(2);
    expect(service.take(off('wrapped-lines')).summary.counts['wrapped-lines']).toBe(0);
    expect(service.copy().text).toContain("week's\nhigh");
  });

  test('a change says which rows it changed, and no more', async () => {
    const service = started();
    const source = Array.from({ length: 30 }, (_, at) => SOURCE.replace('noon', `noon of day ${at}`)).join('\n');
    const opened = await service.open(source);
    if (opened.rows.kind !== 'all') throw new Error('not all rows');
    const { plan } = opened.rows;
    const [seam] = service.rows(21, 22)[0]!.seams;
    const { rows } = service.take(choose({ kind: 'seam', from: seam!.from, to: seam!.to, decision: 0 }));
    if (rows.kind !== 'splices') throw new Error('all rows were planned anew');
    expect(rows.splices.reduce((sum, { rows: changed }) => sum + changed.count, 0)).toBeLessThan(6);
    const now = applyRowPatch(plan, rows);
    expect(now.count).toBe(plan.count - 1);
    expect(service.rows(0, 99).map(({ from }) => from)).toEqual([...now.from]);
  });

  test('asks for the word list of the language, once, and does without where there is none', async () => {
    const list: WordList = { bits: packWords(['harbour', 'master']) };
    const fetchWords = jest.fn<(language: Language) => Promise<WordList | undefined>>().mockResolvedValue(list);
    const listed = started({ fetchWords });
    await listed.open(SOURCE);
    listed.take(off('tabs'));
    expect(fetchWords.mock.calls).toEqual([['en']]);
    expect(listed.copy().text).toContain('harbour-master');
    const unlisted = started();
    await unlisted.open(SOURCE);
    expect(unlisted.copy().text).toContain('harbourmaster');
    await started({ fetchWords }).open('潮の水車は忍耐だけを求める。');
    expect(fetchWords).toHaveBeenCalledTimes(1);
  });

  test('copies plain text and HTML of the same words', async () => {
    const service = started();
    await service.open(SOURCE);
    const { text, html } = service.copy();
    expect(html.replace(/<\/?p>/g, '').replace(/\n/g, '\n\n')).toBe(text);
  });

  test('a question before a text is a caller’s bug', () => {
    expect(() => started().rows(0, 1)).toThrow(RangeError);
    expect(() => started().take(off('tabs'))).toThrow('no text has been opened');
  });

  test('keeps a ledger of the cleaning as it is now', async () => {
    const service = started();
    await service.open(SOURCE);
    const before = service.ledger.count({});
    expect(before).toMatchObject({ count: before.all, byHand: 0 });
    const [first] = service.ledger.lines({ pass: 'wrapped-lines' }, 0, 1);
    expect(first).toMatchObject({ source: '\n', becomes: ' ', line: 2 });
    const step = service.ledger.step({ pass: 'wrapped-lines' }, 'stet', [first!.entry])!;
    service.take(step);
    expect(service.ledger.count({ only: 'by-hand' }).count).toBe(1);
    expect(service.text()).toContain("week's\nhigh");
    expect(service.ledger.export({ only: 'by-hand' }, 'json')).toContain('"stet"');
  });

  test('names the characters that it finds, and drops lines that come back', async () => {
    const nameCharacters = (codes: readonly number[]) =>
      Promise.resolve(Object.fromEntries(codes.map((code) => [code, 'A name'])));
    const service = started({ nameCharacters });
    const notice = 'Draft, not for print\n\n';
    await service.open(
      `${notice}The\u00a0tide turned at noon, and it was late.\n\n${notice}The mill stood.\n\n${notice}`,
    );
    const { names, repeated } = await service.findings.find();
    expect(names).toEqual({ 0xa0: 'A name' });
    expect(repeated).toMatchObject([{ text: 'Draft, not for print', count: 3 }]);
    expect(
      service.findings.repeatedStep('Draft, not for print', repeated[0]!.dropped > 0 ? 'keep' : 'drop'),
    ).toMatchObject({
      kind: 'together',
    });
  });

  test('tells each own rule before it begins, and where clean text and lines stand in the source', async () => {
    const told: unknown[] = [];
    const service = started();
    const rule = {
      id: 'rule:1' as const,
      query: { text: 'tide', expression: false, matchCase: true, wholeWords: true },
      insert: 'flood',
    };
    await service.open(SOURCE, ({ rule: id }) => id && told.push(id), { kind: 'set-rule', rule });
    expect(told).toEqual(['rule:1']);
    const at = service.text().indexOf('turned');
    const { from, to } = service.sourceRanges({ from: Uint32Array.of(at), to: Uint32Array.of(at + 6) });
    expect(SOURCE.slice(from[0], to[0])).toBe('turned');
    const lines = service.rangeOfLines(5, 99);
    expect(SOURCE.slice(lines.from, lines.to)).toBe('The tide turned at noon.\n');
  });

  test('asks first about what settles most others, where that is wanted', async () => {
    const service = started();
    await service.open('It fell... and rose.. Then he left.3 Then he slept.4 Nobody saw it.');
    expect(service.doubts.ask('reading', []).view!.source).toBe('..');
    expect(service.doubts.ask('widest', [])).toMatchObject({
      view: { alike: 2, source: '3' },
      following: [{ source: '4' }, { source: '..' }],
    });
  });

  test('tells the ways to read a text that marks no paragraphs, and leaves off where the text changes', async () => {
    const service = started();
    const source = raggedLines(parseProse(readFileSync('samples/prose/boat-builder.txt', 'utf8')));
    expect((await service.open(source)).summary.guesses).toBeGreaterThan(0);
    const ways = (await service.paragraphings())!;
    expect(ways.map(({ how }) => how).slice(0, 3)).toEqual(['now', 'broken', 'joined']);
    const late = service.paragraphings();
    const { summary } = service.take({ kind: 'choose', choice: ways.at(-1)!.choices[0]! });
    expect([summary.guesses, summary.blocks]).toEqual([0, ways.at(-1)!.paragraphs]);
    expect(await late).toBeUndefined();
  });

  test('asks about one doubt after the other, the hardest first where that is wanted; those put off come last', async () => {
    const service = started();
    const text =
      'It fell... and rose.. Then he left.3 Then he slept.\n\nThe mill stood.. Then it fell.4 Nobody saw it.';
    await service.open(text);
    const first = service.doubts.ask('reading', []);
    expect(first).toMatchObject({
      left: 4,
      view: { alike: 2, source: '..' },
      following: [{ source: '3' }, { source: '..' }, { source: '4' }],
    });
    expect(service.doubts.ask('hardest', []).view!.doubt.certainty).toBeLessThanOrEqual(first.view!.doubt.certainty);
    const key = first.view!.doubt.key;
    expect(service.doubts.ask('reading', [key]).view!.source).toBe('3');
    // One that was answered just before, and that the cleaning does not know of, is neither asked about nor counted.
    const [second] = first.following;
    expect(service.doubts.answer(key, 'other', false, 'reading', [], [second!.doubt.key]).next).toMatchObject({
      left: 2,
      view: { source: '..' },
    });
    const { step, settled, next } = service.doubts.answer(key, 'other', true, 'reading', [], []);
    expect([settled.length, next.left, next.view!.source]).toEqual([2, 2, '3']);
    if (step?.kind !== 'together') throw new Error('not all alike');
    const patch = service.take(step);
    expect(patch.summary.doubts).toBe(2);
    expect(service.doubts.ask('reading', [])).toMatchObject({ left: 2, view: { source: '3' } });
    expect(service.text()).toContain('rose.. Then');
    expect(service.doubts.answer('no such key', 'now', false, 'reading', [], [])).toMatchObject({
      settled: [],
      next: { left: 2 },
    });
  });
});

describe('what a person does by hand', () => {
  const opened = async (source = SOURCE) => {
    const service = started();
    await service.open(source);
    return service;
  };
  const at = (words: string) => ({ from: SOURCE.indexOf(words), to: SOURCE.indexOf(words) + words.length });

  test('typing in a row becomes a step, named by where the row begins', async () => {
    const service = await opened();
    const { from } = service.rows(1, 2)[0]!;
    const was = 'The tide turned at noon.';
    const edited = service.editRow(from, { kind: 'text', text: 'The tide turned late.', was });
    expect(edited.step).toMatchObject({ kind: 'choose', choice: { kind: 'rewrite', text: 'late.' } });
    expect(service.editRow(from, { kind: 'join', with: 'before' }).step).toMatchObject({ choice: { kind: 'seam' } });
  });

  test('a selection gives its clean text, over paragraphs too', async () => {
    const service = await opened();
    const [first, second] = service.rows(0, 2);
    const length = first!.clean.map(({ text }) => text).join('').length;
    const spots = [
      { row: first!.from, offset: length - 4 },
      { row: second!.from, offset: 8 },
    ] as const;
    expect(service.textBetween(...spots)).toBe('ead.\n\nThe tide');
  });

  test('a portion tells what can be done with it, and does it', async () => {
    const service = await opened();
    const line = SOURCE.slice(SOURCE.indexOf('The tide turned')).split('\n', 1)[0]!;
    const tide = at(line);
    expect(service.portion(tide)).toMatchObject({ ...tide, lines: [5, 5], isLeftOut: false });
    const step = service.portionStep(tide, { kind: 'leave-out' });
    expect(step).toMatchObject({ kind: 'choose', choice: { kind: 'drop' } });
    const choice = (step as { choice: Choice }).choice;
    expect(service.take(choose(choice)).summary.blocks).toBe(1);
    expect(service.portion(tide)?.isLeftOut).toBe(true);
    expect(service.read(0, 9)).toHaveLength(1);
  });

  test('a change is told and let stand by its place', async () => {
    const service = await opened(SOURCE.replace('slate', 'slate[4]'));
    const mark = { from: SOURCE.indexOf('slate') + 5, to: SOURCE.indexOf('slate') + 8 };
    expect(service.editAt(mark)).toMatchObject({ source: '[4]', becomes: '', passes: ['reference-marks'] });
    expect(service.stetAt(mark, false)).toMatchObject({ choice: { kind: 'stet', pass: 'reference-marks' } });
    expect(service.editAt({ from: 0, to: 1 })).toBeUndefined();
  });

  test('steps are told by their lines, and another outcome by where it reads otherwise', async () => {
    const service = await opened();
    const drop: Choice = { kind: 'drop', ...at('The tide turned at noon.') };
    expect(service.stepLines([{ kind: 'choose', choice: drop }, { kind: 'reset-passes' }])).toEqual([
      [5, 5],
      undefined,
    ]);
    const { shown } = service.compare(DEFAULT_STYLE, [drop]);
    expect(shown.map(({ one, other }) => [one, other])).toContainEqual(['The tide turned at noon.', '']);
    expect(service.text()).toContain('The tide turned');
  });
});
