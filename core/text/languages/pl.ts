import type { LanguageData } from './language-data.ts';

export const pl = {
  id: 'pl',
  name: 'Polish',
  functionWords:
    'i a oraz lub albo ale lecz bo że żeby aby czy jak gdy kiedy który która które których którego w we na z ze do od po za przed przy pod nad przez dla bez między o u jest są był była było byli być ma nie się to ten ta te tego tej jego jej ich swój już tylko także jako więc',
  referring: 'on ona ono oni one to ten ta te jego jej ich i a ale lecz więc zatem jednak dlatego potem wtedy także',
  abbreviations: 'np tzn itd itp tj godz ul prof inż zob',
  suspenders: 'i oraz lub albo a',
  salutations: 'drog(?:i|a|ie|ą)|szanown(?:y|a|i|e)|dzień dobry|cześć|witam|witaj(?:cie)?',
  closings:
    'z (?:poważaniem|wyrazami szacunku|pozdrowieniami)|pozdrawiam|serdecznie(?: pozdrawiam)?|serdeczne pozdrowienia',
  subjects: 'temat',
  divisions: 'rozdział część dodatek księga',
  figures: 'Rys(?:unek|\\.)|Ryc\\.|Tab(?:ela|\\.)|Mapa|Zdjęcie',
  pages: 'strona|str\\.',
  pagesOf: 'z',
  months:
    'styczeń stycznia luty lutego marzec marca kwiecień kwietnia maj maja czerwiec czerwca lipiec lipca sierpień sierpnia wrzesień września październik października listopad listopada grudzień grudnia',
  sounds: 'muzyka brawa oklaski śmiech śmieje wzdycha kaszle cisza niesłyszalne',
  quotes: { double: ['„', '”'], single: ['‚', '’'] },
  hesitation: /(?:\by{2,}|\be{3,}|\bhm+)/gi,
  closesCompounds: true,
  page: {
    home: 'strona główna',
    rights: 'wszelkie prawa zastrzeżone',
    marks: 'edytuj(?: \\| edytuj kod)?|potrzebny przypis',
    notes: 'uwaga',
    contents: 'spis treści|na tej stronie',
    skips: 'przejdź do treści|przejdź do głównej treści|otwórz menu|zamknij menu',
    buttons: `
      udostępnij artykuł|kopiuj link|drukuj stronę|czytaj więcej|czytaj dalej|dodaj komentarz|skomentuj|do góry|dodaj do koszyka
      akceptuj wszystkie|akceptuję|odrzuć wszystkie|dowiedz się więcej|zarezerwuj teraz|aplikuj teraz|obserwuj nas|wspieraj nas
    `,
    labels: `
      zaloguj się|wyloguj się|zarejestruj się|załóż konto|subskrybuj|prenumerata|moje konto|najczęściej czytane|najnowsze
      ostatnie wpisy|powiązane artykuły|zobacz także|czytaj także|poprzedni wpis|następny wpis|poprzednia strona|następna strona
      na tej stronie|pokaż wszystko|pokaż więcej|o nas|napisz do nas|polityka prywatności|polityka cookies|regulamin|mapa strony
      zamknij
    `,
    menu: 'szukaj|wyszukaj|aktualności|wiadomości|kontakt|pomoc|sklep|dostępność|archiwum|polski',
    beside: 'więcej|zobacz też|komentarze|następny|poprzedni|edytuj',
    actions: 'udostępnij|zapisz|drukuj|odpowiedz|posłuchaj|lubię to|reklama|obserwuj',
    sections: 'kraj|świat|polityka|gospodarka|nauka|zdrowie|podróże|książki|film|muzyka|pogoda|kultura|sport',
    counted: 'min(?:ut)? czytania|komentarzy|komentarze|komentarz|odpowiedzi',
    offers: 'twój adres e-?mail nie zostanie opublikowany|tę stronę ostatnio edytowano',
    calls: 'twój e-?mail|zobacz wszystkie(?: \\S+){0,4}|koszyk \\(\\d{1,3}\\)',
    filed: 'opublikowano w|kategori[ae]|tagi',
    elsewhere: 'czytaj także|zobacz także|czytaj też',
    more: '(?:więcej (?:o|z|na)|inne|ostatnie|powiązane|podobne)(?: \\S+){1,4}|może (?:cię|ci)(?: \\S+){1,5}|(?:poprzedni|następny): .{1,60}',
    cookies: 'akcept|zgad|używ',
  },
  dictionaries: [],
} as const satisfies LanguageData;
