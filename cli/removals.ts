import type { FullReport } from '../core/index.ts';

type Report = Pick<FullReport, 'words' | 'removed' | 'inserted'>;

/** From this share of the words on, what was taken out is much. */
const MUCH = 0.05;
const MOST_EXAMPLES = 3;
const LONGEST_EXAMPLE = 40;
/** What these take out is told by its form alone: times, marks of notes, captions shown again. */
const BY_FORM: ReadonlySet<string> = new Set(['time-codes', 'caption-repeats', 'reference-marks', 'line-numbers']);
/** These close up what others leave open. */
const CLOSING_UP: ReadonlySet<string> = new Set(['blank-lines', 'wrapped-lines', 'edge-spaces', 'doubled-spaces']);

/** Whether so many words left that they are worth a look at what they were. */
export function isMuch({ removed, wordsIn }: Report['words']): boolean {
  return removed > 0 && removed >= wordsIn * MUCH;
}

/** One line that says what left the text, by pass and with examples; undefined where that is little. */
export function describeRemovals({ words, removed, inserted }: Report): string | undefined {
  const byPass = new Map<string, string[]>();
  let count = 0;
  // A note that was put behind its paragraph is not taken out.
  const moved = new Set(inserted.flatMap(({ words: set, passes }) => (passes.includes('footnotes') ? set : [])));
  for (const { words: gone, passes } of removed) {
    const isMoved = (word: string) => passes.includes('footnotes') && moved.has(word);
    const spoken = gone.filter((word) => /\p{L}/u.test(word) && !isMoved(word));
    const pass = passes.find((id) => !CLOSING_UP.has(id));
    if (spoken.length === 0 || pass === undefined || passes.some((id) => BY_FORM.has(id))) continue;
    count += spoken.length;
    const texts = byPass.get(pass);
    if (texts) texts.push(spoken.join(' '));
    else byPass.set(pass, [spoken.join(' ')]);
  }
  if (count === 0 || count < words.wordsIn * MUCH) return undefined;
  const parts = [...byPass].map(([pass, texts]) => {
    const examples = texts.slice(0, MOST_EXAMPLES).map((text) => `"${shortened(text)}"`);
    return `${pass} ${examples.join(', ')}${texts.length > MOST_EXAMPLES ? ' …' : ''}`;
  });
  return `${count} of ${words.wordsIn} words were taken out: ${parts.join('; ')}`;
}

function shortened(text: string): string {
  return text.length > LONGEST_EXAMPLE ? `${text.slice(0, LONGEST_EXAMPLE)}…` : text;
}
