import type { LanguageData } from './language-data.ts';

export const he = {
  id: 'he',
  name: 'Hebrew',
  functionWords:
    'של את על עם אל מן כי אם או גם לא הוא היא הם הן זה זו זאת אשר אך אבל כל בין לפני אחרי עד מה מי היה היתה הייתה היו יש אין כמו רק עוד אני אנחנו אתה לו לה להם',
  referring: 'הוא היא הם הן זה זו זאת אך אבל גם לכן אז',
  abbreviations: '',
  suspenders: 'או',
  salutations: 'יקרה?|שלום(?: רב)?|לכבוד',
  closings: 'בברכה|בכבוד רב|שלך|שלכם|בידידות|באהבה',
  bylines: 'מאת',
  divisions: 'פרק חלק נספח ספר',
  figures: 'איור|טבלה|מפה',
  pages: 'עמוד|עמ׳',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  dictionaries: [],
} as const satisfies LanguageData;
