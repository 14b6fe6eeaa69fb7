import { array, boolean, number, object, string } from 'yup';
import type { RuleId } from '../rules/own-rule.ts';
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
  apart: string()
    .oneOf(['blank', 'line'] as const)
    .required(),
  certaintyLimit: number().min(0.5).max(1).required(),
}).noUnknown();

/** Reads a style from data that came from a file or from storage. Throws yup's ValidationError where it is not one. */
export function toStyle(data: unknown): Style {
  const { passes, settings, order, rules, ...shape } = styleSchema.validateSync(data, { strict: true });
  return {
    ...shape,
    version: 1,
    passes: recordOf(passes, boolean().required()),
    ...(settings && { settings: recordOf(settings, string().required()) }),
    ...(order && { order }),
    ...(rules && { rules }),
  };
}

function recordOf<T>(values: object, schema: { validateSync(value: unknown, options: object): T }): Record<string, T> {
  return Object.fromEntries(
    Object.entries(values).map(([key, value]) => [key, schema.validateSync(value, { strict: true })]),
  );
}
