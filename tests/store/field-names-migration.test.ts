import { stepSchema } from '@/core/plan';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { openPglite } from '@/store/pglite';

const OLDER = MIGRATIONS.slice(0, 38);
const WAS = /"(goesOn|seatedTwin|offUntil)":/;
const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
/** Somebody wrote the older name into a note, with its quotation marks: that is theirs. */
const NOTE = 'they called it "goesOn": no idea why';

test('rows and movements have their present names wherever they are kept, and what somebody wrote is as it was', async () => {
  const db = await openPglite(null);
  await migrate(db, OLDER);
  const row = { kind: 'movement', id: 'a', movementId: 'wrist-bend', note: NOTE, goesOn: true };
  const plan = { breathMs: 5_000, sections: [{ id: 'move', kind: 'move', name: 'Move', rows: [row] }] };
  const set = { type: 'setSeries', rowId: 'a', goesOn: true };
  const movement = { id: `own-${id(4)}`, seatedTwin: null, offUntil: 'Off until cleared.' };
  const json = JSON.stringify;
  await db.query(`insert into series (id, name, place, slot_minutes) values ($1, 'Hands', '', 45)`, [id(1)]);
  await db.query(
    `insert into class (id, series_id, day, starts_at, week) values ($1, $2, '2026-11-11', '10:30', 1)`,
    [id(2), id(1)],
  );
  await db.query('insert into plan (class_id, current, version, done) values ($1, $2, 1, 1)', [
    id(2),
    json(plan),
  ]);
  await db.query(
    `insert into plan_step (class_id, seq, step, inverse, label) values ($1, 1, $2, $3, 'Series')`,
    [id(2), json({ type: 'several', steps: [set] }), json({ ...set, goesOn: null })],
  );
  await db.query(`insert into block (id, name, rows) values ($1, 'Mine', $2)`, [id(3), json([row])]);
  await db.query(`insert into own_movement (id, name) values ($1, 'Mine')`, [movement.id]);
  await db.query(
    `insert into own_movement_version (movement_id, version, movement, figure) values ($1, 1, $2, '{}')`,
    [movement.id, json(movement)],
  );
  await db.query('insert into taught (class_id, started_at, snapshot, state) values ($1, now(), $2, $3)', [
    id(2),
    json({ plan }),
    json({ changes: [set] }),
  ]);
  await db.query(
    `insert into taken_away (id, kind, name, rows, followers) values ($1, 'block', 'Mine', $2, '[]')`,
    [id(5), json([['block', { id: id(6), rows: [row] }]])],
  );
  await db.query(`insert into unsaved_form (form, body) values ('own movement', $1)`, [json({ movement })]);
  await migrate(db);

  const kept = await db.query<{ text: string }>(
    `select current::text as text from plan union all select step::text || inverse::text from plan_step
     union all select rows::text from block union all select movement::text from own_movement_version
     union all select snapshot::text || state::text from taught union all select rows::text from taken_away
     union all select body::text from unsaved_form`,
  );
  expect(kept).toHaveLength(7);
  for (const { text } of kept) {
    expect(text.replaceAll('\\"', '')).not.toMatch(WAS);
    expect(text).toMatch(/"(continuesPrevious|seatedAlternative)":/);
  }
  const [{ current }] = (await db.query<{ current: typeof plan }>('select current from plan')) as [
    { current: typeof plan },
  ];
  expect(current.sections[0]!.rows[0]!.note).toBe(NOTE);
  const [own] = await db.query<{ movement: object }>('select movement from own_movement_version');
  expect(own!.movement).toEqual({
    id: movement.id,
    seatedAlternative: null,
    clearanceReason: 'Off until cleared.',
  });
  await db.close();
});

test('an edit that a page or a program sends by the older name is read', () => {
  const sent = { type: 'setSeries', rowId: 'a', goesOn: true };
  const read = { type: 'setSeries', rowId: 'a', continuesPrevious: true };
  expect(stepSchema.parse(sent)).toEqual(read);
  expect(stepSchema.parse({ type: 'several', steps: [sent] })).toEqual({ type: 'several', steps: [read] });
});
