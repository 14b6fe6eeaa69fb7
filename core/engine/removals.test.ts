import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';
import { cleanText } from '../cleaning/output.ts';
import { listDoubts, stepForAnswer, type EditDoubt } from '../doubts/doubts.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import { digested } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

const LONG =
  'The ferry of Wrackby has crossed the sound four times a day for more than a hundred years, and in all weathers, with sheep.';

const cleaned = (source: string) => clean(source, DEFAULT_STYLE);
const lines = (cleaning: Cleaning) => cleanText(cleaning).split(/\n+/);

/** What was taken out and is asked about, with the reason. */
function asked(cleaning: Cleaning): [string, string | undefined][] {
  return editDoubts(cleaning).map(({ from, to, why }) => [cleaning.source.slice(from, to), why]);
}

function editDoubts(cleaning: Cleaning): EditDoubt[] {
  return listDoubts(digested(cleaning)).filter((doubt) => doubt.kind === 'edit');
}

/** The cleaning after all its questions about edits have been answered alike. */
function answered(cleaning: Cleaning, answer: 'now' | 'other'): Cleaning {
  const step = stepForAnswer(cleaning, editDoubts(cleaning), answer);
  const { style, choices } = outcomeOf(applyStep(NO_HISTORY, step!), DEFAULT_STYLE);
  const now = revise(cleaning, style, choices);
  expect(cleanText(now)).toBe(cleanText(clean(cleaning.source, style, choices)));
  return now;
}

describe('a line that stands alone in the middle of a sentence', () => {
  const BEFORE = 'The almanac of the valley was printed in 1711 by\na widow who had inherited the press and could not';
  const AFTER = 'read. She set the letters by their shape, and it\nis one of the most accurate that we have.';
  const between = (line: string) => `${BEFORE}\n\n${line}\n\n${AFTER}\n`;
  const JOINED = `${BEFORE} ${AFTER}`.replace(/\n/g, ' ');

  test.each(['34   THE WIDOW’S PRESS', 'The Widow’s Press', 'TIDE MILLS          19'])(
    '%j goes, and is asked about',
    (line) => {
      const cleaning = cleaned(between(line));
      expect(lines(cleaning)).toEqual([JOINED]);
      expect(asked(cleaning)).toEqual([[line, 'lone']]);
    },
  );

  test('once it was found right that it goes nobody is asked again', () => {
    const cleaning = answered(cleaned(between('The Widow’s Press')), 'now');
    expect(lines(cleaning)).toEqual([JOINED]);
    expect(asked(cleaning)).toEqual([]);
  });

  test('kept, it stands by itself and is never run into the sentence', () => {
    const cleaning = answered(cleaned(between('The Widow’s Press')), 'other');
    expect(lines(cleaning)).toHaveLength(3);
    expect(lines(cleaning)[1]).toBe('The Widow’s Press');
    expect(asked(cleaning)).toEqual([]);
  });

  test('one that comes again where another sentence is cut has proved what it is', () => {
    const twice = `${between('The Widow’s Press')}\n${between('The Widow’s Press').replaceAll('press and', 'shop and')}`;
    const cleaning = cleaned(twice);
    expect(cleanText(cleaning)).not.toContain('Widow’s Press');
    expect(asked(cleaning)).toEqual([]);
  });

  test.each([
    ['a sentence', 'Nobody could read.'],
    ['an item', '• a widow'],
    ['words that begin small', 'so it was said'],
    ['a line too long for a head', 'The Widow Who Had Inherited the Press and Could Not Read a Single Word of It'],
  ])('%s is no head', (_name, line) => {
    expect(cleanText(cleaned(between(line)))).toContain(line);
  });

  test('nor is a heading between two paragraphs', () => {
    const source = `${BEFORE} read.\n\nThe Widow’s Press\n\n${AFTER.replace('read. She', 'She')}\n`;
    expect(cleanText(cleaned(source))).toContain('The Widow’s Press');
  });

  const apart = (line: string) => [...BEFORE.split('\n'), line, ...AFTER.split('\n')].join('\n\n');

  test('where blank lines stand between all lines, it is told by its length', () => {
    const cleaning = cleaned(apart('Emma'));
    expect(lines(cleaning)).toEqual([JOINED]);
    expect(asked(cleaning)).toEqual([['Emma', 'lone']]);
    const full = 'Emma, who was a widow, and had';
    expect(cleanText(cleaned(apart(full)))).toContain(full);
  });

  test.each(['34', 'The Widow’s Press', '34 PRESSES', 'The Presses 34', '34          Presses', 'The Valley\n34'])(
    'without blank lines around it, %j is no line of the sentence',
    (line) => {
      const cleaning = cleaned([BEFORE, line, AFTER].join('\n'));
      expect(lines(cleaning)).toEqual([JOINED]);
      // A bare number in the middle of a sentence is that of a page.
      expect(asked(cleaning).map(([words]) => words)).toEqual(line.split('\n').filter((one) => one !== '34'));
    },
  );

  test.each(['3 crowns', '9:16'])('%j is part of the sentence', (line) => {
    expect(cleanText(cleaned([BEFORE, line, AFTER].join('\n')))).toContain(line);
  });

  test('without stops nothing tells where a sentence goes on', () => {
    const source = between('The Widow’s Press').replace(/[.,]/g, '').repeat(3);
    expect(cleanText(cleaned(source))).toContain('The Widow’s Press');
  });
});

describe('what a page has around its text', () => {
  const page = (head: string, foot: string) => `${head}\n\n${LONG}\n\n${LONG}\n\n${foot}\n`;

  test('known labels go without a word', () => {
    const cleaning = cleaned(page('Skip to content\nLog in', 'Share this article\nCookie settings'));
    expect(lines(cleaning)).toEqual([LONG, LONG]);
    expect(asked(cleaning)).toEqual([]);
  });

  test('a link below goes with the labels there, and is asked about', () => {
    const cleaning = cleaned(page('Log in', 'Related articles\nThe rope walk\nCookie settings'));
    expect(asked(cleaning)).toEqual([['The rope walk', 'unique']]);
    expect(lines(answered(cleaning, 'other'))).toContain('The rope walk');
  });

  test('a word among labels goes, a title among them stays', () => {
    const head =
      'Skip to content\nHome\nNews\nCulture\nWeather\nSubscribe\nLog in\nThe island that moved\n4 min read\nCopy link';
    const cleaning = cleaned(page(head, 'Read more\nPrivacy policy'));
    expect(lines(cleaning)).toEqual(['The island that moved', LONG, LONG]);
    expect(asked(cleaning)).toEqual([['Weather', 'company']]);
  });

  test('a menu before a title that stands alone goes whole', () => {
    const source = `Saltfern Guide\nPlaces\nTides\nSign in\n\nThe Ferry\n\n${LONG}\n\n${LONG}`;
    const cleaning = cleaned(source);
    expect(lines(cleaning)).toEqual(['The Ferry', LONG, LONG]);
    expect(asked(cleaning).map(([words]) => words)).toEqual(['Saltfern Guide', 'Places', 'Tides']);
  });

  test('a line about cookies goes beside a label or at the head of a page, and is asked about; among paragraphs it stays', () => {
    const words = 'We use cookies to make this site work; please accept them.';
    const beside = cleaned(page(`${words}\nAccept all\nLog in`, 'Copy link'));
    expect(cleanText(beside)).not.toContain(words);
    const alone = cleaned(page(words, 'Copy link\nLog in'));
    expect(cleanText(alone)).not.toContain(words);
    expect(asked(alone)).toEqual([[words, 'company']]);
    expect(cleanText(cleaned(page('Log in', `${words}\n\n${LONG}\n\nCopy link`)))).toContain(words);
  });

  test('a last short sentence is part of the text, whatever stands around it', () => {
    const source = page(
      'Log in',
      'Advertisement\n\nA decision on the eggs is expected on Friday.\n\nMore on this story\nMost read\n1\n2',
    );
    expect(lines(cleaned(source)).at(-1)).toBe('A decision on the eggs is expected on Friday.');
  });

  test('labels that are all there is are the text', () => {
    expect(lines(cleaned('Log in\nShare this article\nPrivacy policy'))).toHaveLength(3);
  });
});

describe('figures beside lines', () => {
  const numbered = (words: readonly string[], first: number) =>
    words.map((line, at) => `${first + at}  ${line}`).join('\n');
  const PRINTED = Array.from({ length: 12 }, (_, at) =>
    at % 3 === 2
      ? 'the mill stood still on all but the stormiest days.'
      : 'and nobody had ever asked it what it thought of the',
  );

  test('numbers of lines go, those of lines without words too', () => {
    const source = numbered([...PRINTED.slice(0, 6), '', ...PRINTED.slice(6)], 1);
    expect(cleanText(cleaned(source))).not.toMatch(/\d/);
  });

  test('years of a chronicle stay', () => {
    expect(cleanText(cleaned(numbered(PRINTED, 1711)))).toContain('1715');
  });

  test('numbers of verses stay', () => {
    const verses = Array.from({ length: 12 }, (_, at) =>
      at % 2 === 0 ? 'In the beginning was the lamp, and the lamp was lit, and the keeper saw it.' : 'and it was good.',
    );
    expect(cleanText(cleaned(numbered(verses, 1)))).toMatch(/7 +In the beginning/);
  });
});

describe('figures in brackets behind words', () => {
  test.each([
    ['Nine mills stood,[1] and a tenth[2] burned.[3]', 'Nine mills stood, and a tenth burned.'],
    ['Position a[0] holds the name, a[1] the weight.', undefined],
    ['The place of a[1] is the first, as everybody knew.', undefined],
    ['Compare row[1] with best[1], then names[1].', undefined],
    ['Take x[i] = y[2] + 3 and go on.', undefined],
    ['It burned.[5]:112 It was rebuilt.[clarification needed][who?]', 'It burned. It was rebuilt.'],
    ['[4] Wickstead, H.: Walls.', undefined],
    ['E = mc², 10⁻³ mol, 4 m² and H².', undefined],
    ['The end of it.² So he said³ then.', 'The end of it. So he said then.'],
  ])('%j', (source, wanted = source) => {
    expect(cleanText(cleaned(source))).toBe(wanted);
  });
});

describe('a page that its menu alone tells', () => {
  const MENU = 'Home\nNews\nGallery\nContact';
  const FOOT = '© 2024 Wrackby Council';

  test('loses it, and all of it is asked about', () => {
    const page = cleaned(`${MENU}\n\nThe sound in winter\n\n${LONG}\n\n${FOOT}\n`);
    expect(lines(page)).toEqual(['The sound in winter', LONG]);
    expect(asked(page).map(([line]) => line.trim())).toEqual([...MENU.split('\n'), FOOT]);
    expect(lines(answered(page, 'other'))).toEqual([...MENU.split('\n'), 'The sound in winter', LONG, FOOT]);
  });

  test('is none where nothing else of a page stands in the text', () => {
    const text = `${MENU}\n\n${LONG}`;
    expect(lines(cleaned(text))).toEqual(text.split(/\n+/));
  });
});

test('a short line of a Chinese sentence, with no gap around it, is no head of a page', () => {
  const text = [
    '每个目录都有一个名字，它可以包含任意字母或除了斜线以外的符号。根目录是个特例。它的名',
    '字是“根”',
    '（也称作“顶层”），并且它不能被重命名。每个文件或目录都有一个全名，按顺序给出必须经过',
    '的目录，从而到达相应目录。',
  ].join('\n');
  expect(asked(cleaned(text))).toEqual([]);
  expect(cleanText(cleaned(text)).replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
});
