import type { Cleaning } from '../cleaning/cleaning.ts';
import type { Choice } from '../choices/choice.ts';
import type { Step } from '../history/history.ts';
import { allPieces } from '../cleaning/output.ts';
import { PASSES } from '../passes/index.ts';
import type { Pass } from '../passes/pass.ts';
import type { OwnRule } from '../rules/own-rule.ts';
import { rangeOfSeam } from '../decided/seams-in-force.ts';
import { PART_KINDS } from '../lines/part.ts';
import { markAt } from '../seams/paragraph-mark.ts';
import { Decision } from '../seams/seam-table.ts';
import { passesInOrder } from '../style/order.ts';
import { learnPatterns } from '../shapes/learn.ts';
import { WRITTEN_AS } from '../shapes/line-shape.ts';
import type { NamedWords } from '../style/named-words.ts';
import { pick, type Random } from '../testing/random.ts';

/** A step that a person might take on a cleaning, for tests: any kind of step, about any place. */
export function randomStep(random: Random, cleaning: Cleaning): Step {
  return pick(random, MOVES)(random, cleaning);
}

type Move = (random: Random, cleaning: Cleaning) => Step;

const anyPass = (random: Random) => pick(random, PASSES as readonly Pass[]);

const choose =
  (choiceOf: (random: Random, cleaning: Cleaning) => Choice | undefined): Move =>
  (random, cleaning) => {
    const choice = choiceOf(random, cleaning);
    return choice ? { kind: 'choose', choice } : { kind: 'reset-passes' };
  };

const MOVES: readonly Move[] = [
  (random) => ({ kind: 'switch-pass', pass: anyPass(random).id, on: random() < 0.5 }),
  (random) => ({ kind: 'switch-pass', pass: anyPass(random).id, on: true }),
  (random) => {
    const pass = pick(
      random,
      (PASSES as readonly Pass[]).filter(({ settings }) => settings),
    );
    const setting = pick(random, pass.settings!);
    return { kind: 'set-pass', pass: pass.id, setting: setting.id, value: pick(random, setting.options).value };
  },
  (random, { style }) => {
    const ids = passesInOrder(style).map(({ id }) => id);
    return { kind: 'move-pass', pass: pick(random, ids), before: pick(random, [...ids, undefined]) };
  },
  (random) => ({ kind: 'set-rule', rule: anyRule(random) }),
  (random, cleaning) => anyShape(random, cleaning) ?? { kind: 'reset-passes' },
  (random, cleaning) => anyShape(random, cleaning) ?? { kind: 'reset-passes' },
  (random) => ({ kind: 'remove-shape', shape: `shape:${1 + Math.floor(random() * 2)}` }),
  (random, { style }) => ({ kind: 'use-style', id: 'x', name: 'x', style: { ...style, words: anyWords(random) } }),
  (random) => ({ kind: 'remove-rule', rule: `rule:${1 + Math.floor(random() * 3)}` }),
  choose((random, cleaning) => seamChoice(random, cleaning)),
  choose((random, cleaning) => seamChoice(random, cleaning)),
  choose((random, { decided, table }) => {
    if (decided.seams.count === 0) return undefined;
    const mark = markAt(table, decided.seams, Math.floor(random() * decided.seams.count));
    return { kind: 'mark', from: 0, to: 0, mark };
  }),
  choose((random) => ({ kind: 'measure', from: 0, to: 0, characters: 20 + Math.floor(random() * 60) })),
  choose((random, cleaning) => editChoice(random, cleaning, 'stet')),
  choose((random, cleaning) => editChoice(random, cleaning, 'stet')),
  choose((random, cleaning) => editChoice(random, cleaning, 'approve')),
  choose((random, cleaning) => ({ kind: 'limit', ...anyRange(random, cleaning), pass: anyPass(random).id })),
  choose((random, cleaning) => ({ kind: 'limit', ...anyRange(random, cleaning) })),
  choose((random, cleaning) => ({ kind: 'hold', ...anyRange(random, cleaning) })),
  choose((random, cleaning) => ({ kind: 'part', ...anyRange(random, cleaning), as: pick(random, PART_KINDS) })),
  choose((random, cleaning) => ({ kind: 'rewrite', ...anyRange(random, cleaning), text: pick(random, INSERTS) })),
  (random, { style, choices }) => ({
    kind: 'restore',
    name: 'before',
    style,
    choices: choices.filter(() => random() < 0.5),
  }),
  (random, { choices }) =>
    choices.length > 0 ? { kind: 'withdraw', choice: pick(random, choices) } : { kind: 'reset-passes' },
  choose((random, cleaning) => ({ kind: 'drop', ...anyRange(random, cleaning) })),
];

function seamChoice(random: Random, cleaning: Cleaning): Choice | undefined {
  const { count } = cleaning.decided.seams;
  if (count === 0) return undefined;
  const range = rangeOfSeam(cleaning, Math.floor(random() * count));
  return { kind: 'seam', ...range, decision: pick(random, Object.values(Decision)) };
}

function editChoice(random: Random, cleaning: Cleaning, kind: 'stet' | 'approve'): Choice | undefined {
  const edited = [...allPieces(cleaning)].filter(({ passes }) => passes.length > 0);
  if (edited.length === 0) return undefined;
  const { from, to, passes } = pick(random, edited);
  return { kind, from, to, pass: pick(random, passes) };
}

function anyRange(random: Random, { source }: Cleaning): { from: number; to: number } {
  const a = Math.floor(random() * (source.length + 1));
  const b = Math.floor(random() * (source.length + 1));
  return { from: Math.min(a, b), to: Math.max(a, b) };
}

const FINDS = ['the', 'e', ' ', '\n', '\n\n', '. ', 'mill', '\\s+', '^', '(\\p{L})(\\p{L})', '\\w+\\n+\\w+'];
const INSERTS = ['', ' ', '\n\n', 'x', '$1', 'oak '];

/** A shape that a part of any line teaches, told by a sign or a few words; undefined where nothing can be learned from it. */
function anyShape(random: Random, { source, table }: Cleaning): Step | undefined {
  const line = Math.floor(random() * table.index.count);
  const text = source.slice(table.index.from[line], table.index.to[line]).slice(0, 200);
  const [from, to] = [random(), random()].map((at) => Math.floor(at * (text.length + 1))).sort((a, b) => a - b);
  const learned = learnPatterns([{ line: text, parts: [{ from: from!, to: to! }] }]);
  if (!learned.ok) return undefined;
  const shape = {
    id: `shape:${1 + Math.floor(random() * 2)}`,
    name: 'x',
    patterns: pick(random, learned.readings).patterns,
    parts: [],
    as: pick(random, WRITTEN_AS),
    before: pick(random, ['- ', '', '“']),
    between: pick(random, [', ', '\t']),
    after: pick(random, ['', '.']),
    ...(random() < 0.2 && { within: 'comma' as const }),
  } as const;
  return { kind: 'set-shape', shape };
}

function anyWords(random: Random): NamedWords | undefined {
  return random() < 0.3 ? undefined : { untouched: ['the', 'mill'], hyphenated: ['tide-mill'], openings: ['The', 'A'] };
}

function anyRule(random: Random): OwnRule {
  const text = pick(random, FINDS);
  const expression = /[\\^()]/.test(text);
  return {
    id: `rule:${1 + Math.floor(random() * 3)}`,
    query: { text, expression, matchCase: random() < 0.5, wholeWords: random() < 0.2 },
    insert: pick(random, INSERTS),
  };
}
