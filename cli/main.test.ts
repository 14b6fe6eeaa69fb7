import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { AS_ONE_PARAGRAPH, SIDE_BY_SIDE } from '../core/testing/two-columns.ts';

const folder = mkdtempSync(join(tmpdir(), 'lucid-ribbon-'));
const run = (args: string[], input: string | Uint8Array = '') =>
  spawnSync('node', ['bin/lucid-ribbon.js', ...args], { input, encoding: 'utf8' });

beforeAll(() => {
  run(['--version']);
});
afterAll(() => rmSync(folder, { recursive: true }));

describe('the command', () => {
  test('cleans standard input to standard output', () => {
    const { stdout, stderr, status } = run(['clean'], 'A tide mill asks for\nnothing but pa-\ntience.\n\nIt waits.\n');
    expect({ stdout, stderr, status }).toEqual({
      stdout: 'A tide mill asks for nothing but patience.\n\nIt waits.\n',
      stderr: '',
      status: 0,
    });
  });

  test('cleans a file, one line to a paragraph where asked', () => {
    const file = join(folder, 'in.txt');
    writeFileSync(file, 'The tide fell.\r\n\r\n\r\nIt rose.\r\n');
    expect(run(['clean', file, '--apart', 'line']).stdout).toBe('The tide fell.\nIt rose.\n');
  });

  test('reports as JSON on standard error, or to a file', () => {
    const onError = JSON.parse(run(['clean', '--report', 'json'], 'The tide\nfell.[4]').stderr) as Record<
      string,
      unknown
    >;
    expect(onError).toMatchObject({
      words: { wordsIn: 4, wordsOut: 3, removed: 1 },
      seams: [{ lines: [1, 2], decision: 'join' }],
    });
    const file = join(folder, 'report.json');
    expect(run(['clean', '--report-file', file], 'The tide\nfell.[4]').stderr).toBe('');
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(onError);
  });

  test('says on standard error what it took out, where that is much', () => {
    const page = `Log in\nShare this article\n\n${'The ferry has crossed the sound four times a day for more than a hundred years. '.repeat(2)}\n\nCookie settings\n`;
    const { stdout, stderr } = run(['clean'], page);
    expect(stdout).not.toContain('Log in');
    expect(stderr).toMatch(/^lucid-ribbon: \d+ of \d+ words were taken out: web-labels .*Log in/);
  });

  test('says where columns stand side by side, and puts one under the other where asked', () => {
    expect(run(['clean'], SIDE_BY_SIDE).stderr).toContain('lines 1 to 6 look like two columns side by side; --columns');
    const { stdout, stderr } = run(['clean', '--columns'], SIDE_BY_SIDE);
    expect(stdout).toBe(`${AS_ONE_PARAGRAPH}\n`);
    expect(stderr).toBe('');
  });

  test('takes a house style, built in or from a file, and line shapes from files', () => {
    expect(run(['clean', '--style', 'e-books'], '"Well..." she said.').stdout).toBe('“Well…” she said.\n');
    const shape = {
      id: 'shape:1',
      name: 'Index',
      patterns: [[{ is: 'time' }, { is: 'loose' }, { is: 'text', keep: true }]],
      parts: [],
      as: 'list',
      before: '- ',
      between: '',
      after: '',
    };
    const style = {
      format: 'lucid-ribbon/house-style',
      version: 1,
      name: 'Index',
      style: { version: 1, passes: { 'not-yet': true }, shapes: [shape], apart: 'line', certaintyLimit: 0.85 },
    };
    const [shapeFile, styleFile, broken] = ['shape.json', 'style.json', 'broken.json'].map((name) =>
      join(folder, name),
    );
    writeFileSync(shapeFile!, JSON.stringify(shape));
    writeFileSync(styleFile!, JSON.stringify(style));
    writeFileSync(broken!, JSON.stringify({ ...style, version: 3 }));
    const index = '03:12 The rope walk\n04:10 | The mill\n';
    expect(run(['clean', '--shape', shapeFile!], index).stdout).toBe('- The rope walk\n- The mill\n');
    const styled = run(['clean', '--style', styleFile!], index);
    expect(styled.stdout).toBe('- The rope walk\n- The mill\n');
    expect(styled.stderr).toContain('does not know: not-yet');
    expect(run(['clean', '--style', broken!], index)).toMatchObject({ status: 2, stdout: '' });
    expect(run(['clean', '--style', broken!], index).stderr).toContain('a newer version');
    expect(run(['clean', '--shape', styleFile!], index).stderr).toContain('is no line shape');
  });

  test('switches passes', () => {
    expect(run(['clean', '--off', 'wrapped-lines', '--', '-'], 'A tide mill asks for\nnothing.').stdout).toBe(
      'A tide mill asks for\nnothing.\n',
    );
  });

  test('reads files of other kinds, and writes them', () => {
    const page = join(folder, 'in.html');
    writeFileSync(page, '<title>Tides</title><h2>The gate</h2><p>It is <b>oak</b>.</p>');
    expect(run(['clean', page]).stdout).toBe('The gate\n\nIt is oak.\n');
    expect(run(['clean', page, '--to', 'markdown']).stdout).toBe('## The gate\n\nIt is **oak**.\n');
    const word = spawnSync('node', ['bin/lucid-ribbon.js', 'clean', page, '--to', 'docx']).stdout;
    const again = join(folder, 'out.docx');
    writeFileSync(again, word);
    expect(run(['clean', again, '--to', 'markdown']).stdout).toBe('## The gate\n\nIt is **oak**.\n');
  });

  test('reads a text in the encoding that is asked for', () => {
    const input = Uint8Array.from([0xcc, 0xe8, 0xf0]);
    expect(run(['clean', '--encoding', 'windows-1251'], input).stdout).toBe('Мир\n');
  });

  test('reads a file as what it is said to be', () => {
    expect(run(['clean', '--from', 'html'], 'It is <b>oak</b>.').stdout).toBe('It is oak.\n');
    expect(run(['clean', '--from', 'text', '--off', 'stray-tags', '--', '-'], '<p>Oak</p>').stdout).toBe(
      '<p>Oak</p>\n',
    );
  });

  test('keeps a record, and cleans by it, that very text only', () => {
    const record = join(folder, 'record.json');
    const source = 'The tide\nfell.[4]';
    expect(run(['clean', '--off', 'reference-marks', '--write-record', record], source).stdout).toBe(
      'The tide fell.[4]\n',
    );
    expect(run(['clean', '--record', record], source).stdout).toBe('The tide fell.[4]\n');
    expect(run(['clean', record]).stdout).toBe('The tide fell.[4]\n');
    const refused = run(['clean', '--record', record], 'It rose.');
    expect(refused).toMatchObject({ status: 2, stdout: '' });
    expect(refused.stderr).toMatch(/is not the text that the change record was made of/);
  });

  test('nothing in, nothing out', () => {
    expect(run(['clean'])).toMatchObject({ stdout: '', status: 0 });
    expect(run(['clean'], ' \n\n').stdout).toBe('');
  });

  test.each([
    ['an unreadable file', ['clean', join(folder, 'none.txt')], '', /cannot read .*there is no such file/],
    ['an empty folder', ['clean', mkdtempSync(join(folder, 'empty-'))], '', /there is nothing to clean in/],
    [
      'binary input',
      ['clean'],
      Uint8Array.from([0x7f, 0x45, 0x4c, 0x46, 2, 1, 1, 0, 0, 0, 0]),
      /standard input is not a text file/,
    ],
    ['an unknown encoding', ['clean', '--encoding', 'frob'], 'A', /there is no encoding "frob"/],
    ['a file that is not what was said', ['clean', '--from', 'docx'], 'A', /standard input is damaged/],
    ['an unknown option', ['clean', '--frob'], '', /unknown option '--frob'/],
    ['an unknown pass', ['clean', '--off', 'frob', '--', '-'], '', /there is no pass "frob"/],
    [
      'a report that cannot be written',
      ['clean', '--report-file', join(folder, 'none', 'x')],
      'The tide',
      /cannot write the report/,
    ],
  ])('%s: one line on standard error, exit 2', (_name, args, input, message) => {
    const { stderr, status } = run(args, input);
    expect(status).toBe(2);
    expect(stderr).toMatch(message);
    expect(stderr.trimEnd().split('\n')).toHaveLength(1);
    expect(stderr).toMatch(/^lucid-ribbon: /);
  });
});
