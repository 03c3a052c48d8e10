/** The narrow interface behind which the database sits. SQL is plain and parameterised. */
export type Db = {
  readonly query: <Row>(sql: string, params?: readonly unknown[]) => Promise<Row[]>;
  /** All or nothing; nested calls use the given `Db`. */
  readonly transaction: <T>(work: (tx: Db) => Promise<T>) => Promise<T>;
};

export type Database = Db & {
  readonly exec: (sql: string) => Promise<void>;
  readonly close: () => Promise<void>;
};

/** A row with its empty columns left out, as optional fields are. */
export const withoutNulls = <Row extends object>(row: Row): Row =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as Row;
