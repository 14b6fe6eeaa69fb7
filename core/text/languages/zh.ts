import type { LanguageData } from './language-data.ts';

export const zh = {
  id: 'zh',
  name: 'Chinese',
  script: /\p{Script=Han}/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  wide: true,
  dictionaries: [],
} as const satisfies LanguageData;
