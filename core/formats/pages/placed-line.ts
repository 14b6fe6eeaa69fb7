/** A line of text with its place on a page; all in one unit, y grows downwards. */
export interface PlacedLine {
  readonly text: string;
  readonly left: number;
  readonly right: number;
  readonly baseline: number;
  /** The size of the type. */
  readonly size: number;
  /** It is of a note at the foot of the page. */
  readonly isNote?: boolean;
}

/** The lines of a page in reading order. */
export interface PageLines {
  readonly lines: readonly PlacedLine[];
}
