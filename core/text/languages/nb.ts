import type { LanguageData } from './language-data.ts';

export const nb = {
  id: 'nb',
  name: 'Norwegian',
  functionWords:
    'en ei et den det de og eller men at som i på av for fra med til om ved hos over under mellom gjennom uten mot etter er var være har hadde blir ble ikke han hun vi jeg du seg sin sitt sine hans hennes deres min din når da hvor så enn også kan skulle skal ville dette denne disse',
  referring: 'han hun den det de dette denne disse hans hennes deres sin og men eller så da derfor dessuten siden',
  abbreviations: 'f.eks bl.a d.v.s dvs osv m.m m.fl mht pga nr resp',
  suspenders: 'og eller',
  articles: 'en ei et',
  salutations: 'kjære|hei|god(?:morgen|dag|kveld)',
  divisions: 'kapittel vedlegg bok',
  figures: 'Fig(?:ur|\\.)|Tab(?:ell|\\.)|Bilde|Kart',
  pages: 'side|s\\.',
  pagesOf: 'av',
  months: 'januar februar mars april mai juni juli august september oktober november desember',
  quotes: { double: ['«', '»'], single: ['‘', '’'] },
  hesitation: /(?:\beh+m?|\behm*|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
