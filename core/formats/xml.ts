import { Parser } from 'htmlparser2';

export type XmlAttributes = Readonly<Record<string, string | undefined>>;

export interface XmlHandler {
  /** `name` is without its prefix. Saying 'skip' passes over the element and all in it: it is not told closed either. */
  open(name: string, attributes: XmlAttributes): 'skip' | void;
  close?(name: string): void;
  text?(text: string): void;
}

/**
 * Walks through XML in document order. Entities that a document declares itself are not followed, so none can grow or reach for
 * a file. XML that breaks off is walked through as far as it goes.
 */
export function walkXml(source: string, handler: XmlHandler): void {
  let skipped = 0;
  const parser = new Parser(
    {
      onopentag: (tag, attributes) => {
        if (skipped > 0) skipped++;
        else if (handler.open(withoutPrefix(tag), attributes) === 'skip') skipped = 1;
      },
      ontext: (text) => {
        if (skipped === 0) handler.text?.(text);
      },
      onclosetag: (tag) => {
        if (skipped > 0) skipped--;
        else handler.close?.(withoutPrefix(tag));
      },
    },
    { xmlMode: true, decodeEntities: true },
  );
  parser.write(source);
  parser.end();
}

function withoutPrefix(name: string): string {
  const colon = name.indexOf(':');
  return colon < 0 ? name : name.slice(colon + 1);
}

/** An attribute by its name without prefix. */
export function attribute(attributes: XmlAttributes, name: string): string | undefined {
  if (attributes[name] !== undefined) return attributes[name];
  for (const [key, value] of Object.entries(attributes)) if (key.endsWith(`:${name}`)) return value;
  return undefined;
}
