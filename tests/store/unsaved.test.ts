import { dropTyped, keepTyped, typedInto, unsavedSchema } from '@/server/shell/unsaved';
import { addPerson } from '@/server/people/people';
import { erasePerson, everythingAbout } from '@/store/everything';
import { nobodyKnown } from '@/core/people';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const typed = (notes: string) => ({ values: { notes, measures: [] }, opened: { notes: '' } });
const found = async (form: string) => {
  const result = await typedInto(db, form);
  return result.ok ? result.value.unsaved : result;
};

test('what was typed last is what comes back, until it is dropped', async () => {
  expect(await found('person.new')).toBeNull();
  await keepTyped(db, 'person.new', typed('Sore on'));
  await keepTyped(db, 'person.new', typed('Sore on Monday'));
  expect(await found('person.new')).toEqual({
    ...typed('Sore on Monday'),
    typedOn: expect.stringMatching(/^\d{4}-\d\d-\d\d$/),
  });
  expect(await found('class.new')).toBeNull();
  await dropTyped(db, 'person.new');
  expect(await found('person.new')).toBeNull();
});

test('what nobody comes back to for a month is let go', async () => {
  await keepTyped(db, 'class.new', typed('long ago'));
  await db.query(`update unsaved_form set typed_at = now() - interval '31 days'`);
  await keepTyped(db, 'term.new-1', typed('today'));
  expect(await found('class.new')).toBeNull();
  expect(await found('term.new-1')).toMatchObject({ values: { notes: 'today' } });
});

test('what is no form of ours is refused in words, and nothing but a form’s values is taken', async () => {
  for (const form of ['lock.new', 'person', 'person.', `person.${'x'.repeat(61)}`, undefined])
    expect(await keepTyped(db, form, typed('x'))).toMatchObject({ message: 'There is no such form.' });
  expect(unsavedSchema.safeParse({ values: 'text', opened: {} }).success).toBe(false);
  expect(unsavedSchema.safeParse({ values: {}, opened: {}, more: 1 }).success).toBe(false);
});

test('what was typed about somebody is among all that is held about them, and goes with them, from a wrap-up too', async () => {
  const made = await addPerson(db, { ...nobodyKnown({ firstName: 'Ansel', initial: 'B' }), screened: true });
  const id = made.ok ? made.value.id : '';
  await keepTyped(db, `person.${id}`, typed('Wrist sore'));
  await keepTyped(db, 'wrap-up.1', { values: { people: [{ personId: id, notes: 'Tired' }] }, opened: {} });
  await keepTyped(db, 'class.new', typed('of nobody'));
  expect((await everythingAbout(db, id))!.typedAndNotSaved).toEqual([
    expect.objectContaining({ body: typed('Wrist sore') }),
  ]);
  await erasePerson(db, id);
  expect(await found(`person.${id}`)).toBeNull();
  expect(await found('wrap-up.1')).toBeNull();
  expect(await found('class.new')).not.toBeNull();
});
