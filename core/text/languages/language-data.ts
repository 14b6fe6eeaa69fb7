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
  /** Words that follow a suspended hyphen: "pre- and post-war". */
  readonly suspenders: string;
  /** Those of the small words that belong to the next word and to nothing else: no line of a list ends in one. */
  readonly articles?: string;
  /** How a letter begins, before the name: alternatives of a regular expression without case. */
  readonly salutations?: string;
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
  /** Matches the sounds of hesitation, and phrases between commas that fill a pause. Global and without case. */
  readonly hesitation?: RegExp;
  readonly phrases?: RegExp;
  /** Words that hang on a verb or pronoun by a hyphen: "est-ce", "celui-ci". */
  readonly enclitics?: string;
  /** What is written before other words with a hyphen: "self-", "ex-". */
  readonly prefixes?: string;
  /** It writes compounds as one word, so that two words at a hyphen are no sign of one. */
  readonly closesCompounds?: boolean;
  /** Its characters are as wide as a Chinese sign: wide signs and spaces are its own. */
  readonly wide?: boolean;
  /**
   * The dictionaries that its word list is packed from: package and file among those of @cspell, the file as it is there. None
   * where no dictionary of a few hundred thousand forms is to be had; split words are decided by the text's own words then.
   */
  readonly dictionaries: readonly string[];
}
