import type { ClassProgress } from '@/core/teach';
import { nextOfSeries, type ClassInfo } from './classes';
import type { Db } from './db';

type Counted = Pick<ClassProgress, 'rows' | 'asked' | 'cards' | 'decided'>;

/** How far a class has come, beside what it says itself. */
export async function classProgress(db: Db, info: ClassInfo): Promise<ClassProgress> {
  const [counted] = await db.query<Counted>(
    `select
      (select coalesce(sum(jsonb_array_length(section -> 'rows')), 0)::int from plan,
        jsonb_array_elements(plan.current -> 'sections') section where plan.class_id = $1) as rows,
      (select count(*)::int from check_in where class_id = $1) as asked,
      (select count(*)::int from home_card where class_id = $1) as cards,
      exists (select 1 from decision where class_id = $1) as decided`,
    [info.id],
  );
  const next = await nextOfSeries(db, info);
  return { ...counted!, status: info.status, people: info.expected, nextId: next?.id ?? null };
}
