import type { LanguageData } from './language-data.ts';

export const it = {
  id: 'it',
  name: 'Italian',
  functionWords:
    'il lo la i gli le un uno una di del dello della dei degli delle a al allo alla ai agli alle da dal dalla dai dalle in nel nello nella nei negli nelle con su sul sulla sui sulle per tra fra e ed o ma se che chi cui non come quando dove mentre perché è sono era erano essere ha hanno aveva ho si ci mi ti vi suo sua suoi sue loro questo questa questi queste quel quella quello più anche ogni l dell all nell un’',
  referring:
    'egli ella esso essa essi esse lui lei loro questo questa questi queste ciò suo sua e ed ma o però quindi allora così dunque infatti inoltre',
  abbreviations: 'sig sigg dott prof avv ecc pag pagg cfr spett gent sec vol',
  suspenders: 'e ed o',
  articles: 'il lo la gli le un uno una del dello della dei degli delle',
  salutations: 'car[oaie]|gentil[ei]|egregi[oa]|spettabile|buon(?:giorno|asera)|ciao',
  divisions: 'capitolo parte sezione appendice libro',
  figures: 'Fig(?:ura|\\.)|Tab(?:ella|\\.)|Tavola|Carta',
  pages: 'pagina|pag\\.',
  pagesOf: 'di',
  months: 'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre',
  quotes: { double: ['«', '»'], single: ['“', '”'] },
  hesitation: /\b(?:ehm+|mh+|hm+)\b/gi,
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
