/** What a row shows. The numbers cross to the page in typed arrays. */
export const RowKind = {
  paragraph: 0,
  heading: 1,
  listItem: 2,
  verse: 3,
  dropped: 4,
  blank: 5,
  footnote: 6,
  quote: 7,
  table: 8,
  code: 9,
  contents: 10,
  caption: 11,
  sectionBreak: 12,
} as const;
