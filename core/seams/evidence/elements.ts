import { Element } from '../../layout/layout.ts';
import { Flag, type LineTable } from '../../lines/line-table.ts';
import type { SeamTable } from '../seam-table.ts';

/** Of every so many ends of real paragraphs one at most runs on into the next. */
const MOST_RUNNING_ON = 0.2;

/**
 * How far the paragraphs of the format are paragraphs of the text: 1 where their ends read like ends, 0 where every wrapped line
 * was made a paragraph; undefined where no format told anything.
 */
export function trustInElements(table: LineTable, { line, count }: SeamTable): number | undefined {
  const { layout, flags } = table;
  if (!layout) return undefined;
  let ends = 0;
  let runOn = 0;
  for (let seam = 0; seam < count; seam++) {
    const before = line[seam]!;
    const after = line[seam + 1]!;
    if (layout.block[before] === layout.block[after]) continue;
    if (!isRunning(layout.element[before]!) || !isRunning(layout.element[after]!)) continue;
    ends++;
    if (runsOn(flags[before]!, flags[after]!)) runOn++;
  }
  return ends === 0 ? 1 : Math.max(0, 1 - runOn / ends / MOST_RUNNING_ON);
}

function isRunning(element: number): boolean {
  return element === Element.paragraph || element === Element.quote;
}

/** No sentence ends, and none begins. */
function runsOn(before: number, after: number): boolean {
  if (before & (Flag.endsStop | Flag.endsColon)) return false;
  return (after & (Flag.startsLower | Flag.startsCaseless)) !== 0;
}

/** Whether the format says that two lines are of one heading. */
export function isOneHeading({ layout }: LineTable, before: number, after: number): boolean {
  return (
    layout !== undefined &&
    layout.element[before] === Element.heading &&
    layout.element[after] === Element.heading &&
    layout.block[before] === layout.block[after]
  );
}

/** Whether the format says that two lines are of two blocks. */
export function areElementsApart({ layout }: LineTable, before: number, after: number): boolean {
  return layout !== undefined && layout.block[before] !== layout.block[after];
}

/**
 * Whether the format says that two lines are of two things: of blocks of different kinds, or of two where one has several lines,
 * as a verse has. Lines of an address may be a block each.
 */
export function areOfTwoKinds(table: LineTable, before: number, after: number): boolean {
  const { layout, chars } = table;
  if (!layout || layout.block[before] === layout.block[after]) return false;
  if (layout.element[before] !== layout.element[after]) return true;
  const inOneBlock = (one: number, other: number) => layout.block[one] === layout.block[other] && chars[other]! > 0;
  return inOneBlock(before, before - 1) || inOneBlock(after, after + 1);
}
