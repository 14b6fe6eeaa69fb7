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
  subjects: 'předmět',
  divisions: 'kapitola část příloha kniha oddíl',
  figures: 'Obr(?:ázek|\\.)|Tab(?:ulka|\\.)|Mapa',
  pages: 'strana|str\\.',
  pagesOf: 'z',
  months:
    'leden ledna únor února březen března duben dubna květen května červen června červenec července srpen srpna září říjen října listopad listopadu prosinec prosince',
  sounds: 'hudba potlesk smích směje vzdychá kašle ticho nesrozumitelné',
  quotes: { double: ['„', '“'], single: ['‚', '‘'] },
  hesitation: /(?:\behm+|\bhm+)/gi,
  closesCompounds: true,
  page: {
    home: 'domů|úvod|úvodní stránka',
    rights: 'všechna práva vyhrazena',
    marks: 'editovat(?: \\| editovat zdroj)?|zdroj\\?',
    notes: 'pozn\\.',
    contents: 'obsah|na této stránce',
    skips: 'přeskočit na obsah|přejít k obsahu|přejít na hlavní obsah|otevřít menu|zavřít menu',
    buttons: `
      sdílet článek|kopírovat odkaz|vytisknout stránku|číst dál|číst více|pokračovat ve čtení|přidat komentář|nahoru|zpět nahoru
      vložit do košíku|přidat do košíku|přijmout vše|odmítnout vše|zjistit více|objednat nyní|sledujte nás
    `,
    labels: `
      přihlásit se|odhlásit se|registrovat se|registrace|odebírat|můj účet|nejčtenější|nejnovější|poslední články|související články
      mohlo by vás zajímat|předchozí článek|další článek|předchozí stránka|další stránka|na této stránce|zobrazit vše|zobrazit více
      o nás|napište nám|ochrana osobních údajů|zásady cookies|podmínky použití|mapa stránek|mapa webu|zavřít
    `,
    menu: 'menu|hledat|vyhledávání|zprávy|aktuality|kontakt|kontakty|nápověda|obchod|archiv|čeština',
    beside: 'více|viz též|viz také|komentáře|další|předchozí|upravit|štítky',
    actions: 'sdílet|uložit|tisk|vytisknout|odpovědět|poslouchat|líbí se|reklama|sledovat',
    sections: 'domácí|svět|politika|ekonomika|věda|zdraví|cestování|knihy|film|hudba|počasí|kultura|sport|názory',
    counted: 'min(?:ut)? čtení|komentář(?:e|ů)?|odpověd(?:i|í)',
    offers: 'vaše e-mailová adresa nebude zveřejněna|stránka byla naposledy ',
    calls: 'váš e-mail|zobrazit všechny(?: \\S+){0,4}|košík \\(\\d{1,3}\\)',
    filed: 'rubriky?|kategorie|štítky|publikováno v',
    elsewhere: 'čtěte také|přečtěte si také',
    more: 'čtěte také|(?:více (?:o|z)|další|související|podobné)(?: \\S+){1,4}|mohlo by(?: \\S+){1,5}',
    cookies: 'souhlas|použív|přijm',
  },
  dictionaries: [],
} as const satisfies LanguageData;
