import { Decision, passOfReason, shortened, type Answer, type DoubtView } from '../../../../core/index.ts';
import { keyWords } from '../ledger/concordance-words.ts';
import { capital, reasonWords, sentenceOf, SPLIT_WORDS } from '../words/seam-words.ts';

/** A doubt as it is asked about: the question, why it is one, and the two answers, the first of them the one that joins or changes. */
export interface Question {
  readonly question: string;
  /** Where it is, if the reason does not say so. */
  readonly place?: string;
  readonly reason: string;
  readonly first: Reading;
  readonly second: Reading;
}

export interface Reading {
  readonly label: string;
  /** How the place reads then. */
  readonly words: string;
  readonly answer: Answer;
}

/** Puts a doubt into words. */
export function askAbout(view: DoubtView): Question {
  const { doubt } = view;
  if (doubt.kind === 'seam') return askAboutSeam(view, doubt.now);
  if (doubt.kind === 'lines') return askAboutLines(view);
  return doubt.kind === 'split' ? askAboutSplit(view) : askAboutEdit(view);
}

function askAboutSeam({ before, after, reasons, lines }: DoubtView, now: Decision): Question {
  const isJoined = now === Decision.join || now === Decision.mend;
  const isKept = now === Decision.keep;
  const { for: speaksFor, against } = reasonWords(reasons, now);
  const end = lastWords(before);
  const start = firstWords(after);
  const but = against.length > 0 ? ` But ${against[0]}.` : '';
  const why = sentenceOf(speaksFor[0], now) || `They were ${isJoined ? 'joined' : 'kept apart'}.`;
  return {
    question: isKept ? `Keep the line end before “${start}”?` : `Does a new paragraph start at “${start}”?`,
    place: `Lines ${lines[0]} and ${lines[1]}`,
    reason: `${why}${but}`,
    first: { label: 'Join', words: `${end} ${start}`, answer: isJoined ? 'now' : 'other' },
    second: {
      label: isKept ? 'Keep the line end' : 'New paragraph',
      words: `${end} ${isKept ? '␊' : '¶'} ${start}`,
      answer: isJoined ? 'other' : 'now',
    },
  };
}

function askAboutSplit({ doubt, before, after, lines }: DoubtView): Question {
  if (doubt.kind !== 'split') throw new RangeError('not a split word');
  const head = lastWords(before, 1);
  const tail = firstWords(after, 1).replace(/[.,;:!?”’"')\]]+$/, '');
  const closed = head.slice(0, -1) + tail;
  const isClosed = doubt.now === Decision.mend;
  return {
    question: `Is it “${closed}” or “${head}${tail}”?`,
    place: `Lines ${lines[0]} and ${lines[1]}`,
    reason: `${capital(SPLIT_WORDS[doubt.evidence])}, so it was ${isClosed ? 'closed up' : 'left with its hyphen'}.`,
    first: { label: 'Close up', words: closed, answer: isClosed ? 'now' : 'other' },
    second: { label: 'Keep the hyphen', words: head + tail, answer: isClosed ? 'other' : 'now' },
  };
}

function askAboutLines({ doubt, source, lines }: DoubtView): Question {
  if (doubt.kind !== 'lines') throw new RangeError('not lines');
  const [first, last] = lines;
  const where = first === last ? `Line ${first}` : `Lines ${first} to ${last}`;
  const begin = lineWords(source);
  const what = {
    repeated: {
      question: `Does “${begin}” belong to the text?`,
      reason: `It is on a line of its own ${doubt.places.length} times, like a page head; the first is line ${first}.`,
    },
    head: {
      question: `Does “${begin}” belong to the text?`,
      reason: `${where}: a date, byline or source before the text itself.`,
    },
    menu: {
      question: `Do the short lines from “${begin}” on belong to the text?`,
      reason: `${where}: a run of very short lines, like the menu of a web page.`,
    },
    misfit: {
      question: `Does “${begin}” belong to the text?`,
      reason: `${where}: your line shape fits the lines around, and not this one. It is unchanged.`,
    },
  }[doubt.what];
  return {
    ...what,
    first: {
      label: doubt.places.length > 1 ? 'Leave all out' : 'Leave out',
      words: 'you can restore it',
      answer: 'other',
    },
    second: { label: 'It belongs', words: begin, answer: 'now' },
  };
}

const LONGEST_LINES = 44;

function askAboutEdit({ doubt, before, after, source, lines }: DoubtView): Question {
  if (doubt.kind !== 'edit') throw new RangeError('not an edit');
  const pass = passOfReason(doubt.passes, doubt.why);
  const becomes = doubt.becomes.trim();
  const end = lastWords(before);
  const start = firstWords(after);
  const reason = pass?.reasons?.[doubt.why ?? ''] ?? '';
  const changedBy = `Changed by “${pass?.title ?? 'a pass'}”${reason ? `, but ${reason}` : ''}.`;
  if (becomes === '' && isWholeLine(before, after)) {
    const words = lineWords(source);
    return {
      question: `Does the line “${words}” belong to the text?`,
      reason: `Line ${lines[0]} was removed by “${pass?.title ?? 'a pass'}”${reason ? `, but ${reason}` : ''}.`,
      first: { label: 'Leave it out', words: 'you can restore it', answer: 'now' },
      second: { label: 'It belongs', words, answer: 'other' },
    };
  }
  const around = (middle: string) =>
    shortSpaces(`${end}${/\s$/.test(before) ? ' ' : ''}${middle}${/^\s/.test(after) ? ' ' : ''}${start}`);
  if (becomes === '' && /\p{L}$/u.test(before) && /^\p{L}/u.test(after)) {
    const [head, tail] = [/\p{L}+$/u.exec(before)![0], /^\p{L}+/u.exec(after)![0]];
    return {
      question: `Is it “${head}${tail}” or “${head}${source}${tail}”?`,
      reason: changedBy,
      first: { label: 'One word', words: around(''), answer: 'now' },
      second: { label: 'Keep the original', words: around(source), answer: 'other' },
    };
  }
  const where = end === '' ? `before “${start}”` : `after “${end}”`;
  return {
    question:
      becomes === ''
        ? `Remove “${keyWords(source.trim())}” ${where}?`
        : `Change “${keyWords(source)}” to “${keyWords(doubt.becomes)}” ${where}?`,
    reason: changedBy,
    first: {
      label: becomes === '' ? 'Remove it' : 'Change it',
      words: around(doubt.becomes),
      answer: 'now',
    },
    second: { label: 'Keep the original', words: around(source), answer: 'other' },
  };
}

/** Whether what went stood on a line of its own. */
function isWholeLine(before: string, after: string): boolean {
  return /(?:^|[\n\r\f])[ \t]*$/.test(before) && /^[ \t]*(?:[\n\r\f]|$)/.test(after);
}

function lineWords(text: string): string {
  return shortened(shortSpaces(text), LONGEST_LINES);
}

function shortSpaces(text: string): string {
  return text.replace(/\s+/g, ' ').trim();
}

function lastWords(text: string, count = 3): string {
  return text.trim().split(/\s+/).slice(-count).join(' ');
}

function firstWords(text: string, count = 3): string {
  return text.trim().split(/\s+/).slice(0, count).join(' ');
}
