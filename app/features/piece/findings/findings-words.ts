import { findLanguage, type Findings, type Language } from '../../../../core/index.ts';
import { countWords } from '../words/count-words.ts';
import { markWords } from '../words/mark-words.ts';

/** What a text is written in; empty where that is not known. */
function languageWords(language: Language): string {
  const name = findLanguage(language)?.name;
  return name ? `, in ${name}` : '';
}

/** The findings in a few sentences: what an editor would say of the text after a long look. */
export function sayFindings(findings: Findings, kinds: Readonly<Record<string, string>>): string {
  const { kind, language, lines, wraps, profile, splits, repeated } = findings;
  const sentences = [
    `${countWords(lines, 'line', 'lines')}${languageWords(language)}. ${KIND_SENTENCES[kind] ?? `${kinds[kind] ?? ''}.`}`,
  ];
  if (kind !== 'captions') {
    sentences.push(
      wraps && profile.measure > 0
        ? `Lines wrap at about ${profile.measure} characters, ${exactnessWords(profile.exactness)}.`
        : 'Lines are not wrapped: each line end was meant.',
    );
    sentences.push(markSentence(findings));
  }
  const gone = repeated.filter(({ dropped }) => dropped > 0).length;
  if (gone > 0) sentences.push(`${countWords(gone, 'line', 'lines')} that came back on page after page went.`);
  if (splits.length > 0) sentences.push(`${countWords(splits.length, 'word was', 'words were')} split at a line end.`);
  sentences.push(characterSentence(findings));
  return sentences.filter(Boolean).join(' ');
}

const KIND_SENTENCES: Readonly<Record<string, string>> = {
  captions: 'A caption track or transcript with times; paragraphs come from pauses, speakers and length.',
  pages: 'It came from pages: their numbers and running heads are still in it.',
  wrapped: 'Its lines were cut to a width.',
  unwrapped: '',
};

/** How exactly lines are filled, from 0 to 1, in words. */
export function exactnessWords(exactness: number): string {
  if (exactness > 0.8) return 'and are filled as full as they go';
  return exactness > 0.4 ? 'and are mostly filled' : 'but are filled so unevenly that their lengths tell little';
}

function markSentence({ marks, wraps }: Findings): string {
  const best = marks.filter(({ breaks, count: all }) => breaks >= 2 && breaks / all >= 0.6);
  if (best.length === 0)
    return wraps ? 'No gap marks its paragraphs: they are told by short last lines and by the words.' : '';
  const words = best.slice(0, 2).map(({ mark }) => markWords(mark));
  return `A new paragraph is marked by ${words.join(', or by ')}.`;
}

function characterSentence({ characters }: Findings): string {
  const hidden = characters.filter(({ class: kind }) => ['space', 'invisible', 'control'].includes(kind));
  const broken = characters.find(({ class: kind }) => kind === 'broken');
  const sum = hidden.reduce((all, { count: some }) => all + some, 0);
  const parts = [
    sum > 0
      ? `${countWords(sum, 'character', 'characters')} that cannot be seen ${sum === 1 ? 'was' : 'were'} found.`
      : '',
    broken ? `${countWords(broken.count, 'character was', 'characters were')} lost before the text came here.` : '',
  ];
  return parts.filter(Boolean).join(' ');
}
