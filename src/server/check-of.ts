import { createHash } from 'node:crypto';
import { factsOf } from '@/catalogue/class-facts';
import { checkWithReserve, type PlanCheck } from '@/core/plan';
import type { Classroom } from './classroom';
import { RecentMap } from './recent-map';

const remembered = new RecentMap<string, PlanCheck>(20);

/** The check of a class as it stands; worked out once for as long as nothing that it depends on is changed. */
export function checkOfClass(room: Classroom): PlanCheck {
  const key = createHash('sha256').update(JSON.stringify(room)).digest('base64');
  const check = remembered.get(key) ?? checkWithReserve(room.stored.history.plan, factsOf(room));
  remembered.set(key, check);
  return check;
}
