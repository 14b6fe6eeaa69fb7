/** All that the engine knows of a language by itself. Lists are words in small letters with spaces between. */
export interface LanguageData {
  /** Its tag (BCP 47); the word list of the language is named by it. */
  readonly id: string;
  readonly name: string;
  /** Words too small to end a sentence or a line of sense: articles, prepositions, conjunctions, auxiliaries. */
  readonly functionWords: string;
  /** Words at the beginning of a sentence that lean on the one before it. */
  readonly referring: string;
  /** Short forms that carry a stop without ending a sentence; without their stop. */
  readonly abbreviations: string;
  /** Words that follow a suspended hyphen: "pre- and post-war". */
  readonly suspenders: string;
  /** Quotation marks, opening and closing, with the spaces inside them. */
  readonly quotes: { readonly double: readonly [string, string]; readonly single: readonly [string, string] };
  /** Matches the sounds of hesitation, and phrases between commas that fill a pause. Global and without case. */
  readonly hesitation: RegExp;
  readonly phrases?: RegExp;
  /** Words that hang on a verb or pronoun by a hyphen: "est-ce", "celui-ci". */
  readonly enclitics?: string;
  /** It writes compounds as one word, so that two words at a hyphen are no sign of one. */
  readonly closesCompounds?: boolean;
  /** The dictionaries that its word list is packed from: package and file among those of @cspell. */
  readonly dictionaries: readonly string[];
}
