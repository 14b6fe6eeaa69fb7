import {
  Decision,
  leavesOut,
  shortened,
  type Choice,
  type TextReading,
  type Step,
  type Style,
} from '../../../../core/index.ts';
import { encodingTitle } from '../words/encoding-words.ts';
import { markWords } from '../words/mark-words.ts';
import { PART_WORDS } from '../words/part-words.ts';
import { passTitle, ruleTitle } from '../words/rule-words.ts';

/** The first and the last line that a step is about, from 1; undefined for the whole text. */
export type Lines = readonly [number, number] | undefined;

const DONE: Readonly<Record<Decision, string>> = {
  [Decision.join]: 'Joined',
  [Decision.mend]: 'Mended the word between',
  [Decision.break]: 'Separated',
  [Decision.keep]: 'Kept the line end between',
};

const LONGEST = 28;

/** A step as a person would name it: “Joined lines 41 and 42”. `source` is the text of the piece. */
export function stepWords(step: Step, lines: Lines, style: Style, source: string): string {
  switch (step.kind) {
    case 'choose':
      return choiceWords(step.choice, lines, style, source);
    case 'withdraw':
      return `Undid: ${lowered(choiceWords(step.choice, lines, style, source))}`;
    case 'switch-pass':
      return `${passTitle(step.pass, style)}: switched ${step.on ? 'on' : 'off'}`;
    case 'set-pass':
      return `${passTitle(step.pass, style)}: setting changed`;
    case 'move-pass':
      return `${passTitle(step.pass, style)}: moved in the order`;
    case 'reset-passes':
      return 'All passes reset';
    case 'set-rule':
      return `Own rule: ${ruleTitle(step.rule)}`;
    case 'remove-rule':
      return 'Rule removed';
    case 'set-shape':
      return `Line shape “${step.shape.name}” applied`;
    case 'remove-shape':
      return 'Line shape removed';
    case 'use-style':
      return `Style “${step.name}”`;
    case 'read-as':
      return readingWords(step.reading);
    case 'restore':
      return `Restored the version “${step.name}”`;
    case 'together':
      return togetherWords(step.steps, lines, style, source);
  }
}

function readingWords(reading: TextReading | undefined): string {
  switch (reading?.as) {
    case undefined:
      return 'Back to the text as it came';
    case 'plain':
      return 'Read as plain text';
    case 'columns':
      return 'Put one column under the other';
    case 'encoding':
      return `Read as ${encodingTitle(reading.encoding ?? '')}`;
  }
}

function togetherWords(steps: readonly Step[], lines: Lines, style: Style, source: string): string {
  if (steps.length === 0) return 'Nothing';
  const where = lines ? `, ${linesWords(lines)}` : '';
  if (steps.every((step) => step.kind === 'choose' && leavesOut(step.choice)))
    return `Left out words${lines ? ` in ${linesWords(lines)}` : ''}`;
  const chosen = steps.findLast((step) => step.kind === 'choose') ?? steps[0]!;
  // What was said of the same words or lines before went with it.
  const replaces = chosen.kind === 'choose' && (chosen.choice.kind === 'rewrite' || chosen.choice.kind === 'part');
  if (replaces || steps.length === 1) return stepWords(chosen, lines, style, source);
  return `${steps.length.toLocaleString('en')} at once: ${lowered(stepWords(chosen, undefined, style, source))}${where}`;
}

function choiceWords(choice: Choice, lines: Lines, style: Style, source: string): string {
  const where = lines ? ` ${linesWords(lines)}` : '';
  switch (choice.kind) {
    case 'seam':
      return lines ? `${DONE[choice.decision]} lines ${lines[0]} and ${lines[1]}` : `${DONE[choice.decision]} lines`;
    case 'rewrite':
      if (leavesOut(choice))
        return `Left out ${quoted(source.slice(choice.from, choice.to))}${lines ? ` in${where}` : ''}`;
      return `Wrote ${quoted(choice.text)} for ${quoted(source.slice(choice.from, choice.to))}${lines ? ` in${where}` : ''}`;
    case 'drop':
      return `Left out${where || ' lines'}`;
    case 'part':
      return `Said${where ? ` of${where}` : ''}: ${PART_WORDS[choice.as]}`;
    case 'hold':
      return `Kept${where || ' a part'} as in the source`;
    case 'limit':
      return choice.pass
        ? `${passTitle(choice.pass, style)}: only in${where || ' a part'}`
        : `Clean only${where || ' a part'}`;
    case 'stet':
      return `Kept the original ${quoted(source.slice(choice.from, choice.to))}${lines ? ` in${where}` : ''}: ${passTitle(choice.pass, style)}`;
    case 'approve':
      return `Approved: ${passTitle(choice.pass, style)}${lines ? `,${where}` : ''}`;
    case 'mark':
      return `Paragraphs by ${markWords(choice.mark)}`;
    case 'measure':
      return `Lines wrap at ${choice.characters} characters`;
  }
}

function linesWords([first, last]: readonly [number, number]): string {
  return first === last ? `line ${first}` : `lines ${first} to ${last}`;
}

function quoted(text: string): string {
  const words = text.replace(/\s+/g, ' ').trim();
  if (words === '') return text === '' ? 'nothing' : 'a space';
  return `“${shortened(words, LONGEST)}”`;
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
