import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { CATALOGUE } from '@/catalogue/movements';
import { ownIssues, ownOf, withOwn, type Catalogue, type OwnMovementInput } from '@/core/catalogue';
import { MAX_FILE_BYTES, readIncoming, sameAs, unknownRows, type Incoming } from '@/core/formats';
import { daySchema } from '@/core/days';
import type { Measure } from '@/core/people';
import { newClassSchema, withPassNames, type Plan } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { plural } from '@/core/words';
import { addClass, addSeries } from '@/store/classes';
import type { Db } from '@/store/db';
import { saveExtras } from '@/store/file-extras';
import { listOwn, saveOwn } from '@/store/own-movements';
import { listPeople } from '@/store/people';
import { saveTerm } from '@/store/terms';
import { newId } from '../shell/ids';
import { keepRegister } from './import-register';
import { keepMeasures } from '../measures/measures';
import { addOwn } from '../catalogue/own-movements';

export const importFileSchema = z.strictObject({
  text: z.string().max(MAX_FILE_BYTES, 'That file is over 10 MB'),
  /** When a class made of a plan is. */
  day: daySchema,
  startsAt: newClassSchema.shape.startsAt,
});
type ImportFile = Immutable<z.infer<typeof importFileSchema>>;

/** What was made, in a sentence, and where it is to be seen. */
export type Imported = { readonly words: string; readonly href: string };

/** Read a file again, as the page did, and keep what is in it; all of it or nothing. */
export async function importFile(db: Db, { text, day, startsAt }: ImportFile): Promise<Result<Imported>> {
  const read = readIncoming(text);
  if (!read.ok) return read;
  try {
    return await db.transaction(async (tx) => {
      const result = await keep(tx, read.value, { day, startsAt });
      if (!result.ok) throw new Refused(result);
      return result;
    });
  } catch (error) {
    if (error instanceof Refused) return error.failure;
    throw error;
  }
}

/** Ends the transaction with its sentence. */
class Refused extends Error {
  constructor(readonly failure: Extract<Result<never>, { ok: false }>) {
    super(failure.message);
  }
}

type When = { readonly day: string; readonly startsAt: string };

function keep(db: Db, incoming: Incoming, when: When): Promise<Result<Imported>> {
  switch (incoming.kind) {
    case 'plan':
      return keepPlan(db, incoming, when);
    case 'term':
      return keepTerm(db, incoming);
    case 'movement':
      return keepMovement(db, incoming);
    case 'measures':
      return keepLines(db, incoming);
    case 'register':
      return keepRegister(db, incoming);
    case 'people':
      return Promise.resolve(fail('people', 'A list of people is brought in on the page for people.'));
  }
}

async function keepPlan(
  db: Db,
  { file, unknown }: Extract<Incoming, { kind: 'plan' }>,
  { day, startsAt }: When,
): Promise<Result<Imported>> {
  const movements = await keepMovements(db, [file.plan], file.movements);
  if (!movements.ok) return movements;
  const plan = withPassNames(file.plan, movements.value);
  const [seriesId, id] = [newId(), newId()];
  await addSeries(db, { id: seriesId, name: file.name, place: '', slotMinutes: file.slotMinutes });
  await addClass(db, { ...NEW_CLASS, id, seriesId, day, startsAt, week: 1, plan });
  await saveExtras(db, id, unknown);
  return ok({ words: `${file.name} is planned`, href: `/classes/${id}` });
}

const NEW_CLASS = { helpers: [], fromClassId: null, personIds: [] } as const;

async function keepTerm(db: Db, { file }: Extract<Incoming, { kind: 'term' }>): Promise<Result<Imported>> {
  const days = file.classes.map((c) => c.day);
  if (new Set(days).size < days.length) return fail('bad-file', 'Two classes of this term are on one day.');
  const movements = await keepMovements(
    db,
    file.classes.map((c) => c.plan),
    file.movements,
  );
  if (!movements.ok) return movements;
  const [seriesId, termId] = [newId(), newId()];
  await addSeries(db, { id: seriesId, ...file.series });
  await saveTerm(db, termId, seriesId, file.term);
  for (const c of file.classes) {
    const plan = withPassNames(c.plan, movements.value);
    await addClass(db, { ...NEW_CLASS, id: newId(), seriesId, ...c, plan });
  }
  return ok({ words: `${file.term.name} is planned`, href: `/terms/${termId}` });
}

/** The own movements that a file brings along, where they are not here yet; every row must be known then. Answers the catalogue with them. */
async function keepMovements(
  db: Db,
  plans: readonly Plan[],
  brought: readonly OwnMovementInput[],
): Promise<Result<Catalogue>> {
  const here = await listOwn(db);
  const fresh = brought.filter((b) => !here.some((o) => o.movement.id === b.movement.id)).map(ownOf);
  const catalogue = withOwn(CATALOGUE, [...here, ...fresh]);
  const strange = plans.flatMap((plan) =>
    unknownRows({ plan, movements: [] }, (id) => catalogue.movement(id) !== undefined),
  );
  if (strange.length > 0)
    return fail(
      'unknown-movement',
      `“${strange[0]!.movementId}” is in this file and in no catalogue here. Nothing was brought in.`,
    );
  for (const own of fresh) {
    const [issue] = ownIssues(own, catalogue);
    if (issue) return fail('not-whole', `${own.movement.name}: ${issue}. Nothing was brought in.`);
    if (!(await saveOwn(db, own)))
      return fail(
        'exists',
        `Another movement is called ${own.movement.name} already. Nothing was brought in.`,
      );
  }
  return ok(catalogue);
}

async function keepMovement(
  db: Db,
  { file }: Extract<Incoming, { kind: 'movement' }>,
): Promise<Result<Imported>> {
  const added = await addOwn(db, { movement: file.movement, figure: file.figure });
  return added.ok
    ? ok({ words: `${file.movement.name} is on the shelf`, href: `/movements/${added.value.id}` })
    : added;
}

/** Lines that are whole and of somebody who is on the list; the page has said which are not. */
async function keepLines(
  db: Db,
  { lines }: Extract<Incoming, { kind: 'measures' }>,
): Promise<Result<Imported>> {
  const people = await listPeople(db);
  const byPerson = new Map<string, Measure[]>();
  for (const { row } of lines) {
    const person = row && sameAs(row, people);
    if (!row || !person) continue;
    const { firstName: _, initial: __, unit: ___, ...measure } = row;
    byPerson.set(person.id, [...(byPerson.get(person.id) ?? []), measure]);
  }
  let kept = 0;
  for (const [personId, measures] of byPerson) {
    const result = await keepMeasures(db, personId, { measures });
    if (!result.ok) return result;
    kept += result.value.kept;
  }
  if (kept === 0)
    return fail('nothing', 'None of these measures is of somebody on the list. Nothing was kept.');
  return ok({
    words: `${plural(kept, 'measure')} of ${plural(byPerson.size, 'person', 'people')} kept`,
    href: '/people',
  });
}
