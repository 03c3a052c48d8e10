import type { Catalogue } from '../catalogue';
import { doseTiming } from '../dose';
import { movementOfRow, takenMs, type MovementRow, type Pace } from '../plan';

/** One breath at home, ms. */
export const HOME_BREATH_MS = 5_000;

/** How long going once through all of these takes, ms: their counts and changes at the pace they were taught at, no explaining. */
export const goMs = (rows: readonly MovementRow[], catalogue: Catalogue, pace?: Pace): number =>
  rows.reduce((sum, row) => {
    const movement = movementOfRow(row, catalogue);
    const { totalMs } = doseTiming(row.dose, { breathMs: HOME_BREATH_MS, slowFirst: false });
    return sum + (movement ? takenMs(pace, movement.effort, totalMs) : totalMs);
  }, 0);

/** How long a day of it takes, ms: what needs a day between once, the rest each time. */
export const dayMs = (
  items: readonly { readonly ms: number; readonly dayBetween: boolean }[],
  timesADay: number,
): number => items.reduce((sum, { ms, dayBetween }) => sum + ms * (dayBetween ? 1 : timesADay), 0);

/** "about 4 minutes", "about half a minute". */
export function aboutMinutes(ms: number): string {
  if (ms < 45_000) return 'about half a minute';
  const minutes = Math.max(1, Math.round(ms / 60_000));
  return minutes === 1 ? 'about a minute' : `about ${minutes} minutes`;
}
