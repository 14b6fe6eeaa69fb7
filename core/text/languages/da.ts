import type { LanguageData } from './language-data.ts';

export const da = {
  id: 'da',
  name: 'Danish',
  functionWords:
    'en et den det de og eller men at som i på af for fra med til om ved hos over under mellem gennem uden mod efter er var være har havde bliver blev ikke han hun vi jeg du sin sit sine hans hendes deres min din når da hvor så end også kan skulle skal ville dette denne disse',
  referring: 'han hun den det de dette denne disse hans hendes deres sin og men eller så da derfor desuden siden',
  abbreviations: 'f.eks bl.a d.v.s dvs osv m.m m.fl mht pga nr resp',
  suspenders: 'og eller',
  articles: 'en et',
  salutations: 'kære|hej|goddag|god(?:morgen|aften)',
  closings: '(?:med )?venlig hilsen|(?:mange|kærlig|bedste) hilsner?|kh|mvh',
  subjects: 'emne',
  bylines: '(?:tekst )?af',
  divisions: 'kapitel bilag bog',
  figures: 'Fig(?:ur|\\.)|Tab(?:el|\\.)|Billede|Kort',
  pages: 'side|s\\.',
  pagesOf: 'af',
  months: 'januar februar marts april maj juni juli august september oktober november december',
  sounds: 'musik bifald latter griner sukker hoster stilhed uhørligt jubel',
  quotes: { double: ['»', '«'], single: ['›', '‹'] },
  hesitation: /(?:\bøh+m?|\behm*|\bhm+)/gi,
  closesCompounds: true,
  page: {
    home: 'forside|hjem',
    rights: 'alle rettigheder forbeholdes',
    marks: 'rediger(?: \\| rediger kildetekst)?|kilde mangler',
    notes: 'note',
    contents: 'indhold|indholdsfortegnelse|på denne side',
    skips: 'gå til indhold|spring til indhold|hop til indhold|åbn menu|luk menu',
    buttons: `
      del artiklen|kopiér link|udskriv siden|læs mere|fortsæt med at læse|skriv en kommentar|til toppen|læg i kurv|acceptér alle
      accepter alle|afvis alle|tillad alle|book nu|søg nu|følg os|lyt til artiklen
    `,
    labels: `
      log ind|log ud|opret konto|abonner|bliv abonnent|min konto|mest læste|seneste nyt|seneste indlæg|relaterede artikler|læs også
      forrige indlæg|næste indlæg|forrige side|næste side|på denne side|vis alle|vis mere|om os|kontakt os|privatlivspolitik
      cookiepolitik|vilkår og betingelser|luk
    `,
    menu: 'søg|nyheder|kontakt|hjælp|butik|tilgængelighed|arkiv|dansk',
    beside: 'mere|se også|kommentarer|næste|forrige|indhold|rediger',
    actions: 'del|gem|print|udskriv|svar|lyt|synes godt om|annonce|følg',
    sections: 'indland|udland|politik|økonomi|videnskab|sundhed|rejser|bøger|musik|kunst|vejr|kultur|sport',
    counted: 'min(?:utters)? læsetid|kommentarer|svar',
    offers: 'din e-mailadresse vil ikke blive publiceret|denne side blev senest ændret',
    calls: 'din e-mail(?:adresse)?|vis alle(?: \\S+){0,4}|kurv \\(\\d{1,3}\\)',
    filed: 'udgivet i|kategori(?:er)?',
    elsewhere: 'læs også|mere om emnet',
    more: 'læs også|(?:mere (?:om|fra)|andre|seneste|relaterede)(?: \\S+){1,4}|(?:forrige|næste): .{1,60}',
    cookies: 'accepter|bruger',
  },
  dictionaries: [],
} as const satisfies LanguageData;
