import { z } from 'zod';
import { fail, ok, type Result } from '../result';

export const BACKUP_KINDS = ['daily', 'asked for', 'before a restore', 'brought'] as const;
export type BackupKind = (typeof BACKUP_KINDS)[number];

const headerSchema = z.object({
  oskil: z.literal('backup'),
  version: z.literal(1),
  /** Number of the newest migration that had run. */
  migration: z.number().int().min(1),
  madeAt: z.iso.datetime(),
  kind: z.enum(BACKUP_KINDS),
});
/** The first line of a backup. */
export type BackupHeader = z.infer<typeof headerSchema>;

const footerSchema = z.object({
  rows: z.number().int().min(0),
  /** Of all lines before this one, each with its line end. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
});
/** The last line of a backup; a file without it was cut off. */
export type BackupFooter = z.infer<typeof footerSchema>;

const rowSchema = z.tuple([z.string().regex(/^[a-z_]{1,60}$/), z.record(z.string(), z.unknown())]);
/** A row of a table: `["person", {…}]`. */
type BackupRow = z.infer<typeof rowSchema>;

export const DAMAGED =
  'This backup is damaged: it is not whole, or something in it was changed. Nothing was touched.';

/** The header of a backup that can be restored here, or why it cannot. `known` is the newest migration there is. */
export function readHeader(line: string, known: number): Result<BackupHeader> {
  const json = parsed(line) as { oskil?: unknown; version?: unknown } | null;
  if (json?.oskil !== 'backup')
    return fail('no-backup', 'This is not a backup of Oskil. Nothing was touched.');
  if (typeof json.version === 'number' && json.version > 1) return NEWER;
  const header = headerSchema.safeParse(json);
  if (!header.success) return fail('damaged', DAMAGED);
  return header.data.migration > known ? NEWER : ok(header.data);
}

const NEWER = fail(
  'newer',
  'This backup was made by a newer Oskil than this one. Nothing was touched. Update Oskil first.',
);

/** Any line but the first: a row, the footer, or neither. */
export function readLine(line: string): BackupRow | BackupFooter | null {
  const json = parsed(line);
  const row = rowSchema.safeParse(json);
  if (row.success) return row.data;
  const footer = footerSchema.safeParse(json);
  return footer.success ? footer.data : null;
}

export const isRow = (line: BackupRow | BackupFooter): line is BackupRow => Array.isArray(line);

function parsed(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return null;
  }
}
