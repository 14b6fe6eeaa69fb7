import { boolean, number, object, string, type InferType } from 'yup';
import { PASSES, type PassId } from '../passes/index.ts';
import type { Pass, Settings } from '../passes/pass.ts';

/** Between paragraphs of the clean text: a blank line, or a line end alone. */
export type Apart = 'blank' | 'line';

/** A house style: what a cleaning does, apart from what a person decided. Plain data, kept with each piece. */
export interface Style {
  readonly version: 1;
  /** By pass id; a pass that is not named is as it is by default. */
  readonly passes: Readonly<Record<PassId, boolean>>;
  /** Chosen settings by pass id and setting id, with a space between; what is not there is as usual. */
  readonly settings?: Readonly<Record<string, string>>;
  readonly apart: Apart;
  /** Decisions with a certainty below this are doubts. */
  readonly certaintyLimit: number;
}

export const DEFAULT_STYLE: Style = { version: 1, passes: {}, apart: 'blank', certaintyLimit: 0.85 };

export const styleSchema = object({
  version: number().oneOf([1]).required(),
  passes: object().required(),
  settings: object().optional(),
  apart: string().oneOf(['blank', 'line']).required(),
  certaintyLimit: number().min(0.5).max(1).required(),
}).noUnknown();

type StyleShape = InferType<typeof styleSchema>;

/** Reads a style from data that came from a file or from storage. Throws yup's ValidationError where it is not one. */
export function toStyle(data: unknown): Style {
  const shape: StyleShape = styleSchema.validateSync(data, { strict: true });
  const passes: Record<PassId, boolean> = {};
  for (const [id, on] of Object.entries(shape.passes))
    passes[id] = boolean().required().validateSync(on, { strict: true });
  const settings: Record<string, string> = {};
  for (const [id, value] of Object.entries(shape.settings ?? {})) {
    settings[id] = string().required().validateSync(value, { strict: true });
  }
  return { ...shape, version: 1, passes, ...(shape.settings && { settings }) };
}

export function isPassOn(style: Style, id: PassId): boolean {
  return style.passes[id] ?? PASSES.find((pass) => pass.id === id)?.onByDefault ?? false;
}

/** The settings that a pass works with: the chosen ones, the usual ones for the rest. */
export function settingsOf(style: Style, pass: Pass): Settings {
  const values: Record<string, string> = {};
  for (const { id, usual } of pass.settings ?? []) values[id] = style.settings?.[`${pass.id} ${id}`] ?? usual;
  return values;
}

export function applySetting(style: Style, pass: PassId, setting: string, value: string): Style {
  return { ...style, settings: { ...style.settings, [`${pass} ${setting}`]: value } };
}

export function applyPassSwitch(style: Style, id: PassId, on: boolean): Style {
  return { ...style, passes: { ...style.passes, [id]: on } };
}
