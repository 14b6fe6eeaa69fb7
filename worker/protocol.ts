import type {
  Answer,
  Choice,
  Differences,
  DoubtView,
  EditView,
  FailedPass,
  GroupView,
  Findings,
  HistoryChange,
  Layout,
  LedgerAction,
  LedgerFilter,
  LedgerFormat,
  LedgerLine,
  LineShape,
  Place,
  OutputId,
  OutputShape,
  Portion,
  PortionAction,
  PortionView,
  RangeList,
  ReadBlock,
  Paragraphing,
  RowEdit,
  RowEdited,
  RowPatch,
  RowView,
  ShapeDifference,
  ShapePreview,
  SourceKind,
  Spot,
  Stage,
  Step,
  Style,
  WordTally,
  Written,
} from '../core/index.ts';

/** What the page learns of a cleaning beside its rows: enough to count and to name it, without the text. */
export interface Summary {
  /** Edits by pass id, or by the id of an own rule. */
  readonly counts: Readonly<Record<string, number>>;
  readonly tally: WordTally;
  /** Seams, edits and lines in doubt. */
  readonly doubts: number;
  readonly lines: number;
  readonly blocks: number;
  readonly kind: SourceKind;
  /** Characters a line may have before it wraps; 0 where lines do not wrap. */
  readonly measure: number;
  /** The share of lines that leave the text, from 0 to 1. */
  readonly leaving: number;
  readonly suggestedTitle: string;
  /** Passes that failed on this text, which is cleaned without them. */
  readonly failed: readonly FailedPass[];
  /** A language tag; empty where the language is not known. */
  readonly language: string;
  /** How many line ends are a guess in a text that marks no paragraphs (see countGuesses); 0 in others. */
  readonly guesses: number;
}

/** All that a change comes to. */
export interface Patch {
  readonly rows: RowPatch;
  readonly summary: Summary;
}

/** The text that a worker is to clean. */
export interface SourceText {
  readonly source: string;
  /** What its format told beside the words. */
  readonly layout?: Layout;
}

/** What a person decided, and the own rules that are left out since they took too long. */
export interface Decided {
  readonly history: HistoryChange;
  readonly slowRules: readonly string[];
}

export interface CleanCopy {
  readonly text: string;
  readonly html: string;
}

/** What is told while a cleaning goes on: its stages, and each own rule as it begins and when all have ended. */
export interface Progress {
  readonly stage?: Stage;
  readonly rule?: string;
}

export interface LedgerCount {
  readonly count: number;
  /** Of all entries, by pass or rule, whatever the filter. */
  readonly doubts: number;
  readonly byHand: number;
  readonly removed: number;
  readonly all: number;
}

export type NamedFindings = Findings & {
  /** The names of the characters found, by code point. */
  readonly names: Readonly<Record<number, string>>;
};

/** As one reads; the least certain first; or those first that settle most others with them. */
export type DoubtOrder = 'reading' | 'hardest' | 'widest';

export interface NextDoubt {
  readonly left: number;
  /** Not there where none is left. */
  readonly view?: DoubtView;
  /** The few after it, so that they can be shown at once. */
  readonly following: readonly DoubtView[];
}

export interface Answered {
  readonly step?: Step;
  /** The keys of the doubts that the step settles. */
  readonly settled: readonly string[];
  readonly next: NextDoubt;
}

/** A source that holds two columns side by side: from its first such line to its last, counted from 1. */
export interface ColumnsFound {
  readonly lines: readonly [number, number];
  /** The source with one column under the other, and how both begin there. */
  readonly inOrder: string;
  readonly now: string;
  readonly then: string;
}

/** The worker keeps one cleaning; the page asks for what it shows. */
export interface CleaningService {
  /** Cleans a source from the start. */
  open(text: SourceText, decided: Decided, onProgress: (progress: Progress) => void): Promise<Patch>;
  /** Cleans the same source after a change, and says what became of what the page knows. */
  change(decided: Decided, onProgress: (progress: Progress) => void): Patch;
  /** Rows [from, to) as they are now. */
  rows(from: number, to: number): RowView[];
  /** The step that a change of a row's clean text makes; the row is named by where it begins in the source. */
  editRow(row: number, edit: RowEdit): RowEdited;
  /** The clean text between two spots, the first of them first. */
  textBetween(from: Spot, to: Spot): string;
  /** What can be done with a part of the source; undefined where there are no words in it. */
  portion(portion: Portion): PortionView | undefined;
  portionStep(portion: Portion, action: PortionAction): Step | undefined;
  /** The edit at a place of the source, and the step that lets the source stand there, or at all alike. */
  editAt(place: Place): EditView | undefined;
  stetAt(place: Place, alike: boolean): Step | undefined;
  /** The lines that steps are about, first and last, from 1. */
  stepLines(steps: readonly Step[]): (readonly [number, number] | undefined)[];
  /** Where the text reads otherwise with another style and other choices: `one` as it is now, `other` as it is then. */
  compare(style: Style, choices: readonly Choice[]): Differences;
  /** The paragraphs [from, to) of the clean text, for reading alone. */
  read(from: number, to: number): ReadBlock[];
  /** The clean text for the clipboard, in a shape; in the usual one where none is said. */
  copy(shape?: OutputShape): CleanCopy;
  /** All that became of the text, as JSON. */
  record(title: string): string;
  /** The clean text in a format and a shape; `title` is that of the piece. */
  output(id: OutputId, shape: OutputShape, title: string): Written;
  text(): string;
  /** Two columns side by side in the source; undefined where there are none. */
  columns(): ColumnsFound | undefined;
  /** The ways to tell the paragraphs of the text; undefined where the cleaning changed meanwhile. */
  paragraphings(): Promise<readonly Paragraphing[] | undefined>;
  /** The source ranges that ranges of the clean text come from; see toSourceRanges. */
  sourceRanges(clean: RangeList): RangeList;
  /** The source range of the lines first..last, counted from 1. */
  rangeOfLines(first: number, last: number): Place;
  /** How many edits passes that are off would make, by pass id; undefined where the cleaning changed meanwhile. */
  offPassCounts(): Promise<Readonly<Record<string, number>> | undefined>;
}

export interface DoubtService {
  /** The doubt to be asked about now: of those that are not put off the first, or the hardest; put-off ones come last. */
  ask(order: DoubtOrder, putOff: readonly string[]): NextDoubt;
  /**
   * The step that answers one doubt by its key, or all that are alike; and the doubt that comes after it. `answered` are those that were
   * answered before, and that the cleaning may not know to be settled: they are neither asked about nor counted.
   */
  answer(
    key: string,
    answer: Answer,
    alike: boolean,
    order: DoubtOrder,
    putOff: readonly string[],
    answered: readonly string[],
  ): Answered;
}

export interface FindingsService {
  find(): Promise<NamedFindings>;
  /** The step that drops, or keeps, all lines like one but for figures. */
  repeatedStep(text: string, action: 'drop' | 'keep'): Step | undefined;
}

export interface LedgerService {
  count(filter: LedgerFilter): LedgerCount;
  /** The entries [from, to) of those that the filter wants. */
  lines(filter: LedgerFilter, from: number, to: number): LedgerLine[];
  /** The step that does something with some entries, or with all that the filter wants. */
  step(filter: LedgerFilter, action: LedgerAction, entries?: readonly number[]): Step | undefined;
  export(filter: LedgerFilter, format: LedgerFormat): string;
}

/** Lines that look alike, and what is made of them by an example. */
export interface ShapeService {
  /** The groups of lines of the source that look alike, the most lines first, running text last. */
  groups(): GroupView[];
  preview(shape: LineShape): ShapePreview;
  /** The first line of which two shapes make something else; undefined where there is none. */
  difference(one: LineShape, other: LineShape): ShapeDifference | undefined;
  /** What all lines become that a shape fits. */
  written(shape: LineShape): string[];
  /** The step that applies a shape to the piece. */
  step(shape: LineShape): Step;
}

/** What the worker answers, by subject. */
export interface Services {
  readonly cleaning: CleaningService;
  readonly doubts: DoubtService;
  readonly findings: FindingsService;
  readonly ledger: LedgerService;
  readonly shapes: ShapeService;
}
