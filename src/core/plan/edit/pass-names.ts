import { passesNamed } from '../../dose';
import type { Plan } from '../plan';
import { mapMovementRows } from './map-rows';
import type { Catalogue } from '../../catalogue';

/** A plan from before passes had names, under the names that each movement has for them. */
export const withPassNames = (plan: Plan, catalogue: Pick<Catalogue, 'movement'>): Plan =>
  mapMovementRows(plan, (row) => {
    const movement = catalogue.movement(row.movementId);
    if (!movement) return row;
    const { count, passes } = row.dose;
    const named = passesNamed(passes, count, movement.passes);
    return named === passes ? row : { ...row, dose: { ...row.dose, passes: named } };
  });
