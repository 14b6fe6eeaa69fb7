/** Encodings that texts are still found in, as the Encoding Standard names them, with what people call them. */
const ENCODINGS: Readonly<Record<string, string>> = {
  'utf-8': 'Unicode (UTF-8)',
  'utf-16le': 'Unicode (UTF-16)',
  'windows-1252': 'Western',
  'windows-1250': 'Central European',
  'iso-8859-2': 'Central European (ISO)',
  'windows-1251': 'Cyrillic',
  'koi8-r': 'Cyrillic (KOI8-R)',
  'windows-1253': 'Greek',
  'windows-1254': 'Turkish',
  'windows-1255': 'Hebrew',
  'windows-1256': 'Arabic',
  'windows-1257': 'Baltic',
  shift_jis: 'Japanese (Shift JIS)',
  'euc-jp': 'Japanese (EUC)',
  gb18030: 'Chinese (GB 18030)',
  big5: 'Chinese (Big5)',
  'euc-kr': 'Korean',
  macintosh: 'Mac',
};

export function encodingTitle(encoding: string): string {
  return ENCODINGS[encoding] ?? encoding;
}

/** What can be chosen where a text was read in an encoding. */
export function encodingOptions(encoding: string): { readonly value: string; readonly title: string }[] {
  const known = Object.keys(ENCODINGS);
  const offered = known.includes(encoding) ? known : [encoding, ...known];
  return offered.map((value) => ({ value, title: encodingTitle(value) }));
}
