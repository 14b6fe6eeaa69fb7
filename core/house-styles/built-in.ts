import { USUAL_SHAPE } from '../output/shape.ts';
import { DEFAULT_STYLE, type Style } from '../style/style.ts';
import type { HouseStyle } from './house-style.ts';

/** A style that comes with the program: it can be used and duplicated, not changed. */
export interface BuiltInStyle extends HouseStyle {
  /** Stored with pieces; never renamed. */
  readonly id: string;
  readonly about: string;
}

/** The usual style with some passes on or off and some settings of its own. */
function style(on: readonly string[], off: readonly string[] = [], more: Partial<Style> = {}): Style {
  const passes = Object.fromEntries([...on.map((id) => [id, true] as const), ...off.map((id) => [id, false] as const)]);
  return { ...DEFAULT_STYLE, passes, ...more };
}

export const USUAL_STYLE: BuiltInStyle = {
  id: 'usual',
  name: 'The usual',
  about: 'What every text begins with: lines joined, words mended, page furniture, times and marks out.',
  style: DEFAULT_STYLE,
};

/** The styles that come with the program, the usual one first. */
export const BUILT_IN_STYLES: readonly BuiltInStyle[] = [
  USUAL_STYLE,
  {
    id: 'pages',
    name: 'Pages',
    about: 'PDFs and papers: footnotes gathered at the end, citations such as (Pell 1904) out, more questions.',
    style: style(['author-year'], ['web-labels'], { settings: { 'footnotes place': 'end' }, certaintyLimit: 0.93 }),
  },
  {
    id: 'scans',
    name: 'Scans',
    about: 'Pages read by a scanner: letters that it mistook are put right, each asked about where in doubt.',
    style: style(['ocr-slips'], ['web-labels'], { certaintyLimit: 0.9 }),
  },
  {
    id: 'web',
    name: 'Web pages',
    about: 'Menus, labels, bare addresses, emoji and marks out; nothing is taken for a page head.',
    style: style(['bare-addresses', 'emoji'], ['page-furniture', 'line-numbers']),
  },
  {
    id: 'talks',
    name: 'Captions and talks',
    about: 'Speech to be read: fillers, false starts and doubled words out, sentences begin with a capital.',
    style: style(['fillers', 'false-starts', 'repeated-words', 'sentence-capitals']),
    for: { kind: 'captions' },
  },
  {
    id: 'e-books',
    name: 'E-books',
    about: 'Novels and stories: curly quotation marks, one form of ellipsis, nothing taken for a menu.',
    style: style(['quotes', 'ellipses'], ['web-labels']),
  },
  {
    id: 'manuscript',
    name: 'Manuscript polish',
    about: 'Punctuation only, for text that is clean: quotation marks, dashes, ellipses, one space between sentences.',
    style: style(
      ['quotes', 'dashes', 'ellipses'],
      [
        'wrapped-lines',
        'split-words',
        'page-furniture',
        'web-labels',
        'footnotes',
        'reference-marks',
        'time-codes',
        'line-numbers',
      ],
    ),
    output: { ...USUAL_SHAPE, sentenceGap: 'one' },
  },
  {
    id: 'analysis',
    name: 'For analysis',
    about: 'Words alone, a paragraph to a line: links, figures and punctuation out.',
    style: style(['links', 'no-figures', 'no-punctuation', 'emoji'], [], { apart: 'line' }),
    output: { ...USUAL_SHAPE, apart: 'line', keepsEmphasis: false, keepsLinks: false },
  },
  {
    id: 'minutes',
    name: 'Minutes and mail',
    about:
      'Lists close together with one sign for all bullets, quotation marks of mail out, nothing taken for a page head.',
    style: style(['bullets'], ['page-furniture', 'reference-marks'], {
      settings: { 'blank-lines items': 'close', 'bullets sign': '-' },
    }),
  },
];
