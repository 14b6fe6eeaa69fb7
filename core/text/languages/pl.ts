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
  divisions: 'rozdział część dodatek księga',
  figures: 'Rys(?:unek|\\.)|Ryc\\.|Tab(?:ela|\\.)|Mapa|Zdjęcie',
  pages: 'strona|str\\.',
  pagesOf: 'z',
  months:
    'styczeń stycznia luty lutego marzec marca kwiecień kwietnia maj maja czerwiec czerwca lipiec lipca sierpień sierpnia wrzesień września październik października listopad listopada grudzień grudnia',
  quotes: { double: ['„', '”'], single: ['‚', '’'] },
  hesitation: /(?:\by{2,}|\be{3,}|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
