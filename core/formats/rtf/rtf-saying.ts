import { Element } from '../../layout/layout.ts';
import { raisedFigures } from '../../text/raised-figures.ts';
import { writeWith, type BlockForm } from '../document-writer.ts';
import { indentLead } from '../word/indent.ts';
import { top, type Aside, type Paragraph, type Reading } from './rtf-reading.ts';

/** Words where the reading stands: of the aside that is open, else of the paragraph, which is opened by its first words. */
export function say(reading: Reading, text: string): void {
  const { asides, writer, paragraph, sign } = reading;
  const group = top(reading);
  if (group.isSkipped || group.isHidden || text === '') return;
  if (asides.length > 0) {
    sayAside(reading, text);
    return;
  }
  if (!writer.hasWords()) {
    writer.open(formOf(paragraph, sign));
    reading.sign = '';
  }
  reading.hadWords ||= /[^\s\u00a0]/.test(text);
  writeWith(group, group.isRaised && /^\d{1,3}$/.test(text) ? raisedFigures(text) : text, writer);
}

function formOf({ heading = 0, isRow = false, firstLine, left }: Paragraph, written: string): BlockForm {
  if (isRow) return { element: Element.row };
  const sign = /^[·•◦▪\uf0a7\uf0b7o§-]$/.test(written) ? '•' : written;
  const lead = sign === '' ? undefined : `${sign} `;
  if (heading > 0) return { element: Element.heading, level: heading, apart: 'around', lead };
  if (lead !== undefined) return { element: Element.item, level: 1, lead };
  return { element: Element.paragraph, lead: indentLead(firstLine, left) };
}

/** Words of the aside that was opened last. */
export function sayAside({ asides, boxes }: Reading, text: string): void {
  const aside = asides.at(-1);
  if (aside?.kind === 'box') boxes.say(text);
  else aside?.words.push(text);
}

/** What an aside comes to once its group ends. */
export function closeAside(reading: Reading, { kind, words: parts }: Aside): void {
  if (kind === 'box') {
    reading.boxes.close();
    return;
  }
  const words = parts.join('').replace(/\s+/g, ' ').trim();
  if (kind === 'code') {
    // What the field shows is another group of the same.
    top(reading).link = addressOf(words);
  } else if (kind === 'note') {
    reading.notes.push(words);
    say(reading, `[${reading.notes.length}]`);
  } else if (reading.asides.length > 0) say(reading, `${words} `);
  else reading.sign = words;
}

/** The code of a field that leads elsewhere, and to which place there. A place in the same text has no address. */
const LINK = /^HYPERLINK "([^"]+)"(?: \\l "([^"]+)")?/;

function addressOf(code: string): string | undefined {
  const [, address, place] = LINK.exec(code) ?? [];
  return address !== undefined && place !== undefined ? `${address}#${place}` : address;
}
