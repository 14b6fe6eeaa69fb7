import { attribute, walkXml } from '../xml.ts';

/** What the style of a paragraph says, its parents' word where it says nothing itself. */
export interface ParagraphStyle {
  /** The level of a heading, from 1; 0 for others. */
  readonly heading: number;
  readonly isQuote: boolean;
  /** The list that it numbers, and how deep. */
  readonly list?: string;
  readonly depth: number;
  /** Indents in twentieths of a point. */
  readonly firstLine?: number;
  readonly left?: number;
}

export interface Styles {
  /** The style with an id; the usual one for none. */
  of(id: string | undefined): ParagraphStyle;
}

interface RawStyle {
  name: string;
  parent?: string;
  outline?: number;
  list?: string;
  depth?: number;
  firstLine?: number;
  left?: number;
}

const MOST_PARENTS = 12;

/** Reads the styles part of a WordprocessingML package. */
export function readStyles(source: string): Styles {
  const raw = new Map<string, RawStyle>();
  let usual: string | undefined;
  let now: RawStyle | undefined;
  walkXml(source, {
    open: (name, attributes) => {
      const value = attribute(attributes, 'val');
      if (name === 'style') {
        const id = attribute(attributes, 'styleId') ?? '';
        raw.set(id, (now = { name: '' }));
        if (attribute(attributes, 'default') === '1' && attribute(attributes, 'type') === 'paragraph') usual = id;
      } else if (!now) return;
      else if (name === 'name') now.name = value ?? '';
      else if (name === 'basedOn') now.parent = value;
      else if (name === 'outlineLvl') now.outline = Number(value);
      else if (name === 'numId') now.list = value;
      else if (name === 'ilvl') now.depth = Number(value);
      else if (name === 'ind') {
        const hanging = attribute(attributes, 'hanging');
        const first = attribute(attributes, 'firstLine');
        if (first !== undefined || hanging !== undefined)
          now.firstLine = first === undefined ? -Number(hanging) : Number(first);
        const left = attribute(attributes, 'left') ?? attribute(attributes, 'start');
        if (left !== undefined) now.left = Number(left);
      }
    },
    close: (name) => {
      if (name === 'style') now = undefined;
    },
  });
  const known = new Map<string, ParagraphStyle>();
  return {
    of: (id = usual ?? '') => {
      let style = known.get(id);
      if (!style) known.set(id, (style = settle(raw, id)));
      return style;
    },
  };
}

function settle(raw: ReadonlyMap<string, RawStyle>, id: string): ParagraphStyle {
  const chain: RawStyle[] = [];
  for (
    let at = raw.get(id);
    at && chain.length < MOST_PARENTS;
    at = at.parent === undefined ? undefined : raw.get(at.parent)
  )
    chain.push(at);
  const first = <K extends keyof RawStyle>(key: K) => chain.find((style) => style[key] !== undefined)?.[key];
  const outline = first('outline');
  const named = chain.map(({ name }) => /^heading (\d)$/i.exec(name)?.[1]).find((level) => level !== undefined);
  const heading = named !== undefined ? Number(named) : outline !== undefined && outline < 9 ? outline + 1 : 0;
  return {
    heading: heading || (chain.some(({ name }) => /^title$/i.test(name)) ? 1 : 0),
    isQuote: chain.some(({ name }) => /^(?:intense )?quot|block text/i.test(name)),
    list: first('list'),
    depth: first('depth') ?? 0,
    firstLine: first('firstLine'),
    left: first('left'),
  };
}
