import { cleanLines, type LinesTask } from '../node/clean-lines.ts';
import { lowerPriority } from '../node/lower-priority.ts';
import { openWordLists } from '../node/word-lists.ts';
import { cleanBody, type BodyTask } from './clean-body.ts';

/** What a thread of the server can do. */
export type Tasks = { readonly body: typeof body; readonly lines: typeof lines };

lowerPriority();
const findWords = openWordLists();

export const body = (task: BodyTask) => cleanBody(task, findWords);

export const lines = (task: LinesTask) => cleanLines(task, findWords);
