import { MOVEMENTS } from '@/catalogue/movements';
import { doseSchema, passesNamed } from '@/core/dose';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { openPglite } from '@/store/pglite';
import type { Database } from '@/store/db';

/** Before doses had passes. */
const OLDER = MIGRATIONS.slice(0, 27);
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const CLASS = id(2);

const olderDose = (
  directions: 1 | 2,
  leads: 1 | 2,
  count: object = { mode: 'reps', reps: 5, tempoMs: 2_000 },
) => ({
  count,
  sides: 'each',
  firstSide: 'L',
  directions,
  leads,
  sets: 1,
  restMs: 0,
  extraLeft: 0,
  extraRight: 0,
  perSide: true,
  grouping: 5,
  fewest: 3,
  most: 8,
  unevenReason: '',
});
const fingers = { mode: 'sequence', rounds: 2, steps: ['index', 'little'], stepMs: 1_000 };
const row = (rowId: string, movementId: string, dose: object) => ({
  kind: 'movement',
  id: rowId,
  movementId,
  dose,
  note: '',
});
const planOf = (rows: readonly object[]) => ({
  breathMs: 5_000,
  sections: [
    {
      id: 'move',
      kind: 'move',
      name: 'Move',
      rows: [{ kind: 'talk', id: 't', title: 'Hello', durationMs: 30_000 }, ...rows],
    },
  ],
});

let db: Database;
beforeAll(async () => {
  db = await openPglite(null);
  await migrate(db, OLDER);
  await db.query(`insert into series (id, name, place, slot_minutes) values ($1, 'Hands', '', 45)`, [id(1)]);
  await db.query(
    `insert into class (id, series_id, day, starts_at, week) values ($1, $2, '2026-11-11', '10:30', 1)`,
    [CLASS, id(1)],
  );
});
afterAll(() => db.close());

test('every dose that is kept anywhere gets its passes, by the names of its movement', async () => {
  const rows = [
    row('a', 'ball-squeeze', olderDose(2, 1)),
    row('b', 'cloth-wring', olderDose(1, 2)),
    row('c', 'clasped-circles', olderDose(2, 2)),
    row('d', 'thumb-to-tips', olderDose(2, 1, fingers)),
    row('e', 'wrist-bend', olderDose(1, 1)),
    row('f', 'carry-sides', olderDose(2, 1)),
  ];
  const plan = planOf(rows);
  const set = { type: 'setDose', rowId: 'a', dose: olderDose(2, 1) };
  await db.query('insert into plan (class_id, current, version, done) values ($1, $2, 1, 1)', [
    CLASS,
    JSON.stringify(plan),
  ]);
  await db.query(
    `insert into plan_step (class_id, seq, step, inverse, label) values ($1, 1, $2, $3, 'Change')`,
    [CLASS, JSON.stringify({ type: 'several', steps: [set] }), JSON.stringify(set)],
  );
  await db.query(`insert into block (id, name, rows) values ($1, 'Mine', $2)`, [
    id(3),
    JSON.stringify(rows.slice(0, 2)),
  ]);
  const own = `own-${id(4)}`;
  await db.query(`insert into own_movement (id, name) values ($1, 'Mine')`, [own]);
  await db.query(
    `insert into own_movement_version (movement_id, version, movement, figure) values ($1, 1, $2, '{}')`,
    [own, JSON.stringify({ id: own, directions: 2, leads: 1, dose: olderDose(2, 1) })],
  );
  await db.query(`insert into taught (class_id, started_at, snapshot, state) values ($1, now(), $2, $3)`, [
    CLASS,
    JSON.stringify({ plan }),
    JSON.stringify({ changes: [set] }),
  ]);
  await migrate(db);

  const [kept] = await db.query<{ current: { sections: { rows: { dose: { passes: unknown } }[] }[] } }>(
    'select current from plan',
  );
  const passes = kept!.current.sections[0]!.rows.slice(1).map((r) => r.dose.passes);
  const circles = [
    { name: 'one way' },
    { name: 'the other way', reversed: true },
    { name: 'other thumb in front, one way', swapped: true },
    { name: 'other thumb in front, the other way', reversed: true, swapped: true },
  ];
  expect(passes).toEqual([
    [{ name: 'palm down' }, { name: 'palm up' }],
    [{ name: 'one way' }, { name: 'the other way', swapped: true }],
    circles,
    [{ name: 'index to little' }, { name: 'little to index', reversed: true }],
    [],
    [{ name: 'one way' }, { name: 'the other way', reversed: true }],
  ]);
  const everything = await db.query<{ text: string }>(
    `select step::text || inverse::text as text from plan_step union all select rows::text from block
     union all select movement::text from own_movement_version union all select snapshot::text || state::text from taught`,
  );
  for (const { text } of everything) expect(text).not.toMatch(/"directions"|"leads"/);
  const [step] = await db.query<{ step: { steps: { dose: { passes: unknown } }[] } }>(
    'select step from plan_step',
  );
  expect(step!.step.steps[0]!.dose.passes).toEqual(passes[0]);
  const [movement] = await db.query<{ movement: object }>('select movement from own_movement_version');
  expect(movement!.movement).toMatchObject({
    passes: [{ name: 'one way' }, { name: 'the other way', reversed: true }],
  });
});

test('the database and the reader of files name the passes of an older dose alike, for every movement', async () => {
  const other = await openPglite(null);
  await migrate(other, OLDER);
  await other.query(`insert into series (id, name, place, slot_minutes) values ($1, 'Hands', '', 45)`, [
    id(1),
  ]);
  await other.query(
    `insert into class (id, series_id, day, starts_at, week) values ($1, $2, '2026-11-11', '10:30', 1)`,
    [CLASS, id(1)],
  );
  // What the catalogue of then had: two directions, or either hand in front, as the passes of now say.
  const doses = MOVEMENTS.filter((m) => m.passes.length === 2 || m.passes.length === 4).flatMap((m) => {
    const [directions, leads] = [
      m.passes.some((p) => !p.swapped && p.name !== m.passes[0]!.name) ? 2 : 1,
      m.passes.some((p) => p.swapped) ? 2 : 1,
    ] as const;
    return IN_THE_OLDER_CATALOGUE.has(m.id) ? [[m, olderDose(directions, leads)] as const] : [];
  });
  expect(doses.length).toBeGreaterThan(30);
  const plan = planOf(doses.map(([m, dose]) => row(m.id, m.id, dose)));
  await other.query('insert into plan (class_id, current) values ($1, $2)', [CLASS, JSON.stringify(plan)]);
  await migrate(other);
  const [kept] = await other.query<{
    current: { sections: { rows: { movementId: string; dose: { passes: unknown } }[] }[] };
  }>('select current from plan');
  kept!.current.sections[0]!.rows.slice(1).forEach(({ movementId, dose: migrated }, i) => {
    const [m, older] = doses[i]!;
    const { passes, count } = doseSchema.parse(older);
    expect([movementId, migrated.passes]).toEqual([m.id, passesNamed(passes, count, m.passes)]);
  });
  await other.close();
});

const SINCE_PASSES: ReadonlySet<string> = new Set([
  'look-at-hands',
  'look-again',
  'dome-press',
  'palms-tilt',
  'clasped-squeeze',
  'loop-pull',
  'arm-circles',
  'chair-seat-circles',
  'circles-on-all-fours',
]);

/** What got its second pass only when passes came, or is newer than they are, had none of them before. */
const IN_THE_OLDER_CATALOGUE: ReadonlySet<string> = new Set(
  MOVEMENTS.map((m) => m.id).filter((m) => !SINCE_PASSES.has(m)),
);
