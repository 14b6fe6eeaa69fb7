import { describe, expect, test } from '@jest/globals';
import { historyChange, NO_HISTORY, applyStep, type LineShape, type Step } from '../core/index.ts';
import { AS_ONE_PARAGRAPH, SIDE_BY_SIDE } from '../core/testing/two-columns.ts';
import { createServices } from './services.ts';

const SOURCE = `Audio guide of the Reach

00:00 | Introduction | saltfern.example/s1
01:24 | Stop 2 | saltfern.example/s2
(Stop 3 is closed.)
03:12 | Stop 4 | saltfern.example/s4
`;

const SHAPE: LineShape = {
  id: 'shape:1',
  name: 'Index',
  patterns: [[{ is: 'time' }, { is: 'loose' }, { is: 'text', keep: true }, { is: 'loose' }, { is: 'link' }]],
  parts: [],
  as: 'list',
  before: '- ',
  between: '',
  after: '',
};

async function opened(source: string) {
  const services = createServices({ fetchWords: async () => undefined, nameCharacters: async () => ({}) });
  const decided = { history: historyChange(NO_HISTORY, NO_HISTORY), slowRules: [] };
  await services.cleaning.open({ source }, decided, () => undefined);
  const take = (step: Step) =>
    services.cleaning.change(
      { history: historyChange(NO_HISTORY, applyStep(NO_HISTORY, step)), slowRules: [] },
      () => undefined,
    );
  return { ...services, take };
}

describe('the shapes of a text', () => {
  test('its groups, a preview, the lines as written', async () => {
    const { shapes } = await opened(SOURCE);
    expect(shapes.groups().map(({ form, count, samples }) => [form, count, samples[0]!.line])).toEqual([
      ['time text link', 3, 2],
      ['bracket', 1, 4],
      ['text', 1, 0],
    ]);
    expect(shapes.preview(SHAPE)).toMatchObject({
      fits: 3,
      misfitCount: 1,
      misfits: [{ line: 4, missing: ['time', 'link'] }],
    });
    expect(shapes.written(SHAPE)).toEqual(['- Introduction', '- Stop 2', '- Stop 4']);
  });

  test('the line of which two shapes make something else', async () => {
    const { shapes } = await opened(SOURCE);
    const timeToo: LineShape = {
      ...SHAPE,
      patterns: [[{ is: 'time', keep: true }, ...SHAPE.patterns[0]!.slice(1)]],
      between: ' ',
    };
    expect(shapes.difference(SHAPE, timeToo)).toMatchObject({
      line: 2,
      one: '- Introduction',
      other: '- 00:00 Introduction',
    });
    expect(shapes.difference(SHAPE, SHAPE)).toBeUndefined();
    const none: LineShape = { ...SHAPE, patterns: [[{ is: 'date' }, { is: 'loose' }, { is: 'text', keep: true }]] };
    expect(shapes.difference(SHAPE, none)).toMatchObject({ one: '- Introduction', other: undefined });
  });

  test('applied, lines that do not fit are seen already and not asked about', async () => {
    const { shapes, cleaning, doubts, take } = await opened(SOURCE);
    const step = shapes.step(SHAPE);
    expect(step).toMatchObject({ kind: 'together', steps: [{ kind: 'set-shape' }, { kind: 'choose' }] });
    const { summary } = take(step);
    expect(summary.counts['shape:1']).toBe(6);
    expect(cleaning.text()).toContain('- Introduction\n- Stop 2\n\n(Stop 3 is closed.)\n\n- Stop 4');
    expect(doubts.ask('reading', []).left).toBe(0);
  });

  test('brought by a style, they are', async () => {
    const { doubts, take } = await opened(SOURCE);
    take({ kind: 'set-shape', shape: SHAPE });
    expect(doubts.ask('reading', []).view?.doubt).toMatchObject({ kind: 'lines', what: 'misfit' });
  });

  test('where all fit, the step is the shape alone', async () => {
    const { shapes } = await opened(SOURCE.replace('(Stop 3 is closed.)\n', ''));
    expect(shapes.step(SHAPE)).toEqual({ kind: 'set-shape', shape: SHAPE });
  });
});

describe('columns side by side', () => {
  test('are told with the text in order, and how both begin', async () => {
    const { cleaning } = await opened(`The mills\r\n\r\n${SIDE_BY_SIDE.replaceAll('\n', '\r\n')}\r\n`);
    const found = cleaning.columns()!;
    expect(found.lines).toEqual([3, 8]);
    expect(found.now.split('\n')[0]).toBe(SIDE_BY_SIDE.split('\n')[0]);
    expect(found.then.trim().replaceAll('\n', ' ')).toBe(AS_ONE_PARAGRAPH);
    expect(found.inOrder).toContain('The mills\r\n\r\nA tide mill asks for\r\nnothing');
  });
  test('are none in prose', async () => {
    expect((await opened(SOURCE)).cleaning.columns()).toBeUndefined();
  });
});
