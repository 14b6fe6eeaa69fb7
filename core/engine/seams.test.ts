import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { packWords } from '../text/word-list.ts';
import { explainSeam } from '../seams/explain.ts';

const cleaned = (source: string) => cleanText(clean(source, { ...DEFAULT_STYLE, apart: 'line' }));

/** Enough wrapped prose for a measure to show, 52 columns wide. */
const PROSE = `A tide mill asks for nothing but patience, and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did before
him and as his daughter will do after him.`;
const JOINED = PROSE.replace(/\n/g, ' ');

describe('line ends', () => {
  test.each([
    ['blank lines mark paragraphs', `${PROSE}\n\n${PROSE}`, `${JOINED}\n${JOINED}`],
    ['blank lines with spaces in them count', `${PROSE}\n  \t\n${PROSE}`, `${JOINED}\n${JOINED}`],
    ['an indent marks a paragraph', `${PROSE}\n   ${PROSE}\n   ${PROSE}`, `${JOINED}\n${JOINED}\n${JOINED}`],
    [
      'a short last line marks a paragraph',
      `${PROSE}\nThe pond is full.\n${PROSE}`,
      `${JOINED}\nThe pond is full.\n${JOINED}`,
    ],
    [
      'doubled line ends are wraps where tripled ones mark paragraphs',
      `${PROSE.replace(/\n/g, '\n\n')}\n\n\n${PROSE.replace(/\n/g, '\n\n')}`,
      `${JOINED}\n${JOINED}`,
    ],
    [
      'three spaces mark paragraphs where all line ends are gone',
      `${[JOINED, JOINED, JOINED, JOINED, JOINED].join('   ')}`,
      [JOINED, JOINED, JOINED, JOINED, JOINED].join('\n'),
    ],
    [
      'a list keeps its items',
      `${PROSE}\n\n• flour\n• tallow\n• apple teeth`,
      `${JOINED}\n• flour\n• tallow\n• apple teeth`,
    ],
    [
      'an item of two lines is one item',
      `${PROSE}\n\n1. the width of the gate, which fixed how much grain\n   the mill could ever grind\n2. the height of the wall`,
      `${JOINED}\n1. the width of the gate, which fixed how much grain the mill could ever grind\n2. the height of the wall`,
    ],
    [
      'verse keeps its lines',
      `${PROSE}\n\nLow water, slow water,\nwheel stands still;\nhigh water, my daughter,\nflour in the mill.\n\n${PROSE}`,
      `${JOINED}\nLow water, slow water,\nwheel stands still;\nhigh water, my daughter,\nflour in the mill.\n${JOINED}`,
    ],
    ['headings stand alone', `CHAPTER IV\n${PROSE}`, `CHAPTER IV\n${JOINED}`],
    ['an underlined heading stands alone', `Low Water\n---------\n${PROSE}`, `Low Water\n${JOINED}`],
    [
      'a speech is a paragraph of its own',
      `${PROSE}\n“Who is it?” she asked of the floor.\n“Only the tide,” said the boy.\n${PROSE}`,
      `${JOINED}\n“Who is it?” she asked of the floor.\n“Only the tide,” said the boy.\n${JOINED}`,
    ],
    [
      'Japanese joins without a space',
      '潮の水車は忍耐だけを求める。一日に二度、入\n江は壁の後ろの池を満たす。\n',
      '潮の水車は忍耐だけを求める。一日に二度、入江は壁の後ろの池を満たす。',
    ],
    ['a paragraph separator is one', 'The tide fell\u2029it rose', 'The tide fell\nit rose'],
  ])('%s', (_name, source, expected) => {
    expect(cleaned(source)).toBe(expected);
  });

  test.each([
    [
      'a link',
      'The tides are at https://wrackby.\nexample/tides for all.',
      'The tides are at https://wrackby.example/tides for all.',
    ],
    [
      'an e-mail address',
      'Write to miller@oxhithe.\nexample about flour.',
      'Write to miller@oxhithe.example about flour.',
    ],
    [
      'a path',
      'The log is in /srv/light/\nlogs/gannet on the disk.',
      'The log is in /srv/light/logs/gannet on the disk.',
    ],
    [
      'a sentence that ends with a link',
      'Write to www.oxhithe.example.\nThe miller answers.',
      'Write to www.oxhithe.example.\nThe miller answers.',
    ],
  ])('a line end inside %s', (_name, source, expected) => {
    expect(cleaned(source)).toBe(expected);
  });

  test('a decision comes with the evidence that weighed most, heaviest first', () => {
    const cleaning = clean(`${PROSE}\n\n${PROSE}`, DEFAULT_STYLE);
    const reasons = explainSeam(cleaning.decided, 0);
    expect(reasons.map((reason) => reason.name)).toContain('startsLower');
    const weights = reasons.map((reason) => Math.abs(reason.weight));
    expect(weights).toEqual([...weights].sort((a, b) => b - a));
  });

  test('a text that gives no evidence is a doubt', () => {
    const { decided, style } = clean('He went down to the\nMill', DEFAULT_STYLE);
    expect(decided.certainty[0]).toBeLessThan(style.certaintyLimit);
  });
});

describe('split words', () => {
  test.each([
    [
      'joined elsewhere',
      'The lighthouse stood. At the light-\nhouse he slept.',
      'The lighthouse stood. At the lighthouse he slept.',
    ],
    [
      'hyphenated elsewhere',
      'A tide-mill stood. By the tide-\nmill he slept.',
      'A tide-mill stood. By the tide-mill he slept.',
    ],
    ['nothing known', 'The keeper was consid-\nered odd.', 'The keeper was considered odd.'],
    ['capital after', 'The shore of Saltfern-\nReach was bare.', 'The shore of Saltfern-Reach was bare.'],
    ['figures', 'The years 1914-\n18 were lean.', 'The years 1914-18 were lean.'],
    ['suspended', 'Both pre-\nand post-war mills stood.', 'Both pre- and post-war mills stood.'],
    ['suspended, German', 'Die Vor-\nund Nachteile sind bekannt.', 'Die Vor- und Nachteile sind bekannt.'],
    ['compound number', 'He counted fifty-\ntwo swans.', 'He counted fifty-two swans.'],
    ['soft hyphen', 'The light\u00ad\nhouse stood.', 'The lighthouse stood.'],
    ['typographic hyphen', 'The keeper ap‐\nproved of it.', 'The keeper approved of it.'],
    ['one letter', 'The X-\nray showed a T-\nshirt.', 'The X-ray showed a T-shirt.'],
    ['one letter that is a vowel', 'The keeper was a-\nwake at dawn.', 'The keeper was awake at dawn.'],
    ['a chain that begins', 'His mother-\nin-law ate it.', 'His mother-in-law ate it.'],
    ['an address', 'See mirror.ferry-\nhouse.example for the tides.', 'See mirror.ferry-house.example for the tides.'],
    ['over a page turn', 'The keeper was consid-\n12\n\fered odd.', 'The keeper was considered odd.'],
  ])('%s', (_name, source, expected) => {
    expect(cleaned(source)).toBe(expected);
  });

  const words = {
    bits: packWords(['lighthouse', 'light', 'house', 'harbour', 'master', 'excuse', 'half', 'and', 'law', 'inlaw']),
  };
  const listed = (source: string) => cleanText(clean(source, DEFAULT_STYLE, [], { words }));
  test.each([
    ['the whole word is listed', 'He kept the light-\nhouse at Gannet Rock.', 'He kept the lighthouse at Gannet Rock.'],
    ['a prefix that is none', 'He made an ex-\ncuse for the cat.', 'He made an excuse for the cat.'],
    [
      'both halves are listed and the whole is not',
      'He wrote to the harbour-\nmaster twice.',
      'He wrote to the harbour-master twice.',
    ],
    ['a chain', 'The cat ate half-and-\nhalf of it.', 'The cat ate half-and-half of it.'],
    ['a chain whose end would be a word', 'His mother-in-\nlaw ate it.', 'His mother-in-law ate it.'],
    [
      'a French pronoun',
      'Il demande si elle est-\nelle dans le port avec les autres.',
      'Il demande si elle est-elle dans le port avec les autres.',
    ],
  ])('with a word list: %s', (_name, source, expected) => {
    expect(listed(source)).toBe(expected);
  });
});
