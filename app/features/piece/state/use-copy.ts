import type { Spot } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { toast } from '../../../ui/toasts.tsx';

/** Writes the clean text to the clipboard, plain and rich at once, and says what it did. */
export function useCopy(client: CleanClient | undefined): (() => void) | undefined {
  if (!client) return undefined;
  return () => {
    const copied = client.copy();
    write('Clean text copied', { plain: copied.then(({ text }) => text), html: copied.then(({ html }) => html) });
  };
}

/** Writes the clean text between two spots to the clipboard. */
export function copyBetween(client: CleanClient, [from, to]: readonly [Spot, Spot]): void {
  write('Selection copied', { plain: client.textBetween(from, to) });
}

function write(done: string, { plain, html }: { plain: Promise<string>; html?: Promise<string> }): void {
  const blob = (type: string, part: Promise<string>) => part.then((text) => new Blob([text], { type }));
  // The item is made at once, with promises inside, so that the browser still sees the person's key press behind it.
  const item = new ClipboardItem({
    'text/plain': blob('text/plain', plain),
    ...(html && { 'text/html': blob('text/html', html) }),
  });
  navigator.clipboard.write([item]).then(
    async () => {
      const text = await plain;
      const paragraphs = text === '' ? 0 : text.split(/\n{2,}/).length;
      toast({
        text: done,
        detail: `${paragraphs.toLocaleString('en')} ${paragraphs === 1 ? 'paragraph' : 'paragraphs'}, ${text.length.toLocaleString('en')} characters`,
      });
    },
    () =>
      toast({
        text: 'The browser did not let this page write to the clipboard',
        detail: 'Allow the clipboard for this page, or select the clean text and copy it by hand.',
        tone: 'bad',
      }),
  );
}
