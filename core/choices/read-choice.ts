import { array, boolean, lazy, mixed, number, object, string, type Schema } from 'yup';
import { PART_KINDS, type PartKind } from '../lines/part.ts';
import type { Choice } from './choice.ts';

const place = { from: number().integer().min(0).required(), to: number().integer().min(0).required() };
const pass = string().required();
const ofKind = (kind: Choice['kind'], more: Record<string, Schema> = {}) =>
  object({ kind: string().oneOf([kind]).required(), ...place, ...more }).noUnknown();

const gapMark = object({
  by: string().oneOf(['gap']).required(),
  blanks: number().integer().min(0).required(),
  step: string().oneOf(['level', 'in', 'out']).required(),
  odd: boolean().required(),
})
  .noUnknown()
  .required();
const noMark = object({ by: string().oneOf(['nothing']).required() })
  .noUnknown()
  .required();

/** What marks paragraphs, as it stands in a file. */
export const markSchema = lazy((value: { by?: unknown } | undefined) => (value?.by === 'nothing' ? noMark : gapMark));

const SCHEMAS: Readonly<Record<Choice['kind'], Schema>> = {
  seam: ofKind('seam', { decision: number().integer().min(0).max(3).required() }),
  stet: ofKind('stet', { pass }),
  approve: ofKind('approve', { pass }),
  limit: ofKind('limit', { pass: string().optional() }),
  hold: ofKind('hold'),
  rewrite: ofKind('rewrite', { text: string().defined() }),
  drop: ofKind('drop'),
  part: ofKind('part', { as: mixed<PartKind>().oneOf(PART_KINDS).required() }),
  mark: ofKind('mark', {
    mark: markSchema as never,
  }),
  measure: ofKind('measure', { characters: number().integer().min(1).required() }),
};

const choice = lazy((value: { kind?: unknown } | undefined) => {
  const kind = value?.kind;
  return typeof kind === 'string' && Object.hasOwn(SCHEMAS, kind)
    ? (SCHEMAS[kind as Choice['kind']] as never)
    : (mixed()
        .oneOf([] as string[], 'a choice of a kind that is not known')
        .required() as never);
});

/** Reads choices from data that came from a file. Throws yup's ValidationError where they are none. */
export function toChoices(data: unknown): readonly Choice[] {
  return array().of(choice).required().validateSync(data, { strict: true }) as unknown as readonly Choice[];
}
