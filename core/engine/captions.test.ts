import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import type { Choice } from '../choices/choice.ts';
import { cleanText } from '../cleaning/output.ts';
import { listDoubts, stepForAnswer } from '../doubts/doubts.ts';
import { applyStep, NO_HISTORY, outcomeOf } from '../history/history.ts';
import { digested } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

const cleaned = (source: string, passes: Record<string, boolean> = {}) =>
  cleanText(clean(source, { ...DEFAULT_STYLE, passes })).split(/\n+/);

/** A caption file with these cues, each two seconds long and right after the one before. */
const track = (...cues: string[]) =>
  cues
    .map(
      (words, at) =>
        `${at + 1}\n00:00:${String(2 * at).padStart(2, '0')},000 --> 00:00:${String(2 * at + 2).padStart(2, '0')},000\n${words}\n`,
    )
    .join('\n');

describe('times that little tells of', () => {
  const ONE = '[0:04] We begin with the keel, and then the ribs are set\nup one by one until she looks like a boat.';
  const doubtsOf = (source: string, choices: readonly Choice[] = []) =>
    listDoubts(digested(clean(source, DEFAULT_STYLE, choices))).filter(({ kind }) => kind === 'edit');
  const answered = (source: string, answer: 'now' | 'other') => {
    const cleaning = clean(source, DEFAULT_STYLE);
    const step = stepForAnswer(cleaning, doubtsOf(source), answer)!;
    return outcomeOf(applyStep(NO_HISTORY, step), DEFAULT_STYLE).choices;
  };

  test('go, and are asked about; they stay where that is the answer', () => {
    expect(cleaned(ONE).join(' ')).toMatch(/^We begin/);
    expect(doubtsOf(ONE)).toMatchObject([{ passes: ['time-codes'], why: 'times' }]);
    const stays = answered(ONE, 'other');
    expect(cleanText(clean(ONE, DEFAULT_STYLE, stays))).toMatch(/^\[0:04\] We begin/);
    expect(doubtsOf(ONE, stays)).toEqual([]);
    const goes = answered(ONE, 'now');
    expect(cleanText(clean(ONE, DEFAULT_STYLE, goes))).toMatch(/^We begin/);
    expect(doubtsOf(ONE, goes)).toEqual([]);
  });

  test('are all alike', () => {
    const four = [4, 31, 55, 78].map(
      (at) => `[${Math.floor(at / 60)}:${String(at % 60).padStart(2, '0')}] We set another rib.`,
    );
    const doubts = doubtsOf(four.join('\n'));
    expect(new Set(doubts.map(({ alike }) => alike)).size).toBeLessThanOrEqual(1);
  });

  test('those of a caption file are never asked about', () => {
    expect(doubtsOf(track('You begin with', 'the keel.'))).toEqual([]);
  });
});

describe('cue numbers', () => {
  test('a number that is spoken stays', () => {
    expect(cleaned(track('How many ribs has she?', '37', 'Thirty-seven?'))).toEqual([
      'How many ribs has she? 37 Thirty-seven?',
    ]);
  });

  test('a count that begins anew, as in two tracks after one another, goes as well', () => {
    const two = `${track('You begin with', 'the keel.')}\n${track('Then come', 'the ribs.')}`;
    expect(cleaned(two).join(' ')).not.toMatch(/\d/);
  });

  test('numbers before few cues are words', () => {
    const source =
      '00:01.000 --> 00:02.000\nYou begin with\n00:02.000 --> 00:03.000\nthe keel.\n7\n00:03.000 --> 00:04.000\nThen the ribs.\n00:04.000 --> 00:05.000\nAnd then?';
    expect(cleaned(source)).toEqual(['You begin with the keel. 7 Then the ribs. And then?']);
  });

  test('cues of WebVTT may have any name, which a blank line parts from the words before', () => {
    const cue = (name: string, at: number, words: string) =>
      `${name}\n00:0${at}.000 --> 00:0${at + 1}.000\n${words}\n\n`;
    const cues = cue('intro', 1, 'You begin with') + cue('second one', 2, 'the keel.');
    expect(cleaned(`WEBVTT\n\n${cues}`)).toEqual(['You begin with the keel.']);
    // Elsewhere such a line is one of the words.
    expect(cleaned(cues).join(' ')).toContain('second one');
  });
});

describe('heads of caption files', () => {
  const CUES = '00:01.000 --> 00:02.000\nYou begin with\n\n00:02.000 --> 00:03.000\nthe keel.\n';

  test('head, notes, styles and regions of WebVTT go', () => {
    const source = `WEBVTT - The boat\nKind: captions\nLanguage: en\n\nNOTE\nmade by hand\nfor the museum\n\nSTYLE\n::cue { color: red }\n\n${CUES}\nNOTE the end\n`;
    expect(cleaned(source)).toEqual(['You begin with the keel.']);
  });

  test.each(['NOTE that the ribs come later', 'Kind: of thing', 'Language: is hard', 'STYLE'])(
    '%j is spoken where there is no such head',
    (words) => {
      expect(cleaned(`${words}\n\n${CUES}`).join(' ')).toContain(words);
      expect(cleaned(CUES.replace('the keel.', words)).join(' ')).toContain(words);
    },
  );

  test('what a script and a song say of themselves goes', () => {
    const script =
      '[Script Info]\nTitle: Boat\n\n[Events]\nFormat: Layer, Start\nDialogue: 0,0:00:01.00,0:00:03.00,Default,,0,0,0,,You begin,\\Nwith the keel.\nComment: 0,0:00:03.00,0:00:04.00,Default,,0,0,0,,check this';
    expect(cleaned(script)).toEqual(['You begin, with the keel.']);
    expect(cleaned('[ar:The Quay]\n[ti:Low Water]\n[00:12.00]Low water,\n[00:15.20]slow water.\n')).toEqual([
      'Low water,',
      'slow water.',
    ]);
  });
});

describe('turns', () => {
  test.each([
    ['dashes', track('- Is that us?\n- That is us.'), ['- Is that us?', '- That is us.']],
    ['a dash within a sentence is none', track('He came in\n- late -', 'and left.'), ['He came in - late - and left.']],
    [
      'voices',
      `WEBVTT\n\n${track('<v Enoch>Is that us?', '<v Enoch>I think so.', '<v Lorna>That is us.').replaceAll(',000', '.000')}`,
      ['Is that us? I think so.', 'That is us.'],
    ],
    [
      'names alone above their words',
      'Imke Harrow   0:03\nCan everybody hear me? Good.\nTobias Venn   0:11\nHe said half past nine to me.\n',
      ['Imke Harrow', 'Can everybody hear me? Good.', 'Tobias Venn', 'He said half past nine to me.'],
    ],
    [
      'names with a colon',
      'HOST [00:00:03]: But why ask Fanny?\n\nGUEST [00:00:09]: I cannot imagine why.\n\nHOST [00:00:12]: Nor can I.\n',
      ['HOST: But why ask Fanny?', 'GUEST: I cannot imagine why.', 'HOST: Nor can I.'],
    ],
  ])('%s', (_name, source, wanted) => {
    expect(cleaned(source)).toEqual(wanted);
  });

  test('times that never cut a sentence head paragraphs; those that do are none', () => {
    expect(
      cleaned('[00:12] I got there at 10:45.\n[00:16] The ferry had gone.\n[00:21] At 12:10 nothing happened.\n'),
    ).toHaveLength(3);
    expect(
      cleaned(
        '[0:03] The little girl performed her\n[0:05] long journey in safety; and at\n[0:08] Northampton was met by her aunt.\n',
      ),
    ).toHaveLength(1);
  });

  test('signs of turns without times are no quoting of a mail', () => {
    const source =
      '>> GOOD MORNING. THE COUNCIL WILL\nCOME TO ORDER.\n>> HERE.\n>> I WOULD LIKE IT NOTED THAT\nTHE HEATING IS NOT.\n>> SO NOTED.';
    expect(cleaned(source)).toEqual([
      '>> GOOD MORNING. THE COUNCIL WILL COME TO ORDER.',
      '>> HERE.',
      '>> I WOULD LIKE IT NOTED THAT THE HEATING IS NOT.',
      '>> SO NOTED.',
    ]);
    const mail =
      'Yes.\n\n>> Could we meet on Friday at the quay? I would\n>> like to see the boat before we sell it, and to\n>> hear what you think.\n';
    expect(cleaned(mail)[1]).toMatch(/^Could we meet .* what you think\.$/);
  });
});

describe('sounds', () => {
  test.each([
    [
      'alone and within lines',
      track(
        '[wind howling]',
        'This is the hut. *sighs* Cold,\n(door creaks)',
        '(AUDIENCE LAUGHING)\nand [coughs] dark.',
      ),
      ['This is the hut. Cold, and dark.'],
    ],
    [
      'names in brackets are none',
      track('[Lorna] Is it lit?', '[Lorna Quist]\nIt is.'),
      ['[Lorna] Is it lit?', '[Lorna Quist] It is.'],
    ],
    [
      'words that are sung stay, a line each',
      track('♪ Low water, slow water ♪', '♪ Wheel stands still ♪'),
      ['Low water, slow water', 'Wheel stands still'],
    ],
    ['where there is nothing else they stay', track('[Music]', '(applause)'), ['[Music] (applause)']],
  ])('%s', (_name, source, wanted) => {
    expect(cleaned(source)).toEqual(wanted);
  });

  test('with the pass off all stay', () => {
    expect(cleaned(track('[wind howling]', 'This is the hut.'), { 'sound-cues': false })).toEqual([
      '[wind howling] This is the hut.',
    ]);
  });
});

test('with the pass for times off they all stay, and still tell the pauses', () => {
  const [text] = cleaned(
    '[0:03] The little girl performed her\n[0:05] long journey in safety; and at\n[0:08] Northampton was met by her aunt.\n',
    { 'time-codes': false },
  );
  expect(text!.match(/\[0:0\d\]/g)).toEqual(['[0:03]', '[0:05]', '[0:08]']);
});

test('tags around words say nothing of where a line begins and ends', () => {
  const source = track(
    '<i>The night train</i>\n<i>will depart.</i>',
    '{\\an8}- Is that <b>us</b>?\n<font color="#fff">- It is.</font>',
  );
  expect(cleaned(source)).toEqual(['The night train will depart.', '- Is that us?', '- It is.']);
});
