/** In the place of the id in the page of any piece: the page says nothing of a piece, the browser's own data do. */
export const ANY_PIECE = '-';

/** The pages that are kept, by what follows the id of a piece or by their address. */
const PIECE_SCREENS = ['', '/findings', '/shapes', '/output', '/read'];
const SCREENS = ['/', '/stack', '/styles', '/run'];

/** The addresses of all pages that are kept. */
export const PAGES: readonly string[] = [...SCREENS, ...PIECE_SCREENS.map((screen) => `/piece/${ANY_PIECE}${screen}`)];

/** The kept page that an address shows; undefined for one that the server alone knows. */
export function pageFor(path: string): string | undefined {
  const plain = path.length > 1 ? path.replace(/\/$/, '') : path;
  const piece = /^\/piece\/[^/]+(\/[a-z]+)?$/.exec(plain);
  const page = piece ? `/piece/${ANY_PIECE}${piece[1] ?? ''}` : plain;
  return PAGES.includes(page) ? page : undefined;
}
