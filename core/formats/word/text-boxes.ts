import { Element } from '../../layout/layout.ts';
import type { DocumentWriter } from '../document-writer.ts';

/** The words of text boxes. They wait for the end of the paragraph that the box stands in, and are paragraphs of their own behind it. */
export interface TextBoxes {
  open(): void;
  close(): void;
  isOpen(): boolean;
  /** Words, or a line end, of the box that was opened last. */
  say(text: string): void;
  /** Writes those that are closed, in the order in which they were opened. */
  writeTo(writer: DocumentWriter): void;
}

export function textBoxes(): TextBoxes {
  /** The words of each box, in parts. */
  let waiting: string[][] = [];
  /** The boxes that are open, one within another. */
  const open: string[][] = [];
  return {
    open: () => {
      const box: string[] = [];
      waiting.push(box);
      open.push(box);
    },
    close: () => void open.pop(),
    isOpen: () => open.length > 0,
    say: (text) => void open.at(-1)?.push(text),
    writeTo: (writer) => {
      const boxes = waiting;
      waiting = [];
      for (const box of boxes) {
        for (const paragraph of box.join('').split('\n')) {
          if (paragraph.trim() === '') continue;
          writer.open({ element: Element.paragraph, apart: 'around' });
          writer.write(paragraph.trim());
          writer.close();
        }
      }
    },
  };
}
