import { listDoubts } from '../doubts/doubts.ts';
import { digested } from '../report/digest.ts';
import { toReport, type Report } from '../report/report.ts';
import type { WordTally } from '../edits/conservation.ts';
import type { FailedPass } from '../lines/pass-fault.ts';
import type { Cleaning } from '../cleaning/cleaning.ts';

/** How much is told of a job. */
export const REPORT_DETAILS = ['none', 'short', 'full'] as const;

export type ReportDetail = (typeof REPORT_DETAILS)[number];

/** What came of a cleaning, in figures. */
export interface ShortReport {
  readonly words: WordTally;
  /** How many edits each pass made; passes that made none are left out. */
  readonly counts: Readonly<Record<string, number>>;
  /** How many decisions are in doubt. */
  readonly questions: number;
  /** Passes that failed on the text, which was cleaned without them; left out where none did. */
  readonly failed?: readonly FailedPass[];
}

export type FullReport = ShortReport & Report;

export type JobReport<D extends ReportDetail> = D extends 'none'
  ? undefined
  : D extends 'short'
    ? ShortReport
    : FullReport;

/** What is told of a cleaning, in as much detail as is asked for. */
export function reportOf<D extends ReportDetail>(cleaning: Cleaning, detail: D): JobReport<D>;
export function reportOf(cleaning: Cleaning, detail: ReportDetail): ShortReport | FullReport | undefined {
  if (detail === 'none') return undefined;
  const known = digested(cleaning);
  const counts = Object.fromEntries(Object.entries(known.digest.counts).filter(([, count]) => count > 0));
  const { tally, failed } = cleaning;
  const short = { words: tally, counts, questions: listDoubts(known).length, ...(failed.length > 0 && { failed }) };
  return detail === 'short' ? short : { ...toReport(cleaning, known.digest), ...short };
}
