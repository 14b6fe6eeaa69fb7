import { csvFormatRows } from 'd3-dsv';

/** Spreadsheets take text that begins so for a formula; an apostrophe before it says that it is text. */
const FORMULA = /^[=+\-@\t\r]/;

/** Rows as CSV (RFC 4180). Text that a spreadsheet would take for a formula is made harmless. */
export function writeCsv(rows: readonly (readonly (string | number | boolean | undefined)[])[]): string {
  return `${csvFormatRows(rows.map((row) => row.map(harmless)))}\r\n`;
}

function harmless(value: string | number | boolean | undefined): string {
  return typeof value === 'string' && FORMULA.test(value) ? `'${value}` : String(value ?? '');
}
