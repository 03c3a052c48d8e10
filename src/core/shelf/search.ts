import type { Declined, Movement } from '../catalogue';
import { search } from '../search';

/** Movements that have every word, best matches first; a word that is nowhere spelled so is allowed one slip. */
export const findMovements = (movements: readonly Movement[], query: string): readonly Movement[] =>
  search(
    movements,
    (m) => ({
      name: m.name,
      rest: `${m.what} ${m.purpose} ${m.effort} ${m.propId ?? ''} ${m.joints.join(' ')} ${m.positions.join(' ')}`,
    }),
    query,
  );

/** What was left out on purpose, for whoever looks for it: words as they are spelled, no slips. */
export const findDeclined = (declined: readonly Declined[], query: string): readonly Declined[] =>
  search(declined, (d) => ({ name: d.name, rest: d.why }), query, { slips: false });
