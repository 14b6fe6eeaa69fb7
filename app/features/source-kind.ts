/** What people call the kinds of source. */
export const KIND_WORDS: Readonly<Record<string, string>> = {
  captions: 'Captions',
  pages: 'Pages',
  wrapped: 'Wrapped lines',
  unwrapped: 'A line to a paragraph',
};
