import { matchRegister, type Incoming } from '@/core/formats';
import { fail, ok, type Result } from '@/core/result';
import type { WrapUpPerson } from '@/core/teach';
import { plural } from '@/core/words';
import type { Db } from '@/store/db';
import { listPeople } from '@/store/people';
import { loadTaught, taughtRolls } from '@/store/teaching';
import { loadAttendance, saveWrapUp } from '@/store/wrap-ups';

/** Lines that are whole, into the classes they are about; who is not in the file stays as written, and so does the note of the class. */
export async function keepRegister(
  db: Db,
  { lines }: Extract<Incoming, { kind: 'register' }>,
): Promise<Result<{ words: string; href: string }>> {
  const matched = matchRegister(lines, await taughtRolls(db), await listPeople(db));
  const fresh = new Map<string, WrapUpPerson[]>();
  for (const { row, classId, personId } of matched) {
    if (!row || !classId || !personId) continue;
    const { day: _day, className: _name, firstName: _first, initial: _initial, came, ...told } = row;
    fresh.set(classId, [...(fresh.get(classId) ?? []), { personId, present: came === 'yes', ...told }]);
  }
  if (fresh.size === 0)
    return fail('nothing', 'None of these lines is of a class that was taught here. Nothing was kept.');
  for (const [classId, people] of fresh) {
    const told = new Set(people.map((p) => p.personId));
    const others = (await loadAttendance(db, classId)).filter((p) => !told.has(p.personId));
    const notes = (await loadTaught(db, classId))?.notes ?? '';
    await saveWrapUp(db, classId, { people: [...others, ...people], notes });
  }
  const kept = [...fresh.values()].flat().length;
  return ok({
    words: `${plural(kept, 'line')} kept in ${plural(fresh.size, 'class', 'classes')}`,
    href: '/classes',
  });
}
