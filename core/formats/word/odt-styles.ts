import type { Look } from '../../layout/looks.ts';
import { attribute, walkXml, type XmlAttributes } from '../xml.ts';

/** A style of paragraphs, words or lists. */
export interface OdtStyle {
  parent?: string;
  /** Indents in twentieths of a point. */
  firstLine?: number;
  left?: number;
  isHidden?: boolean;
  look?: Look;
  /** The forms of a list style's levels, from 1; an empty form is a bullet. */
  readonly levels: Map<number, { form: string; before: string; after: string; start: number }>;
}

/** Adds the styles of a part, by name. */
export function readStyles(source: string, styles: Map<string, OdtStyle>): void {
  let now: OdtStyle | undefined;
  walkXml(source, {
    open: (name, attributes) => {
      if (name === 'body') return 'skip';
      if (name === 'style' || name === 'list-style') {
        now = { parent: attribute(attributes, 'parent-style-name'), levels: new Map() };
        styles.set(attribute(attributes, 'name') ?? '', now);
      } else if (name === 'paragraph-properties' && now) {
        now.firstLine = lengthOf(attribute(attributes, 'text-indent'));
        now.left = lengthOf(attribute(attributes, 'margin-left'));
      } else if (name === 'text-properties' && now) takeLook(now, attributes);
      else if ((name === 'list-level-style-number' || name === 'list-level-style-bullet') && now) {
        const form = name.endsWith('bullet') ? '' : (attribute(attributes, 'num-format') ?? '1');
        now.levels.set(Number(attribute(attributes, 'level')), {
          form,
          before: attribute(attributes, 'num-prefix') ?? '',
          after: attribute(attributes, 'num-suffix') ?? '',
          start: Number(attribute(attributes, 'start-value') ?? 1),
        });
      }
      return undefined;
    },
    close: (name) => {
      if (name === 'style' || name === 'list-style') now = undefined;
    },
  });
}

function takeLook(style: OdtStyle, attributes: XmlAttributes): void {
  style.isHidden = attribute(attributes, 'display') === 'none';
  const weight = attribute(attributes, 'font-weight');
  const slant = attribute(attributes, 'font-style');
  style.look = {
    isStrong: weight === 'bold' || Number(weight) >= 600,
    isEmphasis: slant === 'italic' || slant === 'oblique',
  };
}

const TWENTIETHS: Readonly<Record<string, number>> = { in: 1440, cm: 567, mm: 56.7, pt: 20, pc: 240, px: 15 };

function lengthOf(value: string | undefined): number | undefined {
  const [, number, unit] = /^(-?[\d.]+)([a-z]{2})$/.exec(value ?? '') ?? [];
  return number === undefined ? undefined : Number(number) * (TWENTIETHS[unit!] ?? 20);
}
