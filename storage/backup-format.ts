import { array, boolean, mixed, number, object, string } from 'yup';
import type { Origin, PieceRecord, TextRecord, VersionRecord } from './db.ts';
import { readLayout, storeLayout, type Step, type StoredLayout } from '../core/index.ts';

/** What a backup file is; said in its first entry. */
export const BACKUP_FORMAT = 'lucid-ribbon/backup';
export const BACKUP_VERSION = 1;
export const HEAD_NAME = 'backup.json';
export const PREFERENCES_NAME = 'preferences.json';
export const STYLES_NAME = 'styles.json';

export interface BackupHead {
  readonly format: typeof BACKUP_FORMAT;
  readonly version: number;
  /** ms since the epoch. */
  readonly savedAt: number;
  readonly pieces: number;
}

/** A piece with all that is stored of it, as JSON has it; the bytes of its file stand in an entry of their own. */
export interface BackupPiece {
  readonly piece: PieceRecord;
  readonly source: string;
  readonly layout?: StoredLayout;
  readonly origin?: Omit<Origin, 'bytes'> & { readonly hasBytes: boolean };
  readonly steps: readonly Step[];
  readonly versions: readonly VersionRecord[];
}

const time = number().min(0).required();
const count = number().integer().min(0);
const numbers = array().of(number().integer().min(0).required()).required();

export const headSchema = object({
  format: string().oneOf([BACKUP_FORMAT]).required(),
  version: number().integer().required(),
  savedAt: time,
  pieces: count.required(),
});

export const pieceSchema = object({
  piece: object({
    id: string().min(1).max(100).required(),
    title: string().defined(),
    opening: string().optional(),
    createdAt: time,
    changedAt: time,
    at: count.required(),
    stepCount: count.required(),
    words: count.optional(),
    doubts: count.optional(),
    kind: string().optional(),
  }).required(),
  source: string().defined(),
  layout: object({
    element: numbers,
    level: numbers,
    region: numbers,
    block: numbers,
    columns: array().of(count.required()).optional(),
    widths: array().of(count.required()).optional(),
    ranges: array()
      .of(object({ from: count.required(), to: count.required(), kind: string().required() }))
      .required(),
  }).default(undefined),
  origin: object({
    format: string().required(),
    name: string().optional(),
    encoding: string().optional(),
    plain: string().optional(),
    hasBytes: boolean().required(),
  }).default(undefined),
  steps: array().of(mixed().required()).required(),
  versions: array()
    .of(object({ id: string().required(), name: string().defined(), keptAt: time, outcome: mixed().required() }))
    .required(),
});

export function toBackupPiece(
  piece: PieceRecord,
  { source, layout, origin }: TextRecord,
  steps: readonly Step[],
  versions: readonly VersionRecord[],
): BackupPiece {
  const { bytes, ...kept } = origin ?? {};
  return {
    piece,
    source,
    ...(layout && { layout: storeLayout(layout) }),
    ...(origin && { origin: { ...(kept as Omit<Origin, 'bytes'>), hasBytes: bytes !== undefined } }),
    steps,
    versions,
  };
}

export function toTextRecord(
  pieceId: string,
  { source, layout, origin }: BackupPiece,
  bytes: Uint8Array | undefined,
): TextRecord {
  return {
    pieceId,
    source,
    ...(layout && { layout: readLayout(layout) }),
    ...(origin && { origin: toOrigin(origin, bytes) }),
  };
}

function toOrigin(stored: NonNullable<BackupPiece['origin']>, bytes: Uint8Array | undefined): Origin {
  const { format, name, encoding, plain } = stored;
  return {
    format,
    ...(name !== undefined && { name }),
    ...(encoding !== undefined && { encoding }),
    ...(plain !== undefined && { plain }),
    ...(bytes && { bytes }),
  };
}
