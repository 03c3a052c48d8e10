import { createHash } from 'node:crypto';
import { factsOf } from '@/catalogue/class-facts';
import { checkWithReserve, type PlanCheck } from '@/core/plan';
import type { PlannedClass } from './classroom';
import { RecentMap } from '../shell/recent-map';

const remembered = new RecentMap<string, PlanCheck>(20);

/** The check of a class as it stands; worked out once for as long as nothing that it depends on is changed. */
export function checkOfClass(planned: PlannedClass): PlanCheck {
  const [plan, facts] = [planned.stored.history.plan, factsOf(planned)];
  // The catalogue and the cautions are those of this process, but for own movements.
  const { catalogue: _, cautions: __, ...known } = facts;
  const key = createHash('sha256')
    .update(JSON.stringify([plan, known, planned.own]))
    .digest('base64');
  const check = remembered.get(key) ?? checkWithReserve(plan, facts);
  remembered.set(key, check);
  return check;
}
