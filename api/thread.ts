import { cleanJsonLine, type JobPlan } from '../core/index.ts';
import { lowerPriority } from '../node/lower-priority.ts';
import { openWordLists } from '../node/word-lists.ts';
import { cleanBody, type BodyTask } from './clean-body.ts';

/** What a thread of the server can do. */
export type Tasks = { readonly body: typeof body; readonly lines: typeof lines };

/** Lines of JSON Lines that are cleaned together, each by itself. */
export interface LinesTask {
  readonly lines: readonly string[];
  readonly plan: JobPlan;
}

lowerPriority();
const findWords = openWordLists();

export const body = (task: BodyTask) => cleanBody(task, findWords);

export const lines = ({ lines: all, plan }: LinesTask) => all.map((line) => cleanJsonLine(line, plan, findWords));
