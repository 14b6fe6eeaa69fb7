import { expect, test } from '@jest/globals';
import { detectLanguage, isDivision, tellLanguages, wordsOf } from './language.ts';
import { LANGUAGES } from './languages/index.ts';
import type { LanguageData } from './languages/language-data.ts';
import { isAbbreviation, vocabularyOf } from './vocabulary.ts';

const ALL: readonly LanguageData[] = LANGUAGES;
const placeOf = (id: string) => LANGUAGES.findIndex((language) => language.id === id);

const SAID: readonly (readonly [text: string, language: string])[] = [
  ['The mill was built by the man who had the ferry, and it is still there.', 'en'],
  ['Die Mühle wurde von dem Mann gebaut, der die Fähre hatte, und sie ist noch da.', 'de'],
  ['Le moulin est dans le port, et la marée est pour nous avec les bateaux.', 'fr'],
  ['El molino está en el puerto y la marea es para los barcos que no se van.', 'es'],
  ['Il mulino è nel porto e la marea è per le barche che non sono ancora tornate.', 'it'],
  ['O moinho está no porto e a maré é para os barcos que não foram com o vento.', 'pt'],
  ['De molen staat in de haven en het tij is voor de boten die niet zijn uitgevaren.', 'nl'],
  ['Kvarnen står i hamnen och tidvattnet är för de båtar som inte har seglat ut.', 'sv'],
  ['Møllen står i havnen, og tidevandet er for de både, som ikke er sejlet ud af bugten.', 'da'],
  ['Møllen står i havnen, og tidevannet er for de båtene som ikke har seilt ut av bukta.', 'nb'],
  ['Młyn stoi w porcie i przypływ jest dla łodzi, które nie wypłynęły z zatoki.', 'pl'],
  ['Mlýn stojí v přístavu a příliv je pro lodě, které se už nevrátily z moře.', 'cs'],
  ['Мельница стоит в гавани, и прилив нужен для лодок, которые не вышли в море.', 'ru'],
  ['Млин стоїть у гавані, і приплив потрібен для човнів, які ще не вийшли в море.', 'uk'],
  ['Ο μύλος είναι στο λιμάνι και η παλίρροια είναι για τις βάρκες που δεν έφυγαν.', 'el'],
  ['Değirmen limanda ve bu gelgit denize çıkmamış olan tekneler için bir umut gibi.', 'tr'],
  ['الطاحونة في الميناء والمد من أجل القوارب التي لم تخرج إلى البحر بعد.', 'ar'],
  ['הטחנה עומדת בנמל וגם הגאות היא של הסירות אשר לא יצאו אל הים.', 'he'],
  ['चक्की बंदरगाह में है और ज्वार उन नावों के लिए है जो समुद्र में नहीं गई हैं।', 'hi'],
  ['潮の水車は忍耐だけを求める。', 'ja'],
  ['潮水磨坊只要求耐心，别无所求。', 'zh'],
  ['물레방아는 항구에 있고 밀물은 배를 기다린다.', 'ko'],
  ['Xyzzy plugh', 'other'],
  ['', 'other'],
];

test.each(SAID)('of %s', (text, language) => {
  expect(detectLanguage(text)).toBe(language);
});

test('each language has a bit of its own', () => {
  expect(LANGUAGES.length).toBeLessThanOrEqual(31);
});

test('a text in two languages is in both, wherever each stands', () => {
  const english = `${SAID[0]![0]} `.repeat(60);
  const swedish = `${SAID[7]![0]} `.repeat(60);
  const { main, all } = tellLanguages(english + english + swedish);
  expect(main).toBe('en');
  expect(LANGUAGES.filter((_, place) => all & (1 << place)).map(({ id }) => id)).toEqual(['en', 'sv']);
});

test('words count in the languages of a text alone', () => {
  const english = vocabularyOf(1 << placeOf('en'));
  const swedish = vocabularyOf(1 << placeOf('sv'));
  expect(['the', 'The', 'men', 'und', ''].map(english.isFunctionWord)).toEqual([true, true, false, false, false]);
  expect(['the', 'men', 'och'].map(swedish.isFunctionWord)).toEqual([false, true, true]);
  expect([english.isSuspender('of'), vocabularyOf(1 << placeOf('nl')).isSuspender('of')]).toEqual([false, true]);
  expect([english.isAbbreviation('hon'), swedish.isAbbreviation('hon')]).toEqual([true, false]);
  expect(vocabularyOf(0).isFunctionWord('och')).toBe(true);
});

test('each word of a list is written as words are compared: in small letters, once', () => {
  for (const { functionWords, referring, abbreviations, suspenders, articles, divisions, enclitics, prefixes } of ALL)
    for (const list of [
      functionWords,
      referring,
      abbreviations,
      suspenders,
      articles,
      divisions,
      enclitics,
      prefixes,
    ]) {
      const words = wordsOf(list);
      expect(words).toEqual([...new Set(words)].map((word) => word.toLowerCase().trim()));
      expect(words).not.toContain('');
    }
});

test('words for parts of a work', () => {
  expect(['Chapter', 'Kapitel', 'Глава', 'capitolo', 'Mill'].map(isDivision)).toEqual([true, true, true, true, false]);
  expect(['т.е', 'bijv', 'dott', 'mill'].map(isAbbreviation)).toEqual([true, true, true, false]);
});
