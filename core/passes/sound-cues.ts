import { SOUND_NAMES, SOUND_WORDS } from '../lines/captions/sound-words.ts';
import { LineKind } from '../lines/line-kind.ts';
import { Sign } from '../text/signs.ts';
import { replaceMatches, type LinePass, type Replacement } from './pass.ts';

/** Sounds in square brackets or between stars are small or all in capitals: "[Lorna]" is a name. */
const SOUND = String.raw`(?:\[(?:\p{Ll}[\p{Ll} ,’'-]{1,30}|\p{Lu}[\p{Lu} ,’'-]{1,30})\]|[[［]${SOUND_WORDS}[\]］]|[(（]${SOUND_WORDS}[)）]|\*\p{Ll}[\p{Ll} ’'-]{1,30}\*|[♪♫]+)`;
/** With the space before it, or at the start of a line behind it. */
const SOUNDS = new RegExp(`^${SOUND}[ \\t]?| ?${SOUND}`, 'gmu');

/** Words that only sound cues hold, for texts that are no captions: "[sic]" and an editor's own words stay. */
const SURE_SOUNDS = new RegExp(
  String.raw` ?(?:[[(（](?:soft |loud |more |slow |distant )?(?:${SOUND_NAMES}|pause|clears throat)(?: (?:plays|playing|stops|fades))?[\])）]|[♪♫][^♪♫]*[♪♫]?)`,
  'giu',
);

export const soundCues = {
  works: 'lines',
  id: 'sound-cues',
  title: 'Sound cues',
  summary: 'Takes [music], (applause) and ♪ out of captions, on request out of any text.',
  done: ['sound cue dropped', 'sound cues dropped'],
  group: 'lines',
  onByDefault: true,
  characters: /[♪♫]/,
  isListed: true,
  settings: [
    {
      id: 'where',
      title: 'Where',
      options: [
        { value: 'captions', title: 'in captions' },
        { value: 'everywhere', title: 'in any text' },
      ],
      usual: 'captions',
    },
  ],
  examples: [
    {
      before: '00:00:01.000 --> 00:00:02.000\nYou begin [laughter] with\n\n00:00:02.000 --> 00:00:04.000\nthe keel.\n',
      after: 'You begin with the keel.',
    },
    {
      before: 'PELL: You begin [laughter] with the keel [sic], [she laughed] he said.',
      after: 'PELL: You begin with the keel [sic], [she laughed] he said.',
      settings: { where: 'everywhere' },
    },
  ],
  reasons: { unique: 'its words stand nowhere else in the text', name: 'it may be the name of who speaks' },
  kinds: [LineKind.soundCue],
  lineOptions: () => ({ soundCues: true }),
  signs: Sign.squareBracket | Sign.roundBracket | Sign.fullWidth | Sign.picture,
  find: ({ text }, { captions, onlySounds }, { where }) => {
    if (captions) return onlySounds ? [] : replaceMatches(text, SOUNDS, (match) => soundAt(text, match));
    return where === 'everywhere' ? replaceMatches(text, SURE_SOUNDS, () => '') : [];
  },
} as const satisfies LinePass;

const CAPITALS = /^\[\p{Lu}/u;
const KNOWN = new RegExp(SOUND_NAMES, 'iu');

/** "[IDA]: And nobody heard it?" has a name; "[IDA] And nobody heard it?" may have one. */
function soundAt(text: string, { 0: found, index }: RegExpExecArray): Replacement | undefined {
  if (!CAPITALS.test(found.trimStart())) return '';
  const end = index + found.trimEnd().length;
  const behind = text.slice(end, end + 2);
  if (behind.startsWith(':')) return undefined;
  const leads = (index === 0 || text[index - 1] === '\n') && /^ \p{Lu}/u.test(behind);
  return leads && !KNOWN.test(found) ? { insert: '', certainty: 0.7, why: 'name' } : '';
}
