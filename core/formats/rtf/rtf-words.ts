/* What the words of RTF stand for, by the Rich Text Format Specification 1.9.1. */

/** Groups that hold no text of the document. */
export const NOT_TEXT: ReadonlySet<string> = new Set(
  'fonttbl colortbl stylesheet info pict header headerl headerr headerf footer footerl footerr footerf upr listtable listoverridetable rsidtbl generator xmlnstbl themedata colorschememapping latentstyles datastore object objdata filetbl revtbl annotation atnid atnauthor atndate atnref ftnsep ftnsepc aftnsep pgdsctbl bkmkstart bkmkend nonshppict sp private1 template operator xe tc'.split(
    ' ',
  ),
);
/** Destinations that a reader may pass over, but that hold text. */
export const KEPT: ReadonlySet<string> = new Set([
  'fldinst',
  'shptxt',
  'shpinst',
  'shp',
  'cs',
  'ud',
  'footnote',
  'listtext',
  'pntext',
]);

/** Signs that are written as words. */
export const SIGNS: Readonly<Record<string, string>> = {
  emdash: '—',
  endash: '–',
  emspace: '\u2003',
  enspace: '\u2002',
  qmspace: '\u2005',
  bullet: '•',
  lquote: '‘',
  rquote: '’',
  ldblquote: '“',
  rdblquote: '”',
  zwj: '\u200d',
  zwnj: '\u200c',
  ltrmark: '\u200e',
  rtlmark: '\u200f',
};

/** Encodings by the character set of a font, as Windows numbers them. */
export const CHARSETS: Readonly<Record<number, string>> = {
  128: 'shift_jis',
  129: 'euc-kr',
  134: 'gbk',
  136: 'big5',
  161: 'windows-1253',
  162: 'windows-1254',
  163: 'windows-1258',
  177: 'windows-1255',
  178: 'windows-1256',
  186: 'windows-1257',
  204: 'windows-1251',
  222: 'windows-874',
  238: 'windows-1250',
};

/** Encodings by the number of a code page, where its name is not "windows-" and the number. */
export const CODE_PAGES: Readonly<Record<number, string>> = {
  932: 'shift_jis',
  936: 'gbk',
  949: 'euc-kr',
  950: 'big5',
  65001: 'utf-8',
  10000: 'macintosh',
};
