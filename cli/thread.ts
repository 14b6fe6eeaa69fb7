import { cleanJsonLine, type JobPlan } from '../core/index.ts';
import { openWordLists } from '../node/word-lists.ts';
import { cleanFile, type FileTask } from './clean-file.ts';

/** What a thread of the command can do; the command does it itself where one thread is enough. */
export const TASKS = tasks();

export type Tasks = typeof TASKS;

/** Lines of JSON Lines that are cleaned together, each by itself. */
export interface LinesTask {
  readonly lines: readonly string[];
  readonly plan: JobPlan;
}

function tasks() {
  const findWords = openWordLists();
  return {
    file: (task: FileTask) => cleanFile(task, findWords),
    lines: ({ lines, plan }: LinesTask) => lines.map((line) => cleanJsonLine(line, plan, findWords)),
  };
}

export const { file, lines } = TASKS;
