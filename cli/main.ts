import { Command, CommanderError, Option } from 'commander';
import { readFile } from 'node:fs/promises';
import { InputError, readText, recordedFor, writeTo } from './input.ts';
import { houseStyle, shapeFrom } from './styles.ts';
import { describeRemovals, isMuch } from './removals.ts';
import {
  applyShape,
  BUILT_IN_STYLES,
  clean,
  columnsInOrder,
  FORMATS,
  detectLanguage,
  findSideBySide,
  PASSES,
  newShapeId,
  toRecord,
  toReport,
  OUTPUTS,
  USUAL_SHAPE,
  USUAL_STYLE,
  writeOutput,
  type Apart,
  type Cleaning,
  type FormatId,
  type OutputId,
  type OutputShape,
  type Style,
  type WordList,
  type Written,
} from '../core/index.ts';

/** Exit status of everything that keeps the command from doing its work. */
const FAILURE = 2;

interface CleanOptions {
  readonly to: OutputId;
  readonly from?: FormatId;
  readonly encoding?: string;
  readonly record?: string;
  readonly writeRecord?: string;
  readonly apart?: Apart;
  readonly report?: 'json';
  readonly reportFile?: string;
  readonly on: readonly string[];
  readonly off: readonly string[];
  readonly style?: string;
  readonly columns?: boolean;
  readonly shape: readonly string[];
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
    .configureOutput({
      outputError: (text, write) => write(`lucid-ribbon: ${text.replace(/^error: /, '').replace(/\n(?=\()/, ' ')}`),
    });
  command
    .command('clean')
    .description('clean a file, or standard input, and write the clean text to standard output')
    .argument(
      '[file]',
      'a text, web page, PDF, .docx, .odt, .rtf, .epub, hOCR or ALTO file; "-" for standard input',
      '-',
    )
    .addOption(new Option('--apart <what>', 'what stands between paragraphs').choices(['blank', 'line']))
    .addOption(
      new Option('--from <format>', 'what the file is; else it is told by its bytes and its name').choices(
        FORMATS.map(({ id }) => id),
      ),
    )
    .addOption(new Option('--to <format>', 'what is written').choices(OUTPUTS.map(({ id }) => id)).default('text'))
    .option('--record <path>', 'clean as a change record of this very text says')
    .option('--write-record <path>', 'write a change record, as JSON, to a file')
    .option('--encoding <name>', 'the encoding of a text file, where it is not told rightly by its bytes')
    .addOption(new Option('--report <format>', 'write a report to standard error').choices(['json']))
    .option('--report-file <path>', 'write the report, as JSON, to a file instead')
    .option('--columns', 'put columns that stand side by side one under the other')
    .option('--style <style>', `a house style: a file, or ${BUILT_IN_STYLES.map(({ id }) => id).join(', ')}`)
    .option('--shape <path...>', 'line shapes, from files', [])
    .option('--on <pass...>', 'switch passes on', [])
    .option('--off <pass...>', 'switch passes off', [])
    .addHelpText('after', `\nFormats:\n${FORMATS.map(({ id, title }) => `  ${id.padEnd(18)}${title}`).join('\n')}`)
    .addHelpText('after', `\nPasses:\n${PASSES.map((pass) => `  ${pass.id.padEnd(18)}${pass.summary}`).join('\n')}`)
    .exitOverride()
    .allowExcessArguments(false)
    .action(runClean);
  return command;
}

async function runClean(file: string, options: CleanOptions): Promise<void> {
  const { style, output } = await styleFor(options);
  const document = await readText(file, options);
  if (!document) return;
  const { layout, title = '', outcome } = document;
  const source = layout || outcome ? document.text : inColumns(document.text, options);
  const decided = options.record === undefined ? outcome : await recordedFor(options.record, source);
  const words = await readWords(source);
  const cleaning = clean(source, decided?.style ?? style, decided?.choices, { words, layout });
  process.stdout.write(write(cleaning, options.to, output, title));
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

/** A plain text with columns side by side put in order, where that is wanted; else it is said that they are there. */
function inColumns(text: string, { columns, report }: Pick<CleanOptions, 'columns' | 'report'>): string {
  const lines = text.split(/\r\n|\r|\n/);
  const stretches = findSideBySide({ count: lines.length, at: (line) => lines[line]! });
  if (stretches.length === 0) return text;
  if (columns) return columnsInOrder(text, stretches);
  // A report on standard error is for programs to read.
  if (report !== undefined) return text;
  const [first] = stretches;
  process.stderr.write(
    `lucid-ribbon: lines ${first!.from + 1} to ${stretches.at(-1)!.to} look like two columns side by side; --columns puts one under the other\n`,
  );
  return text;
}

/** The clean text in a format. Text ends in a line end, where there is any. */
function write(cleaning: Cleaning, to: OutputId, output: OutputShape, title = ''): Written {
  const written = writeOutput(cleaning, to, output, title);
  return typeof written !== 'string' || written === '' ? written : `${written}\n`;
}

/** The word list of the text's language, packed beside the command; undefined where there is none. */
async function readWords(text: string): Promise<WordList | undefined> {
  const file = new URL(`../../public/words/${detectLanguage(text)}.bin`, import.meta.url);
  return readFile(file).then(
    (bits) => ({ bits }),
    () => undefined,
  );
}

/** The style that the options ask for: that of a file or a built-in one, then what is said beside it. */
async function styleFor({
  apart,
  on,
  off,
  style: named,
  shape: shapes,
}: CleanOptions): Promise<{ readonly style: Style; readonly output: OutputShape }> {
  const { style: base, output = USUAL_SHAPE } = named === undefined ? USUAL_STYLE : await houseStyle(named);
  const passes: Record<string, boolean> = { ...base.passes };
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
  let style: Style = { ...base, passes, ...(apart && { apart }) };
  for (const path of shapes) style = applyShape(style, { ...(await shapeFrom(path)), id: newShapeId(style, []) });
  return { style, output };
}
