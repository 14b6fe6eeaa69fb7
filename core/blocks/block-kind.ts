/** What a block is to a reader. */
export type BlockKind =
  | 'paragraph'
  | 'heading'
  | 'list-item'
  | 'verse'
  | 'quote'
  | 'footnote'
  | 'table'
  | 'code'
  | 'contents'
  | 'caption'
  | 'section-break';
