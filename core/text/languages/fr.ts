import type { LanguageData } from './language-data.ts';

export const fr = {
  id: 'fr',
  name: 'French',
  functionWords:
    'le la les un une des du de d l et ou mais donc or ni car à au aux en dans sur sous par pour avec sans vers chez entre que qui dont où quand si comme ce cet cette ces son sa ses leur leurs mon ma mes notre votre est sont était être a ont avait ne pas plus très il elle ils elles on nous vous je se',
  referring:
    'il elle ils elles ce cet cette ces cela ceci celui celle ceux leur leurs son sa ses et mais ou donc puis ainsi alors',
  abbreviations: 'mme mlle m mm av env',
  titles: 'mme mmes mlle mlles mgr mm. m. dr',
  suspenders: 'et ou',
  articles: 'le la les un une des du',
  elided: 'l d j m t s c n qu jusqu lorsqu puisqu quoiqu quelqu presqu',
  salutations: 'ch(?:er|ère|ers|ères)|bonjour|salut|madame|monsieur',
  closings:
    '(?:bien )?(?:cordialement|amicalement|respectueusement|sincèrement|affectueusement)|(?:bien )?à (?:vous|toi)|avec (?:mes|toute mon|tous mes) [^\\s,]+|salutations|votre dévouée?|bises',
  subjects: 'objet|sujet',
  bylines: '(?:texte )?par',
  divisions: 'chapitre partie annexe livre',
  figures: 'Fig(?:ure|\\.)|Tab(?:leau|\\.)|Carte|Illustration',
  pages: 'page|p\\.',
  pagesOf: 'sur',
  months: 'janvier février mars avril mai juin juillet août septembre octobre novembre décembre',
  sounds: 'musique applaudissements rires rire rit soupire soupir tousse silence inaudible acclamations bruit sanglots',
  quotes: { double: ['« ', ' »'], single: ['‹ ', ' ›'] },
  hesitation: /\b(?:euh+|hm+)\b/gi,
  enclitics: 'ce il elle on je tu nous vous ils elles moi toi lui leur ci là même mêmes',
  prefixes: 'ex non quasi vice pseudo',
  page: {
    home: 'accueil',
    rights: 'tous droits réservés',
    marks:
      'modifier(?: \\| modifier le (?:wiki)?code)?|réf\\. (?:nécessaire|souhaitée|incomplète)|précision nécessaire|source insuffisante|(?:qui|quand|où|pourquoi|lequel|laquelle) ?\\?',
    notes: '[Nn]ote',
    contents: 'sommaire|table des matières|sur cette page',
    skips:
      'aller au contenu|aller au menu|aller à la navigation|aller à la recherche|ouvrir le menu|fermer le menu|aller au contenu principal',
    buttons: `
      cet article vous a-t-il été utile ?|partager cet article|copier le lien|imprimer cette page|lire la suite|laisser un commentaire
      haut de page|ajouter au panier|faire un don|tout accepter|tout refuser|gérer mes choix|continuer sans accepter
      postuler maintenant|réserver maintenant|suivez-nous|écouter cet article
      aller à la recette|voir la recette|imprimer la recette|avez-vous réalisé cette recette ?|ajouter aux favoris
      ajouter à la liste|acheter maintenant|donner un avis|laisser un avis|postuler à cette offre|sauvegarder cette offre
      signaler cette offre|signaler un abus|signaler ce message|s'inscrire à la newsletter|inscrivez-vous à la newsletter
      j'accepte|je refuse|personnaliser mes choix|cette page vous a-t-elle été utile ?|voir les commentaires|charger plus
      retour en haut|répondre en citant|connectez-vous pour répondre
    `,
    labels: `
      les plus lus|articles récents|article précédent|article suivant|offres similaires|recherche rapide|rechercher|se connecter
      déconnexion|s'inscrire|s'abonner|qui sommes-nous|contactez-nous|imprimer|enregistrer|lire plus|en savoir plus|voir plus
      articles liés|à lire aussi|sur le même sujet|sujet suivant|sujet précédent|page suivante|page précédente|table des matières
      sur cette page|cette page|montrer le code source|montrer la source|modifier le code|télécharger|paramètres des cookies
      gérer les cookies|politique de confidentialité|mentions légales|conditions d'utilisation|plan du site
      fermer
      newsletter|inscription à la newsletter|mon compte|mon panier|déjà abonné ? connectez-vous|offres d'emploi similaires
      produits similaires|vous aimerez aussi|les clients ont aussi acheté|retour aux résultats|retour à la liste|nous contacter
      nos partenaires|conditions générales|conditions générales de vente
    `,
    menu: 'recherche|connexion|actualités|à propos|aide|confidentialité|accessibilité|abonnement|français',
    beside: 'voir aussi|thèmes|mots-clés|commentaires|suivant|précédent|sommaire|modifier',
    actions: "partager|répondre|publicité|j'aime",
    sections: 'politique|économie|société|sciences|santé|voyage|livres|cinéma|musique|météo',
    counted: 'min de lecture|commentaires?|réponses?',
    offers: 'votre adresse e-mail ne sera pas publiée|cette page a été modifiée |propulsé par',
    calls:
      'votre (?:e-mail|adresse e-mail)|tous les articles|temps de lecture ?:? \\d{1,3} min(?:utes)?|panier \\(\\d{1,3}\\)',
    filed: 'publié dans|catégories?|étiquettes?',
    elsewhere: 'lire aussi|à lire aussi',
    more: '(?:plus sur|autres|derniers|dernières|articles)(?: \\S+){1,4}|cela pourrait(?: \\S+){1,5}|(?:précédent|suivant) ?: .{1,60}',
    cookies: 'accepte|utilis',
  },
  dictionaries: ['dict-fr-fr/fr-fr.trie.gz'],
} as const satisfies LanguageData;
