import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { lstatSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { DEFAULT_STYLE, USUAL_PLAN } from '../core/index.ts';
import { cleanFile } from './clean-file.ts';
import type { FileTask } from './file-task.ts';
import { cleanLarge } from './clean-large.ts';

const COMMAND = resolve('bin/lucid-ribbon.js');
const here = { folder: '' };
beforeEach(() => {
  here.folder = mkdtempSync(join(tmpdir(), 'lucid-ribbon-'));
  writeFileSync(join(here.folder, 'a.txt'), 'The tide\nfell.\n');
});
afterEach(() => rmSync(here.folder, { recursive: true }));

/** The command as a shell runs it. */
function shell(line: string) {
  return spawnSync('bash', ['-c', line.replaceAll('clean', `"${process.execPath}" "${COMMAND}" clean`)], {
    encoding: 'utf8',
    cwd: here.folder,
  });
}

describe('files that are none, or have no end, are told in one line', () => {
  test.each<[line: string, status: number, said: RegExp]>([
    ['clean /dev/zero', 2, /\/dev\/zero is too large: up to 300 MB are read, in up to 3 GB of memory/],
    ['clean < /dev/zero', 2, /standard input is too large/],
    ['clean /dev/null', 2, /\/dev\/null is empty/],
    ['clean /proc/self/mem', 2, /cannot read \/proc\/self\/mem: the disk, or the device, cannot be read/],
    ['clean loop', 2, /loop is a link to nothing/],
    ['clean empty-folder', 2, /there is nothing to clean in empty-folder/],
    ["clean ''", 2, /a name of an input is empty/],
    ['clean a.txt > /dev/full', 2, /cannot write the output: the disk is full/],
    ['clean --help > /dev/full', 2, /cannot write the output: the disk is full/],
    ['echo \'{"text": "a"}\' | clean --jsonl > /dev/full', 2, /cannot write the output: the disk is full/],
    ['clean a.txt --out-dir a.txt/in', 2, /cannot make the folder .*: a part of its path is no folder/],
    ['clean a.txt --out-dir a.txt', 2, /cannot make the folder .*: there is something else of that name/],
    [
      'clean a.txt --report json --report-file /dev/full',
      2,
      /cannot write the report to \/dev\/full: the disk is full/,
    ],
    ['clean a.txt --encoding klingon', 2, /there is no encoding "klingon"/],
  ])('%s', (line, status, said) => {
    mkdirSync(join(here.folder, 'empty-folder'));
    symlinkSync('loop', join(here.folder, 'loop'));
    const done = shell(line);
    expect(done.stderr).toMatch(said);
    expect(done.stderr.trim().split('\n')).toHaveLength(1);
    expect(done.status).toBe(status);
  });

  test('a device or a pipe is written to, and stays one', () => {
    const { stdout } = shell('mkfifo pipe; clean a.txt --report json --report-file pipe & cat pipe; wait');
    expect(stdout).toMatch(/"words":/);
    expect(lstatSync(join(here.folder, 'pipe')).isFIFO()).toBe(true);
    expect(lstatSync('/dev/full').isCharacterDevice()).toBe(true);
  });

  test('a file in an encoding that is not told is read by what it looks like', () => {
    writeFileSync(
      join(here.folder, 'old.txt'),
      Buffer.from('Die Mühle am Fluß, für alle Müller in der Nähe geöffnet.\n', 'latin1'),
    );
    expect(shell('clean old.txt').stdout).toBe('Die Mühle am Fluß, für alle Müller in der Nähe geöffnet.\n');
  });
});

describe('a text that is too large to be cleaned in one', () => {
  const leaflet = readFileSync('samples/texts/novella-chapter.txt', 'utf8');
  const taskOf = (text: string): FileTask => ({
    bytes: new TextEncoder().encode(text),
    plan: USUAL_PLAN,
    wantsDiff: false,
    wantsReport: false,
    wantsRecord: false,
  });

  test.each(['\n', '\r\n'])(
    'is cleaned in parts that end where paragraphs do, as it would be in one (%j)',
    async (end) => {
      const text = Array.from(
        { length: 20 },
        (_, at) => `The tide ${at} came in over the flats that\nevening and went.\n\n`,
      )
        .join('')
        .replaceAll('\n', end);
      const inParts = cleanLarge({ text }, taskOf(text), () => undefined, 200);
      const inOne = await cleanFile(taskOf(text), () => undefined);
      expect(inParts).toMatchObject({ ok: true, changes: true, failed: [] });
      if (!inParts.ok || !inOne.ok) throw new Error('not cleaned');
      expect(inParts.parts).toBeGreaterThan(3);
      expect(Buffer.from(inParts.output).toString()).toBe(Buffer.from(inOne.output).toString());
    },
  );

  test('is cleaned in the style that is meant for it by its beginning', () => {
    const text = 'Minutes of the ferry board.\n\n' + 'The tide fell -- and rose.\n\n'.repeat(60);
    const style = { ...DEFAULT_STYLE, passes: { dashes: true } };
    const styles = [...USUAL_PLAN.styles, { name: 'Minutes', style, for: { words: 'minutes' } }];
    const task = { ...taskOf(text), plan: { ...USUAL_PLAN, styles } };
    const done = cleanLarge({ text }, task, () => undefined, 200);
    if (!done.ok) throw new Error('not cleaned');
    expect(done.parts).toBeGreaterThan(3);
    expect(Buffer.from(done.output).toString()).not.toContain('--');
  });

  test.each([
    ['has lines without gaps', 'The tide fell and the boats lay still on the sand.\n'],
    ['has no lines', 'The tide fell and the boats lay still. '],
    ['has no sentences', 'the tide fell and rose '],
  ])('ends its parts where a sentence or a word does when it %s', (_name, unit) => {
    const text = unit.repeat(100);
    const done = cleanLarge({ text }, taskOf(text), () => undefined, 300);
    if (!done.ok) throw new Error('not cleaned');
    const words = Buffer.from(done.output)
      .toString()
      .match(/\p{L}+/gu)!;
    expect(words).toEqual(text.match(/\p{L}+/gu));
    const ends = Buffer.from(done.output).toString().trim().split(/\n\n+/);
    if (unit.includes('.')) for (const paragraph of ends) expect(paragraph).toMatch(/\.$/);
  });

  test('keeps every word, wherever it is cut', async () => {
    const inParts = cleanLarge({ text: leaflet }, taskOf(leaflet), () => undefined, 700);
    const inOne = await cleanFile(taskOf(leaflet), () => undefined);
    if (!inParts.ok || !inOne.ok) throw new Error('not cleaned');
    const words = (bytes: Uint8Array) =>
      Buffer.from(bytes)
        .toString()
        .match(/\p{L}+/gu);
    expect(words(inParts.output)!.length).toBeGreaterThanOrEqual(words(inOne.output)!.length);
  });
});
