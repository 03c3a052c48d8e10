import type { Catalogue, Movement } from '../catalogue';
import { movementRows } from '../plan';
import type { TaughtClass } from './outcomes';

/** Movements of the latest class that somebody has not come to, since they joined late or were away. */
export function notShownTo(
  personId: string,
  classes: readonly Pick<TaughtClass, 'plan' | 'attendance'>[],
  catalogue: Catalogue,
): readonly Movement[] {
  const latest = classes.at(-1);
  if (!latest) return [];
  const came = classes.filter((c) => c.attendance.some((a) => a.personId === personId && a.present));
  const seen = new Set(came.flatMap((c) => movementRows(c.plan).map((r) => r.movementId)));
  const ids = [...new Set(movementRows(latest.plan).map((r) => r.movementId))];
  return ids.flatMap((id) => (seen.has(id) ? [] : (catalogue.movement(id) ?? [])));
}
