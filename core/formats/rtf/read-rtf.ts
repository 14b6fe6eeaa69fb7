import { Element } from '../../layout/layout.ts';
import { UnreadableError, type Document } from '../document.ts';
import { documentWriter } from '../document-writer.ts';
import { CONTROLS } from './rtf-controls.ts';
import { beginReading, top, type Reading } from './rtf-reading.ts';
import { closeAside, say } from './rtf-saying.ts';
import { rtfTokens } from './rtf-tokens.ts';
import { CHARSETS, KEPT, NOT_TEXT, SIGNS } from './rtf-words.ts';

/**
 * Reads Rich Text Format: paragraphs with their line breaks, headings by their outline level, lists with the signs that stand in the
 * file, tables a row to a line, text boxes behind their paragraphs, notes at the end. Heads and feet of pages, hidden and deleted
 * text, pictures and fields' codes are not read, but for the addresses of links. Throws UnreadableError.
 */
export function readRtf(bytes: Uint8Array): Document {
  const source = new TextDecoder('latin1').decode(bytes);
  if (!source.trimStart().startsWith('{\\rtf')) throw new UnreadableError('damaged');
  const writer = documentWriter();
  const reading = beginReading(writer);
  for (const token of rtfTokens(source)) {
    if (token.kind === 'byte') {
      takeByte(reading, token.byte);
      continue;
    }
    sayBytes(reading);
    if (token.kind === 'open') openGroup(reading);
    else if (token.kind === 'close') closeGroup(reading);
    else if (token.kind === 'word') takeWord(reading, token.word, token.value);
    else if (token.kind === 'text') takeText(reading, token.text);
  }
  sayBytes(reading);
  writer.close();
  reading.boxes.writeTo(writer);
  for (const [at, words] of reading.notes.entries()) {
    writer.open({ element: Element.note, apart: 'around' });
    writer.write(`[${at + 1}] ${words}`);
    writer.close();
  }
  return writer.finish();
}

function openGroup(reading: Reading): void {
  reading.groups.push({ ...top(reading), isOptional: false });
  reading.atStart = true;
}

function closeGroup(reading: Reading): void {
  const { groups, asides } = reading;
  const depth = groups.length;
  if (depth > 1) groups.pop();
  if (!top(reading).isSkipped) reading.inFontTable = false;
  if (asides.at(-1)?.depth === depth) closeAside(reading, asides.pop()!);
  reading.toSkip = 0;
  reading.atStart = false;
}

function takeByte(reading: Reading, byte: number): void {
  reading.atStart = false;
  if (reading.toSkip > 0) reading.toSkip--;
  else if (!top(reading).isSkipped) reading.bytes.push(byte);
}

function sayBytes(reading: Reading): void {
  const { bytes, codePage } = reading;
  if (bytes.length === 0) return;
  reading.bytes = [];
  say(reading, new TextDecoder(top(reading).charset ?? codePage).decode(Uint8Array.from(bytes)));
}

function takeText(reading: Reading, text: string): void {
  reading.atStart = false;
  const passed = Math.min(reading.toSkip, text.length);
  reading.toSkip -= passed;
  say(reading, text.slice(passed));
}

function takeWord(reading: Reading, word: string, value: number | undefined): void {
  const group = top(reading);
  if (word === '*') {
    if (reading.atStart) group.isOptional = true;
    return;
  }
  if (reading.atStart) {
    if (word === 'fonttbl') reading.inFontTable = true;
    if (NOT_TEXT.has(word) || (group.isOptional && !KEPT.has(word))) group.isSkipped = true;
    // The same words stand before it for readers without Unicode, in the group around both.
    if (word === 'ud') group.isSkipped = reading.groups.at(-3)?.isSkipped ?? false;
  }
  reading.atStart = false;
  if (reading.inFontTable) takeFont(reading, word, value);
  else if (!group.isSkipped) {
    if (SIGNS[word] !== undefined) say(reading, SIGNS[word]);
    else CONTROLS[word]?.(reading, value);
  }
}

/** What the table of fonts says: which font is in which encoding. */
function takeFont(reading: Reading, word: string, value = 0): void {
  if (word === 'f') reading.font = value;
  else if (word === 'fcharset' && CHARSETS[value] !== undefined) reading.charsets.set(reading.font, CHARSETS[value]);
}
