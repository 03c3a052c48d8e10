import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { dropUnsaved, findUnsaved, keepUnsaved, type Unsaved } from '@/store/unsaved';

export const unsavedSchema = z.strictObject({
  values: z.record(z.string(), z.unknown()),
  opened: z.record(z.string(), z.unknown()),
});

/** A form by its kind and what it is about: "person.new", "wrap-up." and a class. */
const FORM = /^(person|people|class|term|settings|movement|wrap-up)\.[\w-]{1,60}$/;

const named = (form: string | undefined): Result<string> =>
  form !== undefined && FORM.test(form) ? ok(form) : fail('not-found', 'There is no such form.');

/** What was typed into a form and not saved yet; nothing where there is nothing. */
export async function typedInto(
  db: Db,
  form: string | undefined,
): Promise<Result<{ unsaved: (Unsaved & { typedOn: string }) | null }>> {
  const name = named(form);
  return name.ok ? ok({ unsaved: await findUnsaved(db, name.value) }) : name;
}

export async function keepTyped(db: Db, form: string | undefined, unsaved: Unsaved): Promise<Result<object>> {
  const name = named(form);
  if (!name.ok) return name;
  await keepUnsaved(db, name.value, unsaved);
  return ok({});
}

export async function dropTyped(db: Db, form: string | undefined): Promise<Result<object>> {
  const name = named(form);
  if (!name.ok) return name;
  await dropUnsaved(db, name.value);
  return ok({});
}
