import { object, string, ValidationError } from 'yup';
import { toShape } from '../output/shape.ts';
import { findPass } from '../passes/index.ts';
import { SOURCE_KINDS } from '../report/summary.ts';
import { isRuleId } from '../rules/own-rule.ts';
import { isShapeId } from '../shapes/line-shape.ts';
import { toStyle } from '../style/read-style.ts';
import { HOUSE_STYLE_FORMAT, HOUSE_STYLE_VERSION, type HouseStyle, type StyleFor } from './house-style.ts';

/** Why a file is no house style that can be read. `place` is where in the file: "style.rules[0].insert". */
export type StyleProblem =
  | { readonly kind: 'no-json' }
  | { readonly kind: 'other-file' }
  | { readonly kind: 'newer' }
  | { readonly kind: 'wrong'; readonly place: string; readonly message: string };

export type StyleRead =
  | {
      readonly ok: true;
      readonly style: HouseStyle;
      /** Passes that this version does not know: they are kept, and do nothing. */
      readonly unknown: readonly string[];
    }
  | { readonly ok: false; readonly problem: StyleProblem };

const forSchema = object({
  kind: string().oneOf(SOURCE_KINDS).optional(),
  words: string().max(200).optional(),
  file: string().max(200).optional(),
})
  .noUnknown()
  .strict();

/** Turns the data of one version into that of the next, by the version that it has. There is one version so far. */
const MIGRATIONS: Readonly<Record<number, (data: object) => object>> = {};

/** Reads a house style from JSON. Never throws for what is in it. */
export function readHouseStyle(json: string): StyleRead {
  let data: unknown;
  try {
    data = JSON.parse(json);
  } catch {
    return failed({ kind: 'no-json' });
  }
  return parseHouseStyle(data);
}

/** Reads a house style from data that came from outside. Never throws for what is in it. */
export function parseHouseStyle(data: unknown): StyleRead {
  if (typeof data !== 'object' || data === null || !('format' in data) || data.format !== HOUSE_STYLE_FORMAT)
    return failed({ kind: 'other-file' });
  const version = 'version' in data ? data.version : undefined;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return failed({ kind: 'wrong', place: 'version', message: 'is no version' });
  if (version > HOUSE_STYLE_VERSION) return failed({ kind: 'newer' });
  return readParts(migrated(data, version));
}

function migrated(data: object, version: number): object {
  let now = data;
  for (let at = version; at < HOUSE_STYLE_VERSION; at++) now = MIGRATIONS[at]!(now);
  return now;
}

function readParts(data: object): StyleRead {
  const { name, style, output, for: texts } = data as Record<string, unknown>;
  let place = 'name';
  try {
    const named = string().trim().min(1).max(120).required().validateSync(name);
    place = 'style';
    const read = toStyle(style);
    place = 'for';
    const meant = texts === undefined ? undefined : (forSchema.validateSync(texts) as StyleFor);
    const unknown = [...Object.keys(read.passes), ...(read.order ?? [])].filter((id) => !isKnown(id));
    return {
      ok: true,
      style: {
        name: named,
        style: read,
        ...(output !== undefined && { output: toShape(output) }),
        ...(meant && { for: meant }),
      },
      unknown: [...new Set(unknown)],
    };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.path ? `${place}.${error.path}` : place;
    return failed({ kind: 'wrong', place: place === 'name' ? 'name' : inner, message: messageOf(error) });
  }
}

/** The checker's message without the place, which is told apart. */
function messageOf({ message, path }: ValidationError): string {
  return message.replace(path ?? 'this', '').trim();
}

function isKnown(id: string): boolean {
  return findPass(id) !== undefined || isRuleId(id) || isShapeId(id);
}

function failed(problem: StyleProblem): StyleRead {
  return { ok: false, problem };
}
