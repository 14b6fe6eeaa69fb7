import type { Cleaning } from '../cleaning/cleaning.ts';
import type { Choice } from '../choices/choice.ts';
import { oneStep, type Step } from '../history/history.ts';
import { passOfLine } from '../passes/index.ts';
import { isDropped, isKept, LineKind } from '../lines/line-kind.ts';
import { addPlace, type Place } from '../edits/place.ts';

/** A line that comes again and again, with other figures maybe: most likely page furniture, or a refrain. */
export interface RepeatedLine {
  /** As it first stands. */
  readonly text: string;
  readonly count: number;
  /** How many of them leave the text. */
  readonly dropped: number;
  readonly places: readonly Place[];
}

const FEWEST = 3;
const LONGEST = 120;
const MOST_SHOWN = 60;

/** Lines with letters that stand at least three times, figures aside; the most frequent first. */
export function findRepeatedLines(cleaning: Cleaning): RepeatedLine[] {
  const { table } = cleaning;
  const found = new Map<string, { text: string; count: number; dropped: number; places: Place[] }>();
  eachLine(cleaning, (line, text) => {
    const key = patternOf(text);
    let finding = found.get(key);
    if (!finding) found.set(key, (finding = { text, count: 0, dropped: 0, places: [] }));
    finding.count++;
    if (isDropped(table.kind[line]!)) finding.dropped++;
    addPlace(finding.places, table.from[line]!, table.to[line]!);
  });
  return [...found.values()]
    .filter(({ count, text }) => count >= FEWEST && /\p{L}/u.test(text))
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST_SHOWN);
}

/** The step that drops, or keeps, all lines that are like a text but for figures; undefined where there is nothing to do. */
export function stepForRepeated(cleaning: Cleaning, text: string, action: 'drop' | 'keep'): Step | undefined {
  const { table, choices } = cleaning;
  const wanted = patternOf(text);
  const steps: Step[] = [];
  const add = (kind: 'choose' | 'withdraw', choice: Choice) => steps.push({ kind, choice });
  eachLine(cleaning, (line, own) => {
    if (patternOf(own) !== wanted) return;
    const from = table.from[line]!;
    const to = table.to[line]!;
    const isGone = isDropped(table.kind[line]!);
    if (action === 'drop' && !isGone) {
      const stets = choices.filter((choice) => choice.kind === 'stet' && choice.from === from && choice.to === to);
      if (stets.length === 0) add('choose', { kind: 'drop', from, to });
      for (const choice of stets) add('withdraw', choice);
    } else if (action === 'keep' && isGone) {
      const drop = choices.find((choice) => choice.kind === 'drop' && choice.from === from && choice.to === to);
      const pass = passOfLine(table.kind[line]!);
      if (drop) add('withdraw', drop);
      else if (pass !== undefined) add('choose', { kind: 'stet', from, to, pass });
    }
  });
  return oneStep(steps);
}

/** Lines with words, also those that leave; times and numbers of captions count as none. */
function eachLine({ source, table }: Cleaning, visit: (line: number, text: string) => void): void {
  for (let line = 0; line < table.index.count; line++) {
    const kind = table.kind[line]!;
    if (!isKept(kind) && !isDropped(kind)) continue;
    if (kind === LineKind.timeCode || kind === LineKind.cueNumber || kind === LineKind.captionRepeat) continue;
    if (table.to[line]! - table.from[line]! > LONGEST) continue;
    visit(line, source.slice(table.from[line], table.to[line]));
  }
}

function patternOf(text: string): string {
  return text.replace(/\d+/g, '#').replace(/\s+/g, ' ').toLowerCase();
}
