import { afterAll, expect, test } from '@jest/globals';
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

interface Run {
  readonly exported: { readonly answer: () => string };
  readonly keepCompiled: () => void;
}
const { runBundle } = createRequire(import.meta.url)('../bin/run-bundle.js') as { runBundle: (path: string) => Run };

const folder = mkdtempSync(join(tmpdir(), 'bundle-'));
const bundle = join(folder, 'answer.cjs');
afterAll(() => rmSync(folder, { recursive: true }));

function answerOf(id: string, body: string): Run {
  writeFileSync(bundle, `// ${id}\nexports.answer = () => { ${body} };\n`);
  return runBundle(bundle);
}

test('a bundle gives what it exports, before and after what was compiled is kept', () => {
  const first = answerOf('a', 'return "mill";');
  expect(first.exported.answer()).toBe('mill');
  first.keepCompiled();
  expect(existsSync(`${bundle}.compiled`)).toBe(true);
  expect(runBundle(bundle).exported.answer()).toBe('mill');
});

test('signs of every script are read as they were written', () => {
  expect(answerOf('c', 'return String.raw`¿“мельница”?`;').exported.answer()).toBe('¿“мельница”?');
});

// V8 tells a source by its length alone.
test('what was kept of another bundle of the same length is not run', () => {
  const first = answerOf('a', 'return "mill";');
  first.exported.answer();
  first.keepCompiled();
  expect(answerOf('b', 'return "tide";').exported.answer()).toBe('tide');
});

test('what was kept and is damaged is not used', () => {
  const first = answerOf('a', 'return "mill";');
  first.keepCompiled();
  writeFileSync(`${bundle}.compiled`, '// a\nno code of any machine');
  expect(runBundle(bundle).exported.answer()).toBe('mill');
});
