/** What HTML elements are for a reader of text. Names are those of the HTML Standard. */

const set = (names: string): ReadonlySet<string> => new Set(names.split(' '));

/** Nothing in them is text of the page. */
export const SILENT = set(
  'script style template noscript svg math-ml canvas object embed iframe audio video map area base link meta param source track select option optgroup datalist textarea input progress meter dialog rp rt',
);
/** They begin and end blocks. */
export const BLOCKS = set(
  'address article aside blockquote body center dd details div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr html legend li main menu nav ol p pre search section summary table tbody td tfoot th thead tr caption ul',
);
/** Blocks with room above and below, as browsers set them. */
export const APART = set('p h1 h2 h3 h4 h5 h6 blockquote pre figure ul ol dl table hr');
export const HEADINGS: ReadonlyMap<string, number> = new Map(
  ['h1', 'h2', 'h3', 'h4', 'h5', 'h6'].map((name, at) => [name, at + 1]),
);
export const EMPHASIS: ReadonlyMap<string, 'emphasis' | 'strong' | 'code'> = new Map([
  ['em', 'emphasis'],
  ['i', 'emphasis'],
  ['cite', 'emphasis'],
  ['dfn', 'emphasis'],
  ['b', 'strong'],
  ['strong', 'strong'],
  ['code', 'code'],
  ['kbd', 'code'],
  ['samp', 'code'],
  ['tt', 'code'],
]);
/** Elements that never have an end tag. */
export const VOID = set('area base br col embed hr img input link meta param source track wbr');
