import { array, boolean, lazy, mixed, number, object, string, type Schema } from 'yup';
import { partCount, TYPED, WRITTEN_AS, type LineShape, type ShapeId, type Slot } from './line-shape.ts';
import { SIGN_IDS } from './signs.ts';

const LONGEST = 200;
const sign = string().oneOf(SIGN_IDS);
const keep = boolean().oneOf([true]).optional();
const ofKind = (is: string, more: Record<string, Schema> = {}) =>
  object({ is: string().oneOf([is]).required(), ...more }).noUnknown();

const typed = (is: string) => ofKind(is, { keep, ending: string().max(1).optional() });

const SLOTS: Readonly<Record<Slot['is'], Schema>> = {
  time: typed('time'),
  date: typed('date'),
  link: typed('link'),
  figure: typed('figure'),
  bracket: typed('bracket'),
  text: ofKind('text', {
    keep,
    without: array().of(sign.required()).optional(),
    bare: array().of(string().oneOf(TYPED).required()).optional(),
  }),
  literal: ofKind('literal', { text: string().min(1).max(LONGEST).required() }),
  words: ofKind('words', { count: number().integer().min(1).max(100).required() }),
  loose: ofKind('loose', { leader: keep, optional: keep }),
  blank: ofKind('blank'),
  sign: ofKind('sign', { sign: sign.required() }),
};

const slot = lazy((value: { is?: unknown } | undefined) => {
  const is = value?.is;
  return typeof is === 'string' && Object.hasOwn(SLOTS, is)
    ? (SLOTS[is as Slot['is']] as never)
    : (mixed()
        .oneOf([] as string[], 'a place of a kind that is not known')
        .required() as never);
});

const words = string().max(LONGEST).defined();

/** A line shape as it stands in a file. */
export const shapeSchema = object({
  id: string<ShapeId>()
    .matches(/^shape:\d+$/)
    .required(),
  name: string().max(LONGEST).required(),
  patterns: array().of(array().of(slot).min(1).max(60).required()).min(1).max(40).required(),
  parts: array().of(words).max(40).required(),
  as: string().oneOf(WRITTEN_AS).required(),
  before: words,
  between: words,
  after: words,
  longest: number().integer().min(1).optional(),
  within: string()
    .oneOf([...SIGN_IDS, 'time'])
    .optional(),
})
  .noUnknown()
  .test('kept', 'keeps no part, or not as many in each pattern', (shape) => {
    const counts = (shape as unknown as LineShape).patterns?.map(partCount) ?? [];
    return counts.length > 0 && counts.every((count) => count > 0 && count === counts[0]);
  });

/** Reads a line shape from data that came from a file. Throws yup's ValidationError where it is none. */
export function toLineShape(data: unknown): LineShape {
  return shapeSchema.validateSync(data, { strict: true }) as unknown as LineShape;
}
