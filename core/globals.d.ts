/** The one piece of the web platform that the core uses, in browsers and in Node alike. */
declare class TextDecoder {
  constructor(label?: string, options?: { fatal?: boolean; ignoreBOM?: boolean });
  decode(input: Uint8Array): string;
}
