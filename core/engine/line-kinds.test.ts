import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { readWebLabel } from '../lines/web/web-labels.ts';

const LINES = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did before
him and as his daughter will do after him.`;
const JOINED = LINES.replace(/\n/g, ' ');
const within = (part: string) => `${LINES}\n\n${part}\n\n${LINES}`;

const blocksOf = (source: string) => {
  const cleaning = clean(source, DEFAULT_STYLE);
  const texts = cleanText(cleaning).split('\n\n');
  return cleaning.blocks.map((block, at) => `${block.kind}: ${texts[at]}`);
};

describe('kinds of block', () => {
  test.each([
    ['a table', 'table', 'Day        High      Low\nMonday     04:12    10:30\nTuesday    05:01    11:15'],
    ['a table by tabs', 'table', 'Day\tHigh\tLow\nMonday\t04:12\t10:30'],
    ['code that is set in', 'code', '    if (tide > 2) {\n      ringBell();\n    }'],
    ['commands', 'code', '    $ ls mills\n    $ cat mills/oxhithe.txt'],
    ['code between fences', 'code', '```\nring the bell\n  twice\n```'],
    ['a table of contents', 'contents', 'The First Mill ........ 3\nThe Second Mill ....... 14'],
    ['a table of contents that lost its numbers', 'contents', 'The First Mill ........\nThe Second Mill .......'],
    ['a table of contents with signs of omission', 'contents', 'The First Mill …… 3\nThe Second Mill …… 14'],
    ['a sentence that breaks off with four dots', 'paragraph', 'Nobody knew it then, nor would have said so....'],
    ['one that breaks off in Chinese', 'paragraph', '没有人知道，也没有人说……'],
    ['stars', 'section-break', '* * *'],
    ['one sign', 'section-break', '⁂'],
  ])('%s stays as it stands', (_name, kind, part) => {
    expect(blocksOf(within(part))).toEqual([`paragraph: ${JOINED}`, `${kind}: ${part}`, `paragraph: ${JOINED}`]);
  });

  test('the caption of a figure is a paragraph of its own, without any gap', () => {
    const source = `${LINES}\nFigure 3. The gate of the second mill at low water,\nas the painter saw it.\n\n${LINES}`;
    expect(blocksOf(source)[1]).toBe(
      'caption: Figure 3. The gate of the second mill at low water, as the painter saw it.',
    );
  });

  test('prose with wide spaces, brackets or a semicolon is neither table nor code', () => {
    const justified = LINES.replace(/, /g, ',   ').replace('gate', '(gate)');
    const items =
      '     * the basket, carried by the oldest;\n     * the ferry company in green;\n     * everybody else.';
    const kinds = clean(`${justified}\n\n${items}`, DEFAULT_STYLE).blocks.map((block) => block.kind);
    expect(kinds).toEqual(['paragraph', 'list-item', 'list-item', 'list-item']);
  });

  test('prose in two columns side by side is no table', () => {
    const lines = LINES.split('\n');
    const source = lines.map((line) => `${line.padEnd(56)}${line}`).join('\n');
    expect(clean(source, DEFAULT_STYLE).blocks.map((block) => block.kind)).not.toContain('table');
  });
});

describe('footnotes', () => {
  const page = (foot: string) =>
    `${LINES.replace('wall', 'wall1')}\nThe water was let\n${foot}\n12\n\fout through the gate.`;

  test('one that stands between the halves of a paragraph goes behind it', () => {
    const out = cleanText(clean(page('1 It was salt, as the survey\nof the mills tells.'), DEFAULT_STYLE));
    expect(
      out.endsWith('The water was let out through the gate.\n\n1 It was salt, as the survey of the mills tells.'),
    ).toBe(true);
  });

  test.each(['*', '†', '‡', '§', '††'])('a note may be marked %s', (sign) => {
    const source = page(`${sign} It was salt.`).replace('wall1', `wall${sign}`);
    expect(cleanText(clean(source, DEFAULT_STYLE)).endsWith(`through the gate.\n\n${sign} It was salt.`)).toBe(true);
  });

  test('no word is lost on the way', () => {
    const { tally } = clean(page('1 It was salt, as the survey\nof the mills tells.'), DEFAULT_STYLE);
    // The page number alone; "wall1" became "wall".
    expect(tally.removed - tally.inserted).toBe(1);
  });

  test('a line that begins with a figure is none where no word carries the figure', () => {
    const source = page('3 It was salt.');
    expect(clean(source, DEFAULT_STYLE).blocks.map((block) => block.kind)).not.toContain('footnote');
    const out = cleanText(clean(source, DEFAULT_STYLE));
    expect(out.indexOf('salt')).toBeLessThan(out.indexOf('out through'));
  });

  test('it stands once, also where lines are kept as lines', () => {
    const style = { ...DEFAULT_STYLE, passes: { 'wrapped-lines': false } };
    expect(cleanText(clean(page('1 It was salt.'), style)).match(/It was salt/g)).toHaveLength(1);
  });

  test('with the pass off the note stays where it stood', () => {
    const style = { ...DEFAULT_STYLE, passes: { footnotes: false } };
    expect(cleanText(clean(page('1 It was salt.'), style)).indexOf('salt')).toBeLessThan(
      cleanText(clean(page('1 It was salt.'), style)).indexOf('out through'),
    );
  });
});

describe('labels of web pages', () => {
  test.each([
    ['Skip to main content', 'sure'],
    ['7 min read · 12 Comments', 'sure'],
    ['Cookie settings | Privacy | Contact', 'sure'],
    ['Home » Reach » Mills » Next topic', 'sure'],
    ['© 2026 The Tidewright Quarterly', 'rights'],
    ['Alle Rechte vorbehalten', 'rights'],
    ['News', 'maybe'],
    ['3.2.3. Votes', 'no'],
    ['The Ferry of Wrackby', 'no'],
  ])('%s: %s', (line, expected) => {
    expect(readWebLabel(line)).toBe(expected);
  });

  test('a word of menus alone between paragraphs is a heading and stays', () => {
    const source = `Skip to content\nSign in\n${JOINED}\n\nNews\n\n${JOINED}\n`;
    expect(cleanText(clean(source, DEFAULT_STYLE))).toBe(`${JOINED}\n\nNews\n\n${JOINED}`);
  });

  test('wrapped text has no labels, whatever its lines say', () => {
    expect(cleanText(clean(within('Sign in\n\nRead more'), DEFAULT_STYLE))).toContain('Sign in');
  });
});

describe('captions without an end or without punctuation', () => {
  const WORDS = LINES.replace(/[,.]/g, '').toLowerCase().split(/\s+/);
  /** Four words to a cue, half a second each; `pauseAfter` adds four seconds. */
  const track = (cues: number, pauseAfter: (cue: number) => boolean, clock: (seconds: number) => string) => {
    let time = 5;
    return Array.from({ length: cues }, (_, cue) => {
      const words = WORDS.slice((cue * 4) % 40, ((cue * 4) % 40) + 4).join(' ');
      const line = clock(time) + words;
      time += 2 + (pauseAfter(cue) ? 4 : 0);
      return line;
    }).join('\n');
  };
  const minutes = (seconds: number) => `[${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}] `;
  const blocks = (source: string) => clean(source, DEFAULT_STYLE).blocks.length;

  test('starts alone: a long time for few words is a pause', () => {
    expect(blocks(track(40, (cue) => cue === 9 || cue === 19, minutes))).toBe(3);
    expect(blocks(track(40, () => false, minutes))).toBe(1);
  });

  test('without any pause a very long speech is divided all the same, and in doubt', () => {
    const cleaning = clean(
      track(400, () => false, minutes),
      DEFAULT_STYLE,
    );
    expect(cleaning.blocks.length).toBeGreaterThan(2);
    for (const block of cleaning.blocks.slice(0, -1)) {
      expect(cleaning.decided.certainty[block.lastKept]).toBeLessThan(DEFAULT_STYLE.certaintyLimit);
    }
  });
});
