import type { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { besideWords, metWords } from '@/core/meanwhile';
import { fullName } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import { mergeWrapUps, wrapUpChangeSchema, type WrapUp } from '@/core/teach';
import type { Db } from '@/store/db';
import { loadTaught, lockTaught } from '@/store/teaching';
import { loadAttendance, saveWrapUp } from '@/store/wrap-ups';
import { idFrom } from '../shell/ids';

const WRITE_UP = 'this page';

/** Write a class up; what somebody else wrote meanwhile is put together with it, or asked about. */
export async function writeUp(
  db: Db,
  rawId: string | undefined,
  { before, over, ...mine }: Immutable<z.infer<typeof wrapUpChangeSchema>>,
): Promise<Result<{ saved: WrapUp; beside?: string }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  return db.transaction(async (tx) => {
    await lockTaught(tx, id.value);
    const taught = await loadTaught(tx, id.value);
    if (!taught) return fail('not-found', 'Only a class that has been taught can be written up.');
    const { people } = taught.snapshot;
    if (mine.people.some((line) => !people.some((p) => p.id === line.personId)))
      return fail('not-found', 'Someone here was not in this class.');
    const now = taught.writtenUp
      ? { people: [...(await loadAttendance(tx, id.value))], notes: taught.notes }
      : (before ?? mine);
    const nameOf = (personId: string) => {
      const person = people.find((p) => p.id === personId);
      return person ? fullName(person) : 'Somebody';
    };
    // Without what it was opened on, as from an older page, it takes the place of what is there.
    const { merged, met, beside } = mergeWrapUps(before ?? now, mine, now, nameOf);
    if (met.length > 0 && !over) return fail('changed-elsewhere', metWords(WRITE_UP, met));
    await saveWrapUp(tx, id.value, merged);
    return ok({ saved: merged, ...(beside.length > 0 && { beside: besideWords(WRITE_UP, beside) }) });
  });
}
