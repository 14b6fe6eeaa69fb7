import { Parser } from 'htmlparser2';
import { BLOCKS } from './elements.ts';

const LONGEST_CELL = 200;

interface OpenTable {
  readonly at: number;
  rows: number;
  cells: number;
  /** Characters of the cell at hand. */
  length: number;
}

/**
 * Which tables of a page, in the order of their beginnings, hold data, a row to a line: several cells to a row, each short and
 * without blocks or line ends of its own. In other tables a page is laid out: their cells are read one after the other.
 */
export function findDataTables(source: string): boolean[] {
  const isData: boolean[] = [];
  if (!/<table/i.test(source)) return isData;
  const open: OpenTable[] = [];
  const refuse = () => {
    for (const { at } of open) isData[at] = false;
  };
  const parser = new Parser({
    onopentagname: (name) => {
      const table = open.at(-1);
      if (name === 'table') {
        refuse();
        open.push({ at: isData.push(true) - 1, rows: 0, cells: 0, length: 0 });
      } else if (!table) return;
      else if (name === 'tr') table.rows++;
      else if (name === 'td' || name === 'th') {
        table.cells++;
        table.length = 0;
      } else if (name === 'br' || (BLOCKS.has(name) && !TABLE_PARTS.has(name) && name !== 'p')) refuse();
    },
    ontext: (text) => {
      const table = open.at(-1);
      if (table && (table.length += text.length) > LONGEST_CELL) refuse();
    },
    onclosetag: (name) => {
      const table = name === 'table' ? open.pop() : undefined;
      if (table && table.cells < table.rows * 2) isData[table.at] = false;
    },
  });
  parser.write(source);
  parser.end();
  return isData;
}

const TABLE_PARTS: ReadonlySet<string> = new Set(['tbody', 'thead', 'tfoot', 'tr', 'td', 'th', 'caption']);
