import { ok, type Result } from '../result';
import { readCsv, writeCsv } from './csv';

/**
 * A column of a table: its head, how a cell is written, and how it is read: a value or what is wrong. A column that older files lack
 * says what an empty cell says.
 */
type TableColumn<Row, Key extends keyof Row> = {
  readonly head: string;
  readonly key: Key;
  readonly write: (value: Row[Key]) => string;
  readonly read: (cell: string) => Result<Row[Key]>;
  readonly mayBeMissing: boolean;
};
type AnyColumn<Row> = { [Key in keyof Row]: TableColumn<Row, Key> }[keyof Row];

export const column = <Row, Key extends keyof Row>(
  head: string,
  key: Key,
  write: (value: Row[Key]) => string,
  read: (cell: string) => Result<Row[Key]>,
  mayBeMissing = false,
): TableColumn<Row, Key> => ({ head, key, write, read, mayBeMissing });

/** A table of one kind of rows. */
export type Table<Row> = { readonly what: string; readonly columns: readonly AnyColumn<Row>[] };

export type TableRow<Row> = {
  /** Line of the file, the heads being line 1. */
  readonly line: number;
  readonly row: Row | null;
  readonly problems: readonly string[];
};

export const writeTable = <Row>({ columns }: Table<Row>, rows: readonly Row[]): string =>
  writeCsv(
    columns.map((c) => c.head),
    rows.map((row) => columns.map((c) => (c.write as (v: unknown) => string)(row[c.key]))),
  );

/** Every line as a row, or with what is wrong with it; columns are found by their heads, in any order. */
export function readTable<Row>(
  text: string,
  { what, columns }: Table<Row>,
): Result<readonly TableRow<Row>[]> {
  const file = readCsv(text, what);
  if (!file.ok) return file;
  const heads = file.value.heads.map((h) => h.toLowerCase());
  const places = columns.map((c) => heads.indexOf(c.head));
  return ok(
    file.value.rows.map((cells, i): TableRow<Row> => {
      const read = columns.map((c, at) => {
        const place = places[at]!;
        return place < 0 && !c.mayBeMissing
          ? ({ ok: false, code: 'missing', message: `There is no column “${c.head}”` } as const)
          : (c.read as (cell: string) => Result<unknown>)(cells[place] ?? '');
      });
      const problems = read.flatMap((r, at) => (r.ok ? [] : [`${columns[at]!.head}: ${r.message}`]));
      const row =
        problems.length > 0
          ? null
          : Object.fromEntries(read.map((r, at) => [columns[at]!.key, r.ok ? r.value : null]));
      return { line: i + 2, row: row as Row | null, problems };
    }),
  );
}

/** Does a file begin with the heads of this table? */
export const isTable = <Row>({ columns }: Table<Row>, heads: readonly string[]): boolean => {
  const there = new Set(heads.map((h) => h.toLowerCase()));
  return columns.every((c) => c.mayBeMissing || there.has(c.head));
};
