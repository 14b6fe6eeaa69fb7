/** All that the engine knows of a language by itself. Lists are words in small letters with spaces between. */
export interface LanguageData {
  /** Its tag (BCP 47); the word list of the language is named by it. */
  readonly id: string;
  readonly name: string;
  /** A character of the script that alone tells the language, for those that write no small words apart. */
  readonly script?: RegExp;
  /** Words too small to end a sentence or a line of sense: articles, prepositions, conjunctions, auxiliaries. They also tell the language. */
  readonly functionWords: string;
  /** Words at the beginning of a sentence that lean on the one before it. */
  readonly referring: string;
  /** Short forms that carry a stop without ending a sentence; without their stop. */
  readonly abbreviations: string;
  /** What stands before a name and nothing else, in small letters, with its stop where it has one: "mrs.", "mme". */
  readonly titles?: string;
  /** Words that follow a suspended hyphen: "pre- and post-war". */
  readonly suspenders: string;
  /** Those of the small words that belong to the next word and to nothing else: no line of a list ends in one. */
  readonly articles?: string;
  /** Words that lose their last letter before a vowel, with an apostrophe and no space behind it: "l'eau"; without the apostrophe. */
  readonly elided?: string;
  /** How a letter begins, before the name: alternatives of a regular expression without case. */
  readonly salutations?: string;
  /** How a letter ends, on a line above the name: alternatives of a regular expression without case. */
  readonly closings?: string;
  /** What stands before the subject of a mail, and a colon: alternatives of a regular expression without case. */
  readonly subjects?: string;
  /** What stands before the names of those who wrote a text: alternatives of a regular expression without case. */
  readonly bylines?: string;
  /** Words before the numbers of the parts of a work: "chapter 4". */
  readonly divisions?: string;
  /** What stands before the number of a picture or table, as it is written there: alternatives of a regular expression. */
  readonly figures?: string;
  /** What stands before the number of a page: alternatives of a regular expression without case. */
  readonly pages?: string;
  /** What stands between the number of a page and that of all pages: "3 of 12". */
  readonly pagesOf?: string;
  /** The names of the months, in each form in which a date has them. */
  readonly months?: string;
  /** Quotation marks, opening and closing, with the spaces inside them. */
  readonly quotes: { readonly double: readonly [string, string]; readonly single: readonly [string, string] };
  /** What captions call sounds, in small letters. */
  readonly sounds?: string;
  /** Matches the sounds of hesitation, and phrases between commas that fill a pause. Global and without case. */
  readonly hesitation?: RegExp;
  readonly phrases?: RegExp;
  /** Words that hang on a verb or pronoun by a hyphen: "est-ce", "celui-ci". */
  readonly enclitics?: string;
  /** What is written before other words with a hyphen: "self-", "ex-". */
  readonly prefixes?: string;
  /** It writes nouns with a capital. */
  readonly capitalizesNouns?: boolean;
  /** It writes compounds as one word, so that two words at a hyphen are no sign of one. */
  readonly closesCompounds?: boolean;
  /** Its characters are as wide as a Chinese sign: wide signs and spaces are its own. */
  readonly wide?: boolean;
  /** What web pages have around a text. */
  readonly page?: PageWords;
  /**
   * The dictionaries that its word list is packed from: package and file among those of @cspell, the file as it is there. None
   * where no dictionary of a few hundred thousand forms is to be had; split words are decided by the text's own words then.
   */
  readonly dictionaries: readonly string[];
}

/**
 * What templates of web pages put around a text, in small letters: whole lines, or parts of lines between signs, with "|" or a line end
 * between; the later ones, from `counted` on, are alternatives of a regular expression without case.
 */
export interface PageWords {
  /** What leads to the first page of a site. */
  readonly home: string;
  /** What says that nobody may copy the page, with or without a year. */
  readonly rights: string;
  /** What readers left between square brackets: where the text may be changed, or lacks a source. Alternatives of an expression. */
  readonly marks?: string;
  /** What stands in such brackets before the number of a note: alternatives too. */
  readonly notes?: string;
  /** What stands above the list of a page's headings. */
  readonly contents: string;
  /** What leads past the menu of a site. */
  readonly skips?: string;
  /** Labels that no article has for a heading: buttons, and what says that an advert follows. */
  readonly buttons: string;
  /** Labels of menus, lists of links and forms. */
  readonly labels: string;
  /** Words of a site's menu that may as well be headings of an article. */
  readonly menu: string;
  /** Such words that stand beside the title of an article or under its text as well. */
  readonly beside: string;
  /** Words on buttons, hardly a heading. */
  readonly actions: string;
  /** The parts of a newspaper. */
  readonly sections?: string;
  /** What a page counts: "12 comments", "4 min read". */
  readonly counted: string;
  /** How lines begin that offer something, or say how the page was made or changed. */
  readonly offers?: string;
  /** Lines that call to act, in words that vary: "See all episodes", "Back to search results". */
  readonly calls?: string;
  /** What stands before the categories of an article and a colon. */
  readonly filed: string;
  /** What stands before a colon and the title of another article. */
  readonly elsewhere: string;
  /** Lines above links to other pages: "More on Gardens", "Related objects". */
  readonly more: string;
  /** What a line about cookies says besides. */
  readonly cookies?: string;
}
