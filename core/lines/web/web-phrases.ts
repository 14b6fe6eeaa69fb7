/*
 * What pages say of themselves in words that vary, so that no list holds them: offers, calls to act, where an article is filed, links to
 * others. They are those of the languages' files.
 */

import { onPagesOfAnyLanguage } from '../../text/language.ts';

/** In units: nothing longer is one of them. */
const LONGEST = 160;

/** "Subscribe now for £1 a week", "Sign up for our newsletter to get more", "Powered by" and whose machine it is. */
const OFFER = new RegExp(`^(?:${onPagesOfAnyLanguage('offers')}).{0,60}$`, 'i');

/** Whether a line is an offer, or says how a page was made or changed; as long as a sentence it may be. */
export function isOfferOfPage(line: string): boolean {
  return line.length <= LONGEST && OFFER.test(line);
}

/** "Save this story", "Helpful? Yes", "See all episodes", "Back to search results". */
const CALL = new RegExp(`^(?:${onPagesOfAnyLanguage('calls')})$`, 'i');
/** "Filed under: Fish, Pies", and the words alone above them. */
const FILED = new RegExp(`^(?:${onPagesOfAnyLanguage('filed')}) ?[:：](?: ?\\S|$)`, 'i');

/** Whether a line calls to act, or says where an article is filed. */
export function isPhraseOfPage(line: string): boolean {
  return line.length <= LONGEST && (CALL.test(line) || FILED.test(line));
}

/** "Read more: The keepers of the sound", a link between paragraphs to another article. */
const LEADS_ELSEWHERE = new RegExp(`^(?:${onPagesOfAnyLanguage('elsewhere')}) ?: \\S.*[^.!]$`, 'i');

export function leadsElsewhere(line: string): boolean {
  return line.length <= LONGEST && LEADS_ELSEWHERE.test(line.replace(/’/g, "'"));
}

const ABOVE_LINK = new RegExp(`^(?:${onPagesOfAnyLanguage('elsewhere')}):?$`, 'i');

/** Whether a line between paragraphs may stand above a link to another article: "Read also". */
export function isAboveLink(line: string): boolean {
  return line.length <= LONGEST && ABOVE_LINK.test(line.replace(/’/g, "'"));
}

/** "This website uses cookies. You can change your settings at any time." */
const COOKIES = new RegExp(String.raw`^(?=.*\bcookies?\b).*(?:${onPagesOfAnyLanguage('cookies')})`, 'i');

/** "We and our 214 partners store information on a device." */
const PARTNERS =
  /\b(?:partners?|partnern?|partenaires|socios)\b.{0,80}\b(?:information(?:en|s)?|información|data|daten|données|datos)\b/i;

/** Whether a line says that a site has cookies, or gives others what it learns of a reader; an article may say so, too. */
export function isAboutCookies(line: string): boolean {
  return line.length <= 2 * LONGEST && (COOKIES.test(line) || PARTNERS.test(line));
}

/** "More on Gardens", "Related objects", "You may also like": what it stands above leads to other pages. */
const MORE = new RegExp(`^(?:${onPagesOfAnyLanguage('more')})(?<![.!?])$`, 'i');

/** Whether a line behind the text of a page may stand above links to others. */
export function leadsToMore(line: string): boolean {
  return line.length <= LONGEST && MORE.test(line);
}

/** Where an address is to be written, and what is offered for it. */
const ADDRESS_FIELD =
  /^(?:(?:enter )?your e-?mail(?: address)?|e-?mail(?: address)?|ihre e-mail(?:-adresse)?|votre (?:e-mail|adresse e-mail)|tu (?:correo|e-mail)(?: electrónico)?)[:*]?$/i;
const OFFERED =
  /\b(?:newsletter|inbox|e-?mail|mail|letters?|updates|sign up|subscribe|postfach|anmelden|abonnieren|lettre|recevez|inscrivez|boletín|correo|suscríbe)/i;

export function isAddressField(line: string): boolean {
  return line.length <= LONGEST && ADDRESS_FIELD.test(line.trim());
}

export function offersLetters(line: string): boolean {
  return line.length <= LONGEST && OFFERED.test(line);
}
