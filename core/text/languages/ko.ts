import type { LanguageData } from './language-data.ts';

export const ko = {
  id: 'ko',
  name: 'Korean',
  script: /\p{Script=Hangul}/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  dictionaries: [],
} as const satisfies LanguageData;
