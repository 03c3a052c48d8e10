import { addDays, format, parseISO, subDays } from 'date-fns';
import { expiringClearances } from '@/core/people/expiring';
import { fullName } from '@/core/people/person';
import { painRose } from '@/core/teach/wrap-up';
import { listClasses } from '@/store/classes';
import type { Db } from '@/store/db';
import { listPeople } from '@/store/people';
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

const ENDING_WITHIN_DAYS = 21;

/** Clearances that run out in the next three weeks, one sentence each. */
export async function endingClearances(db: Db, today: string): Promise<string[]> {
  const soon = format(addDays(parseISO(today), ENDING_WITHIN_DAYS), 'yyyy-MM-dd');
  return expiringClearances(await listPeople(db), today, soon).map(
    ({ person, clearance, until }) =>
      `${fullName(person)}’s clearance for ${CLEARED_FOR[clearance.scope]} by ${clearance.by} ends on ${format(parseISO(until), 'd MMMM')}. Ask for a new one, or the rule it lifts comes back.`,
  );
}

const CLEARED_FOR = {
  hand: 'work with the hand',
  stretch: 'stretching',
  resisted: 'resisted work',
  loading: 'loading through the hands',
} as const;
