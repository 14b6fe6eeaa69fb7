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
  divisions: 'kapitel bilag bog',
  figures: 'Fig(?:ur|\\.)|Tab(?:el|\\.)|Billede|Kort',
  pages: 'side|s\\.',
  pagesOf: 'af',
  months: 'januar februar marts april maj juni juli august september oktober november december',
  quotes: { double: ['»', '«'], single: ['›', '‹'] },
  hesitation: /(?:\bøh+m?|\behm*|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
