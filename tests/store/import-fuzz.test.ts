import { dice } from '@/core/dice';
import { decodeText } from '@/core/formats/decode';
import { importFile } from '@/server/files/import-files';
import { savePerson } from '@/store/people';
import { mutated, SEEDS } from '../core/formats/broken-files';
import { personFields } from '../core/people';
import { runs, SEED } from '../runs';
import { databaseForFile } from './fresh';

const INPUTS = runs(2_000, 0.2);
const WHEN = { day: '2026-12-02', startsAt: '10:30' };
const db = databaseForFile();

/** Rows of every table there is. */
async function rowsOfAll(): Promise<string> {
  const tables = await db.query<{ name: string }>(
    `select table_name as name from information_schema.tables where table_schema = 'public' order by 1`,
  );
  const counts = await db.query<{ counts: string }>(
    `select concat_ws(' ', ${tables.map((t) => `(select count(*) from "${t.name}")`).join(', ')}) as counts`,
  );
  return counts[0]!.counts;
}

test(`${INPUTS} broken files brought to the server: what is refused leaves nothing behind`, async () => {
  await savePerson(
    db,
    '00000000-0000-4000-8000-000000000011',
    personFields({ firstName: 'Ansel', initial: 'B' }),
  );
  const roll = dice(SEED);
  const upTo = (n: number) => Math.floor(roll() * n);
  const seen = { kept: 0, refused: 0 };
  let before = await rowsOfAll();
  for (let i = 0; i < INPUTS; i++) {
    const decoded = decodeText(mutated(SEEDS[i % SEEDS.length]!, upTo));
    if (!decoded.ok) continue;
    const result = await importFile(db, { text: decoded.value.text, ...WHEN });
    if (result.ok) {
      seen.kept += 1;
      before = await rowsOfAll();
    } else {
      seen.refused += 1;
      expect(result.message).toMatch(/[.!]$/);
      // Looked at now and then: counting costs more than refusing.
      if (i % 20 === 0) expect(await rowsOfAll()).toBe(before);
    }
  }
  expect(await rowsOfAll()).toBe(before);
  expect(seen.kept).toBeGreaterThan(INPUTS / 100);
  expect(seen.refused).toBeGreaterThan(INPUTS / 2);
});
