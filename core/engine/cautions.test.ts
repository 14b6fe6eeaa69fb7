import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { digestOf } from '../report/digest.ts';
import { applyPassSwitch, applySetting, DEFAULT_STYLE, type Style } from '../style/style.ts';
import { packWords } from '../text/word-list.ts';
import { PASSES } from '../passes/index.ts';
import type { Pass } from '../passes/pass.ts';

/** Passes that leave less than prose on purpose. */
const STRIPS = new Set([
  'ascii-only',
  'letters-only',
  'figures-only',
  'no-figures',
  'no-punctuation',
  'no-stops',
  'bare-addresses',
  'links',
  'emoji',
]);
const ALL_ON = PASSES.filter((pass: Pass) => !STRIPS.has(pass.id)).reduce(
  (style: Style, pass: Pass) => applyPassSwitch(style, pass.id, true),
  DEFAULT_STYLE,
);
const out = (text: string, style: Style = ALL_ON) => cleanText(clean(text, style));

describe('what must stay, even with every pass on', () => {
  test.each([
    ['a decimal comma', 'The wall is 1,5 metres high.'],
    ['a list of figures', 'Rows 1, 5 and 7 are full.'],
    ['thousands', 'It cost 1,250,000 and 12.50 more.'],
    ['a decimal point', 'A pond of 2.75 acres, or .5 of one.'],
    ['a clock time', 'The 10:45 ferry leaves at 11:05.'],
    ['a time span', 'Open 9:00–17:30, and on Sundays 10–12.'],
    ['[sic]', 'He wrote “recieve” [sic] twice.'],
    ['brackets with words', 'The keeper [who was deaf] heard it.'],
    ['an index in brackets', 'The list begins at tides[0].'],
    ['a year', 'The mill of 1871. Then came 1872.'],
    ['a year in brackets', 'The old mill (1871) stood, and the new (built 1902) fell.'],
    ['a square', 'A room of 12 m² and a tank of 3 m³.'],
    ['a power', 'The area is 4 km² at 10² boats.'],
    ['a formula', 'The gas is CO₂ and the water H₂O.'],
    ['initials', 'The log of J. R. Averill and E. Trask.'],
    ['a saint', 'The tower of St. Olave stands by the quay.'],
    ['short forms', 'Oil, wicks, etc. were sent, e.g. from Wrackby, i.e. by boat.'],
    ['a title', 'So said Mrs. Pell and Dr. Averill.'],
    ['an ordinal', 'On the 1st and the 22nd of May.'],
    ['a web address', 'See https://saltfern.example/mills?a=1,2&b=(x)#top for more.'],
    ['a mail address', 'Write to J.Averill@light.Saltfern.example today.'],
    ['a path', 'It lies in /usr/share/mills..old/Gate.open.'],
    ['a file name', 'Open gate.open.Log and mills.txt.'],
    ['an option of a command', 'Use clean --apart line with it.'],
    ['a range of years', 'In 1914–18 and on pages 12–17.'],
    ['a hyphenated word', 'The half-hour well-known tide-mill.'],
    ['doubled on purpose', 'She said that that was all he had had.'],
    ['a name with an apostrophe', 'O’Hara’s boat and the keepers’ oar.'],
    ['comparison signs', 'If a < b and b > c, stop.'],
    ['an ampersand', 'R&D at Pell & Trask; see &unknown;.'],
    ['a smiley', 'All is well :-) and calm :)'],
    ['a ratio', 'Mix it 3 : 1 with salt.'],
    ['three exclamation marks', 'Stop!!! Who goes there?!'],
    ['a hash and a section sign', 'Channel #mills, § 4, No. 7.'],
    ['Roman numerals', 'In Part IV. The keeper sleeps.'],
    ['a word that is a sound elsewhere', 'The umbrella, the errand and the hmm-bird.'],
    ['a year of death', 'Pell (†1871) and §4 of the law, § 5 too.'],
    ['stars for emphasis', 'It is *quite* new and 2 * 3 * 4.'],
    ['hidden letters', 'He said d*mn and f***.'],
    ['an editor’s letter', 'It was in [a] mill.'],
    ['a lone sign of more', 'The pond is > 3 m deep.'],
    ['a dash before another word', 'The mill—the new one—stood.'],
    ['a percentage', 'About 12.5 % of 3,000 boats.'],
  ])('%s', (_name, text) => {
    // Dashes, ellipses and quotation marks are asked to be alike: these texts have them so already.
    const style = applySetting(ALL_ON, 'dashes', 'form', '—');
    expect(out(text, style)).toBe(text);
  });

  test('feet and inches, when quotation marks are made curly', () => {
    expect(out('A gate 6\' 2" high, 5\' wide and 8" deep.')).toBe('A gate 6\' 2" high, 5\' wide and 8" deep.');
  });

  test('a quotation that ends in a figure is closed all the same', () => {
    expect(out('"It was 1871," he said, "or 1872".')).toBe('“It was 1871,” he said, “or 1872”.');
  });

  test('French spaces before ; : ! ? » and after «', () => {
    const text =
      'Est-ce que la marée\u00a0? « Oui\u00a0: elle est dans le port\u00a0; et vous\u00a0! » dit-il avec les autres.';
    expect(out(text)).toBe(text);
  });
});

describe('quotation marks', () => {
  const curly = (text: string) => out(text, applyPassSwitch(DEFAULT_STYLE, 'quotes', true));

  test.each([
    ['"Who is it?" she asked.', '“Who is it?” she asked.'],
    ["It's the keepers' oar.", 'It’s the keepers’ oar.'],
    ["'Tis low water, and '71 was dry.", '’Tis low water, and ’71 was dry.'],
    ['("Low," he said.)', '(“Low,” he said.)'],
    ['"\'Low,\' he said," said she.', '“‘Low,’ he said,” said she.'],
    ['He said: "Die Flut und das Meer sind nicht für dich und der Müller auch nicht."', undefined],
  ])('%s', (text, expected) => {
    expect(curly(text)).toBe(expected ?? text.replace(/"([^"]*)"/, '„$1“'));
  });

  test('straight ones, where they are wanted', () => {
    const straight = applySetting(applyPassSwitch(DEFAULT_STYLE, 'quotes', true), 'quotes', 'form', 'straight');
    expect(out('„Flut“, “tide”, ‘low’, the keeper’s', straight)).toBe('"Flut", "tide", \'low\', the keeper\'s');
  });
});

describe('characters', () => {
  test.each([
    ['FranÃ§ois sold â€œsaltâ€\u009d for 5â‚¬ â€“ twiceâ€¦', 'François sold “salt” for 5€ – twice…'],
    ['MÃ¼ller und SÃ¶hne', 'Müller und Söhne'],
    ['&quot;Salt &#38; flour&quot; &#x2014; 5&nbsp;&euro;', '"Salt & flour" — 5 €'],
    ['<div class="a"><p>The tide</p></div> fell.', 'The tide fell.'],
    ['The tide<br/>fell<br>twice.', 'The tide fell twice.'],
    ['ｍｉｌｌ（１８７１）', 'mill(1871)'],
    ['e\u0301te\u0301', 'été'],
  ])('%s', (before, after) => {
    expect(out(before, DEFAULT_STYLE)).toBe(after);
  });

  test('Japanese keeps its full-width signs', () => {
    const text = '古い水車小屋は（長いあいだ）川の岸に立っていた！１８７１年のこと。';
    expect(out(text, DEFAULT_STYLE)).toBe(text);
  });

  test('code keeps its entities, quotes and doubled spaces', () => {
    const code = '```\nif (a  &amp;  b) print("x..y")\n```';
    expect(out(`The keeper wrote this in the book of the light:\n\n${code}`)).toContain(code);
  });
});

describe('spaces and punctuation', () => {
  test.each([
    ['The tide ( so he said ) fell ; it rose !', 'The tide (so he said) fell; it rose!'],
    ['Wait ... and see .htaccess or .5 of it .', 'Wait ... and see .htaccess or .5 of it.'],
    ['It fell,, and rose;; twice..', 'It fell, and rose; twice.'],
    ['So it ends... or not....', 'So it ends... or not....'],
    ['The gate fell.Then he ran!Who knows?Nobody does.', 'The gate fell. Then he ran! Who knows? Nobody does.'],
  ])('%s', (before, after) => {
    expect(out(before, DEFAULT_STYLE)).toBe(after);
  });

  test('what a pass leaves behind, the next puts right', () => {
    expect(out('The tide [4] , and <b>the</b> mill [5].', DEFAULT_STYLE)).toBe('The tide, and the mill.');
  });
});

describe('slips of text recognition', () => {
  const words = {
    bits: packWords(['the', 'mill', 'stood', 'modern', 'one', 'lamp', 'burned', 'home', 'is', 'corner']),
  };
  const style = applyPassSwitch(DEFAULT_STYLE, 'ocr-slips', true);
  const mended = (text: string) => cleanText(clean(text, style, [], { words }));

  test('are put right where the list has the word that was meant', () => {
    expect(mended('Tbe rni1l st0od at horne.')).toBe('The mill stood at home.');
  });

  test('words of the list, names and figures stay', () => {
    expect(mended('The modern lamp burned in 1871 at Wrackby corner.')).toBe(
      'The modern lamp burned in 1871 at Wrackby corner.',
    );
  });
});

describe('words with a hyphen and a space left in them', () => {
  const words = {
    bits: packWords(
      'information nothing and into indeed in deed before be fore tide the open prewar pre war post'.split(' '),
    ),
  };
  const cleaned = (text: string) => clean(text, DEFAULT_STYLE, [], { words });
  const asked = (text: string) => digestOf(cleaned(text)).edits.length;

  test.each([
    ['The infor- mation was noth- ing.', 'The information was nothing.', 0],
    ['Infor\u2010 mation came in- deed.', 'Information came indeed.', 1],
    // Nobody sees a soft hyphen: it can be no dash.
    ['The wrack\u00ad line rose.', 'The wrackline rose.', 0],
    // A dash may stand between two words.
    ['They saw in- deed the tide.', 'They saw indeed the tide.', 1],
    ['T HE tide fell.', 'THE tide fell.', 0],
    ['T HE TIDE OF WRACKBY, so they say, fell.', 'THE TIDE OF WRACKBY, so they say, fell.', 0],
    ['T HE TIDE', undefined, 0],
    [
      '“T\nHE tide was open, and in deed nothing was before it.',
      '“THE tide was open, and in deed nothing was before it.',
      0,
    ],
    [
      'T\nHE tide was open, and in deed nothing was before it.',
      'THE tide was open, and in deed nothing was before it.',
      0,
    ],
    ['A BE was in the tide, and I AM too.', undefined, 0],
    ['The tide- open or not- fell.', 'The tide- open or not- fell.', 0],
    ['Pre- and post-war mills, in- or outside.', 'Pre- and post-war mills, in- or outside.', 0],
    ['See no- thing.txt, a pre- War mill and infor- mation@mill.example.', undefined, 0],
  ])('%s', (before, after = before, doubts = 0) => {
    expect(cleanText(cleaned(before))).toBe(after);
    expect(asked(before)).toBe(doubts);
  });
});

describe('spoken text', () => {
  const on = (...ids: string[]) => ids.reduce((style, id) => applyPassSwitch(style, id, true), DEFAULT_STYLE);

  test.each([
    ['Uh, we rowed, um, all night.', 'We rowed all night.'],
    ['It was, er, the the oar.', 'It was the oar.'],
    ['The error in the umbrella hall stays.', 'The error in the umbrella hall stays.'],
  ])('%s', (before, after) => {
    expect(out(before, on('fillers', 'repeated-words'))).toBe(after);
  });

  test('sentence capitals leave short forms alone', () => {
    expect(out('we rowed, i.e. slept. then it rained.', on('sentence-capitals'))).toBe(
      'We rowed, i.e. slept. Then it rained.',
    );
  });
});

describe('what is in doubt, and what is not', () => {
  const doubts = (text: string, style: Style = ALL_ON, words?: { bits: Uint8Array }) =>
    digestOf(clean(text, style, [], { words })).edits.map(({ from, to, text: becomes }) => [
      text.slice(from, to),
      becomes,
    ]);

  test.each([
    ['two stops where the text writes ellipses', 'It fell... and rose.. Then it stood.', [['..', '.']]],
    ['two stops at an end where it writes none', 'It fell.. Then it stood.', []],
    ['two stops inside a sentence', 'It fell.. and stood.', [['..', '…']]],
    ['a name and a year alone', 'Nine mills stood (Pell 1998) then.', [[' (Pell 1998)', '']]],
    ['a full reference', 'Nine mills stood (Pell, 1998, p. 12) then.', []],
    ['a figure behind a stop', 'That was the end.3 Then he left.', [['3', '']]],
    ['a mark in brackets', 'That was the end.[3] Then he left.', []],
    ['a doubled name', 'They sailed to Bora Bora then.', [['Bora Bora', 'Bora']]],
    ['a doubled word', 'They sailed to to it then.', []],
    ['a false start', 'You begin with the ke- keel then.', [['ke- ', '']]],
  ])('%s', (_what, text, expected) => {
    expect(doubts(text)).toEqual(expected);
  });

  test('a scanner’s slip is one, but where the text has the word that was meant often, or a figure stands in the word', () => {
    const words = { bits: packWords(['mill', 'the', 'stood', 'harbour', 'modern', 'and', 'was', 'one']) };
    expect(doubts('and tbe mill stood', ALL_ON, words)).toEqual([['tbe', 'the']]);
    expect(doubts('the mill and the harbour and tbe mill stood', ALL_ON, words)).toEqual([]);
    expect(doubts('and 0ne was m0dern, the m1ll stood', ALL_ON, words)).toEqual([]);
  });

  test('a setting that says what two stops become leaves no doubt', () => {
    const style = applySetting(ALL_ON, 'doubled-punctuation', 'stops', 'ellipsis');
    expect(doubts('It fell.. and stood.', style)).toEqual([]);
  });
});
