/** A text as its lines: how many, and the words of each. */
export interface TextLines {
  readonly count: number;
  at(line: number): string;
}
