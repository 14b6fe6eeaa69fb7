import type { LanguageData } from './language-data.ts';

export const de = {
  id: 'de',
  name: 'German',
  functionWords:
    'der die das den dem des ein eine einer eines einem einen und oder aber doch in im an am auf bei mit von vom zu zum zur für aus nach über unter um durch dass daß als wie wenn weil ob ist sind war waren wird werden wurde wurden hat haben hatte sein ihr seine ihre ich er sie es wir nicht nur auch so sehr sich man noch kein keine mehr diese dieser dieses',
  referring:
    'er es sie ihr sein seine dies diese dieser dieses damit dadurch dabei dazu daher dann und aber oder denn doch jedoch außerdem',
  abbreviations: 'z.b d.h u.a bzw ca nr hr fr hrsg bd s vgl str',
  suspenders: 'und oder bzw bis',
  articles: 'der die das dem den des ein eine einen einem einer eines',
  salutations: 'liebe[rs]?|sehr geehrte[rs]?|hallo|guten (?:morgen|tag|abend)|moin',
  divisions: 'kapitel teil abschnitt anhang',
  figures: 'Abb(?:ildung|\\.)|Tab(?:elle|\\.)|Karte',
  pages: 'seite|s\\.',
  pagesOf: 'von',
  months: 'januar februar märz april mai juni juli august september oktober november dezember',
  quotes: { double: ['„', '“'], single: ['‚', '‘'] },
  hesitation: /(?:ähm?|öhm?|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: ['dict-de-de/de_DE.trie.gz'],
} as const satisfies LanguageData;
