import { mayHoldAddress, WEB_ADDRESS } from '../text/web-address.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const WORDS_AND_ADDRESS = new RegExp(
  String.raw`\[([^\[\]\n]{1,200})\]\(${WEB_ADDRESS}\)|(?<=\S) ?[(<]${WEB_ADDRESS}[)>]`,
  'gi',
);

export const links = {
  works: 'inline',
  id: 'links',
  title: 'Link addresses',
  summary: 'Keeps the words of a link and takes out the address in brackets behind them.',
  group: 'marks',
  onByDefault: false,
  isListed: true,
  examples: [
    {
      before: 'See the rope walk (https://saltfern.example/s4) and [the mill](https://saltfern.example/m).',
      after: 'See the rope walk and the mill.',
    },
    { before: 'See (below) and <here>.', after: 'See (below) and <here>.' },
  ],
  find: ({ text }) => (mayHoldAddress(text) ? replaceMatches(text, WORDS_AND_ADDRESS, ([, words]) => words ?? '') : []),
} as const satisfies InlinePass;
