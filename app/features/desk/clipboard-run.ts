import {
  NO_HISTORY,
  applyStep,
  historyChange,
  proposeStyle,
  styleInForce,
  type History,
  type HouseStyle,
  type OutputShape,
  type Stage,
} from '../../../core/index.ts';
import type { NewText } from '../../../storage/pieces.ts';
import type { Summary } from '../../../worker/protocol.ts';
import { startCleaning } from '../../../worker/client.ts';
import { INCOMING_WORDS, readTransfer, type IncomingProblem, type Transfer } from '../../incoming/incoming.ts';

/** Why the clipboard was not cleaned: it stays as it was. */
export type RunProblem = IncomingProblem | 'not-allowed' | 'no-focus' | 'no-clipboard' | 'not-cleaned';

export type RunResult =
  | { readonly ok: false; readonly problem: RunProblem }
  | {
      readonly ok: true;
      readonly text: NewText;
      readonly title: string;
      readonly summary: Summary;
      readonly style: string;
      /** Whether the clean text is on the clipboard now. */
      readonly isWritten: boolean;
    };

/** What a run needs of the browser; tests have another. */
export interface Board {
  /** Throws a DOMException where it may not be read. */
  read(): Promise<Transfer>;
  write(copy: { readonly text: string; readonly html: string }): Promise<void>;
}

export interface Stylish extends HouseStyle {
  readonly id: string;
}

/**
 * Reads the clipboard, cleans it and writes it back; without a style it takes the one of the person's own that is meant for such a
 * text, or the usual.
 */
export async function runOnClipboard(
  board: Board | undefined,
  own: readonly Stylish[],
  wanted: Stylish | undefined,
  lastShape: OutputShape,
  onStage: (stage: Stage) => void = () => undefined,
): Promise<RunResult> {
  if (!board) return { ok: false, problem: 'no-clipboard' };
  let transfer: Transfer;
  try {
    transfer = await board.read();
  } catch (error) {
    return { ok: false, problem: problemOfReading(error) };
  }
  const incoming = await readTransfer(transfer);
  if (!incoming.ok) return incoming;
  const { text, title } = incoming;
  const client = startCleaning();
  try {
    let style = wanted ?? proposeStyle(own, { source: text.source })?.style;
    const decided = () => ({ history: historyChange(NO_HISTORY, historyOf(style)), slowRules: [] });
    let { summary } = await client.open({ source: text.source, layout: text.layout }, decided(), onStage);
    // Which kind of text it is, is known once it was read.
    const byKind = style ? undefined : proposeStyle(own, { source: text.source, kind: summary.kind })?.style;
    if (byKind) {
      style = byKind;
      ({ summary } = await client.change(decided()));
    }
    const copy = await client.copy(style?.output ?? lastShape);
    const isWritten = await board.write(copy).then(
      () => true,
      () => false,
    );
    const begun = style && { id: style.id, name: style.name, style: style.style };
    return {
      ok: true,
      text: { ...text, ...(begun && { begun }) },
      title: title || summary.suggestedTitle,
      summary,
      style: styleInForce(historyOf(style)).name,
      isWritten,
    };
  } catch {
    return { ok: false, problem: 'not-cleaned' };
  } finally {
    client.close();
  }
}

function historyOf(style: Stylish | undefined): History {
  if (!style) return NO_HISTORY;
  return applyStep(NO_HISTORY, { kind: 'use-style', id: style.id, name: style.name, style: style.style });
}

function problemOfReading(error: unknown): RunProblem {
  if (!document.hasFocus()) return 'no-focus';
  return error instanceof DOMException && error.name === 'NotFoundError' ? 'empty' : 'not-allowed';
}

const RUN_WORDS: Readonly<
  Record<Exclude<RunProblem, IncomingProblem>, { readonly text: string; readonly detail: string }>
> = {
  'not-allowed': {
    text: 'The browser does not let this page read the clipboard',
    detail: 'Allow it for this page (the sign beside its address), or paste the text here instead.',
  },
  'no-focus': {
    text: 'This page lost the focus',
    detail: 'Press on the page and try again: browsers let only the page in front use the clipboard.',
  },
  'no-clipboard': {
    text: 'This browser does not let pages read the clipboard',
    detail: 'Paste the text here instead, and copy the clean text from its piece.',
  },
  'not-cleaned': {
    text: 'The text could not be cleaned',
    detail: 'The clipboard is as it was. Paste the text here to see what stands in the way.',
  },
};

/** What is told of a run that did nothing. */
export function problemWords(problem: RunProblem): { readonly text: string; readonly detail: string } {
  const words =
    problem in RUN_WORDS ? RUN_WORDS[problem as keyof typeof RUN_WORDS] : INCOMING_WORDS[problem as IncomingProblem];
  return words.detail.startsWith('The clipboard')
    ? words
    : { ...words, detail: `${words.detail} The clipboard is as it was.` };
}

/** What a run did: “214 line ends joined into 31 paragraphs, 3 questions”. */
export function summaryWords({ counts, blocks, doubts, tally }: Summary): string {
  const joined = (counts['wrapped-lines'] ?? 0) + (counts['split-words'] ?? 0);
  const many = (count: number, one: string, more: string) =>
    `${count.toLocaleString('en')} ${count === 1 ? one : more}`;
  const parts = [
    joined > 0
      ? `${many(joined, 'line end', 'line ends')} joined into ${many(blocks, 'paragraph', 'paragraphs')}`
      : many(blocks, 'paragraph', 'paragraphs'),
    tally.removed > 0 && `${many(tally.removed, 'word', 'words')} removed`,
    doubts === 0 ? 'no questions' : many(doubts, 'question', 'questions'),
  ];
  return parts.filter(Boolean).join(', ');
}

/** The clipboard of the browser. */
export function browserBoard(): Board | undefined {
  // Not there on pages that came over plain http, and in some browsers.
  if (!window.isSecureContext || typeof navigator.clipboard?.read !== 'function') return undefined;
  return {
    async read() {
      const items = await navigator.clipboard.read();
      const held = new Map<string, string>();
      let isPicture = false;
      for (const item of items) {
        for (const type of item.types) {
          if (type.startsWith('image/')) isPicture = true;
          if (type === 'text/plain' || type === 'text/html') held.set(type, await (await item.getType(type)).text());
        }
      }
      const types = [...held.keys(), ...(isPicture ? ['Files'] : [])];
      return { types, getData: (type) => held.get(type) ?? '' };
    },
    write: ({ text, html }) =>
      navigator.clipboard.write([
        new ClipboardItem({
          'text/plain': new Blob([text], { type: 'text/plain' }),
          'text/html': new Blob([html], { type: 'text/html' }),
        }),
      ]),
  };
}
