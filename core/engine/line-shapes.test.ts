import { describe, expect, test } from '@jest/globals';
import { clean, revise } from '../cleaning/clean.ts';
import { cleanText, undoneText } from '../cleaning/output.ts';
import { digested } from '../report/digest.ts';
import { openOutput } from '../output/open-output.ts';
import { USUAL_SHAPE } from '../output/shape.ts';
import { toHtml } from '../output/to-html.ts';
import { learnPatterns } from '../shapes/learn.ts';
import type { LineShape } from '../shapes/line-shape.ts';
import { readMarks } from '../testing/index-lines.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';

function shapeOf(marked: string | readonly string[], more: Partial<LineShape> = {}): LineShape {
  const learned = learnPatterns([marked].flat().map(readMarks));
  if (!learned.ok) throw new Error(learned.problem);
  const { patterns } = learned.readings[0]!;
  return {
    id: 'shape:1',
    name: 'Index',
    patterns,
    parts: [],
    as: 'list',
    before: '- ',
    between: ', ',
    after: '',
    ...more,
  };
}

const styled = (shape: LineShape): Style => ({ ...DEFAULT_STYLE, shapes: [shape] });

const INDEX = `Saltfern Reach on foot: index of the audio guide

Each line gives the time at which the stop begins, its title, and the
short address under which the stop can be played by itself.

00:00 | Introduction: Where the water goes | saltfern.example/s1
01:24 | Stop 2: Saint Olave’s Halt | saltfern.example/s2
(Stop 3 is closed in winter.)
03:12 |   Stop 4: The rope walk | saltfern.example/s4
05:05 | Stop 5: Two hundred and six subscribers

Ask at the ferry stairs.`;
const MARKED = '03:12 | <Stop 4: The rope walk> | saltfern.example/s4';

describe('a taught shape', () => {
  test('makes a list of an index; what does not fit stays as it is and is asked about', () => {
    const cleaning = clean(INDEX, styled(shapeOf(MARKED)));
    expect(cleanText(cleaning)).toContain(
      [
        '- Introduction: Where the water goes',
        '- Stop 2: Saint Olave’s Halt',
        '',
        '(Stop 3 is closed in winter.)',
        '',
        '- Stop 4: The rope walk',
        '- Stop 5: Two hundred and six subscribers',
      ].join('\n'),
    );
    expect(cleanText(cleaning)).toContain('its title, and the short address under which');
    expect(undoneText(cleaning)).toBe(INDEX);
    expect(digested(cleaning).digest.lines.map(({ what }) => what)).toContain('misfit');
  });

  test('writes lines, and columns that become a table', () => {
    const both = '<03:12> | <Stop 4: The rope walk> | saltfern.example/s4';
    const lines = clean(INDEX, styled(shapeOf(MARKED, { as: 'lines', before: '' })));
    expect(cleanText(lines)).toContain('Introduction: Where the water goes\nStop 2: Saint Olave’s Halt');
    const columns = clean(INDEX, styled(shapeOf(both, { as: 'columns', before: '', between: '\t' })));
    expect(cleanText(columns)).toContain(
      '00:00\tIntroduction: Where the water goes\n01:24\tStop 2: Saint Olave’s Halt',
    );
    expect(toHtml(openOutput(columns, USUAL_SHAPE, ''))).toContain('<td>01:24</td><td>Stop 2: Saint Olave’s Halt</td>');
  });

  test('takes the entries of one line apart', () => {
    const shape = shapeOf('03:12 <The rope walk>', { within: 'semicolon' });
    const row = 'Stops:\n\n00:00 The quay; 01:24 Saint Olave’s Halt; closed; 03:12 The rope walk';
    const cleaning = clean(row, styled(shape));
    expect(cleanText(cleaning)).toContain('- The quay\n- Saint Olave’s Halt\nclosed\n- The rope walk');
    expect(toHtml(openOutput(cleaning, USUAL_SHAPE, ''))).toContain('<li>The quay</li>\n<li>Saint Olave’s Halt</li>');
  });

  test('wins over what else takes such lines out, and over captions', () => {
    const menu = 'Home\n03:12 | The rope walk | saltfern.example/s4\n04:10 | The mill | saltfern.example/s5\n';
    expect(cleanText(clean(menu, styled(shapeOf(MARKED))))).toContain('- The rope walk\n- The mill');
  });

  test('yields to a person: an edit that is taken back, a part that is something else, a line left out', () => {
    const style = styled(shapeOf(MARKED));
    const from = INDEX.indexOf('01:24');
    const line = { from, to: INDEX.indexOf('\n', from) };
    const stet = clean(INDEX, style, [{ kind: 'stet', from, to: from + 8, pass: 'shape:1' }]);
    expect(cleanText(stet)).toContain('01:24 | Stop 2: Saint Olave’s Halt\n\n(');
    const prose = clean(INDEX, style, [{ kind: 'part', ...line, as: 'verse' }]);
    expect(cleanText(prose)).toContain('01:24 | Stop 2: Saint Olave’s Halt | saltfern.example/s2');
    const gone = clean(INDEX, style, [{ kind: 'drop', ...line }]);
    expect(cleanText(gone)).not.toContain('Saint Olave');
    const off = clean(INDEX, { ...style, passes: { 'shape:1': false } });
    expect(cleanText(off)).toBe(cleanText(clean(INDEX, DEFAULT_STYLE)));
  });

  test('revised gives what cleaning anew gives', () => {
    const style = styled(shapeOf(MARKED));
    const before = clean(INDEX, DEFAULT_STYLE);
    expect(cleanText(revise(before, style, []))).toBe(cleanText(clean(INDEX, style)));
    expect(cleanText(revise(clean(INDEX, style), DEFAULT_STYLE, []))).toBe(cleanText(before));
  });
});

describe('words of a style', () => {
  const source =
    'The CO2 meter of the co-\nop in the Reach teh  old hands\nspoke of.\nNOTE it stands there to this day\nand it will.';
  test('are left untouched, keep their hyphen, begin a paragraph', () => {
    const words = { untouched: ['teh  old'], hyphenated: ['co-op'], openings: ['NOTE'] };
    expect(cleanText(clean(source, { ...DEFAULT_STYLE, words }))).toBe(
      'The CO2 meter of the co-op in the Reach teh  old hands spoke of.\n\nNOTE it stands there to this day and it will.',
    );
    const usual = clean(source, DEFAULT_STYLE);
    expect(cleanText(usual)).toContain('the coop in the Reach teh old hands');
    expect(cleanText(revise(usual, { ...DEFAULT_STYLE, words }, []))).toBe(
      cleanText(clean(source, { ...DEFAULT_STYLE, words })),
    );
  });
});
