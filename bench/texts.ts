import { readFileSync } from 'node:fs';
import { DISTORTERS } from '../core/testing/distort.ts';
import { parseProse } from '../core/testing/marked-prose.ts';
import { seededRandom } from '../core/testing/random.ts';

const PROSE = ['tide-mills', 'keepers-log', 'novella-chapter', 'letter'];

/** The kinds of text that the distorter makes. */
export const KINDS = Object.keys(DISTORTERS);

/** Some megabytes of the demo prose as one kind of source has it. */
export function makeText(kind: string, megabytes: number): string {
  const prose = PROSE.map((id) => parseProse(readFileSync(`samples/prose/${id}.txt`, 'utf8')));
  const parts: string[] = [];
  let length = 0;
  for (let seed = 1; length < megabytes * 1e6; seed++) {
    const part = DISTORTERS[kind]!(prose[seed % prose.length]!, seededRandom(seed)).source;
    parts.push(part);
    length += part.length + 1;
  }
  return flat(parts.join('\n').slice(0, megabytes * 1e6));
}

/** Short pieces over and over, such as once made some finder look at the same lines again and again. */
export const HOSTILE: readonly string[] = [
  'HEAD\n12\n\f',
  '1 Foot.\n12\n\f',
  '> a\n',
  '# a\n',
  '  # a\n  # a\n# a\n',
  '((((',
  '[4][4]',
  '    set in line here\n    and another one\n\n',
  '00:01:02,000 --> 00:01:03,000\nwords\n\n',
  '&amp;',
  '0:04 ',
  '[0:04] a ',
  'a: b\n',
  // The habits of the text change every nine lines.
  `${'the words go on\n'.repeat(9)}${'the words go on\n\n'.repeat(9)}`,
  'a-\n',
  'words\n',
  '“a:\n',
  'a\n\n',
  '1\n',
  '- 3 -\n',
  '(laughter)\n',
  '<b>',
  '*a ',
  'a1 ',
  'A: ',
  '. . .',
  '12\nwords and\n',
  'THE MILL 3\nwords here are many\n4 THE MILL\nmore words\n\f',
];

export function repeated(piece: string, length: number): string {
  return flat(piece.repeat(Math.ceil(length / piece.length)).slice(0, length));
}

/** As a text comes out of a file: in one piece, not as parts that the engine has put together. */
function flat(text: string): string {
  return Buffer.from(text, 'utf16le').toString('utf16le');
}
