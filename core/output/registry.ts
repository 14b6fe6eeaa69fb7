import { toDocx } from './to-docx.ts';
import { toEpub } from './to-epub.ts';
import { toHtmlPage } from './to-html.ts';
import { toMarkdown } from './to-markdown.ts';
import { toOdt } from './to-odt.ts';
import { ended, toText } from './to-text.ts';
import { openOutput, type Output } from './open-output.ts';
import type { OutputShape } from './shape.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';

/** A format in which the clean text goes out. */
export interface OutputFormat {
  readonly id: string;
  readonly title: string;
  /** The ending of its files, without the dot. */
  readonly ending: string;
  /** The media type of its files. */
  readonly type: string;
  write(output: Output, shape: OutputShape): string | Uint8Array;
}

export const OUTPUTS = [
  { id: 'text', title: 'Plain text', ending: 'txt', type: 'text/plain', write: toText },
  { id: 'markdown', title: 'Markdown', ending: 'md', type: 'text/markdown', write: toMarkdown },
  {
    id: 'html',
    title: 'Web page',
    ending: 'html',
    type: 'text/html',
    write: (output, shape) => ended(toHtmlPage(output), shape),
  },
  {
    id: 'docx',
    title: 'Word',
    ending: 'docx',
    type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
    write: toDocx,
  },
  { id: 'odt', title: 'OpenDocument', ending: 'odt', type: 'application/vnd.oasis.opendocument.text', write: toOdt },
  { id: 'epub', title: 'E-book', ending: 'epub', type: 'application/epub+zip', write: toEpub },
] as const satisfies readonly OutputFormat[];

export type OutputId = (typeof OUTPUTS)[number]['id'];

/** What was written: text, or the bytes of a file. */
export type Written = string | Uint8Array;

/** The clean text in a format and a shape; `title` is that of the piece. */
export function writeOutput(cleaning: Cleaning, id: OutputId, shape: OutputShape, title = ''): Written {
  const format: OutputFormat = OUTPUTS.find((one) => one.id === id)!;
  return format.write(openOutput(cleaning, shape, title), shape);
}
