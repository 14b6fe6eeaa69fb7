import type { LanguageData } from './language-data.ts';

export const uk = {
  id: 'uk',
  name: 'Ukrainian',
  functionWords:
    'і й та а але або чи в у на з із зі до від о об за по під над при про для без через між що щоб як коли де який яка яке які якого якщо ж же б би не ні він вона воно вони я ми ви ти його її їх їхній це цей ця ці той ті був була було були є вже тільки так також',
  referring: 'він вона воно вони це цей ця ці його її їх і й та а але або тому потім тоді також однак',
  abbreviations: 'т.д т.п ін проф стор рис табл',
  suspenders: 'і й та або чи',
  salutations: 'дорог(?:ий|а|і)|шановн(?:ий|а|і)|добр(?:ий день|ий вечір|ого ранку)|привіт|вітаю',
  divisions: 'глава розділ частина додаток книга том',
  figures: 'Рис(?:унок|\\.)|Табл(?:иця|\\.)|Карта|Фото',
  pages: 'сторінка|стор\\.|с\\.',
  pagesOf: 'з',
  quotes: { double: ['«', '»'], single: ['„', '“'] },
  hesitation: /(?<!\p{L})(?:е-?е+|м-?м+|хм+)(?!\p{L})/giu,
  enclitics: 'небудь',
  prefixes: 'казна хтозна будь',
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
