/** Hands a text, or the bytes of a file, to the browser to be saved; `type` is its media type. */
export function download(content: string | Uint8Array | Blob, name: string, type: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(
    new Blob([content as BlobPart], { type: typeof content === 'string' ? `${type};charset=utf-8` : type }),
  );
  link.download = name;
  link.click();
  // The browser has taken the address by then.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
