import { mayHoldAddress, WEB_ADDRESS } from '../text/web-address.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

const BARE = new RegExp(String.raw` ?(?<![\w/@.(<])${WEB_ADDRESS}(?<![.,;:!?])`, 'gi');

export const bareAddresses = {
  works: 'inline',
  id: 'bare-addresses',
  title: 'Bare web addresses',
  summary: 'Takes out web addresses that stand in the text by themselves.',
  group: 'marks',
  onByDefault: false,
  isListed: true,
  examples: [
    { before: 'Tickets at https://saltfern.example/ferry, or on the quay.', after: 'Tickets at, or on the quay.' },
  ],
  find: ({ text }) => (mayHoldAddress(text) ? replaceMatches(text, BARE, () => '') : []),
} as const satisfies InlinePass;
