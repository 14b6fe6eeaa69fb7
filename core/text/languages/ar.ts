import type { LanguageData } from './language-data.ts';

export const ar = {
  id: 'ar',
  name: 'Arabic',
  functionWords:
    'في من على إلى عن مع أن إن أو ثم ما لا لم لن هذا هذه ذلك تلك التي الذي الذين كان كانت قد كل بعد قبل بين عند حتى إذا هو هي هم كما لكن وفي ومن وعلى بل منذ أي غير',
  referring: 'هو هي هم هذا هذه ذلك تلك ثم لكن وهو وهي كما لذلك',
  abbreviations: '',
  suspenders: 'أو',
  salutations: 'عزيزي|عزيزتي|السيد|السيدة|السلام عليكم|مرحبا|تحية طيبة',
  closings: 'مع (?:خالص )?(?:تحياتي|التحية|الشكر)|تحياتي|وتفضلوا بقبول فائق الاحترام|المخلص(?:ة)?',
  bylines: 'بقلم',
  divisions: 'الفصل الجزء الباب الملحق',
  figures: 'الشكل|شكل|الجدول|جدول',
  pages: 'صفحة|ص',
  quotes: { double: ['«', '»'], single: ['“', '”'] },
  dictionaries: [],
} as const satisfies LanguageData;
