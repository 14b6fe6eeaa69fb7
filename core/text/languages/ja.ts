import type { LanguageData } from './language-data.ts';

export const ja = {
  id: 'ja',
  name: 'Japanese',
  script: /[\u3041-\u30ff]/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  quotes: { double: ['「', '」'], single: ['『', '』'] },
  wide: true,
  dictionaries: [],
} as const satisfies LanguageData;
