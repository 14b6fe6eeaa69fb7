import type { LanguageData } from './language-data.ts';

export const it = {
  id: 'it',
  name: 'Italian',
  functionWords:
    'il lo la i gli le un uno una di del dello della dei degli delle a al allo alla ai agli alle da dal dalla dai dalle in nel nello nella nei negli nelle con su sul sulla sui sulle per tra fra e ed o ma se che chi cui non come quando dove mentre perché è sono era erano essere ha hanno aveva ho si ci mi ti vi suo sua suoi sue loro questo questa questi queste quel quella quello più anche ogni l dell all nell un’',
  referring:
    'egli ella esso essa essi esse lui lei loro questo questa questi queste ciò suo sua e ed ma o però quindi allora così dunque infatti inoltre',
  abbreviations: 'sig sigg dott prof avv ecc pag pagg cfr spett gent sec vol',
  titles: 'sig. sigg. sig.ra dott. dott.ssa prof.',
  suspenders: 'e ed o',
  articles: 'il lo la gli le un uno una del dello della dei degli delle',
  elided:
    'l d c m t s v un gl dell all dall nell sull coll quell quest bell sant tutt quant cos com dov anch nient senz mezz',
  salutations: 'car[oaie]|gentil[ei]|egregi[oa]|spettabile|buon(?:giorno|asera)|ciao',
  closings: '(?:cordiali|distinti|cari) saluti|cordialmente|con (?:affetto|stima)|un abbraccio|su[oa]|tu[oa]|a presto',
  subjects: 'oggetto',
  bylines: '(?:testo )?di',
  divisions: 'capitolo parte sezione appendice libro',
  figures: 'Fig(?:ura|\\.)|Tab(?:ella|\\.)|Tavola|Carta',
  pages: 'pagina|pag\\.',
  pagesOf: 'di',
  months: 'gennaio febbraio marzo aprile maggio giugno luglio agosto settembre ottobre novembre dicembre',
  sounds: 'musica applausi risate risata ride sospira sospiro tossisce silenzio incomprensibile rumore singhiozza',
  quotes: { double: ['«', '»'], single: ['“', '”'] },
  hesitation: /\b(?:ehm+|mh+|hm+)\b/gi,
  closesCompounds: true,
  page: {
    home: 'home|pagina iniziale',
    rights: 'tutti i diritti riservati',
    marks: 'modifica(?: \\| modifica wikitesto)?|senza fonte|citazione necessaria|(?:chi|quando|dove|quale)\\?',
    notes: '[Nn]ota|N',
    contents: 'indice|sommario|in questa pagina',
    skips: 'vai al contenuto|salta al contenuto|apri menu|chiudi menu|apri il menu|salta al contenuto principale',
    buttons: `
      condividi su|condividi questo articolo|copia link|stampa questa pagina|leggi tutto|continua a leggere|lascia un commento
      torna su|torna all'inizio|aggiungi al carrello|accetta tutti|rifiuta tutti|accetta tutto|rifiuta tutto|scopri di più|dona ora
      iscriviti ora|prenota ora|candidati ora|seguici|seguici su|ascolta questo articolo
      vai alla ricetta|stampa la ricetta|stampa ricetta|ti è piaciuta questa ricetta?|hai provato questa ricetta?
      aggiungi ai preferiti|acquista ora|compra ora|scrivi una recensione|candidati a questo annuncio|salva annuncio
      segnala annuncio|segnala abuso|segnala messaggio|accetto|gestisci preferenze|carica altro|iscriviti alla newsletter
      rispondi citando|accedi per rispondere|questa pagina ti è stata utile?
    `,
    labels: `
      accedi|esci|registrati|iscriviti|abbonati|il mio account|più letti|i più letti|articoli recenti|articoli correlati
      potrebbe interessarti|potrebbe interessarti anche|ti potrebbe interessare|leggi anche|articolo precedente|articolo successivo
      pagina successiva|pagina precedente|in questa pagina|mostra tutto|vedi tutti|carica altri|chi siamo|contattaci|privacy policy
      cookie policy|informativa sulla privacy|impostazioni cookie|termini di servizio|note legali|mappa del sito
      chiudi
      newsletter|carrello|il mio carrello|offerte simili|prodotti simili|potrebbe piacerti anche|i clienti hanno acquistato anche
      torna ai risultati|torna all'elenco|argomento precedente|argomento successivo|condizioni d'uso|condizioni generali
    `,
    menu: 'menù|cerca|ricerca|notizie|contatti|aiuto|negozio|accessibilità|ricette|archivio|italiano',
    beside: 'altro|argomenti|temi|vedi anche|commenti|successivo|precedente|indice|modifica',
    actions: 'condividi|stampa|salva|rispondi|ascolta|mi piace|pubblicità|segui',
    sections: 'politica|economia|società|scienze|salute|viaggi|libri|cinema|musica|meteo|cultura|sport|esteri|cronaca',
    counted: 'min(?:uti)? di lettura|commenti|commento|risposte',
    offers: 'il tuo indirizzo e-?mail non sarà pubblicato|questa pagina è stata modificata',
    calls: 'la tua e-?mail|vedi tutti(?: \\S+){0,4}|carrello \\(\\d{1,3}\\)',
    filed: 'pubblicato in|archiviato in|categori[ae]|etichette',
    elsewhere: 'leggi anche|approfondisci',
    more: '(?:altri|ultim[ei]|articoli|più)(?: \\S+){1,4}|(?:potrebbe|ti potrebbe)(?: \\S+){1,5}|(?:precedente|successivo): .{1,60}',
    cookies: 'accett|utilizz',
  },
  dictionaries: [],
} as const satisfies LanguageData;
