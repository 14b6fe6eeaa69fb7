/** What a line is of, as its format says. The numbers are stored with people's pieces and never change their meaning. */
export const Element = {
  paragraph: 0,
  heading: 1,
  item: 2,
  quote: 3,
  preformatted: 4,
  row: 5,
  caption: 6,
  note: 7,
} as const;
export type Element = (typeof Element)[keyof typeof Element];

/** Where a line stands, as its format says: in the text proper, or in what stands around it. Stored, as above. */
export const Region = {
  text: 0,
  /** Running heads and feet of a page. */
  margin: 1,
  /** Ways to other pages: menus, skip links, lists of more. */
  navigation: 2,
  /** The head or foot of a whole site. */
  site: 3,
  /** What stands beside the text: side columns, boxes, adverts, forms. */
  beside: 4,
} as const;
export type Region = (typeof Region)[keyof typeof Region];

/** Where a format has places, an indent is written as spaces of this width, in sizes of its type: about that of a letter. */
export const INDENT_SPACE = 0.5;

/** What a format says of a stretch of text. */
export interface LayoutRange {
  readonly from: number;
  readonly to: number;
  readonly kind: 'emphasis' | 'strong' | 'link' | 'code';
  /** The address of a link. */
  readonly address?: string;
}

/**
 * What a format told beside the words, for each line of a text (as the line index counts them). Lines that a format broke by force
 * within one paragraph share its block; blank lines between blocks belong to the block above. None for plain text.
 */
export interface Layout {
  readonly element: Uint8Array;
  /** The level of a heading or the depth of a list item, from 1; 0 for others. */
  readonly level: Uint8Array;
  readonly region: Uint8Array;
  readonly block: Uint32Array;
  /** In order of their beginnings, the longer first. */
  readonly ranges: readonly LayoutRange[];
  /** The lines that begin another column of their page, in order; none where the format has no places. */
  readonly columns?: Uint32Array;
  /**
   * How far each line reaches from the left edge of its column, in thousandths of the size of its type; 0 for a line without a place,
   * as blank lines are. None where the format has no places.
   */
  readonly widths?: Uint32Array;
}
