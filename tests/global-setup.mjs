import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';

/** One empty database, made once; every test's begins as a copy of it. */
export default async function globalSetup() {
  const pg = await PGlite.create('memory://');
  const empty = await pg.dumpDataDir('none');
  await pg.close();
  const folder = mkdtempSync(join(tmpdir(), 'oskil-empty-'));
  process.env.OSKIL_TEST_EMPTY = join(folder, 'empty.tar');
  writeFileSync(process.env.OSKIL_TEST_EMPTY, Buffer.from(await empty.arrayBuffer()));
}
