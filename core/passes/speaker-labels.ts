import { readSpeaker } from '../text/speakers.ts';
import type { InlinePass } from './pass.ts';

export const speakerLabels = {
  works: 'inline',
  id: 'speaker-labels',
  title: 'Speaker labels',
  summary: 'Takes the names of the speakers out of captions and transcripts, all or those that name the same again.',
  done: ['speaker label changed', 'speaker labels changed'],
  group: 'lines',
  onByDefault: false,
  isListed: true,
  settings: [
    {
      id: 'which',
      title: 'Which go',
      options: [
        { value: 'all', title: 'all go' },
        { value: 'same', title: 'one stays for each turn' },
      ],
      usual: 'all',
    },
  ],
  examples: [
    {
      before: '00:00:01.000 --> 00:00:02.000\nENOCH: You begin with\n\n00:00:02.000 --> 00:00:04.000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
    {
      before:
        '00:00:01.000 --> 00:00:02.000\nENOCH: You begin with the keel.\n\n00:00:05.000 --> 00:00:06.000\nENOCH: Then come the ribs.\n\n00:00:06.000 --> 00:00:08.000\nMS PELL: And the planks?\n',
      after: 'ENOCH: You begin with the keel.\n\nThen come the ribs.\n\nMS PELL: And the planks?',
      settings: { which: 'same' },
    },
  ],
  find: ({ text, from }, { captions, sameSpeaker }, { which }) => {
    const label = captions && (which === 'all' || sameSpeaker.has(from)) ? readSpeaker(text) : undefined;
    return label ? [{ from: 0, to: label.length, insert: '' }] : [];
  },
} as const satisfies InlinePass;
