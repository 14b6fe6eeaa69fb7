import type { LanguageData } from './language-data.ts';

export const fr = {
  id: 'fr',
  name: 'French',
  functionWords:
    'le la les un une des du de d l et ou mais donc or ni car à au aux en dans sur sous par pour avec sans vers chez entre que qui dont où quand si comme ce cet cette ces son sa ses leur leurs mon ma mes notre votre est sont était être a ont avait ne pas plus très il elle ils elles on nous vous je se',
  referring:
    'il elle ils elles ce cet cette ces cela ceci celui celle ceux leur leurs son sa ses et mais ou donc puis ainsi alors',
  abbreviations: 'mme mlle m mm av env',
  suspenders: 'et ou',
  articles: 'le la les un une des du',
  salutations: 'ch(?:er|ère|ers|ères)|bonjour|salut|madame|monsieur',
  divisions: 'chapitre partie annexe livre',
  figures: 'Fig(?:ure|\\.)|Tab(?:leau|\\.)|Carte|Illustration',
  pages: 'page|p\\.',
  pagesOf: 'sur',
  months: 'janvier février mars avril mai juin juillet août septembre octobre novembre décembre',
  quotes: { double: ['« ', ' »'], single: ['‹ ', ' ›'] },
  hesitation: /\b(?:euh+|hm+)\b/gi,
  enclitics: 'ce il elle on je tu nous vous ils elles moi toi lui leur ci là même mêmes',
  prefixes: 'ex non quasi vice pseudo',
  dictionaries: ['dict-fr-fr/fr-fr.trie.gz'],
} as const satisfies LanguageData;
