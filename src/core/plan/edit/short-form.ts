import { withoutExtras, withPrimaryCount, type Dose } from '../../dose';
import type { Plan } from '../plan';
import { mapMovementRows } from './map-rows';

/**
 * The same plan with each movement once, each side and pass of it too: for teaching a helper, or for a taster. Talk and breaks are left
 * out, and nothing runs on as a series.
 */
export function shortForm(plan: Plan): Plan {
  const bare = {
    ...plan,
    sections: plan.sections.map((s) => ({ ...s, rows: s.rows.filter((r) => r.kind === 'movement') })),
  };
  return mapMovementRows(bare, ({ continuesPrevious: _, ...row }) => ({ ...row, dose: once(row.dose) }));
}

function once(dose: Dose): Dose {
  const { layers: _, ...even } = withoutExtras(dose);
  return {
    ...even,
    count: withPrimaryCount(even.count, 1),
    // Hand by hand, each hand once.
    perSide: true,
    sets: 1,
    restMs: 0,
    extraLeft: 0,
    extraRight: 0,
    fewest: 1,
    most: 1,
  };
}
