import type { CleanClient } from '../../../worker/client.ts';
import { toast } from '../../ui/toasts.tsx';

/** Writes the clean text to the clipboard, plain and rich at once, and says what it did. */
export function useCopy(client: CleanClient | undefined): (() => void) | undefined {
  if (!client) return undefined;
  return () => {
    const copied = client.copy();
    const blob = (type: string, part: 'text' | 'html') => copied.then((copy) => new Blob([copy[part]], { type }));
    // The item is made at once, with promises inside, so that the browser still sees the person's key press behind it.
    const item = new ClipboardItem({
      'text/plain': blob('text/plain', 'text'),
      'text/html': blob('text/html', 'html'),
    });
    navigator.clipboard.write([item]).then(
      async () => {
        const { text } = await copied;
        const paragraphs = text === '' ? 0 : text.split(/\n{2,}/).length;
        toast({
          text: 'Clean text copied',
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
  };
}
