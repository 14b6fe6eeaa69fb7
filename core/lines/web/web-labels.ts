/*
 * The labels that web pages put around a text: menus, buttons, counters. A line counts as a label only where all of it is one.
 * The words are the usual ones of page templates in English, German, French and Spanish.
 */
/** Labels that no article has for a heading: buttons, and what says that an advert follows. */
const BUTTONS = toSet(`
  advertisement|advertisements|advertising|sponsored|sponsored content|share on|share via|share this|share this article|share this page|share on facebook|share on twitter|share on social media|tweet|copy link|email this|print this page|print this article|save for later|save article
  skip to content|skip to main content|skip navigation|skip to navigation|jump to navigation|jump to content|jump to search|read more|continue reading below|article continues below|story continues below|back to top|leave a comment|add a comment|load more comments|listen to this article
  zum inhalt springen|direkt zum inhalt|artikel teilen|link kopieren|seite drucken|weiterlesen|mehr lesen|kommentar schreiben|nach oben
  aller au contenu|aller au menu|partager cet article|copier le lien|imprimer cette page|lire la suite|laisser un commentaire|haut de page
  ir al contenido|saltar al contenido|compartir este artículo|copiar enlace|leer más|deja un comentario|volver arriba
`);

const LABELS = new Set([
  ...BUTTONS,
  ...toSet(`
    enter your email address|sign up to our newsletter|show comments
    main menu|navigation
    quick search|search this site|site search|sign in|sign up|log in|log out|my account|subscribe|newsletter|sign up for our newsletter
    latest news|most read|most popular
    bookmark
    promoted
    show more|see more|load more|view all|related stories|related articles|related topics|related posts|recommended|recommended for you|you may also like|more from the author|more on this story
    post a comment|next topic|previous topic|next article|previous article|next page|previous page|next chapter|previous chapter|table of contents|on this page|in this article|this page|show source|view source|edit this page|edit source|view history|permalink|download pdf
    cookie settings|cookie policy|cookies|accept cookies|accept all|manage cookies|privacy policy|terms|terms of use|terms of service|imprint|sitemap|all rights reserved|follow us|dismiss|copied
    startseite|inhaltsverzeichnis|hauptmenü|schnellsuche|anmelden|abmelden|registrieren|abonnieren|drucken|merken|alle anzeigen|verwandte artikel|das könnte sie auch interessieren|vorheriges thema|nächstes thema|vorherige seite|nächste seite|auf dieser seite|diese seite|quellcode anzeigen|quelltext bearbeiten|herunterladen|cookie-einstellungen|datenschutzerklärung|agb|nutzungsbedingungen|alle rechte vorbehalten|schließen
    recherche rapide|rechercher|se connecter|déconnexion|s'inscrire|s'abonner|qui sommes-nous|contactez-nous|imprimer|enregistrer|lire plus|en savoir plus|voir plus|articles liés|à lire aussi|sur le même sujet|sujet suivant|sujet précédent|page suivante|page précédente|table des matières|sur cette page|cette page|montrer le code source|montrer la source|modifier le code|télécharger|paramètres des cookies|gérer les cookies|politique de confidentialité|mentions légales|conditions d'utilisation|plan du site|tous droits réservés|fermer
    iniciar sesión|cerrar sesión|registrarse|suscribirse|quiénes somos|imprimir|guardar|ver más|ver todo|artículos relacionados|página siguiente|página anterior|tabla de contenidos|en esta página|esta página|mostrar el código|descargar|configuración de cookies|política de privacidad|aviso legal|términos de uso|mapa del sitio|todos los derechos reservados|cerrar
  `),
]);

/** Words of menus that may as well be headings of an article: labels only beside others. */
const MENU_WORDS = toSet(`
  menu|home|search|news|latest|trending|opinion|podcasts|videos|photos|sport|culture|business|about|about us|contact|contact us|help|faq|shop|donate|more|top|see also|related|comments|next|previous|index|contents|privacy|accessibility|close|reply|listen|edit|download|share|save|print|ad|long reads|register|login|mail|email|e-mail|facebook|twitter|whatsapp|follow|like|comment|categories
  menü|suche|nachrichten|über uns|kontakt|hilfe|mehr|siehe auch|kommentare|weiter|zurück|inhalt|mailen|e-mail|datenschutz|impressum|barrierefreiheit|antworten|teilen|anzeige|werbung|bearbeiten
  accueil|recherche|connexion|actualités|à propos|aide|voir aussi|commentaires|suivant|précédent|sommaire|confidentialité|accessibilité|répondre|partager|publicité|modifier|abonnement
  inicio|menú|buscar|búsqueda|noticias|acerca de|contacto|ayuda|véase también|comentarios|siguiente|anterior|índice|contenido|privacidad|accesibilidad|responder|compartir|editar|publicidad|anuncio
`);

/** Of these, what is hardly a heading: on a page it is the word on a button, whatever stands beside it. */
const ACTIONS = toSet(`
  share|save|print|listen|reply|like|follow|download|teilen|antworten|anzeige|partager|répondre|publicité|compartir|responder|publicidad
`);

function toSet(list: string): ReadonlySet<string> {
  return new Set(list.trim().split(/\s*[|\n]\s*/));
}

const COUNTER =
  /^\d{1,3}(?:[.,]\d{3})*\s?k?\s+(?:min(?:ute)?s? read|min\.? lesezeit|min de lecture|min de lectura|comments?|kommentare?|commentaires?|comentarios?|shares?|likes?|replies)$/;
/** The line that ends a page: "© 2026 …". */
const COPYRIGHT = /^(?:©|\(c\)|copyright\b).*(?:19|20)\d\d/;
const RIGHTS = toSet('all rights reserved|alle rechte vorbehalten|tous droits réservés|todos los derechos reservados');
const SEPARATOR = /\s*[|·•»›]\s*|\s+[>→/]\s+/;
const LONGEST = 160;
/** Separators that make a line a path of links, when one of its parts is a label; of so few parts most must be. */
const FEWEST_LINKS = 3;

/** What a line may be on a web page; 'rights' says whose it is, which a book says as well. */
export type WebLabel = 'sure' | 'rights' | 'maybe' | 'no';

/**
 * Whether a line is nothing but labels, counters, or a path of links with a label in it: 'sure', 'rights' where these are all it is
 * about, or 'maybe' for words of menus alone.
 */
export function readWebLabel(line: string): WebLabel {
  if (line.length > LONGEST || isPlainlyLonger(line)) return 'no';
  const parts = line
    .toLowerCase()
    .replace(/’/g, "'")
    .trim()
    .replace(/\s{2,}/g, ' | ')
    .replace(/\s/g, ' ')
    .split(SEPARATOR)
    .map((part) => part.replace(EDGES, ''))
    .filter((part) => part !== '');
  const sure = parts.filter((part) => isSureLabel(part)).length;
  if (sure > 0 && parts.every((part) => RIGHTS.has(part) || COPYRIGHT.test(part))) return 'rights';
  const labels = sure + parts.filter((part) => MENU_WORDS.has(part)).length;
  if (labels === 0) return 'no';
  if (labels === parts.length) return sure > 0 || parts.length > 1 ? 'sure' : 'maybe';
  return parts.length > FEWEST_LINKS || (parts.length === FEWEST_LINKS && labels * 2 > FEWEST_LINKS) ? 'sure' : 'no';
}

const LONGEST_LABEL = Math.max(...[...LABELS, ...MENU_WORDS].map((label) => label.length));

/** Cheap refusal: one part, longer than any label, and neither a counter nor a copyright. */
function isPlainlyLonger(line: string): boolean {
  if (line.length <= LONGEST_LABEL || !/^[abd-z]/i.test(line) || !/[a-z.,-]$/.test(line)) return false;
  for (let at = 0; at < line.length; at++) {
    const code = line.charCodeAt(at);
    if (
      code === 0x20
        ? line.charCodeAt(at + 1) === 0x20
        : code < 0x20 ||
          code === 0x7c ||
          (code > 0x7e && code !== 0x2019 && code !== 0x201c && code !== 0x201d && (code < 0xc0 || code > 0x24f))
    )
      return false;
  }
  return true;
}

/** Whether a line is nothing but the label of a button or an advert, which in a text of any form is none of its words. */
export function isButtonLabel(line: string): boolean {
  return line.length <= LONGEST_LABEL && BUTTONS.has(line.toLowerCase().replace(/’/g, "'").replace(EDGES, ''));
}

/** "Read more: The keepers of the sound", a link between paragraphs to another article. */
const LEADS_ELSEWHERE =
  /^(?:read (?:more|next|also)|also read|up next|don't miss|watch|related(?: (?:story|stories|article|articles))?|more on this(?: story)?|lesen sie auch|mehr zum thema|lire aussi|à lire aussi|lee también|te puede interesar) ?: \S.*[^.!?]$/i;

export function leadsElsewhere(line: string): boolean {
  return line.length <= LONGEST && LEADS_ELSEWHERE.test(line.replace(/’/g, "'"));
}

/** Whether a line is nothing but the word on a button, if the text is known to be a page. */
export function isPageButton(line: string): boolean {
  return ACTIONS.has(line.toLowerCase());
}

const EDGES = /^[\s✕×☰←→↑↓‹<>]+|[\s:…✕×←→↑↓›>]+$/g;

function isSureLabel(part: string): boolean {
  return LABELS.has(part) || COUNTER.test(part) || COPYRIGHT.test(part);
}
