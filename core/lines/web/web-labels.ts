/*
 * The labels that web pages put around a text: menus, buttons, counters. A line counts as a label only where all of it is one.
 * The words are the usual ones of page templates in English, German, French and Spanish.
 */
/** Labels that no article has for a heading: buttons, and what says that an advert follows. */
const BUTTONS = toSet(`
  advertisement|advertisements|advertising|sponsored|sponsored content|share on|share via|share this|share this article|share this page|share on facebook|share on twitter|share on social media|tweet|copy link|email this|print this page|print this article|save for later|save article
  skip to content|skip to main content|skip navigation|skip to navigation|jump to navigation|jump to content|jump to search|read more|continue reading below|article continues below|story continues below|back to top|leave a comment|leave a reply|required fields are marked *|add a comment|load more comments|listen to this article
  add to basket|add to cart|add to bag|add to wishlist|add to list|buy now|write a review|proceed to checkout
  donate now|give now|join now|shop now|register now|learn more|find out more|try for free|view solution in original post|book now|buy tickets|get tickets|apply now|apply for this job|save job|report job|save this job|report a problem with this page|is this page useful?|improve this question|improve this answer|like loading...|loading...|like this|follow us on|follow us|we value your privacy|accept all|reject all|accept all cookies|reject all cookies|manage options|manage preferences|manage choices|cookie preferences|this article is for subscribers only|already a subscriber? log in|already a subscriber? sign in|continue reading the main story|story continues below advertisement|view comments|show more comments|sort by|download the app|report this post|report this comment|quote reply
  was this helpful?|was this article helpful?|was this page helpful?|did this answer your question?|still need help? contact us|war dieser artikel hilfreich?|war diese seite hilfreich?|cet article vous a-t-il été utile ?|te ha resultado útil este artículo?
  zum inhalt springen|direkt zum inhalt|artikel teilen|link kopieren|seite drucken|weiterlesen|mehr lesen|kommentar schreiben|nach oben|zur navigation springen|zur suche springen|zum hauptinhalt springen|alle akzeptieren|alle ablehnen|mehr erfahren|jetzt spenden|jetzt anmelden|jetzt bewerben|jetzt buchen|folgen sie uns|artikel merken|artikel vorlesen|nur notwendige cookies|in den warenkorb|in den einkaufswagen|auf den merkzettel
  aller au contenu|aller au menu|partager cet article|copier le lien|imprimer cette page|lire la suite|laisser un commentaire|haut de page|ajouter au panier|faire un don|tout accepter|tout refuser|gérer mes choix|continuer sans accepter|postuler maintenant|réserver maintenant|suivez-nous|aller à la navigation|aller à la recherche|écouter cet article
  ir al contenido|saltar al contenido|compartir este artículo|copiar enlace|leer más|deja un comentario|volver arriba|donar ahora|haz una donación|más información|aceptar todo|rechazar todo|gestionar opciones|reservar ahora|síguenos|síguenos en|ir a la navegación|ir a la búsqueda|añadir al carrito|añadir a la cesta
`);

const LABELS = new Set([
  ...BUTTONS,
  ...toSet(`
    enter your email address|sign up to our newsletter|show comments
    main menu|navigation
    quick search|search this site|site search|sign in|sign up|log in|log out|my account|subscribe|newsletter|sign up for our newsletter
    latest news|most read|most popular|top stories|more stories|more to explore|recent posts|popular posts|recent comments|older post|newer post|older posts|newer posts|previous post|next post|quick links|useful links|you might also like|you may also be interested in|people also viewed|customers also bought|similar jobs|similar items|similar products|more like this|search docs|copy code|privacy notice|cookie notice|modern slavery statement|report this ad|sign up for our newsletter|get our newsletter
    meistgelesen|auch interessant|weitere artikel|kunden kauften auch|wird oft zusammen gekauft|das könnte ihnen auch gefallen|ähnliche stellen|ähnliche artikel|neueste beiträge|vorheriger beitrag|nächster beitrag|les plus lus|articles récents|article précédent|article suivant|offres similaires|lo más leído|entradas recientes|entrada anterior|entrada siguiente|ofertas similares
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
  menu|home|search|news|latest|trending|opinion|podcasts|videos|photos|sport|culture|business|about|about us|contact|contact us|help|faq|shop|donate|more|top|see also|related|comments|next|previous|index|contents|privacy|accessibility|close|reply|listen|edit|download|share|save|print|ad|long reads|register|login|mail|email|e-mail|facebook|twitter|whatsapp|x|instagram|youtube|linkedin|pinterest|reddit|tiktok|mastodon|bluesky|telegram|threads|archives|archive|rss|quote|report|copy|all topics|all posts|all categories|community|forum|forums|tags|jobs|events|follow|like|comment|categories
  menü|suche|nachrichten|über uns|kontakt|hilfe|mehr|siehe auch|kommentare|weiter|zurück|inhalt|mailen|e-mail|datenschutz|impressum|barrierefreiheit|antworten|teilen|anzeige|werbung|bearbeiten
  accueil|recherche|connexion|actualités|à propos|aide|voir aussi|commentaires|suivant|précédent|sommaire|confidentialité|accessibilité|répondre|partager|publicité|modifier|abonnement
  inicio|menú|buscar|búsqueda|noticias|acerca de|contacto|ayuda|véase también|comentarios|siguiente|anterior|índice|contenido|privacidad|accesibilidad|responder|compartir|editar|publicidad|anuncio
`);

/** Of these, what is hardly a heading: on a page it is the word on a button, whatever stands beside it. */
const ACTIONS = toSet(`
  share|save|print|listen|reply|like|follow|download|quote|report|copy|all topics|all posts|all categories|community|forum|forums|teilen|antworten|anzeige|partager|répondre|publicité|compartir|responder|publicidad
`);

function toSet(list: string): ReadonlySet<string> {
  return new Set(list.trim().split(/\s*[|\n]\s*/));
}

const COUNTER =
  /^\d{1,3}(?:[.,]\d{3})*\s?k?\s+(?:min(?:ute)?s? read|min\.? lesezeit|min de lecture|min de lectura|comments?|kommentare?|commentaires?|comentarios?|shares?|likes?|replies|answers?|views?|antworten|réponses?|respuestas)$|^viewed \d[\d.,]*\s?k? times$/;
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
  if (line.length > LONGEST) return 'no';
  // Longer than any label, they are told by how they begin.
  if (OFFER.test(line)) return 'sure';
  if (isPlainlyLonger(line)) return 'no';
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
  if (leadsFromHome(line, parts) || isMenuRow(line) || FILED.test(line) || ACT.test(line)) return 'sure';
  const labels = sure + parts.filter((part) => MENU_WORDS.has(part)).length;
  if (labels === 0) return 'no';
  if (labels === parts.length) return sure > 0 || parts.length > 1 ? 'sure' : 'maybe';
  return parts.length > FEWEST_LINKS || (parts.length === FEWEST_LINKS && labels * 2 > FEWEST_LINKS) ? 'sure' : 'no';
}

/** "Subscribe now for £1 a week", "Sign up for our newsletter to get more", "Powered by" and whose machine it is. */
const OFFER =
  /^(?:your email address will not be published\b|subscribe (?:now|today|for) |(?:sign up|subscribe) (?:to|for) (?:our|the) newsletter\b|(?:proudly )?powered by |mit freundlicher unterstützung von |propulsé par |funciona con ).{0,60}$/i;
/** "Save this story", "Helpful? Yes". */
const ACT =
  /^(?:(?:save|share|print|email|bookmark|rate|report|flag) this (?:story|article|page|recipe|post|item|job|review|comment|ad|product)|(?:was (?:this|it) )?helpful\?(?: yes| no| \d+)*)$/i;

/** "Filed under: Fish, Pies" */
const FILED =
  /^(?:filed under|tagged(?: with| as)?|posted in|veröffentlicht unter|verschlagwortet mit|publié dans|publicado en|kategorien?|catégories?|categorías?) ?: \S/i;

const HOME = toSet('home|startseite|accueil|inicio');

/** "Home > Lamps > Storm lamps": where a page stands among the others. */
function leadsFromHome(line: string, parts: readonly string[]): boolean {
  return parts.length > 1 && HOME.has(parts[0]!) && /^\s*\p{L}+\s*[>›»→/]/u.test(line);
}

const PATH = /^\p{L}[^>›»/]{1,30}(?: [>›»/] \p{L}[^>›»/]{1,40}){2,5}(?<![.!?])$/u;

/** Whether a line at the head of a page may say where it stands among the others: "Jobs > Saltfern > Keepers". */
export function isPath(line: string): boolean {
  return line.length <= LONGEST && PATH.test(line.trim());
}

/** The parts of a newspaper, in English, German, French and Spanish. */
const SECTIONS = toSet(`
  world|politics|science|tech|technology|health|food|travel|books|film|films|music|art|arts|style|lifestyle|money|weather|education|environment|gardens|gardening|obituaries|letters|local|national|europe|football
  politik|wirtschaft|wissen|gesellschaft|reise|bücher|musik|kunst|wetter|meinung|panorama|regional
  politique|économie|société|sciences|santé|voyage|livres|cinéma|musique|météo
  política|economía|sociedad|ciencia|salud|viajes|libros|cine|música|tiempo|deportes
`);
const FEWEST_SECTIONS = 4;

/**
 * "Home About Recipes Contact", "Culture Books Film Gardens": words of menus that nothing but spaces part, the first of which leads home,
 * or parts of a newspaper.
 */
function isMenuRow(line: string): boolean {
  const text = line.trim().toLowerCase();
  // Cheap refusal: hardly a line begins with such a word.
  const first = text.slice(0, Math.max(0, text.search(/\s/)));
  if (!MENU_WORDS.has(first) && !SECTIONS.has(first)) return false;
  const words = text.split(/\s+/);
  if (words.length < FEWEST_LINKS) return false;
  const known = words.filter((word) => MENU_WORDS.has(word)).length;
  if (HOME.has(words[0]!)) return known * 2 >= words.length;
  return words.length >= FEWEST_SECTIONS && words.every((word) => MENU_WORDS.has(word) || SECTIONS.has(word));
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
