import { createHash } from 'node:crypto';
import type { BackupFooter, BackupHeader, BackupKind } from '@/core/backup';
import { migrationOf, rowsOf, tablesInOrder } from '@/store/backup';
import type { Db } from '@/store/db';

/** Digest of the rows of each table, in their order. */
export type TableSums = Readonly<Record<string, string>>;

/** The lines of a backup as they are asked for, each with its end; once all were, the digests of its tables. Only inside a transaction. */
export function backupLines(tx: Db, kind: BackupKind, instant: Date) {
  const whole = createHash('sha256');
  const sums: Record<string, string> = {};
  const hashed = (line: string): string => {
    whole.update(`${line}\n`);
    return `${line}\n`;
  };
  async function* text(): AsyncGenerator<string> {
    const header: BackupHeader = {
      oskil: 'backup',
      version: 1,
      migration: await migrationOf(tx),
      madeAt: instant.toISOString(),
      kind,
    };
    yield hashed(JSON.stringify(header));
    let rows = 0;
    for (const table of await tablesInOrder(tx)) {
      const own = createHash('sha256');
      for await (const row of rowsOf(tx, table)) {
        own.update(`${row}\n`);
        rows += 1;
        yield hashed(`["${table.name}",${row}]`);
      }
      sums[table.name] = own.digest('hex');
    }
    const footer: BackupFooter = { rows, sha256: whole.digest('hex') };
    yield `${JSON.stringify(footer)}\n`;
  }
  return { text, sums: (): TableSums => sums };
}
