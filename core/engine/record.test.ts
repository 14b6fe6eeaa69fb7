import { expect, test } from '@jest/globals';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { readDocument } from '../formats/registry.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import type { ChangeRecord } from '../record/change-record.ts';
import { readRecord } from '../record/read-record.ts';
import { toRecord } from '../record/write-record.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { seededRandom } from '../testing/random.ts';
import { randomStep } from './random-steps.ts';

const samples = readdirSync('samples/texts').map((name) => readFileSync(`samples/texts/${name}`, 'utf8'));
const schemaOf = (name: string) => JSON.parse(readFileSync(`docs/${name}.schema.json`, 'utf8')) as object;
const isValid = new Ajv2020().addSchema(schemaOf('house-style')).compile(schemaOf('change-record'));

const through = (record: ChangeRecord) => JSON.stringify(record);

test('a record of any cleaning is as its schema says, and gives the same clean text again', () => {
  fc.assert(
    fc.property(fc.constantFrom(...samples), fc.integer(), fc.integer({ min: 0, max: 6 }), (source, seed, count) => {
      const random = seededRandom(seed);
      let history = NO_HISTORY;
      let cleaning = clean(source, DEFAULT_STYLE);
      for (let step = 0; step < count; step++) {
        history = applyStep(history, randomStep(random, cleaning));
        const { style, choices } = outcomeOf(history, DEFAULT_STYLE);
        cleaning = clean(source, style, choices);
      }
      const record = toRecord(cleaning, 'A piece');
      expect(isValid(JSON.parse(through(record)))).toBe(true);
      const read = readRecord(through(record));
      if (!read.ok) throw new Error(read.problem);
      const { text, layout, style, choices } = read.recorded;
      expect(cleanText(clean(text, style, choices, { layout }))).toBe(cleanText(cleaning));
      // The changes alone tell the text too, but for spaces that are tidied around a line end that a person wrote.
      expect(strung(record).replace(/\s+/g, ' ')).toBe(cleanText(cleaning).replace(/\s+/g, ' '));
    }),
    { numRuns: 25 },
  );
});

function strung({ source, changes }: ChangeRecord): string {
  let text = '';
  let at = 0;
  for (const { from, to, insert } of changes) {
    text += source.text.slice(at, from) + insert;
    at = to;
  }
  return text + source.text.slice(at);
}

test('a record keeps what the format told', async () => {
  const page = '<!doctype html><nav>Home</nav><h2>The gate</h2><p>It is <b>oak</b>.</p>';
  const read = await readDocument(new TextEncoder().encode(page));
  if (!read.ok) throw new Error(read.problem);
  const { text, layout } = read.document;
  const json = through(toRecord(clean(text, DEFAULT_STYLE, [], { layout }), 'Gate'));
  const again = await readDocument(new TextEncoder().encode(json));
  expect(again.ok && again.document.layout).toEqual(layout);
  expect(again.ok && again.document).toMatchObject({ text, title: 'Gate', outcome: { choices: [] } });
});

const good = toRecord(clean('The tide\nfell.', DEFAULT_STYLE), 'A piece');

test.each([
  ['no JSON', '{', 'damaged'],
  ['something else', '{"format":"x"}', 'damaged'],
  ['a newer version', through({ ...good, version: 2 as 1 }), 'newer'],
  ['another text', through({ ...good, source: { ...good.source, text: 'The tide rose.' } }), 'other-text'],
  ['a bad style', through({ ...good, style: { ...good.style, apart: 'x' as 'line' } }), 'damaged'],
  ['an unknown choice', through({ ...good, choices: [{ kind: 'frob', from: 0, to: 1 } as never] }), 'damaged'],
  ['a choice outside', through({ ...good, choices: [{ kind: 'hold', from: 0, to: 99 }] }), 'damaged'],
  ['a choice without a place', through({ ...good, choices: [{ kind: 'hold' } as never] }), 'damaged'],
])('a record that is %s is refused', (_name, json, problem) => {
  expect(readRecord(json)).toEqual({ ok: false, problem });
});
