import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';

const COMMAND = resolve('bin/lucid-ribbon.js');
const WRAPPED = 'A tide mill asks for\nnothing but pa-\ntience.\n';
const CLEAN = 'A tide mill asks for nothing but patience.\n';

/** Where the command stands: a new one for each test. */
const here = { folder: '' };
beforeEach(() => {
  here.folder = mkdtempSync(join(tmpdir(), 'lucid-ribbon-'));
});
afterEach(() => rmSync(here.folder, { recursive: true, force: true }));

const run = (args: readonly string[], input = '') =>
  spawnSync('node', [COMMAND, 'clean', ...args], { input, encoding: 'utf8', cwd: here.folder });

function put(files: Readonly<Record<string, string>>) {
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(dirname(join(here.folder, name)), { recursive: true });
    writeFileSync(join(here.folder, name), text);
  }
}

const read = (name: string) => readFileSync(join(here.folder, name), 'utf8');

describe('several files', () => {
  test('files, folders and patterns go into a folder as they lie, in threads or not; one bad file stops no other', () => {
    put({ 'a.txt': WRAPPED, 'in/b.txt': WRAPPED, 'in/deep/c.md': WRAPPED, 'in/.hidden.txt': WRAPPED, 'in/d.png': 'x' });
    put({ 'p/1.srt': WRAPPED, 'p/2.srt': WRAPPED, 'in/bad.docx': 'PK\u0003\u0004' });
    for (const jobs of ['1', '3']) {
      const { status, stdout, stderr } = run(['a.txt', 'in', 'p/*.srt', '--out-dir', `out${jobs}`, '--jobs', jobs]);
      expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
      expect(stderr).toMatch(/^lucid-ribbon: in\/bad.docx is damaged.*\n$/);
      const written = readdirSync(join(here.folder, `out${jobs}`), { recursive: true, encoding: 'utf8' }).sort();
      expect(written).toEqual(['1.txt', '2.txt', 'a.txt', 'b.txt', 'deep', 'deep/c.txt']);
      for (const name of written) if (name !== 'deep') expect(read(`out${jobs}/${name}`)).toBe(CLEAN);
    }
  });

  test('come one after the other on standard output, in their order, each once', () => {
    const files = Object.fromEntries(Array.from({ length: 12 }, (_, at) => [`${at}.txt`, `Text ${at}\n`]));
    put(files);
    expect(run(['.', '5.txt', '--jobs', '2']).stdout).toBe(Object.values(files).join(''));
  });

  test('that would be written to one place keep their endings; inputs are not written over', () => {
    put({ 'a.txt': WRAPPED, 'a.md': WRAPPED });
    run(['a.txt', 'a.md', '--out-dir', 'out']);
    expect(readdirSync(join(here.folder, 'out')).sort()).toEqual(['a.md.txt', 'a.txt.txt']);
    expect(run(['a.txt', '--out-dir', '.'])).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('is an input'),
    });
    for (const same of ['a.txt', './a.txt', join(here.folder, 'a.txt')])
      expect(run(['a.txt', '--report-file', same])).toMatchObject({ status: 2 });
    expect(read('a.txt')).toBe(WRAPPED);
  });

  test('in place: what changes is kept beside, under a name that is free', () => {
    put({ 'a.txt': WRAPPED, 'b.txt': CLEAN, 'a.txt.orig': 'mine', 'c.html': '<p>The tide</p>' });
    const { status, stderr } = run(['a.txt', 'b.txt', 'c.html', '--in-place']);
    expect(status).toBe(2);
    expect(stderr).toContain('c.html is no file of the format that is written');
    expect(read('a.txt')).toBe(CLEAN);
    expect(read('a.txt.orig')).toBe('mine');
    expect(read('a.txt.orig2')).toBe(WRAPPED);
    expect(readdirSync(here.folder).sort()).toEqual(['a.txt', 'a.txt.orig', 'a.txt.orig2', 'b.txt', 'c.html']);
    expect(read('c.html')).toBe('<p>The tide</p>');
  });

  test('--check names what would change; --diff shows it; --fail-on-doubt counts questions', () => {
    put({ 'a.txt': WRAPPED, 'b.txt': CLEAN });
    expect(run(['a.txt', 'b.txt', '--check'])).toMatchObject({ status: 1, stdout: 'a.txt\n' });
    expect(run(['b.txt', '--check'])).toMatchObject({ status: 0, stdout: '' });
    expect(run(['-', '--check'], WRAPPED)).toMatchObject({ status: 1, stdout: 'standard input\n' });
    expect(run(['a.txt', 'b.txt', '--diff'])).toMatchObject({
      status: 0,
      stdout: expect.stringMatching(/^--- a.txt\n.*\n@@ -1,3 \+1,1 @@\n-A tide/),
    });
    const leaflet = resolve('samples/texts/tide-mills.txt');
    const doubted = run([leaflet, 'b.txt', '--fail-on-doubt', '--out-dir', 'out']);
    expect(doubted).toMatchObject({
      status: 1,
      stderr: expect.stringMatching(/tide-mills.txt: \d+ questions? (?:is|are) left\n/),
    });
    expect(run(['b.txt', '--fail-on-doubt']).status).toBe(0);
    expect(read('a.txt')).toBe(WRAPPED);
  });

  test('each has a line in the report', () => {
    put({ 'a.txt': WRAPPED, 'b.txt': CLEAN });
    run(['a.txt', 'b.txt', '--out-dir', 'out', '--report-file', 'r.jsonl']);
    const lines = read('r.jsonl')
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as object);
    expect(lines).toMatchObject([
      { file: 'a.txt', questions: 0, words: { mended: 1 } },
      { file: 'b.txt', words: { removed: 0 } },
    ]);
  });

  test.each([
    ['a link to nothing', ['gone.txt'], /is a link to nothing/],
    ['several texts as Word files without a folder', ['a.txt', 'b.txt', '--to', 'docx'], /need a folder/],
    ['a change record for several', ['a.txt', 'b.txt', '--record', 'r.json'], /is of one text/],
    ['two wishes that rule each other out', ['a.txt', '--in-place', '--check'], /cannot be used with/],
    ['no number of threads', ['a.txt', '--jobs', '0'], /from 1 to 256/],
    ['a file without end', ['/dev/zero'], /too large/],
  ])('%s: one line, exit 2', (_what, args, message) => {
    put({ 'a.txt': WRAPPED, 'b.txt': CLEAN });
    symlinkSync('nowhere', join(here.folder, 'gone.txt'));
    const { status, stderr, stdout } = run(args);
    expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
    expect(stderr).toMatch(message);
    expect(stderr.trimEnd().split('\n')).toHaveLength(1);
  });
});

describe('JSON Lines', () => {
  test('come out in order, in threads or not, an error line for a bad one', () => {
    const lines = Array.from({ length: 300 }, (_, id) =>
      id === 7 ? '{"id":7' : JSON.stringify({ id, text: `The tide\nfell ${id}.` }),
    );
    const [one, three] = ['1', '3'].map((jobs) => run(['--jsonl', '--jobs', jobs], `${lines.join('\n')}\n\n`));
    expect(one!.stdout).toBe(three!.stdout);
    expect(one).toMatchObject({ status: 2, stderr: 'lucid-ribbon: 1 line could not be cleaned\n' });
    const out = one!.stdout
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line) as { id?: number; text?: string; error?: object });
    expect(out).toHaveLength(300);
    for (const [at, { id, text, error }] of out.entries()) {
      if (at === 7) expect(error).toBeDefined();
      else expect({ id, text }).toEqual({ id: at, text: `The tide fell ${at}.` });
    }
  });

  test('take their usual options from the command, and answer each line as it comes', async () => {
    const child = spawn('node', [COMMAND, 'clean', '--jsonl', '--apart', 'line', '--jobs', '2'], { cwd: here.folder });
    for (const [text, expected] of [
      ['A.\n\n\nB.', 'A.\nB.'],
      ['C.\n\n\nD.', 'C.\nD.'],
    ]) {
      child.stdin.write(`${JSON.stringify({ text, options: { report: 'none' } })}\n`);
      const [chunk] = (await once(child.stdout, 'data')) as [Buffer];
      expect(JSON.parse(chunk.toString())).toEqual({ text: expected });
    }
    child.stdin.end();
    expect(await once(child, 'exit')).toEqual([0, null]);
  });
});

describe('the command as a program', () => {
  test('ends quietly when its reader goes', () => {
    put({ 'a.txt': 'The tide fell.\n\n'.repeat(20_000) });
    const { stdout, stderr } = spawnSync(
      'bash',
      ['-c', `node ${COMMAND} clean a.txt | head -c 8; echo " \${PIPESTATUS[0]}"`],
      { encoding: 'utf8', cwd: here.folder },
    );
    expect({ stdout, stderr }).toEqual({ stdout: 'The tide 141\n', stderr: '' });
  });

  test('interrupted, leaves no half file', async () => {
    put(Object.fromEntries(Array.from({ length: 400 }, (_, at) => [`in/${at}.txt`, WRAPPED.repeat(40)])));
    const child = spawn('node', [COMMAND, 'clean', 'in', '--out-dir', 'out', '--jobs', '2'], { cwd: here.folder });
    const out = join(here.folder, 'out');
    while (!existsSync(out) || readdirSync(out).length < 5) await new Promise((done) => setImmediate(done));
    child.kill('SIGINT');
    expect(await once(child, 'exit')).toEqual([130, null]);
    const names = readdirSync(out);
    expect(names.length).toBeLessThan(400);
    expect(new Set(names.map((name) => readFileSync(join(out, name), 'utf8'))).size).toBe(1);
    expect(names.filter((name) => !/^\d+\.txt$/.test(name))).toEqual([]);
  });

  test('tells its version, writes a manual page and completes options', () => {
    const of = (...args: string[]) => spawnSync('node', [COMMAND, ...args], { encoding: 'utf8' });
    expect(of('--version').stdout).toBe(
      `${(JSON.parse(readFileSync('package.json', 'utf8')) as { version: string }).version}\n`,
    );
    const help = of('clean', '--help').stdout;
    const options = [...new Set(help.match(/^ {2}--[\w-]+/gm)!.map((one) => one.trim()))];
    expect(options.length).toBeGreaterThan(20);
    const page = of('man').stdout;
    for (const option of options) expect(page).toContain(`.B ${option.replace(/-/g, '\\-')}`);
    const script = of('completion', 'bash').stdout;
    const words = spawnSync(
      'bash',
      [
        '-c',
        `${script}\nCOMP_WORDS=(lucid-ribbon clean --to m) COMP_CWORD=3; _lucid_ribbon; echo "\${COMPREPLY[@]}"; COMP_WORDS=(lucid-ribbon clean --) COMP_CWORD=2; _lucid_ribbon; echo "\${COMPREPLY[@]}"`,
      ],
      { encoding: 'utf8' },
    ).stdout.split('\n');
    expect(words[0]).toBe('markdown');
    expect(words[1]!.split(' ').sort()).toEqual(options.sort());
    for (const shell of ['zsh', 'fish']) {
      const { stdout } = of('completion', shell);
      for (const option of options) expect(stdout).toContain(option.slice(2));
    }
  });
});
