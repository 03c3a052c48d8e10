import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { loadDemo } from '@/demo/load';
import { previewBackup, restoreBackup } from '@/server/backup/restore';
import { makeBackup } from '@/server/backup/write';
import { openBackup } from '@/server/backup/read';
import type { Database, Db } from '@/store/db';
import { saveSettings } from '@/store/settings';
import { addClass, addSeries, listClasses } from '@/store/classes';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { listPeople, savePerson } from '@/store/people';
import { loadPlan, savePlan } from '@/store/plans';
import { openPostgres } from '@/store/postgres';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';

const SERVER = process.env.OSKIL_TEST_POSTGRES!;
const name = `oskil_${randomUUID().replaceAll('-', '')}`;
const url = SERVER.replace(/\/[^/]*$/, `/${name}`);
let admin: Database;
let [one, other]: Database[] = [];

beforeAll(async () => {
  admin = await openPostgres(SERVER);
  await admin.exec(`create database ${name}`);
  [one, other] = [await openPostgres(url), await openPostgres(url)];
});
afterAll(async () => {
  for (const db of [one!, other!]) await db.close();
  await admin.exec(`drop database ${name}`);
  await admin.close();
});

test('processes that start at once bring one database up to date together', async () => {
  const ran = await Promise.all([one!, other!, one!, other!].map((db) => migrate(db)));
  expect(ran.reduce((a, b) => a + b, 0)).toBe(MIGRATIONS.length);
  expect(await one!.query('select number from migration order by number')).toHaveLength(MIGRATIONS.length);
});

test('what one instructor adds the other sees', async () => {
  await savePerson(one!, randomUUID(), personFields({ firstName: 'Yrsa', initial: 'K' }));
  expect((await listPeople(other!)).map((p) => p.firstName)).toEqual(['Yrsa']);
});

test('of two edits to one plan at the same moment one is kept and the other is told', async () => {
  const [series, id] = [randomUUID(), randomUUID()];
  await addSeries(one!, { id: series, name: 'Slow Hands', place: '', slotMinutes: 45 });
  const plan = planWith({ move: ['wrist-bend'] });
  await addClass(one!, {
    id,
    seriesId: series,
    day: '2026-12-02',
    startsAt: '10:30',
    week: 1,
    helpers: [],
    fromClassId: null,
    personIds: [],
    plan,
  });
  for (let round = 0; round < 20; round++) {
    const { version, history } = (await loadPlan(one!, id))!;
    const step: PlanStep = { type: 'setBreath', breathMs: 5_000 };
    const change = {
      plan: history.plan,
      done: history.done + 1,
      entry: { step, inverse: step, label: `Edit ${round}` },
    };
    const kept = await Promise.all([one!, other!].map((db) => savePlan(db, id, change, version)));
    expect(kept.filter((v) => v !== null)).toEqual([version + 1]);
  }
  const after = (await loadPlan(other!, id))!;
  expect(after.history.entries).toHaveLength(20);
});

test('a transaction that fails in its middle leaves nothing, and its connection goes on', async () => {
  for (let i = 0; i < 30; i++)
    await expect(
      one!.transaction(async (tx) => {
        await savePerson(tx, randomUUID(), personFields({ firstName: 'Half' }));
        await tx.query('select 1 / 0');
      }),
    ).rejects.toThrow();
  expect((await listPeople(other!)).map((p) => p.firstName)).toEqual(['Yrsa']);
});

test('many readers and writers at once, more than there are connections', async () => {
  await Promise.all(
    Array.from({ length: 60 }, (_, i) =>
      i % 10 === 0
        ? savePerson(one!, randomUUID(), personFields({ firstName: `Person${i}` }))
        : listClasses(i % 2 ? one! : other!),
    ),
  );
  expect(await listPeople(other!)).toHaveLength(7);
});

test('a backup made of the server restores into the embedded database, and back onto the server', async () => {
  process.env.OSKIL_DATA = mkdtempSync(join(tmpdir(), 'oskil-pg-backup-'));
  await loadDemo(other!, '2026-11-24', randomUUID);
  const people = await listPeople(one!);
  const at = { day: '2026-11-27', time: '09:00:00', instant: new Date('2026-11-27T09:00:00Z') };
  const made = await makeBackup(one!, 'asked for', at);
  if (!made.ok) throw new Error(made.message);
  await one!.query('delete from person where id = $1', [people[0]!.id]);
  const preview = await previewBackup(one!, made.value.name);
  expect(preview.ok && preview.value.find((c) => c.what === 'People')!.back).toHaveLength(1);
  expect(await restoreBackup(one!, made.value.name, { ...at, time: '09:00:01' })).toMatchObject({ ok: true });
  expect(await listPeople(other!)).toEqual(people);
  rmSync(process.env.OSKIL_DATA, { recursive: true });
});

test('what another process writes while a backup is restored is in the backup before it, or in what was restored', async () => {
  process.env.OSKIL_DATA = mkdtempSync(join(tmpdir(), 'oskil-pg-during-'));
  const at = { day: '2026-11-27', time: '10:00:00', instant: new Date('2026-11-27T10:00:00Z') };
  const made = await makeBackup(one!, 'asked for', at);
  if (!made.ok) throw new Error(made.message);
  const answered: string[] = [];
  let over = false;
  const write = async (n: number) => {
    for (let i = 0; !over; i++) {
      const key = `during ${n} ${i}`;
      await saveSettings(other!, { [key]: '1' });
      if (!over) answered.push(key);
    }
  };
  const writing = Promise.all([0, 1, 2].map(write));
  const restored = await restoreBackup(one!, made.value.name, { ...at, time: '10:00:01' });
  over = true;
  await writing;
  if (!restored.ok) throw new Error(restored.message);
  const before = await openBackup(join(process.env.OSKIL_DATA, 'backups', restored.value.before!));
  if (!before.ok) throw new Error(before.message);
  const namesOf = async (db: Db) =>
    (await db.query<{ name: string }>(`select name from setting where name like 'during%'`)).map(
      (r) => r.name,
    );
  const kept = new Set([...(await namesOf(before.value.db)), ...(await namesOf(one!))]);
  expect(answered.length).toBeGreaterThan(0);
  expect(answered.filter((key) => !kept.has(key))).toEqual([]);
  await before.value.db.close();
  rmSync(process.env.OSKIL_DATA, { recursive: true });
});

test('a server that is not there, and a database that is not, are told apart', async () => {
  await expect(openPostgres('postgresql://oskil@127.0.0.1:1/postgres')).rejects.toMatchObject({
    code: 'ECONNREFUSED',
  });
  await expect(openPostgres(SERVER.replace(/\/[^/]*$/, '/nowhere'))).rejects.toMatchObject({ code: '3D000' });
});
