import { isSeated, type Catalogue, type Movement } from '../../catalogue';
import type { Dose } from '../../dose';
import { coverageOf, HAND_SPOTS, sumCoverage, type Coverage, type MovementFigure } from '../../hand';
import { movedAt, type SpotValues } from '../look/hand-map';
import { memo } from '../../remember';
import { movementRows } from '../plan';
import type { Plan } from '../plan';

const remember = memo<Coverage>();
const rowCoverage = (figure: MovementFigure, dose: Dose): Coverage =>
  remember([figure, dose], '', () => coverageOf(figure, dose));

/** Degrees a plan moves each spot of each hand. */
export const planMoves = (plan: Plan, catalogue: Catalogue): SpotValues =>
  movedAt(
    sumCoverage(
      movementRows(plan).flatMap((row) => {
        const figure = catalogue.figure(row.movementId);
        return figure ? [rowCoverage(figure, row.dose)] : [];
      }),
    ),
  );

/** What a class of the last weeks moved, on average; null when there was none. */
export function usualMoves(plans: readonly Plan[], catalogue: Catalogue): SpotValues | null {
  if (plans.length === 0) return null;
  const all = plans.map((p) => planMoves(p, catalogue));
  const mean = (hand: 'L' | 'R') =>
    Object.fromEntries(
      HAND_SPOTS.map(({ id }) => [
        id,
        Math.round(all.reduce((n, v) => n + (v[hand][id] ?? 0), 0) / plans.length),
      ]),
    );
  return { L: mean('L'), R: mean('R') };
}

/** Moved under this share of what is usual, a spot is short. */
const SHORT_SHARE = 0.4;

type Gap = {
  readonly spotId: string;
  readonly name: string;
  readonly kind: 'still' | 'less than usual';
};

/** Spots that a class leaves still on either hand, or moves far less than the weeks before. */
export function coverageGaps(planned: SpotValues, usual: SpotValues | null): readonly Gap[] {
  return HAND_SPOTS.flatMap(({ id, name }): Gap[] => {
    const least = Math.min(planned.L[id] ?? 0, planned.R[id] ?? 0);
    if (least === 0) return [{ spotId: id, name, kind: 'still' }];
    const short = (['L', 'R'] as const).some(
      (hand) => (planned[hand][id] ?? 0) < SHORT_SHARE * (usual?.[hand][id] ?? 0),
    );
    return short ? [{ spotId: id, name, kind: 'less than usual' }] : [];
  });
}

export type Filler = { readonly movement: Movement; readonly fills: readonly string[] };

/** Gentle seated movements that move the given spots on both hands and are not planned yet, the fullest first. */
export function fillersFor(catalogue: Catalogue, plan: Plan, spotIds: readonly string[]): readonly Filler[] {
  const planned = new Set(movementRows(plan).map((r) => r.movementId));
  return catalogue.movements
    .filter(
      (m) => m.effort === 'active' && !m.propId && !m.clearanceReason && isSeated(m) && !planned.has(m.id),
    )
    .flatMap((movement) => {
      const figure = catalogue.figure(movement.id);
      const moved = figure && movedAt(rowCoverage(figure, movement.dose));
      const fills = moved ? spotIds.filter((id) => moved.L[id] && moved.R[id]) : [];
      return fills.length > 0 ? [{ movement, fills }] : [];
    })
    .sort((a, b) => b.fills.length - a.fills.length || a.movement.name.localeCompare(b.movement.name));
}
