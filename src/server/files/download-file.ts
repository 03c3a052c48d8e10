/** A file to hand over: its name, its type and what is in it, text unless it says otherwise. */
export type OutFile<Body = string> = { readonly name: string; readonly type: string; readonly body: Body };
export type Bytes = Uint8Array<ArrayBuffer>;

const JSON_TYPE = 'application/json; charset=utf-8';

export const jsonFile = (name: string, value: unknown): OutFile => ({
  name: `${fileName(name)}.json`,
  type: JSON_TYPE,
  body: `${JSON.stringify(value, null, 2)}\n`,
});

/** Letters, figures and dashes, so that every system takes it. */
export const fileName = (words: string): string =>
  words
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60) || 'oskil';

/** A table, with the mark that spreadsheets look for. */
export const csvFile = (name: string, body: string): OutFile => ({
  name,
  type: 'text/csv; charset=utf-8',
  body: `\uFEFF${body}`,
});
