import Papa from 'papaparse';
import { fail, ok, type Result } from '../result';
import { plural } from '../words';

/** A CSV file as heads and rows, every row as long as the heads; cells are trimmed. */
export type CsvFile = { readonly heads: readonly string[]; readonly rows: readonly (readonly string[])[] };

const MAX_CSV_ROWS = 20_000;

/** Read RFC 4180 text; commas, semicolons or tabs. `what` names what the rows are. */
export function readCsv(text: string, what: string, most = MAX_CSV_ROWS): Result<CsvFile> {
  const { data } = Papa.parse<string[]>(text, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
  });
  const [heads, ...rows] = data;
  if (!heads || heads.every((h) => h.trim() === ''))
    return fail('empty', 'There is nothing in this file. The first line names the columns.');
  if (rows.length === 0) return fail('empty', `There are no ${what} under the first line.`);
  if (rows.length > most)
    return fail(
      'too-many',
      `${plural(rows.length, 'row')} are too many at once; at most ${most.toLocaleString('en')}.`,
    );
  const names = heads.map((h) => unguarded(h.trim()));
  return ok({ heads: names, rows: rows.map((r) => names.map((_, i) => unguarded((r[i] ?? '').trim()))) });
}

/** Rows as text that `readCsv` reads back; no cell can run as a formula in a spreadsheet, whatever sign it parts cells at. */
export const writeCsv = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  Papa.unparse(
    { fields: [...heads], data: rows.map((r) => r.map(guarded)) },
    { newline: '\r\n', quotes: true },
  );

/** Where a cell begins, for some spreadsheet or other, and then what makes it a formula there; wide signs too. */
const BEGINS = '(?<=^|[;\\t])';
const FORMULA = "(?='*[=+\\-@\\t\\r＝＋－＠])";
/** A cell that begins as a formula does gets an apostrophe in front, which reading takes off again. */
const guarded = (cell: string): string => cell.replace(new RegExp(`${BEGINS}${FORMULA}`, 'g'), "'");
const unguarded = (cell: string): string => cell.replace(new RegExp(`${BEGINS}'${FORMULA}`, 'g'), '');
