import { cleanJsonLine, type FindWords, type JobPlan } from '../core/index.ts';
import type { Lines } from './split-lines.ts';

/** Lines of JSON Lines that are cleaned together, each by itself. Plain data: it goes to a thread. */
export interface LinesTask {
  readonly lines: Lines;
  readonly plan: JobPlan;
}

/** What each line gives, in their order; one that was too long to be kept gives an error line like any other bad one. */
export function cleanLines({ lines, plan }: LinesTask, findWords: FindWords): string[] {
  return lines.map((line) => (line === undefined ? errorLine('is too long') : cleanJsonLine(line, plan, findWords)));
}

/** The line that stands for one that could not be cleaned, where nothing of it is known. */
export function errorLine(message: string): string {
  return JSON.stringify({ error: { place: '', message } });
}
