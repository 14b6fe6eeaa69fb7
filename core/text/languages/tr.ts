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
  subjects: 'konu',
  divisions: 'bölüm kısım ek kitap',
  figures: 'Şek(?:il|\\.)|Tablo|Çizelge|Harita|Resim',
  pages: 'sayfa|s\\.',
  months: 'ocak şubat mart nisan mayıs haziran temmuz ağustos eylül ekim kasım aralık',
  sounds: 'müzik alkış alkışlar gülüşmeler gülme güler öksürür sessizlik',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:ıı+|hm+)(?!\p{L})/giu,
  closesCompounds: true,
  page: {
    home: 'ana sayfa|anasayfa',
    rights: 'tüm hakları saklıdır|her hakkı saklıdır',
    marks: 'değiştir(?: \\| kaynağı değiştir)?|kaynak belirtilmeli',
    notes: 'not',
    contents: 'içindekiler|bu sayfada',
    skips: 'içeriğe geç|içeriğe atla|ana içeriğe geç|menüyü aç|menüyü kapat',
    buttons: `
      haberi paylaş|yazıyı paylaş|bağlantıyı kopyala|sayfayı yazdır|devamını oku|devamı için tıklayın|yorum yap|yorum yaz|başa dön
      yukarı çık|sepete ekle|tümünü kabul et|tümünü reddet|daha fazla bilgi|hemen başvur|bizi takip edin
    `,
    labels: `
      giriş yap|üye ol|çıkış yap|kayıt ol|hesabım|abone ol|en çok okunanlar|son haberler|son yazılar|ilgili haberler|ilgili yazılar
      benzer haberler|önceki yazı|sonraki yazı|önceki sayfa|sonraki sayfa|tümünü göster|daha fazla göster|hakkımızda|bize ulaşın
      gizlilik politikası|çerez politikası|kullanım koşulları|site haritası|kapat
    `,
    menu: 'menü|ara|arama|haberler|gündem|iletişim|yardım|mağaza|arşiv|türkçe',
    beside: 'daha fazla|ayrıca bakınız|yorumlar|sonraki|önceki|içindekiler|düzenle|etiketler',
    actions: 'paylaş|kaydet|yazdır|yanıtla|cevapla|dinle|beğen|reklam|takip et',
    sections:
      'dünya|siyaset|ekonomi|bilim|sağlık|seyahat|kitap|sinema|müzik|sanat|hava durumu|kültür|spor|eğitim|teknoloji',
    counted: 'yorum|dakikalık okuma|dk okuma|yanıt',
    offers: 'e-posta (?:adresiniz|hesabınız) yayımlanmayacak|bu sayfa en son ',
    calls: 'tümünü gör|sepet \\(\\d{1,3}\\)|e-posta adresiniz',
    filed: 'kategori(?:ler)?|etiketler',
    elsewhere: 'bunlar da ilginizi çekebilir|ayrıca okuyun',
    more: '(?:ilgili|benzer|diğer|son)(?: \\S+){1,4}|(?:önceki|sonraki): .{1,60}',
    cookies: 'kabul|kullan|onay',
  },
  dictionaries: ['dict-tr-tr/Turkish.trie.gz'],
} as const satisfies LanguageData;
