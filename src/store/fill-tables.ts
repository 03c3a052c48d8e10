import { finishTable, putRows, tablesInOrder, type TableShape } from './backup';
import type { Db } from './db';

/** So many letters of rows go in at once. */
const MAX_BATCH = 1_000_000;

export type Filling = {
  /** A row of a table, as JSON text; the rows of one table come together, those that others point at first. */
  readonly put: (table: string, row: string) => Promise<void>;
  /** Once all are in. */
  readonly finish: () => Promise<void>;
};

/** Fill empty tables with rows as they were. Throws for a table that there is not, and for rows that the tables do not take. */
export async function tableRestorer(db: Db): Promise<Filling> {
  const shapes = new Map((await tablesInOrder(db)).map((t) => [t.name, t]));
  const pointing = new Map<TableShape, string[]>();
  let shape: TableShape | null = null;
  let [batch, size]: [string[], number] = [[], 0];
  const flush = async () => {
    if (shape && batch.length > 0) await putRows(db, shape, batch);
    [batch, size] = [[], 0];
  };
  return {
    put: async (table, row) => {
      if (table !== shape?.name || size > MAX_BATCH) await flush();
      shape = shapes.get(table) ?? null;
      if (!shape) throw new Error(`There is no table ${table}`);
      batch.push(row);
      size += row.length;
      if (shape.selfPointing.length === 0) return;
      const own = pointing.get(shape) ?? [];
      own.push(row);
      pointing.set(shape, own);
    },
    finish: async () => {
      await flush();
      for (const each of shapes.values()) await finishTable(db, each, pointing.get(each) ?? []);
    },
  };
}
