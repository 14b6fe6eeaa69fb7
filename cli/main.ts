import { Command, CommanderError, Option } from 'commander';
import { readFile, writeFile } from 'node:fs/promises';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describeRemovals, isMuch } from './removals.ts';
import {
  clean,
  DEFAULT_STYLE,
  detectLanguage,
  PASSES,
  readDocument,
  readRecord,
  toRecord,
  toReport,
  OUTPUTS,
  USUAL_SHAPE,
  writeOutput,
  type Apart,
  type Cleaning,
  type OpenPdf,
  type OutputId,
  type ReadProblem,
  type RecordProblem,
  type Style,
  type WordList,
  type Written,
} from '../core/index.ts';

/** An input or argument that keeps the command from its work; the message says why, in one line. */
class InputError extends Error {}

/** Exit status of everything that keeps the command from doing its work. */
const FAILURE = 2;

interface CleanOptions {
  readonly to: OutputId;
  readonly encoding?: string;
  readonly record?: string;
  readonly writeRecord?: string;
  readonly apart: Apart;
  readonly report?: 'json';
  readonly reportFile?: string;
  readonly on: readonly string[];
  readonly off: readonly string[];
}

/** Runs the command with the arguments after its name; gives the exit status. */
export async function main(args: readonly string[]): Promise<number> {
  try {
    await program().parseAsync([...args], { from: 'user' });
    return 0;
  } catch (error) {
    if (error instanceof CommanderError) return error.exitCode === 0 ? 0 : FAILURE;
    if (error instanceof InputError) {
      process.stderr.write(`lucid-ribbon: ${error.message}\n`);
      return FAILURE;
    }
    throw error;
  }
}

function program(): Command {
  const command = new Command('lucid-ribbon')
    .description('Turns prose copied out of PDFs, scans, web pages, e-books and captions into clean paragraphs.')
    .exitOverride()
    .configureOutput({ outputError: (text, write) => write(`lucid-ribbon: ${text.replace(/^error: /, '')}`) });
  command
    .command('clean')
    .description('clean a file, or standard input, and write the clean text to standard output')
    .argument(
      '[file]',
      'a text, web page, PDF, .docx, .odt, .rtf, .epub, hOCR or ALTO file; "-" for standard input',
      '-',
    )
    .addOption(
      new Option('--apart <what>', 'what stands between paragraphs').choices(['blank', 'line']).default('blank'),
    )
    .addOption(new Option('--to <format>', 'what is written').choices(OUTPUTS.map(({ id }) => id)).default('text'))
    .option('--record <path>', 'clean as a change record of this very text says')
    .option('--write-record <path>', 'write a change record, as JSON, to a file')
    .option('--encoding <name>', 'the encoding of a text file, where it is not told rightly by its bytes')
    .addOption(new Option('--report <format>', 'write a report to standard error').choices(['json']))
    .option('--report-file <path>', 'write the report, as JSON, to a file instead')
    .option('--on <pass...>', 'switch passes on', [])
    .option('--off <pass...>', 'switch passes off', [])
    .addHelpText('after', `\nPasses:\n${PASSES.map((pass) => `  ${pass.id.padEnd(18)}${pass.summary}`).join('\n')}`)
    .exitOverride()
    .allowExcessArguments(false)
    .action(runClean);
  return command;
}

async function runClean(file: string, options: CleanOptions): Promise<void> {
  const style = styleFor(options);
  const bytes = await readInput(file);
  // Nothing comes down a pipe where there was nothing to find; an empty file is a mistake.
  if (file === '-' && bytes.length === 0) return;
  const read = await readDocument(bytes, { name: file, encoding: options.encoding, openPdf: pdfPages });
  if (!read.ok) throw new InputError(`${file === '-' ? 'standard input' : file} ${PROBLEMS[read.problem]}`);
  const { text: source, layout, title = '', outcome } = read.document;
  const decided = options.record === undefined ? outcome : await recordedFor(options.record, source);
  const words = await readWords(source);
  const cleaning = clean(source, decided?.style ?? style, decided?.choices, { words, layout });
  process.stdout.write(write(cleaning, options.to, title));
  if (options.writeRecord !== undefined) {
    await writeTo(options.writeRecord, 'the record', `${JSON.stringify(toRecord(cleaning, title))}\n`);
  }
  const wantsReport = options.report !== undefined || options.reportFile !== undefined;
  if (!wantsReport && !isMuch(cleaning.tally)) return;
  const found = toReport(cleaning);
  // A report on standard error is for programs to read, and says it all.
  const removals = options.report === undefined ? describeRemovals(found) : undefined;
  if (removals !== undefined) process.stderr.write(`lucid-ribbon: ${removals}\n`);
  if (!wantsReport) return;
  const report = `${JSON.stringify(found)}\n`;
  if (options.reportFile === undefined) process.stderr.write(report);
  else {
    await writeTo(options.reportFile, 'the report', report);
  }
}

async function writeTo(path: string, what: string, content: string): Promise<void> {
  await writeFile(pathFromCaller(path), content).catch((error: NodeJS.ErrnoException) => {
    throw new InputError(`cannot write ${what} to ${path}: ${describe(error)}`);
  });
}

/** What a change record says of a text. */
async function recordedFor(path: string, source: string): Promise<Pick<Cleaning, 'style' | 'choices'>> {
  const read = readRecord(new TextDecoder().decode(await readInput(path)));
  if (!read.ok) throw new InputError(`${path} ${RECORD_PROBLEMS[read.problem]}`);
  if (read.recorded.text !== source) throw new InputError(`${path} was made of another text`);
  return read.recorded;
}

const RECORD_PROBLEMS: Readonly<Record<RecordProblem, string>> = {
  damaged: 'is no change record, or a damaged one',
  newer: 'was written by a newer version of this program',
  'other-text': 'is a change record whose text is not the one that it was made of',
};

/** The clean text in a format. Text ends in a line end, where there is any. */
function write(cleaning: Cleaning, to: OutputId, title = ''): Written {
  const written = writeOutput(cleaning, to, USUAL_SHAPE, title);
  return typeof written !== 'string' || written === '' ? written : `${written}\n`;
}

/** What is wrong with a file that cannot be read, and what helps. */
const PROBLEMS: Readonly<Record<ReadProblem, string>> = {
  empty: 'is empty',
  'not-text': 'is not a text file, nor of another kind that is read here',
  damaged: 'is damaged: it cannot be read; open it in the program that made it and save it anew',
  protected: 'is protected by a password: open it in the program that made it and save it without one',
  'pictures-only': 'has pictures of pages and no text: it has to go through text recognition (OCR) first',
  'too-large': 'is too large when unpacked',
  'old-word': 'is in an old Word format: save it as .docx first',
  'no-words': 'has no words in it',
  newer: 'was written by a newer version of this program',
  'other-text': 'is a change record whose text is not the one that it was made of',
};

/** The PDF library is loaded when it is needed. */
const pdfPages: OpenPdf = async function* (bytes) {
  const { openPdf } = await import('../pdf/open-pdf.ts');
  const maps = new URL('../../node_modules/pdfjs-dist/cmaps/', import.meta.url);
  yield* openPdf(bytes, { characterMaps: fileURLToPath(maps) });
};

/** The word list of the text's language, packed beside the command; undefined where there is none. */
async function readWords(text: string): Promise<WordList | undefined> {
  const file = new URL(`../../public/words/${detectLanguage(text)}.bin`, import.meta.url);
  return readFile(file).then(
    (bits) => ({ bits }),
    () => undefined,
  );
}

function styleFor({ apart, on, off }: CleanOptions): Style {
  const passes: Record<string, boolean> = {};
  const known = new Set<string>(PASSES.map((pass) => pass.id));
  for (const [ids, value] of [
    [on, true],
    [off, false],
  ] as const) {
    for (const id of ids) {
      if (!known.has(id)) throw new InputError(`there is no pass "${id}"; --help lists the passes`);
      passes[id] = value;
    }
  }
  return { ...DEFAULT_STYLE, apart, passes };
}

async function readInput(file: string): Promise<Uint8Array> {
  if (file !== '-') {
    return readFile(pathFromCaller(file)).catch((error: NodeJS.ErrnoException) => {
      throw new InputError(`cannot read ${file}: ${describe(error)}`);
    });
  }
  const chunks: Uint8Array[] = [];
  for await (const chunk of process.stdin) chunks.push(chunk as Uint8Array);
  return Buffer.concat(chunks);
}

/** npm runs scripts in the project's folder; paths are meant from where the person stands. */
function pathFromCaller(path: string): string {
  return resolve(process.env['npm_lifecycle_event'] === 'clean' ? (process.env['INIT_CWD'] ?? '.') : '.', path);
}

function describe(error: NodeJS.ErrnoException): string {
  if (error.code === 'ENOENT') return 'there is no such file';
  if (error.code === 'EISDIR') return 'it is a folder';
  if (error.code === 'EACCES') return 'permission denied';
  return error.message;
}
