import { Argument, Command, InvalidArgumentError, Option } from 'commander';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import {
  BUILT_IN_STYLES,
  FORMATS,
  OUTPUTS,
  PASSES,
  SOURCE_KINDS,
  type Apart,
  type FormatId,
  type OutputId,
  type SourceKind,
} from '../core/index.ts';
import { SHELLS, type Shell } from './completion.ts';
import { PROJECT_ROOT } from '../node/project-root.ts';

/** What `clean` is asked for. Help, manual page and completion are made from the same list: see createCommand. */
export interface CleanOptions {
  readonly style?: readonly string[];
  readonly kind?: SourceKind;
  readonly on?: readonly string[];
  readonly off?: readonly string[];
  readonly shape?: readonly string[];
  readonly from?: FormatId;
  readonly encoding?: string;
  readonly columns?: boolean;
  readonly to: OutputId;
  readonly apart?: Apart;
  readonly outDir?: string;
  readonly inPlace?: boolean;
  readonly backup: string;
  readonly check?: boolean;
  readonly diff?: boolean;
  readonly failOnDoubt?: boolean;
  readonly report?: 'json';
  readonly reportFile?: string;
  readonly record?: string;
  readonly writeRecord?: string;
  readonly jsonl?: boolean;
  readonly jobs: number;
}

export interface Actions {
  clean(inputs: readonly string[], options: CleanOptions): Promise<void>;
  man(clean: Command): void;
  completion(shell: Shell, clean: Command): void;
}

export const EXIT_WORDS: readonly (readonly [number, string])[] = [
  [0, 'done'],
  [1, '--check found a text that cleaning would change, or --fail-on-doubt one with a question left'],
  [2, 'something kept the command from its work, or from some of it; standard error says what'],
  [
    3,
    'a fault of this program: a text was cleaned without a pass that failed, or not at all; standard error says which',
  ],
  [130, 'interrupted; no file is left half written'],
  [143, 'ended from outside; no file is left half written'],
  [141, 'whoever was to read the output is gone'],
];

/** The command with all its options; `actions` do the work. */
export function createCommand(actions: Actions): Command {
  const command = new Command('lucid-ribbon')
    .description('Turns prose copied out of PDFs, scans, web pages, e-books and captions into clean paragraphs.')
    .version(versionOf(), '--version', 'show the version')
    .helpOption('--help', 'show help')
    .exitOverride()
    .configureOutput({
      outputError: (text, write) => write(`lucid-ribbon: ${text.replace(/^error: /, '').replace(/\n(?=\()/, ' ')}`),
    });
  const clean = command
    .command('clean')
    .description('clean files, or standard input; the clean text goes to standard output where nothing else is asked')
    .argument(
      '[input...]',
      'files, folders, patterns such as "chapters/*.txt"; standard input for "-", or for nothing',
    );
  for (const option of cleanOptions()) clean.addOption(option);
  clean
    .helpOption('--help', 'show help')
    .addHelpText('after', `\nFormats that are read:\n${table(FORMATS.map(({ id, title }) => [id, title]))}`)
    .addHelpText('after', `\nHouse styles:\n${table(BUILT_IN_STYLES.map(({ id, about }) => [id, about]))}`)
    .addHelpText('after', `\nPasses:\n${table(PASSES.map(({ id, summary }) => [id, summary]))}`)
    .addHelpText('after', `\nExit status:\n${table(EXIT_WORDS.map(([status, words]) => [String(status), words]))}`)
    .exitOverride()
    .action(actions.clean);
  command
    .command('man')
    .description('write the manual page: lucid-ribbon man | man -l -')
    .helpOption('--help', 'show help')
    .action(() => actions.man(clean));
  command
    .command('completion')
    .description('write a script that completes what is typed: source <(lucid-ribbon completion bash)')
    .addArgument(new Argument('<shell>', 'which shell').choices(SHELLS))
    .helpOption('--help', 'show help')
    .action((shell: Shell) => actions.completion(shell, clean));
  return command;
}

function cleanOptions(): Option[] {
  const ids = <T extends string>(list: readonly { readonly id: T }[]) => list.map(({ id }) => id);
  return [
    new Option(
      '--style <style>',
      'a house style: a built-in one or a file; each text takes the one meant for it',
    ).argParser(collect),
    new Option('--kind <kind>', 'what kind of text it is, where a style is meant for a kind').choices(SOURCE_KINDS),
    new Option('--on <passes>', 'switch passes on').argParser(collectIds),
    new Option('--off <passes>', 'switch passes off').argParser(collectIds),
    new Option('--shape <file>', 'a line shape').argParser(collect),
    new Option('--from <format>', 'what the files are; else told by their bytes and names').choices(ids(FORMATS)),
    new Option('--encoding <name>', 'the encoding of text files; else told by their bytes'),
    new Option('--columns', 'put columns that stand side by side one under the other'),
    new Option('--to <format>', 'what is written').choices(ids(OUTPUTS)).default('text'),
    new Option('--apart <what>', 'what stands between paragraphs').choices(['blank', 'line']),
    new Option('--out-dir <folder>', 'write each clean text to a file in this folder'),
    new Option('--in-place', 'write each clean text in the place of its file, which is kept beside it').conflicts([
      'outDir',
      'check',
      'diff',
      'jsonl',
    ]),
    new Option('--backup <ending>', 'what the names of files kept by --in-place end in').default('.orig'),
    new Option(
      '--check',
      'write nothing; name the files that cleaning would change, and exit with 1 if there are any',
    ).conflicts(['outDir', 'diff', 'jsonl']),
    new Option('--diff', 'write what cleaning changes, as a unified diff').conflicts(['outDir', 'jsonl']),
    new Option('--fail-on-doubt', 'exit with 1 where a question is left'),
    new Option('--report <format>', 'write reports to standard error, a line each').choices(['json']),
    new Option('--report-file <path>', 'write reports, as JSON, to a file, a line each'),
    new Option('--record <path>', 'clean as a change record of this very text says'),
    new Option('--write-record <path>', 'write a change record, as JSON, to a file'),
    new Option('--jsonl', 'read and write JSON Lines: {"id", "text", "options"} in, {"id", "text", "report"} out'),
    new Option('--jobs <number>', 'how many threads work')
      .default(availableParallelism(), 'all cores')
      .argParser(count),
  ];
}

const collect = (value: string, before: readonly string[] = []) => [...before, value];

const collectIds = (value: string, before: readonly string[] = []) => [
  ...before,
  ...value.split(',').flatMap((id) => id.trim() || []),
];

const MOST_JOBS = 256;

function count(value: string): number {
  if (!/^\d{1,3}$/.test(value) || Number(value) < 1 || Number(value) > MOST_JOBS)
    throw new InvalidArgumentError(`It is a number from 1 to ${MOST_JOBS}.`);
  return Number(value);
}

function table(rows: readonly (readonly [string, string])[]): string {
  return rows.map(([name, words]) => `  ${name.padEnd(18)}${words}`).join('\n');
}

function versionOf(): string {
  return (JSON.parse(readFileSync(join(PROJECT_ROOT, 'package.json'), 'utf8')) as { version: string }).version;
}
