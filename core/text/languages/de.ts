import type { LanguageData } from './language-data.ts';

export const de = {
  id: 'de',
  name: 'German',
  functionWords:
    'der die das den dem des ein eine einer eines einem einen und oder aber doch in im an am auf bei mit von vom zu zum zur für aus nach über unter um durch dass daß als wie wenn weil ob ist sind war waren wird werden wurde wurden hat haben hatte sein ihr seine ihre ich er sie es wir nicht nur auch so sehr sich man noch kein keine mehr diese dieser dieses',
  referring:
    'er es sie ihr sein seine dies diese dieser dieses damit dadurch dabei dazu daher dann und aber oder denn doch jedoch außerdem',
  abbreviations: 'z.b d.h u.a bzw ca nr hr fr hrsg bd s vgl str',
  titles: 'hr. hrn. fr. frl. dr. prof. herrn fräulein',
  suspenders: 'und oder bzw bis',
  articles: 'der die das dem den des ein eine einen einem einer eines seine seinen seinem seiner',
  salutations: 'liebe[rs]?|sehr geehrte[rs]?|hallo|guten (?:morgen|tag|abend)|moin',
  closings:
    '(?:mit )?(?:\\p{L}+e[nmr]? )*gr(?:ü|u)(?:ß|ss)(?:en?)?|hochachtungsvoll|herzlichst|alles liebe|ihre?|deine?|eure?',
  subjects: 'betreff',
  bylines: '(?:ein bericht )?von',
  divisions: 'kapitel teil abschnitt anhang',
  figures: 'Abb(?:ildung|\\.)|Tab(?:elle|\\.)|Karte',
  pages: 'seite|s\\.',
  pagesOf: 'von',
  months: 'januar februar märz april mai juni juli august september oktober november dezember',
  sounds:
    'musik applaus beifall gelächter lachen lacht seufzt seufzen hustet husten stille jubel unverständlich räuspern schluchzt',
  quotes: { double: ['„', '“'], single: ['‚', '‘'] },
  hesitation: /(?:ähm?|öhm?|\bhm+)/gi,
  capitalizesNouns: true,
  closesCompounds: true,
  page: {
    home: 'startseite',
    rights: 'alle rechte vorbehalten',
    marks: '[Bb]earbeiten(?: \\| Quelltext bearbeiten)?|Beleg fehlt|Belege fehlen',
    notes: 'Anm\\.',
    contents: 'inhalt|inhaltsverzeichnis|auf dieser seite',
    skips:
      'zum inhalt springen|direkt zum inhalt|zur navigation springen|zur suche springen|zum hauptinhalt springen|menü öffnen|menü schließen|menü anzeigen|navigation öffnen',
    buttons: `
      war dieser artikel hilfreich?|war diese seite hilfreich?|artikel teilen|link kopieren|seite drucken|weiterlesen|mehr lesen
      kommentar schreiben|nach oben|alle akzeptieren|alle ablehnen|mehr erfahren|jetzt spenden|jetzt anmelden|jetzt bewerben
      jetzt buchen|folgen sie uns|artikel merken|artikel vorlesen|nur notwendige cookies|in den warenkorb|in den einkaufswagen
      auf den merkzettel
      zum rezept|rezept drucken|hat dir dieses rezept geschmeckt?|zu den favoriten|jetzt kaufen|bewertung schreiben|stelle melden
      stelle merken|anzeige melden|beitrag melden|missbrauch melden|ich stimme zu|auswahl bestätigen|einstellungen verwalten
      mehr laden|mit zitat antworten|einloggen, um zu antworten|newsletter abonnieren|zum newsletter anmelden
    `,
    labels: `
      meistgelesen|auch interessant|weitere artikel|kunden kauften auch|wird oft zusammen gekauft|das könnte ihnen auch gefallen
      ähnliche stellen|ähnliche artikel|neueste beiträge|vorheriger beitrag|nächster beitrag|startseite|inhaltsverzeichnis|hauptmenü
      schnellsuche|anmelden|abmelden|registrieren|abonnieren|alle anzeigen|verwandte artikel
      das könnte sie auch interessieren|vorheriges thema|nächstes thema|vorherige seite|nächste seite|auf dieser seite|diese seite
      quellcode anzeigen|quelltext bearbeiten|herunterladen|cookie-einstellungen|datenschutzerklärung|agb|nutzungsbedingungen
      schließen
      newsletter|mein konto|mein warenkorb|ähnliche produkte|das könnte dir auch gefallen|das könnte dich auch interessieren
      zurück zur übersicht|zurück zu den ergebnissen|kundenbewertungen|allgemeine geschäftsbedingungen
    `,
    menu: 'menü|suche|nachrichten|über uns|kontakt|hilfe|datenschutz|impressum|barrierefreiheit|deutsch',
    beside: 'mehr|themen|schlagworte|siehe auch|kommentare|weiter|zurück|inhalt|mailen|werbung|bearbeiten',
    actions: 'teilen|antworten|anzeige|gefällt mir|drucken|merken|speichern|vorlesen',
    sections: 'politik|wirtschaft|wissen|gesellschaft|reise|bücher|musik|kunst|wetter|meinung|panorama|regional',
    counted: 'min\\.? lesezeit|kommentare?|antworten',
    offers:
      'deine e-mail-adresse wird nicht veröffentlicht|diese seite wurde zuletzt |mit freundlicher unterstützung von',
    calls: 'ihre e-mail(?:-adresse)?|alle \\S+ anzeigen|lesezeit:? \\d{1,3} min(?:uten)?|warenkorb \\(\\d{1,3}\\)',
    filed: 'veröffentlicht unter|verschlagwortet mit|kategorien?|schlagwörter',
    elsewhere: 'lesen sie auch|mehr zum thema',
    more: 'mehr zum thema|(?:mehr (?:zum|zu|aus|von)|weitere|ähnliche|verwandte|aktuelle|neueste)(?: \\S+){1,4}|das könnte(?: \\S+){1,5}|(?:zurück|weiter): .{1,60}',
    cookies: 'akzeptieren|zustimm|verwenden',
  },
  dictionaries: ['dict-de-de/de_DE.trie.gz'],
} as const satisfies LanguageData;
