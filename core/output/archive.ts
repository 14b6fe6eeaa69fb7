import { strToU8, zipSync, type Zippable } from 'fflate';

/** A zip archive of texts, in this order; the first one of some formats must stand uncompressed. Always the same for the same texts. */
export function toArchive(files: readonly (readonly [name: string, text: string, isStored?: boolean])[]): Uint8Array {
  const zippable: Zippable = {};
  for (const [name, text, isStored] of files)
    zippable[name] = [strToU8(text), { level: isStored ? 0 : 6, mtime: EPOCH }];
  return zipSync(zippable);
}

/** The first moment that a zip archive can tell. */
const EPOCH = '1980-01-01T12:00:00';

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };

/** Text within XML: without the control characters that it cannot hold, in whole characters. */
export function escapeXml(text: string): string {
  // eslint-disable-next-line no-control-regex
  const allowed = text.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '');
  return allowed.replace(HALF_SIGN, '\ufffd').replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);
}

/** Half of a character of two units. */
const HALF_SIGN = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g;

export const XML_HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>\n';
