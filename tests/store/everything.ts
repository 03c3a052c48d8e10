import { rowsOf, tablesInOrder } from '@/store/backup';
import type { Db } from '@/store/db';

/** Every row of every table, as text. */
export const everything = (of: Db): Promise<string> =>
  of.transaction(async (tx) => {
    const out: string[] = [];
    for (const table of await tablesInOrder(tx)) {
      out.push(table.name);
      for await (const row of rowsOf(tx, table)) out.push(row);
    }
    return out.join('\n');
  });
