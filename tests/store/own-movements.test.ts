import { CATALOGUE } from '@/catalogue/movements';
import { startOf } from '@/catalogue/own-start';
import type { OwnMovementInput } from '@/core/catalogue/own';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { addOwn, changeOwn, putAway } from '@/server/catalogue/own-movements';
import { findOwn, listOwn } from '@/store/own-movements';
import { databaseForFile } from './fresh';

const db = databaseForFile();
beforeEach(() => db.exec('truncate own_movement cascade'));

const input = (name: string): OwnMovementInput => {
  const { movement, figure } = startOf('wrist-bend', CATALOGUE);
  return structuredClone({ movement: { ...movement, name }, figure }) as OwnMovementInput;
};
const added = async (name: string): Promise<string> => {
  const result = await addOwn(db, input(name));
  if (!result.ok) throw new Error(result.message);
  return result.value.id;
};

test('what is saved comes back as it was, under an id of its own', async () => {
  const id = await added('Slow wrist bends');
  expect(id).toMatch(/^own-/);
  const stored = (await findOwn(db, id))!;
  expect(stored.movement).toEqual({ ...input('Slow wrist bends').movement, id });
  expect(stored.figure).toEqual(input('x').figure);
  expect(stored.version).toBe(1);
});

test('a change is a new version; the old one is kept', async () => {
  const id = await added('Slow wrist bends');
  expect(await changeOwn(db, id, { ...input('Slower wrist bends') })).toEqual({ ok: true, value: { id } });
  expect((await findOwn(db, id))!.movement.name).toBe('Slower wrist bends');
  const rows = await db.query<{ name: string }>(
    `select movement ->> 'name' as name from own_movement_version where movement_id = $1 order by version`,
    [id],
  );
  expect(rows.map((r) => r.name)).toEqual(['Slow wrist bends', 'Slower wrist bends']);
});

test('what is not whole is refused with its sentence, and nothing is stored', async () => {
  const bad = input('Half a movement');
  Object.assign(bad.movement, { cues: ['one'] });
  expect(await addOwn(db, bad)).toMatchObject({
    ok: false,
    message: 'Give two to four things to say. Nothing was saved.',
  });
  expect(await listOwn(db)).toEqual([]);
});

test('two cannot have one name, nor one that the catalogue has', async () => {
  await added('Slow wrist bends');
  expect(await addOwn(db, input('SLOW wrist bends'))).toMatchObject({ ok: false });
  expect(await addOwn(db, input('Ball squeeze'))).toMatchObject({ ok: false });
  expect(await listOwn(db)).toHaveLength(1);
});

test('off the shelf it can still be looked up, frees its name, and comes back only when the name is free', async () => {
  const id = await added('Slow wrist bends');
  expect(await putAway(db, id, true)).toEqual({ ok: true, value: { archived: true } });
  const { catalogue } = await catalogueNow(db);
  expect(catalogue.movement(id)?.name).toBe('Slow wrist bends');
  expect(catalogue.movements.some((m) => m.id === id)).toBe(false);
  const other = await added('Slow wrist bends');
  expect(await putAway(db, id, false)).toMatchObject({ ok: false });
  await putAway(db, other, true);
  expect(await putAway(db, id, false)).toMatchObject({ ok: true });
});

test('a movement that is not there is said to be missing', async () => {
  expect(await changeOwn(db, 'own-nothing', input('x'))).toMatchObject({ ok: false, code: 'not-found' });
  expect(await putAway(db, undefined, true)).toMatchObject({ ok: false, code: 'not-found' });
});

test('the table itself refuses an id or a name that is none', async () => {
  const insert = (id: string, name: string) =>
    db.query('insert into own_movement (id, name) values ($1, $2)', [id, name]);
  await expect(insert('ball-squeeze', 'x')).rejects.toThrow();
  await expect(insert('own-00000000-0000-4000-8000-000000000001', ' ')).rejects.toThrow();
});
