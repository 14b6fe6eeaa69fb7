import type { LanguageData } from './language-data.ts';

export const cs = {
  id: 'cs',
  name: 'Czech',
  functionWords:
    'a i nebo či ale však že aby když jak kde který která které kteří kterého v ve na z ze do od po za před při pod nad přes pro bez mezi o u k ke s se si je jsou byl byla bylo byli být má není to ten ta ty toho jeho její jejich svůj už jen také jako než by jsem',
  referring: 'on ona ono oni ony to ten ta ty jeho její jejich a ale však proto tedy pak potom také',
  abbreviations: 'např tj atd apod tzv tzn resp mj ing',
  suspenders: 'a nebo či i',
  salutations: 'mil(?:ý|á|í)|vážen(?:ý|á|í)|drah(?:ý|á|í)|dobrý (?:den|večer)|ahoj',
  closings: 's (?:pozdravem|úctou|láskou)|se srdečným pozdravem|srdečně|zdraví',
  divisions: 'kapitola část příloha kniha oddíl',
  figures: 'Obr(?:ázek|\\.)|Tab(?:ulka|\\.)|Mapa',
  pages: 'strana|str\\.',
  pagesOf: 'z',
  months:
    'leden ledna únor února březen března duben dubna květen května červen června červenec července srpen srpna září říjen října listopad listopadu prosinec prosince',
  quotes: { double: ['„', '“'], single: ['‚', '‘'] },
  hesitation: /(?:\behm+|\bhm+)/gi,
  closesCompounds: true,
  dictionaries: [],
} as const satisfies LanguageData;
