import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { loadDemo } from '@/demo/load';
import { tablesInOrder } from '@/store/backup';
import { erasePerson } from '@/store/everything';
import { damagedTables, tallied, walkOf } from '@/store/integrity';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const tally = async (table: string) => {
  const [row] = await db.query<{ rows: number }>(
    'select coalesce(sum(rows), 0)::int as rows from tally where table_name = $1',
    [table],
  );
  return row!.rows;
};
const count = async (table: string) => {
  const [row] = await db.query<{ rows: number }>(`select count(*)::int as rows from "${table}"`);
  return row!.rows;
};

test('every table of the data is counted, and who is let in', async () => {
  const names = (await tallied(db)).map((t) => t.name);
  expect(names).toEqual(
    [...(await tablesInOrder(db)).map((t) => t.name), 'instructor', 'lock', 'token'].sort(),
  );
});

test('the count of every table is that of its rows after a demo, an erasure, a shared row written again', async () => {
  await loadDemo(db, '2026-11-24', randomUUID);
  const [someone] = await db.query<{ id: string }>('select person_id as id from attendance limit 1');
  await erasePerson(db, someone!.id);
  await db.query(
    `insert into setting (name, value) values ('paper', 'A4'), ('x', '1') on conflict (name) do update set value = excluded.value`,
  );
  await db.query(`insert into setting (name, value) values ('x', '2') on conflict do nothing`);
  for (const { name } of await tallied(db))
    expect([name, await tally(name)]).toEqual([name, await count(name)]);
  expect(await damagedTables(db)).toEqual([]);
});

test('whatever is added and taken away, also in a transaction that is undone, the count stays right', async () => {
  const step = fc.record({
    add: fc.integer({ min: 0, max: 5 }),
    take: fc.integer({ min: 0, max: 5 }),
    undone: fc.boolean(),
    empty: fc.boolean(),
  });
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 6 }), async (steps) => {
      for (const { add, take, undone, empty } of steps)
        await db
          .transaction(async (tx) => {
            if (empty) await tx.query('truncate call_answer, block');
            await tx.query(
              `insert into block (id, name, rows) select gen_random_uuid(), gen_random_uuid()::text, '[1]' from generate_series(1, $1)`,
              [add],
            );
            await tx.query('delete from block where id in (select id from block limit $1)', [take]);
            if (undone) throw new Error('undone');
          })
          .catch((error: Error) => expect(error.message).toBe('undone'));
      expect(await tally('block')).toBe(await count('block'));
    }),
    { numRuns: 20 },
  );
});

test('each index is really read from end to end', async () => {
  for (const { name, indexes } of await tallied(db))
    for (const index of indexes) {
      const plan = await db.transaction(async (tx) => {
        for (const off of ['seqscan', 'sort', 'bitmapscan']) await tx.query(`set local enable_${off} = off`);
        return tx.query<Record<string, string>>(`explain select count(*) from (${walkOf(name, index)}) x`);
      });
      expect([name, index.keys, plan.some((l) => /Index (Only )?Scan/.test(l['QUERY PLAN']!))]).toEqual([
        name,
        index.keys,
        true,
      ]);
    }
});
