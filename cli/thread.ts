import { cleanLines, type LinesTask } from '../node/clean-lines.ts';
import { openWordLists } from '../node/word-lists.ts';
import { cleanFile } from './clean-file.ts';
import type { FileTask } from './file-task.ts';

const findWords = openWordLists();

export const file = (task: FileTask) => cleanFile(task, findWords);

export const lines = (task: LinesTask) => cleanLines(task, findWords);

/** What a thread of the command can do; the command does it itself where one thread is enough. */
export const TASKS = { file, lines };

export type Tasks = typeof TASKS;
