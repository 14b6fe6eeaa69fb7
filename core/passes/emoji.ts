import { replaceMatches, type Pass } from './pass.ts';

export const emoji: Pass = {
  id: 'emoji',
  title: 'Emoji',
  summary: 'Takes out emoji, with the space before them.',
  group: 'marks',
  onByDefault: false,
  examples: [{ before: 'Ferry at noon ⛴️🌊, bring oars 👩‍🔧!', after: 'Ferry at noon, bring oars!' }],
  needs: /\p{Extended_Pictographic}/u,
  find: (text) =>
    replaceMatches(
      text,
      / ?(?:\p{Emoji_Presentation}|\p{Extended_Pictographic}\ufe0f|\p{Extended_Pictographic}(?=\u200d))(?:[\u{1f3fb}-\u{1f3ff}]|\ufe0f|\u200d\p{Extended_Pictographic})*/gu,
      () => '',
    ),
};
