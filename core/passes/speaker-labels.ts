import { replaceMatches, type Pass } from './pass.ts';

const LABEL =
  /^(?:>>\s*(?:\p{Lu}[\p{L}\p{N} .’'-]{0,24}:\s+)?|\p{Lu}[\p{L}\p{N} .’'-]{1,24}: +|\[\p{Lu}[^\]\n]{1,24}\]: *)/gu;

export const speakerLabels: Pass = {
  id: 'speaker-labels',
  title: 'Speaker labels',
  summary: 'Takes the names of the speakers out of captions and transcripts.',
  group: 'lines',
  onByDefault: false,
  examples: [
    {
      before: '00:00:01.000 --> 00:00:02.000\nENOCH: You begin with\n\n00:00:02.000 --> 00:00:04.000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
  ],
  find: (text, { captions }) => (captions ? replaceMatches(text, LABEL, () => '') : []),
};
