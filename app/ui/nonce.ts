import { createContext, useContext } from 'react';

/** The nonce that scripts and styles of this page carry; undefined in the browser until it is read from the page. */
export const NonceContext = createContext<string | undefined>(undefined);

export function useNonce(): string | undefined {
  return useContext(NonceContext);
}

/** The nonce of the page that is loaded: scripts may read it from the property, not from the attribute. */
export function nonceOfPage(): string | undefined {
  return document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;
}
