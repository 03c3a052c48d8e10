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
