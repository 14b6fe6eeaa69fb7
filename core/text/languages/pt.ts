import type { LanguageData } from './language-data.ts';

export const pt = {
  id: 'pt',
  name: 'Portuguese',
  functionWords:
    'o a os as um uma uns umas de do da dos das em no na nos nas num numa por pelo pela pelos pelas para com sem sob sobre entre até desde e ou mas se que quem cujo não como quando onde enquanto porque é são era eram foi ser há tem têm tinha lhe seu sua seus suas este esta estes estas esse essa aquele aquela mais também já muito ao aos à às',
  referring:
    'ele ela eles elas este esta estes estas isto isso esse essa seu sua e mas ou porém pois assim então portanto além',
  abbreviations: 'sr sra srs sras dr dra exmo exma pág págs av prof profa',
  suspenders: 'e ou',
  articles: 'o os um uma uns umas',
  salutations: 'prezad[oa]s?|car[oa]s?|querid[oa]s?|olá|bo(?:m dia|a tarde|a noite)|exm[oa]\\.?',
  divisions: 'capítulo parte secção seção anexo livro',
  figures: 'Fig(?:ura|\\.)|Tabela|Quadro|Mapa',
  pages: 'página|pág\\.',
  pagesOf: 'de',
  months: 'janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:hum+|hm+|ahn?)\b/gi,
  enclitics: 'lhe lhes',
  prefixes: 'ex vice',
  dictionaries: ['dict-pt-pt/dict/Portuguese-European.trie.gz'],
} as const satisfies LanguageData;
