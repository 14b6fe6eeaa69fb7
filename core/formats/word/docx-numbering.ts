import { writeNumber } from '../html/list-markers.ts';
import { attribute, walkXml } from '../xml.ts';

/** The numbers of the lists of a document, counted as its paragraphs come. */
export interface Numbering {
  /** The sign before the next item of a list at a depth from 0; undefined where the list has none. */
  next(list: string, depth: number): string | undefined;
}

interface Level {
  start: number;
  form: string;
  text: string;
}

const FORMS: Readonly<Record<string, string>> = {
  decimal: '1',
  lowerLetter: 'a',
  upperLetter: 'A',
  lowerRoman: 'i',
  upperRoman: 'I',
};

/** Reads the numbering part of a WordprocessingML package. */
export function readNumbering(source: string): Numbering {
  const abstracts = new Map<string, Map<number, Level>>();
  const lists = new Map<string, string>();
  let levels: Map<number, Level> | undefined;
  let level: Level | undefined;
  let list: string | undefined;
  walkXml(source, {
    open: (name, attributes) => {
      const value = attribute(attributes, 'val') ?? '';
      if (name === 'abstractNum') abstracts.set(attribute(attributes, 'abstractNumId') ?? '', (levels = new Map()));
      else if (name === 'num') {
        list = attribute(attributes, 'numId');
        levels = undefined;
      } else if (name === 'abstractNumId' && list !== undefined) lists.set(list, value);
      else if (name === 'lvl') {
        level = { start: 1, form: 'decimal', text: '' };
        levels?.set(Number(attribute(attributes, 'ilvl')), level);
      } else if (!level) return;
      else if (name === 'start') level.start = Number(value) || 0;
      else if (name === 'numFmt') level.form = value;
      else if (name === 'lvlText') level.text = value;
    },
    close: (name) => {
      if (name === 'lvl') level = undefined;
    },
  });
  const counts = new Map<string, number[]>();
  return {
    next: (id, depth) => {
      const form = abstracts.get(lists.get(id) ?? '');
      const at = form?.get(depth);
      if (!form || !at || at.form === 'none') return undefined;
      if (at.form === 'bullet') return '•';
      const count = counts.get(id) ?? [];
      counts.set(id, count);
      count.length = Math.min(count.length, depth + 1);
      count[depth] = (count[depth] ?? at.start - 1) + 1;
      const sign = at.text.replace(/%(\d)/g, (_all, place: string) => {
        const of = form.get(Number(place) - 1);
        return writeNumber(count[Number(place) - 1] ?? of?.start ?? 1, FORMS[of?.form ?? ''] ?? '1');
      });
      return sign === '' ? undefined : sign;
    },
  };
}
