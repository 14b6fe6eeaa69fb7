import { Region } from '../../layout/layout.ts';

/** Attributes of an element as the parser gives them, names in small letters. */
export type Attributes = Readonly<Record<string, string | undefined>>;

const NAVIGATION =
  /(?:^|[-_\s])(?:nav|navbar|navigation|doc-?nav|menu|breadcrumbs?|skip(?:-?(?:link|nav|to-content))?|pagination|pager|toc-?nav|prev-?next|jump-?links?)(?:$|[-_\s])/i;
const BESIDE =
  /(?:^|[-_\s])(?:cookies?|consent|gdpr|advert(?:s|isement)?|ads?|promo(?:s|tion)?|sponsor(?:ed)?|newsletter|sign-?up|subscribe|subscription|share|sharing|social|related|recommended|read-?more|more-?stories|sidebar|side-?col(?:umn)?|popup|modal|paywall|comments?-?form)(?:$|[-_\s])/i;
const SITE =
  /(?:^|[-_\s])(?:site-?(?:header|footer)|page-?(?:header|footer)|masthead|colophon|footer|copyright|legal-?links)(?:$|[-_\s])/i;

const BY_ROLE: Readonly<Record<string, Region>> = {
  navigation: Region.navigation,
  menu: Region.navigation,
  menubar: Region.navigation,
  banner: Region.site,
  contentinfo: Region.site,
  complementary: Region.beside,
  search: Region.beside,
  dialog: Region.beside,
  alertdialog: Region.beside,
};

/** Elements whose id may say what they are for. That of a heading, or of an anchor, is an address within the text. */
const GROUPS: ReadonlySet<string> = new Set(['div', 'section', 'ul', 'ol', 'form', 'header', 'footer', 'table', 'td']);

/**
 * Where an element stands by its name, its role (WAI-ARIA) and what its makers call it; undefined where it says nothing. `isInText`:
 * it stands in the article or main part, whose own head and foot are of the text. `beginning` gives the source that it begins with,
 * which must agree with its name.
 */
export function regionOf(
  name: string,
  attributes: Attributes,
  isInText: boolean,
  beginning: () => string,
): Region | undefined {
  const role = attributes['role'];
  if (role !== undefined && BY_ROLE[role] !== undefined) return BY_ROLE[role];
  if (name === 'nav') return Region.navigation;
  if (name === 'aside') return Region.beside;
  // As word processors write the heads and feet of pages.
  if (name === 'div' && /^(?:header|footer)$/.test(attributes['title'] ?? '')) return Region.margin;
  if ((name === 'header' || name === 'footer') && !isInText) return Region.site;
  // A whole page is often named by its parts ("has-sidebar"), and so is what stands around running words.
  if (name === 'body' || name === 'html' || name === 'main' || name === 'article') return undefined;
  const byClass = regionOfWords(attributes['class'] ?? '', isInText, beginning);
  if (byClass !== undefined || !GROUPS.has(name)) return byClass;
  const id = attributes['id'] ?? '';
  const byId = regionOfWords(id, isInText, beginning);
  return byId !== undefined && isAddressOf(id, beginning()) ? undefined : byId;
}

function regionOfWords(called: string, isInText: boolean, beginning: () => string): Region | undefined {
  if (called === '') return undefined;
  // The menu of an inn leads nowhere.
  if (NAVIGATION.test(called) && /<(?:a|button|option|select|input)\b/i.test(beginning())) return Region.navigation;
  if (BESIDE.test(called)) return Region.beside;
  if (isInText || !SITE.test(called)) return undefined;
  // What many call the head of a page holds the title of the text.
  return PAGE_HEADER.test(called) && /<h1\b/i.test(beginning()) ? undefined : Region.site;
}

const PAGE_HEADER = /(?:^|[-_\s])page-?header(?:$|[-_\s])/i;
const HEADING = /<h[1-6]\b[^>]{0,300}>([^]{0,300}?)<\/h[1-6]\b/i;

/** Whether an id is made of the heading that its part begins with, such as "related-work". The heading may have a number before it. */
function isAddressOf(id: string, beginning: string): boolean {
  const letters = (words: string) => words.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
  const [, heading = ''] = HEADING.exec(beginning) ?? [];
  return letters(heading.replace(/<[^>]*>/g, '')).endsWith(letters(id));
}

/** Whether an element is not shown. */
export function isHidden(attributes: Attributes, hiddenClasses: ReadonlySet<string>): boolean {
  if (attributes['hidden'] !== undefined && attributes['hidden'] !== 'until-found') return true;
  const style = attributes['style'];
  if (style !== undefined && /(?:^|;)\s*(?:display\s*:\s*none|visibility\s*:\s*hidden)/i.test(style)) return true;
  if (hiddenClasses.size === 0) return false;
  return (attributes['class'] ?? '').split(/\s+/).some((one) => hiddenClasses.has(one));
}

/** Style sheets stand in the first part of a page. In characters. */
const LOOKED_AT = 200_000;
const STYLE = /<style\b[^>]{0,500}>([^<]{0,100000})<\/style/gi;
const HIDES = /(?:^|[},])\s*\.([\w-]{1,80})\s*\{[^}]{0,500}?display\s*:\s*none/g;

/** The classes that the style sheets within a page hide, where a rule is about the class alone. */
export function hiddenClassesOf(source: string): Set<string> {
  const found = new Set<string>();
  for (const [, style] of source.slice(0, LOOKED_AT).matchAll(STYLE))
    for (const [, name] of style!.matchAll(HIDES)) found.add(name!);
  return found;
}
