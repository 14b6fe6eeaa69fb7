import type { LanguageData } from './language-data.ts';

export const hi = {
  id: 'hi',
  name: 'Hindi',
  functionWords:
    'का के की को में से पर ने और या है हैं था थे थी हो कि यह वह ये वे इस उस जो भी ही तो नहीं तक एक लिए साथ बाद पहले कर गया गई जब तब लेकिन अपने अपनी उसके उसकी',
  referring: 'यह वह ये वे इस उस उसके उसकी और लेकिन फिर तब इसलिए',
  abbreviations: 'डॉ श्री',
  suspenders: 'और या',
  salutations: 'प्रिय|आदरणीय|माननीय|नमस्ते|नमस्कार',
  closings: 'भवदीया?|आपका|आपकी|सादर|शुभकामनाओं सहित',
  divisions: 'अध्याय भाग खंड परिशिष्ट',
  figures: 'चित्र|तालिका|सारणी',
  pages: 'पृष्ठ',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  dictionaries: [],
} as const satisfies LanguageData;
