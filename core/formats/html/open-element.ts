import { Element, Region, type LayoutRange } from '../../layout/layout.ts';
import type { BlockForm } from '../document-writer.ts';
import { BLOCKS, EMPHASIS, HEADINGS, SILENT } from './elements.ts';
import { isHidden, regionOf, type Attributes } from './furniture.ts';
import type { ListAt } from './list-markers.ts';

/** An element that is open, with what it has from those around it. */
export interface OpenElement {
  readonly name: string;
  readonly region: Region;
  /** It stands in the article or the main part. */
  readonly isInText: boolean;
  readonly isPreformatted: boolean;
  readonly isQuote: boolean;
  readonly isNote: boolean;
  /** Nothing in it is read. */
  readonly isSilent: boolean;
  /** The table that it stands in has a row to a line. */
  readonly isInData: boolean;
  /** The level of the heading that it stands in, from 1; 0 for none. */
  readonly heading: number;
  readonly list?: ListAt;
  /** What it says of its words. */
  readonly ranges: readonly LayoutRange['kind'][];
  /** It is set higher, or is the mark of a note, which is set so by a style sheet. */
  readonly isRaised: boolean;
  /** Its words are the sign of the list item or the note that begins with it, as word processors write it. */
  readonly isMarker: boolean;
}

export const OUTSIDE: OpenElement = {
  name: '',
  region: Region.text,
  isInText: false,
  isPreformatted: false,
  isQuote: false,
  isNote: false,
  isSilent: false,
  isInData: false,
  heading: 0,
  ranges: [],
  isRaised: false,
  isMarker: false,
};

const KEEPS_SPACES = /white-space\s*:\s*(?:pre|pre-wrap|break-spaces|pre-line)\b/i;

/** What the page says beside an element itself. */
export interface Surroundings {
  readonly hiddenClasses: ReadonlySet<string>;
  /** The table that begins with it is one of data. */
  readonly isDataTable: boolean;
  /** The source that it begins with, some hundred characters. */
  beginning(): string;
}

/** The element of that name and those attributes, within another. */
export function enter(
  around: OpenElement,
  name: string,
  attributes: Attributes,
  { hiddenClasses, isDataTable, beginning }: Surroundings,
): OpenElement {
  const style = attributes['style'] ?? '';
  const isInText = around.isInText || name === 'main' || name === 'article';
  const own = around.region === Region.text ? regionOf(name, attributes, isInText, beginning) : undefined;
  return {
    name,
    region: own ?? around.region,
    isInText,
    isPreformatted: around.isPreformatted || name === 'pre' || KEEPS_SPACES.test(style),
    isQuote: around.isQuote || name === 'blockquote',
    isNote: around.isNote || isNoteBody(attributes),
    isSilent:
      around.isSilent ||
      SILENT.has(name) ||
      isHidden(attributes, hiddenClasses) ||
      isAnchorSign(name, attributes) ||
      isWayBack(attributes),
    isInData: name === 'table' ? isDataTable : around.isInData,
    heading: HEADINGS.get(name) ?? (BLOCKS.has(name) && name !== 'div' ? 0 : around.heading),
    list: listOf(around.list, name, attributes),
    ranges: rangesOf(name, attributes),
    isRaised: name === 'sup' || isNoteMark(attributes),
    isMarker:
      around.isMarker ||
      /mso-list\s*:\s*Ignore/i.test(style) ||
      /^sd(?:foot|end)notesym$/.test(attributes['class'] ?? ''),
  };
}

/** What an element says of its words, by its name and by its own style: some names are there for other ends, and say so. */
function rangesOf(name: string, attributes: Attributes): LayoutRange['kind'][] {
  const style = attributes['style'] ?? '';
  const [, weight] = /(?:^|;)\s*font-weight\s*:\s*(\w+)/i.exec(style) ?? [];
  const [, slant] = /(?:^|;)\s*font-style\s*:\s*(\w+)/i.exec(style) ?? [];
  const named = EMPHASIS.get(name);
  const ranges: LayoutRange['kind'][] = [];
  if (name === 'a' && attributes['href'] !== undefined) ranges.push('link');
  if (named === 'code') ranges.push('code');
  if (weight === undefined ? named === 'strong' : /^(?:bold|bolder|[6-9]00)$/i.test(weight)) ranges.push('strong');
  if (slant === undefined ? named === 'emphasis' : /^(?:italic|oblique)$/i.test(slant)) ranges.push('emphasis');
  // Headings are bold by what they are.
  return HEADINGS.has(name) ? [] : ranges;
}

/** The list that an element's items stand in. */
function listOf(around: ListAt | undefined, name: string, attributes: Attributes): ListAt | undefined {
  // Word writes lists as paragraphs.
  const [, level] = /mso-list\s*:\s*\w+\s+level(\d)/i.exec(attributes['style'] ?? '') ?? [];
  if (level !== undefined) return { depth: Number(level), isOrdered: false, next: 1, form: '1' };
  if (name !== 'ul' && name !== 'ol' && name !== 'menu') return around;
  const start = Number(attributes['start'] ?? 1);
  return {
    depth: (around?.depth ?? 0) + 1,
    isOrdered: name === 'ol',
    next: Number.isInteger(start) ? start : 1,
    form: attributes['type'] ?? '1',
  };
}

/** How a block in an element is written. `marker`: the sign of the list item that begins with it. */
export function formOf(element: OpenElement, marker: string | undefined, isApart: boolean): BlockForm {
  const { heading, list, region, isPreformatted } = element;
  const depth = list?.depth ?? 1;
  const lead = marker === undefined ? undefined : `${'  '.repeat(depth - 1)}${marker} `;
  const level = heading > 0 ? heading : marker === undefined ? 0 : depth;
  return {
    element: elementOf(element, marker !== undefined),
    level,
    region,
    lead,
    isPreformatted,
    apart: isApart ? 'before' : undefined,
  };
}

function elementOf(
  { name, isPreformatted, heading, isInData, isNote, isQuote }: OpenElement,
  isItem: boolean,
): Element {
  if (isPreformatted) return Element.preformatted;
  if (heading > 0) return Element.heading;
  if (name === 'caption' || name === 'figcaption') return Element.caption;
  if (isInData) return Element.row;
  if (isItem) return Element.item;
  if (isNote) return Element.note;
  return isQuote ? Element.quote : Element.paragraph;
}

/** Whether an element begins and ends a block. The cells of a table with a row to a line do not, nor what stands in them. */
export function isBlock({ name, isInData, isSilent }: OpenElement): boolean {
  if (isSilent) return false;
  return isInData ? name === 'tr' || name === 'table' || name === 'caption' : BLOCKS.has(name);
}

const ANCHOR_SIGN =
  /(?:^|\s)(?:permalink|headerlink|heading-?anchor|anchor-?link|anchorjs-link|mw-editsection)(?:\s|$)/i;

/** A sign beside a heading that links to the heading itself. */
function isAnchorSign(name: string, attributes: Attributes): boolean {
  return (name === 'a' || name === 'span') && ANCHOR_SIGN.test(attributes['class'] ?? '');
}

/** The sign behind a note that leads back to its mark. */
function isWayBack(attributes: Attributes): boolean {
  return (
    /(?:^|\s)doc-backlink(?:\s|$)/.test(attributes['role'] ?? '') ||
    /(?:^|\s)footnote-back(?:\s|$)/.test(attributes['class'] ?? '')
  );
}

const NOTE_MARK = /(?:^|\s)(?:noteref|doc-noteref|footnote-ref)(?:\s|$)/;

function isNoteMark(attributes: Attributes): boolean {
  return NOTE_MARK.test(`${attributes['epub:type'] ?? ''} ${attributes['role'] ?? ''} ${attributes['class'] ?? ''}`);
}

const NOTE_BODY = /(?:^|\s)(?:footnotes?|endnotes?|rearnotes?|doc-(?:footnotes?|endnotes?))(?:\s|$)/;

function isNoteBody(attributes: Attributes): boolean {
  return NOTE_BODY.test(`${attributes['epub:type'] ?? ''} ${attributes['role'] ?? ''} ${attributes['class'] ?? ''}`);
}
