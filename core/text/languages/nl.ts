import type { LanguageData } from './language-data.ts';

export const nl = {
  id: 'nl',
  name: 'Dutch',
  functionWords:
    'de het een en of maar want dus in op aan bij met van voor naar uit over onder tegen door tot om te dat die als wanneer omdat terwijl is zijn was waren wordt werd werden heeft hebben had hun haar mijn ons onze ik hij zij ze wij we jij u niet geen ook nog zo dan er deze dit tussen zonder',
  referring: 'hij zij ze het dit dat deze die zijn haar hun en maar of dus want toch daarom daarna dan ook',
  abbreviations: 'dhr mevr bijv enz d.w.z o.a m.b.t t.a.v z.o.z blz jl nr',
  titles: 'dhr. mevr. mw. drs. ir.',
  suspenders: 'en of',
  articles: 'de het een',
  salutations: 'beste|geachte|lieve|hallo|hoi|dag|goede(?:morgen|middag|navond)',
  closings: '(?:met )?(?:vriendelijke|hartelijke) groet(?:en)?|hoogachtend|groetjes|groeten|liefs|uw|je',
  subjects: 'onderwerp',
  bylines: 'door',
  divisions: 'hoofdstuk deel bijlage paragraaf boek',
  figures: 'Fig(?:uur|\\.)|Afb(?:eelding|\\.)|Tabel|Kaart',
  pages: 'pagina|blz\\.|p\\.',
  pagesOf: 'van',
  months: 'januari februari maart april mei juni juli augustus september oktober november december',
  sounds: 'muziek applaus gelach lacht zucht zuchten hoest stilte onverstaanbaar gejuich',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:ehm*|uhm*|hm+)\b/gi,
  closesCompounds: true,
  page: {
    home: 'home|voorpagina',
    rights: 'alle rechten voorbehouden',
    marks: 'bewerken(?: \\| brontekst bewerken)?|bron\\?',
    notes: 'noot',
    contents: 'inhoud|inhoudsopgave|op deze pagina',
    skips: 'ga naar de inhoud|ga naar inhoud|naar de inhoud|direct naar de inhoud|menu openen|menu sluiten',
    buttons: `
      deel dit artikel|kopieer link|print deze pagina|lees verder|lees meer|laat een reactie achter|geef een reactie|terug naar boven
      in winkelwagen|in winkelmandje|alles accepteren|alles weigeren|meer informatie|doneer nu|meld je aan|boek nu|solliciteer nu
      volg ons|luister naar dit artikel
      naar het recept|recept afdrukken|print recept|heb je dit recept gemaakt?|voeg toe aan favorieten|koop nu|bestel nu
      schrijf een recensie|vacature opslaan|vacature melden|meld misbruik|rapporteer bericht|ik ga akkoord|voorkeuren beheren
      was deze pagina nuttig?|log in om te reageren|inloggen om te reageren|citeer|citeren|aanmelden voor de nieuwsbrief
      meld je aan voor de nieuwsbrief
    `,
    labels: `
      inloggen|uitloggen|registreren|aanmelden|abonneren|word abonnee|mijn account|meest gelezen|laatste nieuws|recente berichten
      gerelateerde artikelen|lees ook|misschien ook interessant|vorig bericht|volgend bericht|vorige pagina|volgende pagina
      op deze pagina|toon alles|bekijk alles|meer laden|over ons|privacybeleid|privacyverklaring|cookiebeleid|cookie-instellingen
      algemene voorwaarden|disclaimer|sitemap|sluiten
      nieuwsbrief|mijn winkelwagen|vergelijkbare vacatures|vergelijkbare producten|klanten kochten ook
      dit vind je misschien ook leuk|terug naar resultaten|terug naar overzicht|vorig onderwerp|volgend onderwerp
      gebruiksvoorwaarden
    `,
    menu: 'zoeken|nieuws|hulp|winkel|toegankelijkheid|archief|veelgestelde vragen|nederlands',
    beside: 'meer|onderwerpen|zie ook|reacties|volgende|vorige|inhoud|bewerken',
    actions: 'delen|opslaan|printen|afdrukken|reageer|beantwoorden|luister|vind ik leuk|advertentie|volgen',
    sections: `
      binnenland|buitenland|politiek|economie|wetenschap|gezondheid|reizen|boeken|muziek|kunst|weer|cultuur|sport|regio
    `,
    counted: 'min(?:uten)? leestijd|reacties|reactie|antwoorden',
    offers: 'je e-mailadres wordt niet gepubliceerd|deze pagina is voor het laatst bewerkt',
    calls:
      '(?:je|uw) e-mail(?:adres)?|bekijk alle(?: \\S+){0,4}|leestijd:? \\d{1,3} min(?:uten)?|winkelwagen \\(\\d{1,3}\\)',
    filed: 'geplaatst in|categorie(?:ën)?|trefwoorden',
    elsewhere: 'lees ook|meer over dit onderwerp',
    more: 'lees ook|(?:meer (?:over|uit|van)|andere|laatste|gerelateerde)(?: \\S+){1,4}|(?:dit vind|misschien)(?: \\S+){1,5}|(?:vorige|volgende): .{1,60}',
    cookies: 'accept|akkoord|gebruik',
  },
  dictionaries: ['dict-nl-nl/Dutch.trie.gz'],
} as const satisfies LanguageData;
