import type { LanguageData } from './language-data.ts';

export const nb = {
  id: 'nb',
  name: 'Norwegian',
  functionWords:
    'en ei et den det de og eller men at som i på av for fra med til om ved hos over under mellom gjennom uten mot etter er var være har hadde blir ble ikke han hun vi jeg du seg sin sitt sine hans hennes deres min din når da hvor så enn også kan skulle skal ville dette denne disse',
  referring: 'han hun den det de dette denne disse hans hennes deres sin og men eller så da derfor dessuten siden',
  abbreviations: 'f.eks bl.a d.v.s dvs osv m.m m.fl mht pga nr resp',
  suspenders: 'og eller',
  articles: 'en ei et',
  salutations: 'kjære|hei|god(?:morgen|dag|kveld)',
  closings: '(?:med )?vennlig hilsen|(?:mange|beste|kjærlig) hilsner?|mvh|hilsen',
  subjects: 'emne',
  bylines: '(?:tekst )?av',
  divisions: 'kapittel vedlegg bok',
  figures: 'Fig(?:ur|\\.)|Tab(?:ell|\\.)|Bilde|Kart',
  pages: 'side|s\\.',
  pagesOf: 'av',
  months: 'januar februar mars april mai juni juli august september oktober november desember',
  sounds: 'musikk applaus latter ler sukker hoster stillhet uhørlig jubel',
  quotes: { double: ['«', '»'], single: ['‘', '’'] },
  hesitation: /(?:\beh+m?|\behm*|\bhm+)/gi,
  closesCompounds: true,
  page: {
    home: 'forside|hjem',
    rights: 'alle rettigheter reservert',
    marks: 'rediger(?: \\| rediger kilde)?|trenger referanse',
    notes: 'note',
    contents: 'innhold|innholdsfortegnelse|på denne siden',
    skips: 'gå til innhold|hopp til innhold|hopp til hovedinnhold|åpne meny|lukk meny',
    buttons: `
      del artikkelen|kopier lenke|skriv ut siden|les mer|fortsett å lese|legg igjen en kommentar|til toppen|legg i handlekurven
      godta alle|avvis alle|bestill nå|søk nå|følg oss|lytt til artikkelen
    `,
    labels: `
      logg inn|logg ut|opprett konto|abonner|min konto|mest lest|siste nytt|siste innlegg|relaterte artikler|les også|forrige innlegg
      neste innlegg|forrige side|neste side|på denne siden|vis alle|vis mer|om oss|kontakt oss|personvern|personvernerklæring
      informasjonskapsler|vilkår for bruk|lukk
    `,
    menu: 'meny|søk|nyheter|kontakt|hjelp|butikk|tilgjengelighet|arkiv|norsk',
    beside: 'mer|se også|kommentarer|neste|forrige|innhold|rediger',
    actions: 'del|lagre|skriv ut|svar|lytt|liker|annonse|følg',
    sections: 'innenriks|utenriks|politikk|økonomi|vitenskap|helse|reise|bøker|musikk|kunst|vær|kultur|sport',
    counted: 'min(?:utters)? lesetid|kommentarer|svar',
    offers: 'din e-postadresse vil ikke bli publisert|siden ble sist redigert',
    calls: 'din e-post(?:adresse)?|vis alle(?: \\S+){0,4}|handlekurv \\(\\d{1,3}\\)',
    filed: 'publisert i|kategori(?:er)?',
    elsewhere: 'les også|mer om saken',
    more: 'les også|(?:mer (?:om|fra)|andre|siste|relaterte)(?: \\S+){1,4}|(?:forrige|neste): .{1,60}',
    cookies: 'godta|bruker',
  },
  dictionaries: [],
} as const satisfies LanguageData;
