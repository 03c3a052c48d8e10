import { hostSummary, personSummary, type Sheet } from '@/core/paper';
import { fullName } from '@/core/people';
import type { Db } from '@/store/db';
import { groupResults } from '../measures/group-results';
import { personResults } from '../measures/results';
import { unitsNow } from '../shell/settings';
import { dayWords } from './day-words';

/** How it has gone for one person, to hand over; null where there is no such person. */
export async function personSheet(db: Db, rawId: string, today: string): Promise<Sheet | null> {
  const found = await personResults(db, rawId, 'best', today);
  if (!found) return null;
  return {
    title: fullName(found.person),
    line: `How it has gone, up to ${dayWords.long(today)}`,
    blocks: personSummary({ ...found, say: dayWords, units: await unitsNow(db) }),
    print: 'normal',
    sides: 2,
  };
}

/** How a term went, for its host; null where there is no such term. */
export async function hostSheet(db: Db, rawId: string): Promise<Sheet | null> {
  const found = await groupResults(db, rawId);
  if (!found) return null;
  return {
    title: `How the group did: ${found.term.name}`,
    line: `Counts and no names, for whoever hosts the class. Fewer than five people are not told of.`,
    blocks: hostSummary(found),
    print: 'normal',
    sides: 1,
  };
}
