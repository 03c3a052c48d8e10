import type { ClassReport } from '@/core/measure';
import type { Db } from './db';

/** Classes looked back on. */
const CLASSES = 8;

/** What the last classes of these people told of them, oldest first; `numbSign` is the incident that counts as new numbness. */
export async function classReports(
  db: Db,
  personIds: readonly string[],
  numbSign: string,
): Promise<ReadonlyMap<string, readonly ClassReport[]>> {
  const rows = await db.query<{ id: string; reports: readonly ClassReport[] }>(
    `select p.id, (select coalesce(jsonb_agg(jsonb_build_object('day', r.day, 'worseLater', r.worse,
         'stiffnessMin', r.stiff, 'numb', r.numb) order by r.day), '[]')
       from (select a.day::text as day,
           (select bool_or(c.worse) from call_answer c where c.class_id = a.class_id and c.person_id = p.id) as worse,
           k.stiffness_min as stiff,
           coalesce(k.numb_hand is not null, false)
             or exists (select 1 from class_answer s where s.class_id = a.class_id and s.person_id = p.id
               and s.check_in ->> 'numbHand' is not null)
             or exists (select 1 from incident i where i.class_id = a.class_id and i.person_id = p.id and i.sign = $2) as numb
         from attendance a left join check_in k on k.class_id = a.class_id and k.person_id = p.id
         where a.person_id = p.id and a.present order by a.day desc limit ${CLASSES}) r) as reports
     from unnest($1::uuid[]) p (id)`,
    [personIds, numbSign],
  );
  return new Map(rows.map((r) => [r.id, r.reports]));
}
