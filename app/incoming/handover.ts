import type { NewText } from '../../storage/pieces.ts';
import type { StorageProblem } from '../../storage/errors.ts';
import { newId } from '../../storage/new-id.ts';

/** What came of a text, or of another wish to the desk. */
export type Taken =
  | { readonly ok: true; readonly created?: string }
  | {
      readonly ok: false;
      readonly problem: StorageProblem;
      /** The address that tries the same again. */
      readonly again: string;
    };

/**
 * Texts on their way from the desk to its action. A text of millions of characters in the body of a request is copied several
 * times on the page's own thread; handed over by a key it is not copied at all. It stays here until it is stored, so that what
 * could not be stored can be tried again.
 */
const texts = new Map<string, NewText>();

/** Keeps a text until it is released; gives its key. */
export function handOver(text: NewText): string {
  const key = newId();
  texts.set(key, text);
  return key;
}

/** The text of a key. Throws RangeError for one that was never handed over, or was released. */
export function textOf(key: string): NewText {
  const text = texts.get(key);
  if (text === undefined) throw new RangeError(`no text was handed over under ${key}`);
  return text;
}

/** The text is stored, or no longer wanted. */
export function release(key: string): void {
  texts.delete(key);
}
