import { replaceMatches, type Pass } from './pass.ts';

/** The named character references of HTML that prose comes with. */
const NAMED: Readonly<Record<string, string>> = {
  nbsp: ' ', amp: '&', lt: '<', gt: '>', quot: '"', apos: "'", ensp: ' ', emsp: ' ', thinsp: ' ', shy: '', zwnj: '', zwj: '',
  ndash: '–', mdash: '—', hellip: '…', lsquo: '‘', rsquo: '’', sbquo: '‚', ldquo: '“', rdquo: '”', bdquo: '„', laquo: '«',
  raquo: '»', lsaquo: '‹', rsaquo: '›', bull: '•', middot: '·', copy: '©', reg: '®', trade: '™', deg: '°', sect: '§',
  para: '¶', times: '×', divide: '÷', plusmn: '±', frac12: '½', frac14: '¼', frac34: '¾', euro: '€', pound: '£', yen: '¥',
  cent: '¢', dagger: '†', Dagger: '‡', iexcl: '¡', iquest: '¿', szlig: 'ß', oelig: 'œ', OElig: 'Œ', aelig: 'æ', AElig: 'Æ',
  agrave: 'à', aacute: 'á', acirc: 'â', atilde: 'ã', auml: 'ä', aring: 'å', ccedil: 'ç', egrave: 'è', eacute: 'é',
  ecirc: 'ê', euml: 'ë', igrave: 'ì', iacute: 'í', icirc: 'î', iuml: 'ï', ntilde: 'ñ', ograve: 'ò', oacute: 'ó',
  ocirc: 'ô', otilde: 'õ', ouml: 'ö', oslash: 'ø', ugrave: 'ù', uacute: 'ú', ucirc: 'û', uuml: 'ü', yacute: 'ý', yuml: 'ÿ',
  Agrave: 'À', Aacute: 'Á', Acirc: 'Â', Auml: 'Ä', Ccedil: 'Ç', Egrave: 'È', Eacute: 'É', Ouml: 'Ö', Uuml: 'Ü', Ntilde: 'Ñ',
}; // prettier-ignore

/** "&amp;nbsp;" was encoded twice. */
const REFERENCE = /&(?:amp;)?(?:#(\d{2,6})|#x([\da-f]{2,5})|([a-z]{2,6}\d{0,2}));/gi;

function meant([match, decimal, hexadecimal, name]: readonly (string | undefined)[]): string | undefined {
  if (name !== undefined) return match === '&amp;' ? '&' : (NAMED[name] ?? NAMED[name.toLowerCase()]);
  const code = decimal === undefined ? parseInt(hexadecimal!, 16) : Number(decimal);
  const isCharacter = code >= 0x20 && code <= 0x10ffff && (code < 0xd800 || code > 0xdfff);
  return isCharacter ? String.fromCodePoint(code === 0xa0 ? 0x20 : code) : undefined;
}

export const entities: Pass = {
  id: 'entities',
  title: 'Character references',
  summary: 'Writes references left over from web pages, such as &nbsp; and &#8217;, as the characters they stand for.',
  group: 'characters',
  onByDefault: true,
  examples: [
    {
      before: 'Oil &amp; wicks,&nbsp;the keeper&#8217;s two cares&hellip;',
      after: 'Oil & wicks, the keeper’s two cares…',
    },
    { before: 'Salt &amp;amp; flour; R&D; &unknown;', after: 'Salt & flour; R&D; &unknown;' },
  ],
  needs: /&[#\w]+;/,
  find: (text) => replaceMatches(text, REFERENCE, meant),
};
