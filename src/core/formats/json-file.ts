import type { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { UNKEPT_WORDS, unkeptAt } from '../text';
import { readKeeping, type UnknownField } from './unknown-fields';

/** One kind of JSON file: its name, its newest version, its schema and how older files become newer ones. */
export type FileKind<S extends z.ZodType> = {
  readonly oskil: string;
  readonly version: number;
  readonly schema: S;
  /** From version n to n + 1, by n. */
  readonly upgrades: Readonly<Record<number, (file: Record<string, unknown>) => Record<string, unknown>>>;
};

/** Up to version 1 a dose had directions and leads; every schema of doses reads them as the passes that they meant. */
export const withPasses = (file: Record<string, unknown>): Record<string, unknown> => ({
  ...file,
  version: 2,
});

/** Up to version 2 some fields had other names; the schemas read them by both. */
export const withPresentNames = (file: Record<string, unknown>): Record<string, unknown> => ({
  ...file,
  version: 3,
});

type JsonRead<T> = Result<{
  readonly file: T;
  readonly unknown: readonly UnknownField[];
  readonly from: number;
}>;

/** Read a file of one kind, of any version up to this one. Everything that is wrong is said in a sentence with its place. */
export function readJsonFile<S extends z.ZodType>(text: string, kind: FileKind<S>): JsonRead<z.output<S>> {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const raw = parsed.value;
  const version = typeof raw.version === 'number' ? raw.version : 0;
  if (raw.oskil !== undefined && raw.oskil !== kind.oskil)
    return fail('other-kind', `This file holds a ${String(raw.oskil).slice(0, 40)}, not a ${kind.oskil}.`);
  if (!Number.isInteger(version) || version < 0)
    return fail('bad-version', 'The version of this file is not a whole number.');
  if (version > kind.version)
    return fail(
      'newer',
      `This file was written by a newer Oskil (version ${version}, this one knows ${kind.version}). Nothing was read.`,
    );
  let file = raw;
  for (let v = version; v < kind.version; v++) {
    const upgrade = kind.upgrades[v];
    if (!upgrade) return fail('too-old', `Version ${v} of this kind of file cannot be read.`);
    file = upgrade(file);
  }
  const read = readKeeping(file, kind.schema);
  if (!read.ok) return fail('bad-file', problemWords(read.issues));
  return ok({ file: read.value, unknown: read.unknown, from: version });
}

function parseJson(text: string): Result<Record<string, unknown>> {
  try {
    const value: unknown = JSON.parse(text);
    if (isDeep(value)) return fail('too-deep', 'This file is nested too deeply to be read.');
    const unkept = unkeptAt(value);
    if (unkept !== null)
      return fail('bad-file', `${UNKEPT_WORDS} (${unkept || 'the file'}). Nothing was read.`);
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? ok(value as Record<string, unknown>)
      : fail('bad-json', 'This file holds no object.');
  } catch (error) {
    const line = lineOf(text, error);
    return fail(
      'bad-json',
      `This is not readable JSON${line === null ? '' : ` (line ${line})`}. Nothing was read.`,
    );
  }
}

const DEEPEST = 64;

/** Nested deeper than any file of ours, looked at level by level so that the looking itself is not deep. */
function isDeep(value: unknown): boolean {
  let level: unknown[] = [value];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > DEEPEST) return true;
    level = level.flatMap((v) => (typeof v === 'object' && v !== null ? Object.values(v) : []));
  }
  return false;
}

/** The line a parser stopped at, where it says the place. */
function lineOf(text: string, error: unknown): number | null {
  const place = /position (\d+)/.exec(error instanceof Error ? error.message : '')?.[1];
  return place === undefined ? null : text.slice(0, Number(place)).split('\n').length;
}

const MAX_PROBLEMS = 3;

function problemWords(issues: readonly z.core.$ZodIssue[]): string {
  if (issues.length === 0) return 'This file cannot be read.';
  const words = issues.slice(0, MAX_PROBLEMS).map((i) => `${i.message} (${placeWords(i.path)})`);
  const more = issues.length - words.length;
  return `${words.join('; ')}${more > 0 ? ` and ${more} more` : ''}. Nothing was read.`;
}

const placeWords = (path: readonly PropertyKey[]): string =>
  path.length === 0
    ? 'the file'
    : path.map((p) => (typeof p === 'number' ? `${p + 1}` : String(p))).join(' › ');
