import { format, parseISO, subDays } from 'date-fns';
import { fullName } from '@/core/people/person';
import { painRose } from '@/core/teach/wrap-up';
import { listClasses } from '@/store/classes';
import type { Db } from '@/store/db';
import { loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';

const WITHIN_DAYS = 8;

/** People to ask after: pain rose by two or more in a class of the last week. One sentence each. */
export async function followUps(db: Db, today: string): Promise<string[]> {
  const since = format(subDays(parseISO(today), WITHIN_DAYS), 'yyyy-MM-dd');
  const recent = (await listClasses(db)).filter((c) => c.status === 'written up' && c.day >= since);
  const lines = recent.map(async (c) => {
    const taught = await loadTaught(db, c.id);
    const sore = (await loadAttendance(db, c.id)).filter((a) => a.present && painRose(a));
    return sore.flatMap((a) => {
      const person = taught?.snapshot.people.find((p) => p.id === a.personId);
      if (!person) return [];
      return [
        `Ask ${fullName(person)} how the hands were after ${c.name}: pain rose by two or more. More pain two hours later means less next time.`,
      ];
    });
  });
  return (await Promise.all(lines)).flat();
}
