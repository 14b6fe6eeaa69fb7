import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

// Line ends and tabs are no concern of this pass; joiners that shape letters stay.
const INVISIBLE = /[\u0000-\u0008\u000e-\u001f\u007f-\u0084\u0086-\u009f\u00ad\u180e\u200b\u2060\ufeff]+/g; // eslint-disable-line no-control-regex

export const invisible = {
  works: 'inline',
  id: 'invisible',
  title: 'Invisible characters',
  summary: 'Takes out zero-width spaces, byte order marks, soft hyphens and control characters.',
  group: 'characters',
  onByDefault: true,
  characters: new RegExp(INVISIBLE.source),
  everywhere: true,
  examples: [{ before: 'The light\u00adhouse\u200b keeper\u0000 slept.', after: 'The lighthouse keeper slept.' }],
  signs: Sign.invisible,
  find: ({ text }) => replaceMatches(text, INVISIBLE, () => ''),
} as const satisfies InlinePass;
