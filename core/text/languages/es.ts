import type { LanguageData } from './language-data.ts';

export const es = {
  id: 'es',
  name: 'Spanish',
  functionWords:
    'el la los las un una unos unas de del y o pero que en a al con por para sin sobre entre desde hasta como si cuando donde es son era ser ha han había su sus mi mis tu no más muy se lo le les este esta estos estas',
  referring: 'él ella ellos ellas este esta estos estas esto eso su sus y pero o pues así entonces',
  abbreviations: 'sr sra srta ud uds pág núm',
  suspenders: 'y o',
  articles: 'el la los las un una unos unas',
  salutations: 'querid[oa]s?|estimad[oa]s?|hola|buen(?:os días|as tardes|as noches)',
  divisions: 'capítulo parte sección anexo',
  figures: 'Fig(?:ura|\\.)|Tabla|Mapa',
  pages: 'página|pág\\.',
  pagesOf: 'de',
  months: 'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre',
  quotes: { double: ['«', '»'], single: ['‘', '’'] },
  hesitation: /\b(?:eh+|em+|hm+)\b/gi,
  dictionaries: ['dict-es-es/Spanish.trie.gz'],
} as const satisfies LanguageData;
