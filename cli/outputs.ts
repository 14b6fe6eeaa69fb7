import type { FileDone } from './file-task.ts';
import type { CleanOptions } from './command.ts';
import type { Input } from './expand-inputs.ts';
import { nameOf } from './input.ts';
import { writeOut } from './output.ts';
import { fromCaller } from './paths.ts';
import { InputError } from './problems.ts';
import { keepBeside, makeFolderOf, targetsIn, writeWhole } from './targets.ts';

export type Cleaned = Extract<FileDone, { ok: true }>;

/** What cannot be had for several texts at once, or from standard input. Throws InputError. */
export function checkTogether(inputs: readonly Input[], options: CleanOptions): void {
  const { record, writeRecord, reportFile, to, outDir, inPlace } = options;
  const several = inputs.length > 1;
  if (several && (record ?? writeRecord) !== undefined) throw new InputError('a change record is of one text');
  const isInput = (path: string) => inputs.some((input) => input.path === path);
  for (const path of [reportFile, writeRecord])
    if (path !== undefined && isInput(fromCaller(path)))
      throw new InputError(`${path} is an input, and is not written over`);
  if (several && !outDir && !inPlace && !['text', 'markdown', 'html'].includes(to))
    throw new InputError(`several files as ${to} need a folder: --out-dir`);
  if (inPlace && isInput('-')) throw new InputError('standard input has no place to be written to');
}

/** Where what became of the inputs goes. */
export interface Outputs {
  put(input: Input, done: Cleaned): Promise<void>;
  /** Writes what is written once for all. */
  end(): Promise<void>;
}

export function openOutputs(inputs: readonly Input[], options: CleanOptions): Outputs {
  const { outDir, inPlace, backup, check, diff, to, report, reportFile, writeRecord } = options;
  const targets = outDir === undefined ? undefined : targetsIn(outDir, inputs, to);
  const several = inputs.length > 1;
  const reports: string[] = [];
  const putText = async (input: Input, { output, changes, isSameFormat, diff: lines }: Cleaned) => {
    if (check) return changes ? writeOut(`${nameOf(input.name)}\n`) : undefined;
    if (diff) await writeOut(lines ?? '');
    if (targets) {
      await makeFolderOf(targets.get(input)!);
      return writeWhole(targets.get(input)!, 'the clean text', output);
    }
    if (!inPlace) return diff ? undefined : writeOut(output);
    if (!isSameFormat)
      throw new InputError(`${input.name} is no file of the format that is written: --out-dir writes beside it`);
    if (!changes) return;
    await keepBeside(input.path, backup);
    await writeWhole(input.path, 'the clean text', output);
  };
  return {
    put: async (input, done) => {
      await putText(input, done);
      if (done.record !== undefined && writeRecord !== undefined)
        await writeWhole(fromCaller(writeRecord), 'the record', done.record);
      if (done.report && (report ?? reportFile) !== undefined) {
        const line = `${JSON.stringify(several ? { file: input.name, ...done.report } : done.report)}\n`;
        if (reportFile === undefined) process.stderr.write(line);
        else reports.push(line);
      }
    },
    end: async () => {
      if (reportFile !== undefined) await writeWhole(fromCaller(reportFile), 'the report', reports.join(''));
    },
  };
}
