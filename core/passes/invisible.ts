import { Sign } from '../text/signs.ts';
import { replaceMatches, type InlinePass } from './pass.ts';

// Line ends and tabs are no concern of this pass; joiners that shape letters stay.
const UNSEEN = String.raw`\u0000-\u0008\u000e-\u001f\u007f-\u0084\u0086-\u009f\u00ad\u180e\u200b\u2060\ufeff`;
const DIRECTION = String.raw`\u061c\u200e\u200f\u202a-\u202e\u2066-\u2069`;
const INVISIBLE = new RegExp(`[${UNSEEN}]+`, 'g');
const INVISIBLE_OR_DIRECTION = new RegExp(`[${UNSEEN}${DIRECTION}]+`, 'g');
/** Where these are, marks of direction say how they stand beside others. */
const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc]/;

export const invisible = {
  works: 'inline',
  id: 'invisible',
  title: 'Invisible characters',
  summary:
    'Takes out zero-width spaces, byte order marks, soft hyphens and control characters, and direction marks except in Arabic and Hebrew.',
  group: 'characters',
  onByDefault: true,
  characters: new RegExp(INVISIBLE_OR_DIRECTION.source),
  everywhere: true,
  examples: [
    { before: 'The light\u00adhouse\u200b keeper\u0000 slept.', after: 'The lighthouse keeper slept.' },
    { before: 'Ring \u202a0555 014 4877\u202c\u200e.', after: 'Ring 0555 014 4877.' },
    { before: 'אמר \u202aLow Ferry\u202c.', after: 'אמר \u202aLow Ferry\u202c.' },
  ],
  signs: Sign.invisible,
  find: ({ text }) => replaceMatches(text, RIGHT_TO_LEFT.test(text) ? INVISIBLE : INVISIBLE_OR_DIRECTION, () => ''),
} as const satisfies InlinePass;
