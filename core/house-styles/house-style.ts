import type { SourceKind } from '../report/summary.ts';
import type { OutputShape } from '../output/shape.ts';
import type { Style } from '../style/style.ts';

/** Says what a file is; stands at its very beginning. */
export const HOUSE_STYLE_FORMAT = 'lucid-ribbon/house-style';
export const HOUSE_STYLE_VERSION = 1;

/** Which texts a style is for: those that answer to all that is said here. Empty says nothing of any text. */
export interface StyleFor {
  readonly kind?: SourceKind;
  /** Words in the first lines of the text; upper and lower case are the same. */
  readonly words?: string;
  /** A file name, in which "*" stands for any characters: "minutes-*.txt". */
  readonly file?: string;
}

/** A style with its name, the shape in which texts go out, and the texts that it is for. */
export interface HouseStyle {
  readonly name: string;
  readonly style: Style;
  /** How clean texts go out; as it was last where it is not said. */
  readonly output?: OutputShape;
  readonly for?: StyleFor;
}

/** A house style as it stands in a file. Described for others in docs/house-style.md and its JSON Schema. */
export interface HouseStyleFile extends HouseStyle {
  readonly format: typeof HOUSE_STYLE_FORMAT;
  readonly version: typeof HOUSE_STYLE_VERSION;
}

export function toHouseStyleFile({ name, style, output, for: texts }: HouseStyle): HouseStyleFile {
  return {
    format: HOUSE_STYLE_FORMAT,
    version: HOUSE_STYLE_VERSION,
    name,
    ...(texts && { for: texts }),
    style,
    ...(output && { output }),
  };
}

/** Whether a file is a house style, by its beginning. */
export function isHouseStyle(head: string): boolean {
  return /^\s*\{\s*"format"\s*:\s*"lucid-ribbon\/house-style"/.test(head);
}
