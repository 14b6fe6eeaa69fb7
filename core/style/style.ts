import { findPass, LINE_PASSES, type PassId } from '../passes/index.ts';
import type { Pass, Settings } from '../passes/pass.ts';
import { NO_LINE_OPTIONS, type LineOptions } from '../lines/line-kind.ts';
import type { OwnRule, RuleId } from '../rules/own-rule.ts';
import type { ParagraphMark } from '../seams/paragraph-mark.ts';
import type { NamedWords } from './named-words.ts';
import type { LineShape, ShapeId } from '../shapes/line-shape.ts';

/** Between paragraphs of the clean text: a blank line, or a line end alone. */
export type Apart = 'blank' | 'line';

/** A house style: what a cleaning does, apart from what a person decided. Plain data, kept with each piece. */
export interface Style {
  readonly version: 1;
  /** By id of a pass or an own rule; what is not named is as it is at first. Ids that are not known stay. */
  readonly passes: Readonly<Record<string, boolean>>;
  /** Chosen settings by pass id and setting id, with a space between; what is not there is as usual. */
  readonly settings?: Readonly<Record<string, string>>;
  /** The passes that work inside blocks, in the order that was chosen; see passesInOrder. */
  readonly order?: readonly string[];
  /** Own rules in working order: they come after all passes. */
  readonly rules?: readonly OwnRule[];
  /** Taught line shapes in the order in which they are tried: they come before all passes that work inside blocks. */
  readonly shapes?: readonly LineShape[];
  /** What marks the paragraphs of such texts; found out where it is not said. A person's choice on a piece goes before. */
  readonly mark?: ParagraphMark;
  readonly words?: NamedWords;
  readonly apart: Apart;
  /** Decisions with a certainty below this are doubts. */
  readonly certaintyLimit: number;
}

export const DEFAULT_STYLE: Style = { version: 1, passes: {}, apart: 'blank', certaintyLimit: 0.85 };

/** Whether a pass, an own rule or a taught shape works. Rules and shapes do until they are switched off. */
export function isPassOn(style: Style, id: PassId | RuleId | ShapeId): boolean {
  return style.passes[id] ?? findPass(id)?.onByDefault ?? isOwn(style, id);
}

function isOwn({ rules, shapes }: Style, id: string): boolean {
  return (rules?.some((rule) => rule.id === id) ?? false) || (shapes?.some((shape) => shape.id === id) ?? false);
}

/** The settings that a pass works with: the chosen ones, the usual ones for the rest. */
export function settingsOf(style: Style, pass: Pass): Settings {
  const values: Record<string, string> = {};
  for (const { id, usual } of pass.settings ?? []) values[id] = style.settings?.[`${pass.id} ${id}`] ?? usual;
  return values;
}

/** One setting of a pass, by their ids. Throws RangeError where there is no such setting. */
export function settingOf(style: Style, pass: PassId, setting: string): string {
  const value = settingsOf(style, findPass(pass)!)[setting];
  if (value === undefined) throw new RangeError(`pass ${pass} has no setting ${setting}`);
  return value;
}

export function applySetting(style: Style, pass: string, setting: string, value: string): Style {
  return { ...style, settings: { ...style.settings, [`${pass} ${setting}`]: value } };
}

export function applyPassSwitch(style: Style, id: string, on: boolean): Style {
  return { ...style, passes: { ...style.passes, [id]: on } };
}

/** Passes, settings and order as they are at first; own rules stay, all of them on. */
export function applyReset(style: Style): Style {
  return { ...style, passes: DEFAULT_STYLE.passes, settings: undefined, order: undefined };
}

/** Whether passes, settings and order are as they are at first. */
export function isAsUsual({ passes, settings, order }: Style): boolean {
  return Object.keys(passes).length === 0 && !settings && !order;
}

/** What the reader of lines is told of a style: the passes that are on, with their settings. */
export function lineOptionsOf(style: Style): LineOptions {
  return LINE_PASSES.filter(({ id }) => isPassOn(style, id)).reduce(
    (options, pass) => ({ ...options, ...pass.lineOptions(settingsOf(style, pass)) }),
    NO_LINE_OPTIONS,
  );
}
