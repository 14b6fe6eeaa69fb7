import type { OutputShape, Spot, Written } from '../../../../core/index.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { toast } from '../../../ui/toasts.tsx';

/** What writes the clean text to the clipboard, plain and rich at once, and says what it did; `upToDate` resolves when the worker knows all. */
export function copierOf(
  client: CleanClient | undefined,
  shape: OutputShape,
  upToDate: () => Promise<void>,
): (() => void) | undefined {
  if (!client) return undefined;
  return () => {
    const copied = upToDate().then(() => client.copy(shape));
    write('Clean text copied', { plain: copied.then(({ text }) => text), html: copied.then(({ html }) => html) });
  };
}

/** Writes the clean text between two spots to the clipboard. */
export function copyBetween(client: CleanClient, [from, to]: readonly [Spot, Spot]): void {
  write('Selection copied', { plain: client.textBetween(from, to) });
}

/** Writes rows to the clipboard: with tabs between, and as a table for programs that have tables. */
export function copyTable(done: string, rows: Promise<readonly (readonly string[])[]>): void {
  const cell = (words: string) => `<td>${words.replace(/[&<>]/g, (sign) => `&#${sign.charCodeAt(0)};`)}</td>`;
  write(done, {
    plain: rows.then((all) => all.map((row) => row.join('\t')).join('\n')),
    html: rows.then((all) => `<table>${all.map((row) => `<tr>${row.map(cell).join('')}</tr>`).join('')}</table>`),
  });
}

/** Writes a text to the clipboard. */
export function copyText(done: string, text: string | Promise<Written>): void {
  write(done, { plain: Promise.resolve(text).then(String) });
}

function write(done: string, { plain, html }: { plain: Promise<string>; html?: Promise<string> }): void {
  put(plain, html).then(
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
        detail: 'Allow clipboard access for this page, or select the clean text and press Ctrl+C.',
        tone: 'bad',
      }),
  );
}

/** Rejects where the browser does not let the page write. */
function put(plain: Promise<string>, html?: Promise<string>): Promise<void> {
  // Not there on pages that came over plain http from another machine.
  if (!window.isSecureContext) return putByCommand(plain, html);
  const blob = (type: string, part: Promise<string>) => part.then((text) => new Blob([text], { type }));
  // The item is made at once, with promises inside, so that the browser still sees the person's key press behind it.
  const item = new ClipboardItem({
    'text/plain': blob('text/plain', plain),
    ...(html && { 'text/html': blob('text/html', html) }),
  });
  return navigator.clipboard.write([item]);
}

/** By the older way, which every page has. */
async function putByCommand(plain: Promise<string>, html?: Promise<string>): Promise<void> {
  const parts = { 'text/plain': await plain, ...(html && { 'text/html': await html }) };
  let isPut = false;
  const onCopy = (event: ClipboardEvent) => {
    for (const [type, text] of Object.entries(parts)) event.clipboardData?.setData(type, text);
    isPut = event.clipboardData !== null;
    event.preventDefault();
    event.stopPropagation();
  };
  document.addEventListener('copy', onCopy, true);
  document.execCommand('copy');
  document.removeEventListener('copy', onCopy, true);
  if (!isPut) throw new DOMException('the clipboard was not written to', 'NotAllowedError');
}
