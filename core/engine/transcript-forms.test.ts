import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { BRACKETS, CLOCKS, conversation, TRANSCRIPT_FORMS } from '../testing/transcript-forms.ts';

const TURNS = [
  'So you came down at five that morning, and the gates were already open. Is that right?',
  'They were. Somebody had lifted the paddles in the night, and the whole pond had gone out over the mud, eels and all.',
  'And nobody heard it?',
  'You would have to know what to listen for. It is not a loud noise. It is more that the other noise stops.',
  'What did you do then?',
  'I rang the bell, and went to look for my hat.',
];

const NAMES: readonly (readonly [string, string])[] = [
  ['Ida', 'Silas'],
  ['Dr. Ida Pell', 'Silas Corran'],
  ['INTERVIEWER', 'MR. CORRAN'],
  ['Speaker 1', 'Speaker 2'],
  ['idapell', 'old_silas'],
];
/** Characters; the widest is that of a turn on one line. */
const WIDTHS = [45, 62, 500];

test.each(TRANSCRIPT_FORMS)('$name: times go, and each turn is whole and alone', ({ lines, isApart, wanted }) => {
  for (const names of NAMES) {
    const spoken = conversation(names, TURNS);
    const meant = spoken.flatMap((one) => wanted(one)).join('\n');
    const wrong: string[] = [];
    for (const [clock, write] of Object.entries(CLOCKS))
      for (const [bracket, enclose] of Object.entries(BRACKETS))
        for (const width of WIDTHS) {
          const turns = spoken.map((one) => lines(one, (seconds) => enclose(write(seconds)), width).join('\n'));
          const text = cleanText(clean(turns.join(isApart ? '\n\n' : '\n'), DEFAULT_STYLE));
          if (text.replace(/\n+/g, '\n').replace(/[ \t]+/g, ' ') !== meant)
            wrong.push(`${clock}, ${bracket}, ${width}`);
        }
    expect({ names, wrong }).toEqual({ names, wrong: [] });
  }
});
