import { array, boolean, mixed, number, object, string } from 'yup';
import { markSchema } from '../choices/read-choice.ts';
import type { ParagraphMark } from '../seams/paragraph-mark.ts';
import type { RuleId } from '../rules/own-rule.ts';
import { toLineShape } from '../shapes/read-shape.ts';
import type { Style } from './style.ts';

const ruleSchema = object({
  id: string<RuleId>()
    .matches(/^rule:\d+$/)
    .required(),
  query: object({
    text: string().required(),
    expression: boolean().required(),
    matchCase: boolean().required(),
    wholeWords: boolean().required(),
  }).required(),
  insert: string().defined(),
});

export const styleSchema = object({
  version: number().oneOf([1]).required(),
  passes: object().required(),
  settings: object().optional(),
  order: array().of(string().required()).optional(),
  rules: array().of(ruleSchema).optional(),
  shapes: array().optional(),
  mark: mixed().optional(),
  words: object({
    untouched: array().of(string().required()).optional(),
    hyphenated: array().of(string().required()).optional(),
    openings: array().of(string().required()).optional(),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  apart: string()
    .oneOf(['blank', 'line'] as const)
    .required(),
  certaintyLimit: number().min(0.5).max(1).required(),
}).noUnknown();

/** Reads a style from data that came from a file or from storage. Throws yup's ValidationError where it is not one. */
export function toStyle(data: unknown): Style {
  const { passes, settings, order, rules, shapes, mark, words, ...rest } = styleSchema.validateSync(data, {
    strict: true,
  });
  return {
    ...(rest as Pick<Style, 'apart' | 'certaintyLimit'>),
    version: 1,
    passes: recordOf(passes, boolean().required()),
    ...(settings && { settings: recordOf(settings, string().defined()) }),
    ...(order && { order }),
    ...(rules && { rules }),
    ...(shapes && { shapes: shapes.map(toLineShape) }),
    ...(mark !== undefined && { mark: markSchema.validateSync(mark, { strict: true }) as ParagraphMark }),
    ...(words && { words }),
  };
}

function recordOf<T>(values: object, schema: { validateSync(value: unknown, options: object): T }): Record<string, T> {
  return Object.fromEntries(
    Object.entries(values).map(([key, value]) => [key, schema.validateSync(value, { strict: true })]),
  );
}
