const TYPES: Readonly<Record<string, string>> = { csv: 'text/csv', json: 'application/json' };

/** Hands a text to the browser as a file to be saved. */
export function download(text: string, name: string, format: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: `${TYPES[format] ?? 'text/plain'};charset=utf-8` }));
  link.download = name;
  link.click();
  // The browser has taken the address by then.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
