import type { LanguageData } from './language-data.ts';

export const tr = {
  id: 'tr',
  name: 'Turkish',
  functionWords:
    've veya ya da de ki ile için gibi kadar göre bir bu şu o her çok daha en ama fakat ancak çünkü eğer ise mi mı mu mü ne değil var yok olan olarak sonra önce diye ben sen biz siz onlar onun onu ona bunu buna',
  referring: 'o bu şu onlar bunlar onun bunun ve ama fakat ancak çünkü sonra böylece ayrıca',
  abbreviations: 'vb vs bkz örn sn doç prof cad sok mah',
  suspenders: 've veya ya',
  salutations: 'sayın|sevgili|değerli|merhaba|selam|günaydın|iyi (?:günler|akşamlar)',
  closings: 'saygıları(?:mla|mızla)|saygılar|sevgiler(?:imle)?|selamlar|hürmetlerimle',
  divisions: 'bölüm kısım ek kitap',
  figures: 'Şek(?:il|\\.)|Tablo|Çizelge|Harita|Resim',
  pages: 'sayfa|s\\.',
  months: 'ocak şubat mart nisan mayıs haziran temmuz ağustos eylül ekim kasım aralık',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:ıı+|hm+)(?!\p{L})/giu,
  closesCompounds: true,
  dictionaries: ['dict-tr-tr/Turkish.trie.gz'],
} as const satisfies LanguageData;
