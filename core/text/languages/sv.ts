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
  divisions: 'kapitel bilaga bok',
  figures: 'Fig(?:ur|\\.)|Tab(?:ell|\\.)|Bild|Karta',
  pages: 'sida|sid\\.|s\\.',
  pagesOf: 'av',
  months: 'januari februari mars april maj juni juli augusti september oktober november december',
  quotes: { double: ['”', '”'], single: ['’', '’'] },
  hesitation: /(?:\behm*|\böh+|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: ['dict-sv/Swedish.trie.gz'],
} as const satisfies LanguageData;
