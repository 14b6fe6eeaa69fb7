import { replaceMatches, type Pass } from './pass.ts';

const ADDRESS = String.raw`(?:https?:\/\/|www\.)[^\s<>()\[\]]+(?:\([^\s<>()]*\)[^\s<>()\[\]]*)*`;
const WORDS_AND_ADDRESS = new RegExp(
  String.raw`\[([^\[\]\n]{1,200})\]\(${ADDRESS}\)|(?<=\S) ?[(<]${ADDRESS}[)>]`,
  'gi',
);
const BARE = new RegExp(String.raw` ?(?<![\w/@.(<])${ADDRESS}(?<![.,;:!?])`, 'gi');

export const links: Pass = {
  id: 'links',
  title: 'Addresses behind words',
  summary: 'Keeps the words of a link and takes out the address in brackets behind them.',
  group: 'marks',
  onByDefault: false,
  examples: [
    {
      before: 'See the rope walk (https://saltfern.example/s4) and [the mill](https://saltfern.example/m).',
      after: 'See the rope walk and the mill.',
    },
    { before: 'See (below) and <here>.', after: 'See (below) and <here>.' },
  ],
  needs: /https?:|www\./i,
  find: (text) => replaceMatches(text, WORDS_AND_ADDRESS, ([, words]) => words ?? ''),
};

export const bareAddresses: Pass = {
  id: 'bare-addresses',
  title: 'Bare addresses',
  summary: 'Takes out web addresses that stand in the text by themselves.',
  group: 'marks',
  onByDefault: false,
  examples: [
    { before: 'Tickets at https://saltfern.example/ferry, or on the quay.', after: 'Tickets at, or on the quay.' },
  ],
  needs: /https?:|www\./i,
  find: (text) => replaceMatches(text, BARE, () => ''),
};
