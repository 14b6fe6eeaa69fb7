import type { LanguageData } from './language-data.ts';

export const en = {
  id: 'en',
  name: 'English',
  functionWords:
    'the a an of and or nor but to in on at by for with from into upon that which who whose is are was were be been being has have had his her my their its our your as if than then not no so such very will would shall should can could may might must this these those when while where because although between through under over about without he she they we it i you do did does every some any more most other mr mrs ms dr st',
  referring:
    'he she it they his her their its this that these those him them such but and or nor yet so then thus hence therefore otherwise however moreover furthermore',
  abbreviations:
    'mr mrs ms mx dr prof rev revd hon lieut cllr supt bros thos wm jas chas geo st messrs capt col gen lt sgt maj cpl vs e.g i.e cf viz no nos vol vols p pp fig figs ch sec ed eds al approx dept jan feb mar apr jun jul aug sep sept oct nov dec mon tue wed thu fri sat sun',
  suspenders: 'and or to',
  articles: 'a an the',
  salutations: 'dear|hi|hello|hey|good (?:morning|afternoon|evening)',
  divisions: 'chapter part book section appendix volume',
  figures: 'Fig(?:ure|\\.)?|Table|Plate|Map|Chart|Photo|Illustration',
  pages: 'page|p\\.',
  pagesOf: 'of',
  months: 'january february march april may june july august september october november december',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:u[mh]+|er+m?|hm+)\b/gi,
  phrases: /, (?:you know|I mean|sort of|kind of),(?= )/gi,
  prefixes: 'self well ill half ex non all cross quasi vice pseudo',
  dictionaries: ['dict-en_us/en_US.trie.gz', 'dict-en-gb/en_GB.trie.gz'],
} as const satisfies LanguageData;
