import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { clean, revise } from '../core/cleaning/clean.ts';
import { cleanText, undoneText } from '../core/cleaning/output.ts';
import { FINDING_PASSES, LINE_PASSES, PASSES, type PassId } from '../core/passes/index.ts';
import { isPassOn, DEFAULT_STYLE, type Style } from '../core/style/style.ts';

afterEach(() => void jest.restoreAllMocks());

const SAMPLE = readFileSync('samples/texts/tide-mills.txt', 'utf8');

function fail(): never {
  throw new RangeError('a fault');
}

function without(style: Style, pass: string): Style {
  return { ...style, passes: { ...style.passes, [pass]: false } };
}

/** All passes on that can be on together and leave the words. */
const ALL_ON: Style = {
  ...DEFAULT_STYLE,
  passes: Object.fromEntries(
    PASSES.filter(({ id }) => !/^(?:ascii-only|letters-only|figures-only|no-)/.test(id)).map(({ id }) => [id, true]),
  ),
};

/** A text in which a pass has work: its own first example, among other paragraphs. */
function textFor(pass: PassId): string {
  return `${PASSES.find(({ id }) => id === pass)!.examples[0]!.before}\n\n${SAMPLE}`;
}

describe('a pass that fails is left out, and the rest is done', () => {
  test.each(FINDING_PASSES.map(({ id }) => id))('%s, which looks for what to change', (id) => {
    const source = textFor(id);
    const style = { ...ALL_ON, passes: { ...ALL_ON.passes, [id]: true } };
    const expected = cleanText(clean(source, without(style, id)));
    const pass = FINDING_PASSES.find((one) => one.id === id)!;
    jest.spyOn(pass, 'find').mockImplementation(fail);
    const cleaning = clean(source, style);
    expect(cleaning.failed).toEqual([{ pass: id, message: 'a fault' }]);
    expect(cleanText(cleaning)).toBe(expected);
    expect(undoneText(cleaning)).toBe(source);
    const revised = revise(cleaning, style, [{ kind: 'stet', from: 0, to: 5, pass: 'quotes' }]);
    expect(revised.failed).toEqual(cleaning.failed);
    expect(isPassOn(revised.style, id)).toBe(false);
  });

  test('several that fail are all left out, and one that failed while a text was revised as well', () => {
    const [first, second] = FINDING_PASSES.filter(({ id }) => isPassOn(DEFAULT_STYLE, id));
    const source = `${textFor(first!.id)}\n\n${textFor(second!.id)}`;
    const before = clean(source, without(without(DEFAULT_STYLE, first!.id), second!.id));
    jest.spyOn(first!, 'find').mockImplementation(fail);
    jest.spyOn(second!, 'find').mockImplementation(fail);
    const revised = revise(before, DEFAULT_STYLE, []);
    expect(revised.failed.map(({ pass }) => pass).sort()).toEqual([first!.id, second!.id].sort());
    expect(cleanText(revised)).toBe(cleanText(before));
  });
});

/** What looks for the lines of each pass, by its file and name, and a text in which it is asked. */
const OF_LINES: readonly (readonly [pass: PassId, file: string, name: string, text: string])[] = [
  ['rules', 'lines/line-form.ts', 'isRule', SAMPLE],
  ['stray-tags', 'lines/line-form.ts', 'isEmptyMarkup', SAMPLE],
  ['mail-quotes', 'lines/quotes.ts', 'findQuotes', SAMPLE],
  ['line-numbers', 'lines/pages/margin-numbers.ts', 'findMarginNumbers', SAMPLE],
  ['page-furniture', 'lines/pages/furniture.ts', 'findFurniture', SAMPLE],
  ['web-labels', 'lines/web/web-furniture.ts', 'findWebFurniture', SAMPLE],
  ['footnotes', 'lines/pages/footnotes.ts', 'findFootnotes', SAMPLE],
];
const CAPTIONS = '1\n00:00:01,000 --> 00:00:02,500\nYou begin\n\n2\n00:00:02,500 --> 00:00:04,000\n[music]\n\n';
const OF_CAPTIONS: typeof OF_LINES = [
  ['time-codes', 'lines/captions/caption-heads.ts', 'dropCaptionHeads', CAPTIONS],
  ['caption-repeats', 'lines/captions/repeats-and-sounds.ts', 'dropRollingRepeats', CAPTIONS],
  ['sound-cues', 'lines/captions/repeats-and-sounds.ts', 'dropSoundCues', CAPTIONS],
];

/** The files that were mocked, as they are. */
const REAL = new Map<string, object>();

/** The engine with one of its functions failing. */
async function engineWhere(file: string, name: string): Promise<{ clean: typeof clean; cleanText: typeof cleanText }> {
  const path = `../core/${file}`;
  if (!REAL.has(path)) REAL.set(path, { ...((await import(path)) as object) });
  jest.resetModules();
  for (const [known, real] of REAL) {
    jest.unstable_mockModule(known, () => (known === path ? { ...real, [name]: fail } : real));
  }
  const cleaning = await import('../core/cleaning/clean.ts');
  const output = await import('../core/cleaning/output.ts');
  return { clean: cleaning.clean, cleanText: output.cleanText };
}

describe('a pass that takes out lines and fails is left out', () => {
  test('each of them is tried here', () => {
    const tried = [...OF_LINES, ...OF_CAPTIONS].map(([pass]) => pass);
    expect(LINE_PASSES.map(({ id }) => id).filter((id) => !tried.includes(id))).toEqual([]);
  });

  test.each([...OF_LINES, ...OF_CAPTIONS])('%s', async (pass, file, name, text) => {
    const expected = cleanText(clean(text, without(DEFAULT_STYLE, pass)));
    const engine = await engineWhere(file, name);
    const cleaning = engine.clean(text, DEFAULT_STYLE);
    expect(cleaning.failed).toEqual([{ pass, message: 'a fault' }]);
    expect(engine.cleanText(cleaning)).toBe(expected);
  });
});

/** What every cleaning needs: where it fails there is no clean text, and whoever asked is told. */
const STAGES: readonly (readonly [file: string, name: string])[] = [
  ['text/line-index.ts', 'indexLines'],
  ['text/word-index.ts', 'indexWords'],
  ['text/language.ts', 'tellLanguages'],
  ['lines/captions/captions.ts', 'readCaptions'],
  ['lines/line-features.ts', 'measureLine'],
  ['seams/decide.ts', 'decideSeams'],
  ['decided/seams-in-force.ts', 'decisionsInForce'],
  ['blocks/kind-of-block.ts', 'kindOfBlock'],
  ['cleaning/gap-pieces.ts', 'blockPieces'],
  ['edits/conservation.ts', 'tallyWords'],
];

describe('a stage that fails is told, and the command and the lines go on', () => {
  test.each(STAGES)('%s %s', async (file, name) => {
    const engine = await engineWhere(file, name);
    expect(() => engine.clean(SAMPLE, DEFAULT_STYLE)).toThrow('a fault');
    const { cleanFile } = await import('../cli/clean-file.ts');
    const { cleanJsonLine, USUAL_PLAN } = await import('../core/index.ts');
    const task = { bytes: new TextEncoder().encode(SAMPLE), plan: USUAL_PLAN };
    const wanted = { wantsDiff: false, wantsReport: false, wantsRecord: false };
    expect(await cleanFile({ ...task, ...wanted }, () => undefined)).toEqual({
      ok: false,
      problem: 'fault',
      detail: 'a fault',
    });
    const line = JSON.parse(
      cleanJsonLine('{"id": 7, "text": "The tide fell."}', USUAL_PLAN, () => undefined),
    ) as object;
    expect(line).toEqual({ id: 7, error: { place: '', message: 'met a fault of this program: a fault' } });
  });
});

test('the command says in one line what it did without, writes the rest, and ends with status 3', async () => {
  jest.resetModules();
  for (const [path, real] of REAL) jest.unstable_mockModule(path, () => real);
  const passes = await import('../core/passes/index.ts');
  jest.spyOn(passes.findPass('quotes') as (typeof FINDING_PASSES)[0], 'find').mockImplementation(fail);
  const folder = mkdtempSync(join(tmpdir(), 'faults-'));
  const said: string[] = [];
  jest.spyOn(process.stderr, 'write').mockImplementation((words) => {
    said.push(String(words));
    return true;
  });
  writeFileSync(join(folder, 'one.txt'), 'The  tide "fell".\n');
  const { main } = await import('../cli/main.ts');
  const status = await main(['clean', join(folder, 'one.txt'), '--on', 'quotes', '--out-dir', join(folder, 'out')]);
  expect(status).toBe(3);
  expect(said).toEqual([
    'lucid-ribbon: cleaned without “Same quotation marks throughout” (a fault), by a fault of this program\n',
  ]);
  expect(readFileSync(join(folder, 'out', 'one.txt'), 'utf8')).toBe('The tide "fell".\n');
  rmSync(folder, { recursive: true });
});
