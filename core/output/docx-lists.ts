import { XML_HEAD } from './archive.ts';
import type { ListMark } from './output-blocks.ts';

const LEVELS = 6;
const BULLETS = 1;

/** A row of numbers that count on. */
interface Series {
  readonly level: number;
  readonly first: number;
  readonly sign: string;
}

/** The lists of a WordprocessingML document: one of bullets, and one for each row of numbers, since numbers of one list count on. */
export class DocxLists {
  readonly #series: Series[] = [];
  /** By level and sign: the list that was last, and the number with which it goes on. */
  readonly #open = new Map<string, { readonly id: number; readonly next: number }>();

  /** The id of the list that an item belongs to, at a level from 1. */
  idOf({ number }: ListMark, level: number): number {
    if (!number) return BULLETS;
    const { value, sign } = number;
    const key = `${level}${sign}`;
    const open = this.#open.get(key);
    const id = open?.next === value ? open.id : BULLETS + this.#series.push({ level, first: value, sign });
    this.#open.set(key, { id, next: value + 1 });
    return id;
  }

  /** The part word/numbering.xml, once the id of every item was asked for. */
  toXml(namespace: string): string {
    const bullets = Array.from({ length: LEVELS }, (_, at) => levelOf(at, 1, 'bullet', '•')).join('');
    const lists = [
      bullets,
      ...this.#series.map(({ level, first, sign }) => levelOf(level - 1, first, 'decimal', `%${level}${sign}`)),
    ];
    const definitions = lists.map(
      (levels, at) =>
        `<w:abstractNum w:abstractNumId="${at}"><w:multiLevelType w:val="hybridMultilevel"/>${levels}</w:abstractNum>`,
    );
    const ids = lists.map((_, at) => `<w:num w:numId="${at + BULLETS}"><w:abstractNumId w:val="${at}"/></w:num>`);
    return `${XML_HEAD}<w:numbering ${namespace}>${definitions.join('')}${ids.join('')}</w:numbering>`;
  }
}

function levelOf(at: number, first: number, format: string, text: string): string {
  return `<w:lvl w:ilvl="${at}"><w:start w:val="${first}"/><w:numFmt w:val="${format}"/><w:lvlText w:val="${text}"/><w:lvlJc w:val="left"/><w:pPr><w:ind w:left="${360 * (at + 1)}" w:hanging="280"/></w:pPr></w:lvl>`;
}
