import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { listDoubts } from '../doubts/doubts.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import { digested } from '../report/digest.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';
import { questionsOf, settleDoubts, type StandingAnswer } from './standing-answers.ts';

/** So much is asked about that every kind of doubt comes up. */
const STRICT: Style = { ...DEFAULT_STYLE, certaintyLimit: 0.98 };
const leaflet = readFileSync('samples/texts/tide-mills.txt', 'utf8');
const TAIL = '\n\nThe tide fell.. Then he left.3 Then it rose... again, up to the salt-\nfern on the wall.';
const texts = [leaflet + TAIL, `A note before it.\n\n${leaflet.slice(leaflet.length / 2)}${TAIL}`];
const cleanings = texts.map((text) => clean(text, STRICT));
const doubtsOf = (cleaning: Parameters<typeof questionsOf>[0]) => listDoubts(digested(cleaning));

describe('questions of a text', () => {
  test('count its doubts, each one once, those that come up most first', () => {
    for (const cleaning of cleanings) {
      const questions = questionsOf(cleaning);
      const counts = questions.map(({ count }) => count);
      expect(counts.reduce((sum, count) => sum + count, 0)).toBe(doubtsOf(cleaning).length);
      expect(counts).toEqual(counts.toSorted((a, b) => b - a));
      expect(new Set(questions.map(({ topic }) => topic)).size).toBe(questions.length);
      for (const { now, other, words } of questions) {
        expect(now).not.toBe(other);
        expect(words.trim()).not.toBe('');
      }
    }
  });

  test('are the same in another text where the same is asked', () => {
    const [one, other] = cleanings.map((cleaning) => questionsOf(cleaning).map(({ topic }) => topic));
    const both = one!.filter((topic) => other!.includes(topic));
    expect(one).toContain('split salt-fern');
    expect(both).toContain('edit doubled-punctuation .. > .');
    expect(other).toContain('edit page-furniture # the tidewright quarterly > ');
  });
});

describe('standing answers', () => {
  test('as the text reads settle its doubts and change nothing', () => {
    for (const cleaning of cleanings) {
      const answers = questionsOf(cleaning).map(({ topic, now }): StandingAnswer => ({ topic, reading: now }));
      const settled = settleDoubts(cleaning, answers);
      expect(cleanText(settled.cleaning)).toBe(cleanText(cleaning));
      expect(doubtsOf(settled.cleaning)).toEqual([]);
    }
  });

  test('given for one text settle the same in another, and nothing else', () => {
    const [one, other] = cleanings as [(typeof cleanings)[0], (typeof cleanings)[0]];
    for (const { topic, other: reading } of questionsOf(one)) {
      const before = questionsOf(other).find((question) => question.topic === topic);
      const { cleaning, step } = settleDoubts(other, [{ topic, reading }]);
      expect(step === undefined).toBe(before === undefined);
      expect(questionsOf(cleaning).map((question) => question.topic)).not.toContain(topic);
      if (before) expect(cleanText(cleaning)).not.toBe(cleanText(other));
      else expect(cleaning).toBe(other);
    }
  });

  test('law: their step takes a piece to the same text', () => {
    for (const cleaning of cleanings) {
      const answers = questionsOf(cleaning).map(({ topic, other }): StandingAnswer => ({ topic, reading: other }));
      const settled = settleDoubts(cleaning, answers);
      const { style, choices } = outcomeOf(applyStep(NO_HISTORY, settled.step!), cleaning.style);
      expect(cleanText(clean(cleaning.source, style, choices))).toBe(cleanText(settled.cleaning));
    }
  });

  test('of a reading that a doubt does not have settle nothing', () => {
    const [cleaning] = cleanings;
    const answers = questionsOf(cleaning!).map(({ topic, kind }): StandingAnswer => ({
      topic,
      reading: kind === 'edit' ? 'goes' : 'changed',
    }));
    expect(settleDoubts(cleaning!, answers)).toEqual({ cleaning, step: undefined });
  });
});
