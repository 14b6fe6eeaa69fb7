import type { LanguageData } from './language-data.ts';

export const sv = {
  id: 'sv',
  name: 'Swedish',
  functionWords:
    'en ett den det de och eller men att som i på av för från med till om vid hos över under mellan genom utan mot efter är var vara har hade blir blev inte han hon vi jag ni du sin sitt sina hans hennes deras min din när där då så än också kan skulle ska vill denna detta dessa',
  referring: 'han hon den det de denna detta dessa hans hennes deras sin och men eller så då därför dessutom sedan',
  abbreviations: 't.ex bl.a d.v.s dvs osv m.m m.fl s.k fr.o.m t.o.m nr resp',
  suspenders: 'och eller',
  articles: 'en ett',
  salutations: 'hej|kära|käre|bästa?|god (?:morgon|dag|kväll)',
  closings: '(?:med )?(?:vänliga?|bästa|hjärtliga) hälsning(?:ar)?|hälsningar|mvh|din|er',
  subjects: 'ämne',
  bylines: '(?:text )?av',
  divisions: 'kapitel bilaga bok',
  figures: 'Fig(?:ur|\\.)|Tab(?:ell|\\.)|Bild|Karta',
  pages: 'sida|sid\\.|s\\.',
  pagesOf: 'av',
  months: 'januari februari mars april maj juni juli augusti september oktober november december',
  sounds: 'musik applåder skratt skrattar suckar hostar tystnad ohörbart jubel',
  quotes: { double: ['”', '”'], single: ['’', '’'] },
  hesitation: /(?:\behm*|\böh+|\bhm+)/gi,
  closesCompounds: true,
  page: {
    home: 'hem|startsida',
    rights: 'alla rättigheter förbehållna',
    marks: 'redigera(?: \\| redigera wikitext)?|källa behövs',
    contents: 'innehåll|innehållsförteckning|på denna sida',
    skips: 'hoppa till innehåll|hoppa till innehållet|gå till innehåll|öppna meny|stäng meny',
    buttons: `
      dela artikeln|kopiera länk|skriv ut sidan|läs mer|fortsätt läsa|lämna en kommentar|till toppen|lägg i varukorgen|acceptera alla
      avvisa alla|godkänn alla|ge en gåva|boka nu|ansök nu|följ oss|lyssna på artikeln
      till receptet|skriv ut recept|skriv ut receptet|har du lagat det här receptet?|lägg till i favoriter|köp nu
      skriv en recension|spara annons|anmäl annons|anmäl inlägg|jag godkänner|hantera inställningar|logga in för att svara|citera
      prenumerera på nyhetsbrevet|visa kommentarer
    `,
    labels: `
      logga in|logga ut|registrera|skapa konto|prenumerera|mitt konto|mest läst|senaste nytt|senaste inläggen|relaterade artiklar
      läs också|föregående inlägg|nästa inlägg|föregående sida|nästa sida|på denna sida|visa alla|visa mer|om oss|kontakta oss
      integritetspolicy|cookiepolicy|användarvillkor|om cookies|stäng
      nyhetsbrev|min varukorg|liknande jobb|liknande produkter|andra köpte även|tillbaka till resultaten|tillbaka till listan
      föregående ämne|nästa ämne|köpvillkor
    `,
    menu: 'meny|sök|nyheter|kontakt|hjälp|butik|tillgänglighet|arkiv|svenska',
    beside: 'mer|se även|kommentarer|nästa|föregående|innehåll|redigera',
    actions: 'dela|spara|skriv ut|svara|lyssna|gilla|annons|följ',
    sections: 'inrikes|utrikes|politik|ekonomi|vetenskap|hälsa|resor|böcker|musik|konst|väder|kultur|sport',
    counted: 'min(?:uters)? läsning|kommentarer|svar',
    offers: 'din e-postadress kommer inte publiceras|sidan redigerades senast',
    calls: 'din e-post(?:adress)?|visa alla(?: \\S+){0,4}|varukorg \\(\\d{1,3}\\)',
    filed: 'publicerat i|kategori(?:er)?|etiketter',
    elsewhere: 'läs också|läs även|mer om ämnet',
    more: 'läs också|(?:mer (?:om|från)|andra|senaste|relaterade)(?: \\S+){1,4}|du kanske(?: \\S+){1,5}|(?:föregående|nästa): .{1,60}',
    cookies: 'godkänn|accepter|använd',
  },
  dictionaries: ['dict-sv/Swedish.trie.gz'],
} as const satisfies LanguageData;
