import type { Outcome } from '../history/history.ts';
import type { Layout } from '../layout/layout.ts';

/** A text as a format holds it: its words in lines, and what the format told beside them. */
export interface Document {
  readonly text: string;
  readonly layout?: Layout;
  /** The title that the format gives it, in its own field. */
  readonly title?: string;
  /** The encoding that its bytes were read in, as the Encoding Standard names it; only where bytes were read as text. */
  readonly encoding?: string;
  /** How it was cleaned, where a change record says so. */
  readonly outcome?: Outcome;
}

/** Why a file cannot be read. The sentences are the interface's. */
export type ReadProblem =
  | 'empty'
  | 'not-text'
  | 'damaged'
  | 'protected'
  | 'pictures-only'
  | 'too-large'
  | 'old-word'
  | 'no-words'
  | 'newer'
  | 'other-text';

/** Thrown by readers of formats, and caught where they are called: see readDocument. */
export class UnreadableError extends Error {
  readonly problem: ReadProblem;

  constructor(problem: ReadProblem, options?: { cause?: unknown }) {
    super(problem, options);
    this.problem = problem;
  }
}

export interface ReadOptions {
  /** The file's name, where it has one. */
  readonly name?: string;
  /** The encoding that a person chose; else it is told by the bytes. */
  readonly encoding?: string;
  /** Told how far the reading is, from 0 to 1. */
  readonly onProgress?: (share: number) => void;
  /** Opens PDF files: see openPdf in pdf/. Without it they are refused. */
  readonly openPdf?: OpenPdf;
}

/** A page as its file places words on it, in points; y grows downwards. */
export interface PlacedPage {
  readonly width: number;
  readonly height: number;
  readonly words: readonly PlacedWord[];
}

/** Words that stand together, with nothing but their own spaces between them. */
export interface PlacedWord {
  readonly text: string;
  readonly left: number;
  readonly right: number;
  /** The line that the letters stand on. */
  readonly baseline: number;
  /** The size of the type. */
  readonly size: number;
  /** Set upright in the text's own direction; not stamped across the page. */
  readonly isUpright: boolean;
}

/** Gives the pages of a PDF file in order, one at a time; throws UnreadableError. */
export type OpenPdf = (bytes: Uint8Array) => AsyncIterable<{ page: PlacedPage; count: number }>;
