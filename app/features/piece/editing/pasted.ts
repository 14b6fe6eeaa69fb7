/** What a clipboard or a drag holds, as far as it matters here. */
interface Flavours {
  getData(type: string): string;
}

/**
 * The text that is pasted among words: paragraphs are apart by an empty line. Programs that write one line end between paragraphs
 * tell by their rich flavour that these are paragraphs.
 */
export function pastedText(flavours: Flavours): string {
  const text = flavours.getData('text/plain').replace(/\r\n?/g, '\n').replace(/\n+$/, '');
  if (!text.includes('\n') || /\n[ \t]*\n/.test(text)) return text;
  return /<p[\s>]/i.test(flavours.getData('text/html')) ? text.replace(/\n/g, '\n\n') : text;
}
