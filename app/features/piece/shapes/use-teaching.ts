import { useMemo, useState } from 'react';
import {
  learnPatterns,
  newShapeId,
  type EntryMark,
  type GroupView,
  type Learned,
  type LineShape,
  type Part,
  type Reading,
  type WrittenAs,
} from '../../../../core/index.ts';
import type { Decisions } from '../state/use-decisions.ts';
import { exampleOf, likelyMarks, lineBits, partsOf } from './line-bits.ts';
import { groupTitle } from './shape-words.ts';

/** A line that a person marks as an example. */
export interface MarkedLine {
  readonly text: string;
  readonly bits: readonly Part[];
  readonly marked: ReadonlySet<number>;
  /** The person has marked nothing yet: what is marked is a guess. */
  readonly isGuess: boolean;
}

/** How the kept parts are written. */
export interface Writing {
  readonly as: WrittenAs;
  readonly before: string;
  readonly between: string;
  readonly after: string;
  readonly parts: readonly string[];
}

const LIST: Writing = { as: 'list', before: '- ', between: ', ', after: '', parts: [] };

/** Lines alike may be so many times as long as the longest example. */
const LONGER = 3;

/** What is being taught: the group in hand, the examples, how it is written, and the shape that comes of it. */
export interface Teaching {
  readonly form: string | undefined;
  readonly examples: readonly MarkedLine[];
  readonly learned: Learned;
  readonly reading: Reading | undefined;
  readonly writing: Writing;
  readonly name: string;
  readonly within: EntryMark | undefined;
  /** The shape as taught so far, and as each other reading would have it. */
  readonly shape: LineShape | undefined;
  readonly others: readonly { readonly reading: Reading; readonly shape: LineShape }[];
  begin(group: GroupView): void;
  mark(example: number, marked: ReadonlySet<number>): void;
  add(text: string): void;
  remove(example: number): void;
  read(reading: Reading): void;
  write(change: Partial<Writing>): void;
  rename(name: string): void;
}

/** Keeps what a person teaches on the shapes screen, until it is applied. */
export function useTeaching({ style, choices }: Pick<Decisions, 'style' | 'choices'>): Teaching {
  const [group, setGroup] = useState<GroupView>();
  const [examples, setExamples] = useState<readonly MarkedLine[]>([]);
  const [reading, read] = useState<Reading>();
  const [writing, setWriting] = useState(LIST);
  const [name, rename] = useState('');
  const within = group?.within;
  const learned = useMemo(
    () => learnPatterns(examples.map(({ text, bits, marked }) => ({ line: text, parts: partsOf(bits, marked) }))),
    [examples],
  );
  const id = useMemo(() => newShapeId(style, choices), [style, choices]);
  const shapes = useMemo(() => {
    if (!learned.ok) return [];
    return learned.readings.map(({ reading: one, patterns }) => ({
      reading: one,
      shape: {
        id,
        name: name.trim() || 'Line shape',
        patterns,
        ...writing,
        longest: LONGER * Math.max(...examples.map(({ text }) => text.length)),
        ...(within !== undefined && { within }),
      },
    }));
  }, [learned, id, name, writing, within, examples]);
  const chosen = shapes.find((one) => one.reading === reading) ?? shapes[0];
  const others = useMemo(() => shapes.filter((one) => one !== chosen), [shapes, chosen]);
  return {
    form: group && `${group.within ?? ''} ${group.form}`,
    examples,
    learned,
    reading: chosen?.reading,
    writing,
    name,
    within,
    shape: chosen?.shape,
    others,
    begin(next) {
      setGroup(next);
      const text = exampleOf(next.samples[0]!.text, next);
      const bits = lineBits(text);
      setExamples([{ text, bits, marked: likelyMarks(text, bits), isGuess: true }]);
      read(undefined);
      rename(groupTitle(next));
    },
    mark(example, marked) {
      setExamples((before) => before.map((one, at) => (at === example ? { ...one, marked, isGuess: false } : one)));
    },
    add(text) {
      const line = text.trim();
      const bits = lineBits(line);
      setExamples((before) => [...before, { text: line, bits, marked: likelyMarks(line, bits), isGuess: true }]);
    },
    remove(example) {
      setExamples((before) => before.filter((_, at) => at !== example));
    },
    read,
    write(change) {
      setWriting((before) => ({ ...before, ...change }));
    },
    rename,
  };
}
