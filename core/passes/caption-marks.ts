import { replaceMatches, type Pass } from './pass.ts';

const TIMES_AND_TAGS =
  /<(?:\d{1,2}:)?\d{2}:\d{2}[.,]\d{3}>|<\/?(?:c|v|i|b|u|font|ruby|rt|lang)(?:[.\s][^<>]*)?>|\s?[[(](?:\d{1,2}:)?\d{1,2}:\d{2}[\])]/g;
const SOUNDS =
  / ?(?:\[(?:[a-z][a-z ,’'-]{1,30}|[A-Z][A-Z ,’'-]{1,30})\]|\((?:music|applause|laughter|laughs|laughing|cheering|coughs|sighs|silence|inaudible|crosstalk)\)|♪[^♪]*♪?)/gi;

export const timeCodes: Pass = {
  id: 'time-codes',
  title: 'Time codes',
  summary: 'Takes out the times, cue numbers and tags of captions, on lines of their own and within lines.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: '1\n00:00:01,000 --> 00:00:02,500\nYou begin with\n\n2\n00:00:02,500 --> 00:00:04,000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
    { before: 'The 10:45 ferry was late.', after: 'The 10:45 ferry was late.' },
  ],
  find: (text, { captions }) => (captions ? replaceMatches(text, TIMES_AND_TAGS, () => '') : []),
};

export const soundCues: Pass = {
  id: 'sound-cues',
  title: 'Sound cues',
  summary: 'Takes [music], (applause) and ♪ out of captions.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before: '00:00:01.000 --> 00:00:02.000\nYou begin [laughter] with\n\n00:00:02.000 --> 00:00:04.000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
  ],
  find: (text, { captions }) => (captions ? replaceMatches(text, SOUNDS, () => '') : []),
};

export const captionRepeats: Pass = {
  id: 'caption-repeats',
  title: 'Rolling repeats',
  summary: 'Keeps one of the two or three showings that a rolling caption track gives each line.',
  group: 'lines',
  onByDefault: true,
  examples: [
    {
      before:
        '00:01.000 --> 00:02.000\nYou begin with\n\n00:02.000 --> 00:03.000\nYou begin with\nthe keel.\n\n00:03.000 --> 00:04.000\nthe keel.\nThen the ribs.\n',
      after: 'You begin with the keel. Then the ribs.',
    },
  ],
};
