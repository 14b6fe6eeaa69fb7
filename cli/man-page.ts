import type { Command } from 'commander';
import { BUILT_IN_STYLES, FORMATS, PASSES } from '../core/index.ts';
import { EXIT_WORDS } from './command.ts';

/** The manual page of a command, in the man macros of roff, made of its options. `version` is the program's. */
export function manPageOf(command: Command, version: string): string {
  const help = command.createHelp();
  const name = `lucid-ribbon ${command.name()}`;
  return [
    `.TH LUCID-RIBBON 1 "" "Lucid Ribbon ${version}" "User commands"`,
    section(
      'Name',
      `lucid\\-ribbon \\- turns prose copied out of PDFs, scans, web pages and captions into clean paragraphs`,
    ),
    section('Synopsis', `.B ${roff(name)}\n[options] [input ...]`),
    section('Description', roff(sentence(command.description()))),
    section(
      'Inputs',
      help.visibleArguments(command).map((one) => entry(one.name(), help.argumentDescription(one))),
    ),
    section(
      'Options',
      help.visibleOptions(command).map((one) => entry(help.optionTerm(one), help.optionDescription(one))),
    ),
    section(
      'Formats',
      FORMATS.map(({ id, title, endings }) => entry(id, `${title} (${endings.join(', ')})`)),
    ),
    section(
      'House styles',
      BUILT_IN_STYLES.map(({ id, about }) => entry(id, about)),
    ),
    section(
      'Passes',
      PASSES.map(({ id, summary }) => entry(id, summary)),
    ),
    section(
      'Exit status',
      EXIT_WORDS.map(([status, words]) => entry(String(status), words)),
    ),
    section(
      'Json lines',
      roff(
        'Each line in is an object with "text", and "id" and "options" where wanted; options are named as those of this command: style, kind, from, to, apart, on, off, shapes, columns, and report (none, short, full). Each line out has the id, the text and the report, or the id and an "error" with its place and message.',
      ),
    ),
  ].join('\n');
}

function section(title: string, body: string | readonly string[]): string {
  return `.SH ${title.toUpperCase()}\n${typeof body === 'string' ? body : body.join('\n')}`;
}

function entry(term: string, words: string): string {
  return `.TP\n.B ${roff(term)}\n${roff(sentence(words))}`;
}

function sentence(words: string): string {
  return words.slice(0, 1).toUpperCase() + words.slice(1);
}

/** Text with the signs of roff made plain; a line may not begin with a sign of it. */
function roff(text: string): string {
  return text.replace(/\\/g, '\\e').replace(/-/g, '\\-').replace(/^[.']/gm, '\\&$&');
}
