import { replaceMatches, type Pass } from './pass.ts';

const DOUBLED = /,{2,}|;{2,}|(?<=[\p{L}\p{N}”’")])\.\.(?=[\s”’")\]]|$)/gu;

export const doubledPunctuation: Pass = {
  id: 'doubled-punctuation',
  title: 'Doubled punctuation',
  summary: 'Makes one comma of two, and of two stops one stop or an ellipsis; three stops stay.',
  group: 'punctuation',
  onByDefault: true,
  settings: [
    {
      id: 'stops',
      title: 'Two stops become',
      options: [
        { value: 'stop', title: 'one stop' },
        { value: 'ellipsis', title: 'an ellipsis' },
        { value: 'stay', title: 'stay as they are' },
      ],
      usual: 'stop',
    },
  ],
  examples: [
    { before: 'The tide fell,, and rose..', after: 'The tide fell, and rose.' },
    { before: 'The tide fell.. and rose...', after: 'The tide fell… and rose...', settings: { stops: 'ellipsis' } },
    { before: 'Go to ../mills or wait... or wait....', after: 'Go to ../mills or wait... or wait....' },
  ],
  find: (text, _context, { stops }) => {
    if (!/,,|;;|\.\./.test(text)) return [];
    return replaceMatches(text, DOUBLED, ([marks]) => {
      if (marks !== '..') return marks[0];
      if (stops === 'stay') return undefined;
      return stops === 'ellipsis' ? '…' : '.';
    });
  },
};
