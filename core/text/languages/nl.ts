import type { LanguageData } from './language-data.ts';

export const nl = {
  id: 'nl',
  name: 'Dutch',
  functionWords:
    'de het een en of maar want dus in op aan bij met van voor naar uit over onder tegen door tot om te dat die als wanneer omdat terwijl is zijn was waren wordt werd werden heeft hebben had hun haar mijn ons onze ik hij zij ze wij we jij u niet geen ook nog zo dan er deze dit tussen zonder',
  referring: 'hij zij ze het dit dat deze die zijn haar hun en maar of dus want toch daarom daarna dan ook',
  abbreviations: 'dhr mevr bijv enz d.w.z o.a m.b.t t.a.v z.o.z blz jl nr',
  suspenders: 'en of',
  articles: 'de het een',
  salutations: 'beste|geachte|lieve|hallo|hoi|dag|goede(?:morgen|middag|navond)',
  divisions: 'hoofdstuk deel bijlage paragraaf boek',
  figures: 'Fig(?:uur|\\.)|Afb(?:eelding|\\.)|Tabel|Kaart',
  pages: 'pagina|blz\\.|p\\.',
  pagesOf: 'van',
  months: 'januari februari maart april mei juni juli augustus september oktober november december',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:ehm*|uhm*|hm+)\b/gi,
  closesCompounds: true,
  dictionaries: ['dict-nl-nl/Dutch.trie.gz'],
} as const satisfies LanguageData;
