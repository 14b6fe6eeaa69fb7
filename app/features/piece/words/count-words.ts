/** A number with its noun: "1 paragraph", "1,204 paragraphs". */
export function countWords(number: number, one: string, many: string): string {
  return `${number.toLocaleString('en')} ${number === 1 ? one : many}`;
}
