import { array, boolean, mixed, object, string, ValidationError } from 'yup';
import { isEncoding } from '../formats/decode.ts';
import { FORMATS, type FormatId } from '../formats/registry.ts';
import { BUILT_IN_STYLES } from '../house-styles/built-in.ts';
import { HOUSE_STYLE_FORMAT, type HouseStyle } from '../house-styles/house-style.ts';
import { parseHouseStyle, type StyleProblem } from '../house-styles/read-house-style.ts';
import { OUTPUTS, type OutputId } from '../output/registry.ts';
import { PASSES } from '../passes/index.ts';
import { SOURCE_KINDS, type SourceKind } from '../report/summary.ts';
import { toLineShape } from '../shapes/read-shape.ts';
import { REPORT_DETAILS, type ReportDetail } from './job-report.ts';
import { USUAL_PLAN, type JobPlan } from './job.ts';

/** Why options are none: where in them, and what is wrong there. */
export interface PlanProblem {
  /** "options.off[1]". */
  readonly place: string;
  readonly message: string;
}

export type PlanRead =
  { readonly ok: true; readonly plan: JobPlan } | { readonly ok: false; readonly problem: PlanProblem };

const passId = string()
  .required()
  .oneOf(
    PASSES.map(({ id }) => id),
    'there is no such pass',
  );

const optionsSchema = object({
  style: mixed().optional(),
  kind: string().oneOf<SourceKind>(SOURCE_KINDS).optional(),
  from: string()
    .oneOf<FormatId>(FORMATS.map(({ id }) => id))
    .optional(),
  to: string()
    .oneOf<OutputId>(OUTPUTS.map(({ id }) => id))
    .optional(),
  encoding: string()
    .test('encoding', 'there is no such encoding', (name) => name === undefined || isEncoding(name))
    .optional(),
  on: array().of(passId).optional(),
  off: array().of(passId).optional(),
  apart: string()
    .oneOf(['blank', 'line'] as const)
    .optional(),
  shapes: array().of(mixed().required()).optional(),
  columns: boolean().optional(),
  report: string().oneOf<ReportDetail>(REPORT_DETAILS).optional(),
})
  .noUnknown('there is no option ${unknown}')
  .strict();

/** Reads options that came from outside, as JSON says them; what is not said is as `usual`. Never throws for what is in them. */
export function readPlan(data: unknown, usual: JobPlan = USUAL_PLAN): PlanRead {
  if (data === undefined || data === null) return { ok: true, plan: usual };
  if (typeof data !== 'object' || Array.isArray(data)) return failed('', 'is no object');
  try {
    const { style, shapes, ...said } = optionsSchema.validateSync(data);
    const styles = style === undefined ? usual.styles : stylesOf(style);
    if (!Array.isArray(styles)) return { ok: false, problem: styles as PlanProblem };
    const plan = { ...usual, ...said, styles, ...(shapes && { shapes: shapes.map(toLineShape) }) };
    return { ok: true, plan: plan as JobPlan };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return failed(error.path ?? '', error.message.replace(error.path ?? 'this', '').trim());
  }
}

/** A style: the id of a built-in one, or a house style as its file has it; or some of them. */
function stylesOf(said: unknown): readonly HouseStyle[] | PlanProblem {
  const styles: HouseStyle[] = [];
  for (const one of Array.isArray(said) ? (said as unknown[]) : [said]) {
    const read = styleOf(one);
    if ('message' in read) return read;
    styles.push(read);
  }
  return styles.length > 0 ? styles : { place: 'options.style', message: 'names no style' };
}

function styleOf(said: unknown): HouseStyle | PlanProblem {
  const place = 'options.style';
  if (typeof said === 'string')
    return BUILT_IN_STYLES.find(({ id }) => id === said) ?? { place, message: `there is no style ${said}` };
  const read = parseHouseStyle(said);
  return read.ok ? read.style : problemOf(place, read.problem);
}

function problemOf(place: string, problem: StyleProblem): PlanProblem {
  if (problem.kind === 'newer') return { place, message: 'was written by a newer version' };
  if (problem.kind === 'wrong') return { place: `${place}.${problem.place}`, message: problem.message };
  return { place, message: `is no house style: its format is not ${HOUSE_STYLE_FORMAT}` };
}

function failed(path: string, message: string): PlanRead {
  return { ok: false, problem: { place: path === '' ? 'options' : `options.${path}`, message } };
}
