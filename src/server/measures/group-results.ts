import { MIN_GROUP_REPORTED, groupSummary, resultsOf, type GroupSummary } from '@/core/measure';
import { mean } from '@/core/statistics';
import type { Db } from '@/store/db';
import { loadGripTests } from '@/store/grip';
import { listPeople } from '@/store/people';
import type { StoredTerm } from '@/store/terms';
import { loadAttendance } from '@/store/wrap-ups';
import { classesInTerm, termFrom } from '../terms/terms';

export type GroupResults = {
  readonly term: StoredTerm;
  /** Classes written up. */
  readonly classes: number;
  /** People who came at least once; null where they are too few to be told. */
  readonly people: number | null;
  /** Mean of the people at a class; null likewise. */
  readonly came: number | null;
  readonly summary: GroupSummary;
};

/** A term told to somebody outside: counts and no names. Only measures of its own days count. */
export async function groupResults(db: Db, rawId: string): Promise<GroupResults | null> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return null;
  const infos = (await classesInTerm(db, stored.value)).filter((c) => c.status === 'written up');
  const came = await Promise.all(
    infos.map(async (c) => (await loadAttendance(db, c.id)).filter((a) => a.present).map((a) => a.personId)),
  );
  const ids = new Set(came.flat());
  const people = (await listPeople(db)).filter((p) => ids.has(p.id));
  const from = stored.value.firstDay;
  const results = await Promise.all(
    people.map(async (p) =>
      resultsOf(
        { measures: p.measures.filter((m) => m.on >= from) },
        (await loadGripTests(db, p.id)).filter((t) => t.day >= from),
        'best',
      ),
    ),
  );
  const told = ids.size >= MIN_GROUP_REPORTED;
  return {
    term: stored.value,
    classes: infos.length,
    people: told ? ids.size : null,
    came: told && came.length > 0 ? mean(came.map((c) => c.length)) : null,
    summary: groupSummary(results),
  };
}
