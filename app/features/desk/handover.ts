/**
 * Texts on their way from the desk to its action. A text of millions of characters in the body of a request is copied several
 * times on the page's own thread; handed over by a key it is not copied at all.
 */
const texts = new Map<string, string>();

/** Keeps a text until the action fetches it; gives its key. */
export function handOver(text: string): string {
  const key = crypto.randomUUID();
  texts.set(key, text);
  return key;
}

/** The text of a key, once. */
export function takeOver(key: string): string {
  const text = texts.get(key);
  if (text === undefined) throw new RangeError(`no text was handed over under ${key}`);
  texts.delete(key);
  return text;
}
