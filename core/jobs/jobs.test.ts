import { describe, expect, test } from '@jest/globals';
import { BUILT_IN_STYLES } from '../house-styles/built-in.ts';
import { toHouseStyleFile } from '../house-styles/house-style.ts';
import { USUAL_SHAPE } from '../output/shape.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { SIDE_BY_SIDE, AS_ONE_PARAGRAPH } from '../testing/two-columns.ts';
import { USUAL_PLAN, type JobPlan } from './job.ts';
import { reportOf } from './job-report.ts';
import { cleanJsonLine } from './json-lines.ts';
import { readPlan } from './read-plan.ts';
import { runJob, writeJob } from './run-job.ts';

const findWords = () => undefined;
const CAPTIONS = '1\n00:00:01,000 --> 00:00:03,000\nUm, the tide fell.\n\n2\n00:00:03,000 --> 00:00:05,000\nIt rose.\n';

function cleaned(text: string, plan: Partial<JobPlan> = {}, name?: string) {
  return writeJob(runJob({ text }, { ...USUAL_PLAN, ...plan }, { findWords, name }));
}

describe('a job', () => {
  test('is cleaned in the first style, with what is said beside it', () => {
    const text = 'A tide mill asks for\nnothing but patience.[4]\n\n“It rose.”';
    expect(cleaned(text)).toBe('A tide mill asks for nothing but patience.\n\n“It rose.”');
    expect(cleaned(text, { off: ['reference-marks'], apart: 'line' })).toBe(
      'A tide mill asks for nothing but patience.[4]\n“It rose.”',
    );
    expect(cleaned(text, { on: ['no-punctuation'], off: ['no-punctuation'] })).toBe(cleaned(text));
  });

  test('takes the style that is meant for its kind, told or found', () => {
    const styles = BUILT_IN_STYLES;
    expect(cleaned(CAPTIONS)).toContain('Um, the tide');
    expect(cleaned(CAPTIONS, { styles })).toBe('The tide fell. It rose.');
    expect(cleaned(CAPTIONS, { styles, kind: 'pages' })).toContain('Um, the tide');
    expect(cleaned('Um, the tide fell.', { styles, kind: 'captions' })).toBe('The tide fell.');
  });

  test('takes the style that is meant for its name', () => {
    const plain = { name: 'Plain', style: DEFAULT_STYLE };
    const minutes = {
      name: 'Minutes',
      style: { ...DEFAULT_STYLE, apart: 'line' as const },
      for: { file: 'minutes-*' },
    };
    const styles = [plain, minutes];
    expect(cleaned('A.\n\n\nB.', { styles }, 'minutes-3.txt')).toBe('A.\nB.');
    expect(cleaned('A.\n\n\nB.', { styles }, 'log.txt')).toBe('A.\n\nB.');
  });

  test('goes out in the shape of its style; a text file ends in one line end', () => {
    const shaped = (output: object) => ({
      styles: [{ name: 'x', style: DEFAULT_STYLE, output: { ...USUAL_SHAPE, ...output } }],
    });
    const job = (output: object) => runJob({ text: 'A.\n\nB.' }, { ...USUAL_PLAN, ...shaped(output) }, { findWords });
    expect(writeJob(job({ lineEnds: 'crlf' }), { isFile: true })).toBe('A.\r\n\r\nB.\r\n');
    expect(writeJob(job({ endsLastLine: true }), { isFile: true })).toBe('A.\n\nB.\n');
    expect(writeJob(runJob({ text: ' \n' }, USUAL_PLAN, { findWords }), { isFile: true })).toBe('');
  });

  test('puts columns in order where that is asked for, and else tells of them', () => {
    const asked = runJob({ text: SIDE_BY_SIDE }, { ...USUAL_PLAN, columns: true }, { findWords });
    expect(writeJob(asked)).toBe(AS_ONE_PARAGRAPH);
    expect(asked.sideBySide).toBeUndefined();
    expect(runJob({ text: SIDE_BY_SIDE }, USUAL_PLAN, { findWords }).sideBySide).toEqual([1, 6]);
  });

  test('reports in figures or in full', () => {
    const { cleaning } = runJob({ text: 'The tide\nfell.[4]' }, USUAL_PLAN, { findWords });
    expect(reportOf(cleaning, 'none')).toBeUndefined();
    expect(reportOf(cleaning, 'short')).toEqual({
      words: { wordsIn: 4, wordsOut: 3, removed: 1, inserted: 0, mended: 0 },
      counts: { 'wrapped-lines': 1, 'reference-marks': 1 },
      questions: 0,
    });
    expect(reportOf(cleaning, 'full')).toMatchObject({ questions: 0, seams: [{ lines: [1, 2], decision: 'join' }] });
  });
});

describe('options from outside', () => {
  const style = toHouseStyleFile({ name: 'House', style: { ...DEFAULT_STYLE, apart: 'line' } });

  test('make a plan; what they do not say is as usual', () => {
    expect(readPlan(undefined)).toEqual({ ok: true, plan: USUAL_PLAN });
    expect(readPlan({ style: 'talks', off: ['fillers'], to: 'html' })).toEqual({
      ok: true,
      plan: { ...USUAL_PLAN, styles: [BUILT_IN_STYLES.find(({ id }) => id === 'talks')], off: ['fillers'], to: 'html' },
    });
    expect(readPlan({ style: ['usual', style] })).toMatchObject({
      ok: true,
      plan: { styles: [{ name: 'The usual' }, { name: 'House', style: { apart: 'line' } }] },
    });
  });

  test.each([
    ['no object', 3, 'options'],
    ['an unknown option', { frob: 1 }, 'options'],
    ['an unknown pass', { off: ['wrapped-lines', 'frob'] }, 'options.off[1]'],
    ['an unknown style', { style: 'frob' }, 'options.style'],
    ['no style', { style: [] }, 'options.style'],
    ['a broken style', { style: { ...style, style: { ...style.style, apart: 3 } } }, 'options.style.style.apart'],
    ['a newer style', { style: { ...style, version: 99 } }, 'options.style'],
    ['an unknown format', { to: 'frob' }, 'options.to'],
    ['an unknown kind', { kind: 'frob' }, 'options.kind'],
    ['an unknown encoding', { encoding: 'frob' }, 'options.encoding'],
    ['a flag that is none', { columns: 'yes' }, 'options.columns'],
    ['a shape that is none', { shapes: [{ name: 'x' }] }, 'options'],
  ])('are refused with the place where they are wrong: %s', (_what, data, place) => {
    const read = readPlan(data);
    expect(read).toMatchObject({
      ok: false,
      problem: { place: expect.stringMatching(new RegExp(`^${place.replace(/[[\]]/g, '\\$&')}`)) },
    });
    expect(!read.ok && read.problem.message).toMatch(/\w/);
  });
});

describe('a line of JSON Lines', () => {
  const clean = (line: unknown) =>
    JSON.parse(cleanJsonLine(typeof line === 'string' ? line : JSON.stringify(line), USUAL_PLAN, findWords)) as object;

  test('gives its text with its id, whatever that is, and figures', () => {
    expect(clean({ id: { n: [1] }, text: 'The tide\nfell.' })).toEqual({
      id: { n: [1] },
      text: 'The tide fell.',
      report: { words: expect.objectContaining({ removed: 0 }), counts: { 'wrapped-lines': 1 }, questions: 0 },
    });
    expect(clean({ text: '', options: { report: 'none' } })).toEqual({ text: '' });
    expect(clean({ text: 'A\ud800', options: { to: 'markdown', report: 'full' } })).toMatchObject({
      report: { seams: [] },
    });
  });

  test.each([
    ['no JSON', '{', { place: '', message: expect.stringMatching(/^is no JSON/) }],
    ['no object', '[1]', { place: '', message: 'is no JSON object' }],
    ['no text', { id: 7, text: 3 }, { place: 'text', message: 'is no string' }],
    ['wrong options', { id: 7, text: '', options: [] }, { place: 'options', message: 'is no object' }],
    [
      'an unknown pass',
      { id: 7, text: '', options: { on: ['frob'] } },
      { place: 'options.on[0]', message: 'there is no such pass' },
    ],
    [
      'an unknown report',
      { id: 7, text: '', options: { report: 'frob' } },
      { place: 'options.report', message: expect.anything() },
    ],
    [
      'a format that is no text',
      { id: 7, text: '', options: { to: 'docx' } },
      { place: 'options.to', message: expect.anything() },
    ],
  ])('gives an error with its id: %s', (_what, line, error) => {
    expect(clean(line)).toEqual({ ...(typeof line === 'object' && { id: 7 }), error });
  });
});
