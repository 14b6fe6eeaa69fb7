/** The source of an expression for a web address, brackets in pairs included; without the stop of the sentence it may end with one. */
export const WEB_ADDRESS = String.raw`(?:https?:\/\/|www\.)[^\s<>()\[\]]+(?:\([^\s<>()]*\)[^\s<>()\[\]]*)*`;

const BEGINNING = /https?:|www\./i;

/** Cheap: whether a text may hold a web address at all. */
export function mayHoldAddress(text: string): boolean {
  return BEGINNING.test(text);
}
