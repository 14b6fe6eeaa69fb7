import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

export const emoji = {
  works: 'inline',
  id: 'emoji',
  title: 'Emoji',
  summary: 'Takes out emoji, with the space before them.',
  done: ['emoji dropped', 'emoji dropped'],
  group: 'marks',
  onByDefault: false,
  characters: /\p{Extended_Pictographic}/u,
  isListed: true,
  examples: [{ before: 'Ferry at noon ⛴️🌊, bring oars 👩‍🔧!', after: 'Ferry at noon, bring oars!' }],
  signs: Sign.picture,
  find: ({ text }) =>
    replaceMatches(
      text,
      / ?(?:\p{Emoji_Presentation}|\p{Extended_Pictographic}\ufe0f|\p{Extended_Pictographic}(?=\u200d))(?:[\u{1f3fb}-\u{1f3ff}]|\ufe0f|\u200d\p{Extended_Pictographic})*/gu,
      () => '',
    ),
} as const satisfies InlinePass;
