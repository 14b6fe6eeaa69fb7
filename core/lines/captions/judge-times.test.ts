import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { ALL_LINE_OPTIONS } from '../line-kind.ts';
import { seededRandom } from '../../testing/random.ts';
import { indexLines } from '../../text/line-index.ts';
import { readCaptions } from './captions.ts';

const areCodes = (source: string): boolean => {
  const index = indexLines(source);
  return readCaptions(source, index, new Uint8Array(index.count), ALL_LINE_OPTIONS).found;
};

const SENTENCES = [
  'The lamp was lit for the first time in the spring, by a man who had never seen the sea before.',
  'He kept his back to the window, and it is said that the window did not mind.',
  'Nobody had asked the geese, which stood on the green and looked at everybody as if they owed them money.',
  'The ladder had gone with the slates; it was agreed to borrow the one from the chapel.',
];
const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

/** Words as they are spoken, a few to a cue, at 8 to 20 characters a second. */
function speech(seed: number): { readonly time: number; readonly words: string }[] {
  const random = seededRandom(seed);
  const words = Array.from({ length: 4 }, () => SENTENCES[Math.floor(random() * SENTENCES.length)]!)
    .join(' ')
    .split(' ');
  const cues: { time: number; words: string }[] = [];
  let time = 1 + random() * 20;
  for (let at = 0; at < words.length;) {
    const count = 5 + Math.floor(random() * 4);
    const said = words.slice(at, at + count).join(' ');
    cues.push({ time, words: said });
    time += said.length / (8 + random() * 12);
    at += count;
  }
  return cues;
}

const FORMS: readonly (readonly [string, (time: number, words: string) => string])[] = [
  ['before the words', (time, words) => `${clock(time)} ${words}\n`],
  ['in square brackets before the words', (time, words) => `[${clock(time)}] ${words}\n`],
  ['in round brackets among the words', (time, words) => `(${clock(time)}) ${words} `],
  ['in angle brackets among the words', (time, words) => `<${clock(time)}> ${words} `],
  ['on lines of their own', (time, words) => `${clock(time)}\n${words}\n`],
  ['behind the words', (time, words) => `${words} ${clock(time)}\n`],
];

describe('times of speech are codes', () => {
  test.each(FORMS)('%s', (_name, write) => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        expect(
          areCodes(
            speech(seed)
              .map(({ time, words }) => write(time, words))
              .join(''),
          ),
        ).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});

describe('times of the day are content', () => {
  const ENTRIES = [
    'Welcome and apologies',
    'Report on the roof',
    'Tea',
    'The matter of the geese',
    'Close',
    'Ferry from Wrackby',
  ];

  test.each(FORMS.filter(([name]) => !name.includes('among')))('a programme with its hours %s', (_name, write) => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const random = seededRandom(seed);
        let minutes = 7 * 60 + 15 * Math.floor(random() * 20);
        const entries = Array.from({ length: 3 + Math.floor(random() * 6) }, () => {
          const entry = write(minutes, ENTRIES[Math.floor(random() * ENTRIES.length)]!);
          minutes += 15 * (1 + Math.floor(random() * 6));
          return entry;
        });
        expect(areCodes(entries.join(''))).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  test.each([
    [
      'the parts of a film',
      '0:00 A shed with a hole in it\n1:24 Where the mirror came from\n4:07 The night of the comet\n9:55 Why owls are a problem\n',
    ],
    [
      'verses',
      '[3:16] For the keeper loved the light so much that he gave his lamp,\n[3:17] so that nobody who sails should be lost,\n[3:18] but should come home to bread.\n[3:19] This is the rule.\n',
    ],
    [
      'a chat',
      '[14:32] Anna: did you see the boat?\n[14:33] Enoch: the blue one? no\n[14:33] Anna: it has a hole in it\n[14:35] Enoch: they all have\n',
    ],
    [
      'a log',
      '[12:03:44] INFO started\n[12:03:45] WARN cache is cold\n[12:03:51] INFO request\n[12:04:10] ERROR no tides for May\n',
    ],
    ['prose', 'We met at 9:15 and again at 10:40, since nobody had the key at 9:15. By 11:05 the ferry had gone.'],
    ['hours that say so', 'The train leaves at 9:15 am.\nIt comes back at 10:20 pm.\nOn Sundays at 11:05 am.\n'],
    ['a score', 'Wrackby beat Torvale (3:01) and lost (1:02) to Norwold.'],
  ])('%s', (_name, source) => {
    expect(areCodes(source)).toBe(false);
  });
});

test.each([
  ['[0:04] So welcome back to the workshop, and mind the step.', true],
  ['(0:04) So welcome back to the workshop, and mind the step.', false],
  ['00:00:01,000 --> 00:00:04,000\nSo welcome back.', true],
  ['So welcome back at 0:04 to the workshop.', false],
])('one time alone: %j', (source, expected) => {
  expect(areCodes(source)).toBe(expected);
});

test('few codes in a long text make no transcript of it', () => {
  const prose = `${SENTENCES.join(' ')}\n\n`.repeat(40);
  expect(areCodes(`${prose}[0:04] ${SENTENCES[0]}\n\n${prose}`)).toBe(false);
});
