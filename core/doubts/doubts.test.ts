import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { applyStep, NO_HISTORY, outcomeOf, type Step } from '../history/history.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import { digested, digestOf } from '../report/digest.ts';
import { Decision } from '../seams/seam-table.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';
import { listDoubts, stepForAnswer, viewDoubts, type Answer, type Doubt } from './doubts.ts';

const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
/** So much is asked about that every kind of doubt comes up. */
const STRICT: Style = { ...DEFAULT_STYLE, certaintyLimit: 0.98 };
const doubtful = clean(
  `${leaflet}\n\nThe tide fell.. Then he left.3 Then it rose... again, up to the salt-\nfern on the wall.`,
  STRICT,
);

function answered(cleaning: Cleaning, doubts: readonly Doubt[], answer: Answer): Cleaning {
  const { style, choices } = outcomeOf(
    applyStep(NO_HISTORY, stepForAnswer(cleaning, doubts, answer) as Step),
    cleaning.style,
  );
  return clean(cleaning.source, style, choices);
}

describe('doubts', () => {
  const doubts = listDoubts(digested(doubtful));

  test('are all that the report counts, in reading order, each with a key of its own', () => {
    expect(doubts).toHaveLength(digestOf(doubtful).seams.length + digestOf(doubtful).edits.length);
    expect(doubts.map(({ from }) => from)).toEqual(doubts.map(({ from }) => from).sort((a, b) => a - b));
    expect(new Set(doubts.map(({ key }) => key)).size).toBe(doubts.length);
    expect(new Set(doubts.map(({ kind }) => kind))).toEqual(new Set(['seam', 'split', 'edit']));
  });

  test('answered as the text reads, change nothing, and are gone', () => {
    const settled = answered(doubtful, doubts, 'now');
    expect(cleanText(settled)).toBe(cleanText(doubtful));
    expect(listDoubts(digested(settled))).toEqual([]);
  });

  test('answered the other way, change their place, and are gone', () => {
    for (const doubt of doubts) {
      const settled = answered(doubtful, [doubt], 'other');
      expect(cleanText(settled)).not.toBe(cleanText(doubtful));
      expect(listDoubts(digested(settled)).map(({ key }) => key)).not.toContain(doubt.key);
    }
  });

  test('of one kind read in two ways', () => {
    for (const doubt of doubts) {
      const parts = (made: Decision) => made === Decision.break || made === Decision.keep;
      if (doubt.kind === 'seam') expect(parts(doubt.now)).not.toBe(parts(doubt.other));
      if (doubt.kind === 'split')
        expect(new Set([doubt.now, doubt.other])).toEqual(new Set([Decision.join, Decision.mend]));
      if (doubt.kind === 'edit') expect(doubtful.source.slice(doubt.from, doubt.to)).not.toBe(doubt.becomes);
    }
  });

  test('with the same evidence are alike, and none else', () => {
    for (const { doubt, alike: count } of viewDoubts(doubtful, doubts, doubts)) {
      const same = doubts.filter(({ alike }) => alike === doubt.alike);
      expect(count).toBe(same.length);
      expect(new Set(same.map(({ kind }) => kind)).size).toBe(1);
      if ('now' in doubt) expect(new Set(same.map((other) => 'now' in other && other.now)).size).toBe(1);
    }
  });

  test('show the words beside them', () => {
    for (const { doubt, before, after, lines } of viewDoubts(doubtful, doubts, doubts)) {
      const text = doubt.kind === 'seam' ? cleanText(doubtful) : doubtful.source;
      expect(text).toContain(before);
      expect(text).toContain(after);
      if (doubt.kind !== 'edit') expect(lines[1]).toBeGreaterThan(lines[0]);
    }
  });

  test('show words as they will be, without the marks that go', () => {
    const ends = viewDoubts(doubtful, doubts, doubts).map(({ before }) => before);
    expect(ends.filter((before) => before.endsWith('could be wood.'))).toHaveLength(1);
    expect(ends.join('')).not.toContain('could be wood.[1]');
  });

  test('are never more for an answer, be it to one or to all alike', () => {
    const own = ['boat-builder', 'ferry-festival', 'keepers-log', 'letter', 'novella-chapter', 'tide-mills'];
    const texts = own.map((name) => readFileSync(`samples/texts/${name}.txt`, 'utf8'));
    const furnished = texts.map((text) => text.replace(/\n\n/g, '\n\nThe Quarterly\n\n12\n\n'));
    let tried = 0;
    for (const text of [...texts, ...furnished]) {
      const cleaning = clean(text, { ...DEFAULT_STYLE, certaintyLimit: 0.9 });
      const all = listDoubts(digested(cleaning));
      for (const alike of new Set(all.map((doubt) => doubt.alike))) {
        const group = all.filter((doubt) => doubt.alike === alike);
        for (const asked of [group, group.slice(0, 1)]) {
          for (const answer of ['now', 'other'] as const) {
            const left = listDoubts(digested(answered(cleaning, asked, answer)));
            expect(left.length).toBeLessThanOrEqual(all.length - asked.length);
            tried++;
          }
        }
      }
    }
    expect(tried).toBeGreaterThan(50);
  });

  test('there are none, and no step, where all is sure', () => {
    expect(listDoubts(digested(clean('The tide fell.', DEFAULT_STYLE)))).toEqual([]);
    expect(stepForAnswer(doubtful, [], 'now')).toBeUndefined();
  });
});

describe('lines that may be none of the text', () => {
  const PROSE =
    'The ferry festival begins on the first Saturday after the spring tides, when the two boats of the Wrackby crossing are dressed overall and the children of both banks are let off school for the morning.';
  const linesOf = (source: string, choices: readonly Choice[] = []) =>
    listDoubts(digested(clean(source, DEFAULT_STYLE, choices))).filter(({ kind }) => kind === 'lines');
  const says = (source: string) =>
    linesOf(source).map((doubt) => [doubt.kind === 'lines' && doubt.what, source.slice(doubt.from, doubt.to)]);

  test('a dateline and a byline before the text proper, but not its title', () => {
    const head = `The ferry festival\n\nBy Dorcas Pell\n\n3 April 1921\n\n${PROSE}\n`;
    expect(says(head)).toEqual([['head', 'By Dorcas Pell\n\n3 April 1921']]);
    expect(says(`The ferry festival\n\n${PROSE}\n`)).toEqual([]);
  });

  test.each(['3 April 1921', 'Sept. 1921', '3 czerwca 1921', '3 июня 1921 г.', '3 giugno 1921'])(
    'a dateline in whatever language: %s',
    (date) => expect(says(`The ferry festival\n\n${date}\n\n${PROSE}\n`)).toEqual([['head', date]]),
  );

  test('rows of very short lines at either end', () => {
    const menu = 'Home\n\nThe Quarterly\n\nTide tables\n\nBoats\n\n';
    expect(says(`${menu}${PROSE}\n\n${PROSE}`)).toEqual([['menu', menu.trim()]]);
    expect(says(`${PROSE}\n\n${PROSE}\n\n${menu}`)).toEqual([['menu', menu.trim()]]);
    expect(says(menu)).toEqual([]);
  });

  test('a line that comes again and again; not a refrain, nor one whose figures count on', () => {
    const parts = (line: (part: number) => string) =>
      [1, 2, 3, 4].map((part) => `${PROSE}\n\n${line(part)}\n\n`).join('');
    expect(says(parts(() => 'Saltfern reader'))).toEqual([['repeated', 'Saltfern reader']]);
    expect(says(parts((part) => `${part} September`))).toEqual([]);
    expect(says(`${PROSE}\n\nLow water, slow water,\nwheel stands still;\nLow water\n`)).toEqual([]);
  });

  test('are asked about once: left out, or found right', () => {
    const head = `By Dorcas Pell\n\n${PROSE}\n`;
    const plain = clean(head, DEFAULT_STYLE);
    for (const answer of ['now', 'other'] as const) {
      const step = stepForAnswer(plain, linesOf(head), answer);
      const { choices } = outcomeOf(applyStep(NO_HISTORY, step!), DEFAULT_STYLE);
      expect(linesOf(head, choices)).toEqual([]);
      expect(cleanText(clean(head, DEFAULT_STYLE, choices)).includes('Dorcas')).toBe(answer === 'now');
    }
  });
});
