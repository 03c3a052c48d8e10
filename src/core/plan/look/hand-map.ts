import { RESISTED, type Joint, type Movement } from '../../catalogue';
import { doseTotals, type Dose, type Hand } from '../../dose';
import { coverageOf, HAND_SPOTS, sumCoverage, type Coverage, type MovementFigure } from '../../hand';

/** Something measured at each spot of each hand. */
export type SpotValues = Readonly<Record<Hand, Readonly<Record<string, number>>>>;

/** A row as the map needs it. */
export type MappedRow = {
  readonly movement: Movement;
  readonly figure: MovementFigure | undefined;
  readonly dose: Dose;
};

/** Degrees travelled at each spot, all its directions together. */
export const movedAt = (coverage: Coverage): SpotValues => ({
  L: spotSums(coverage.L),
  R: spotSums(coverage.R),
});

const spotSums = (arcs: Coverage['L']): Record<string, number> =>
  Object.fromEntries(
    HAND_SPOTS.map((spot) => [spot.id, Math.round(spot.joints.reduce((n, j) => n + (arcs[j] ?? 0), 0))]),
  );

/** Degrees a list of rows moves each spot. */
export const movedByRows = (rows: readonly MappedRow[]): SpotValues =>
  movedAt(sumCoverage(rows.flatMap(({ figure, dose }) => (figure ? [coverageOf(figure, dose)] : []))));

/** Effort-seconds that resisted and loading rows put on each spot: effort of ten x seconds of work, per hand. */
export function workedByRows(rows: readonly MappedRow[]): SpotValues {
  return added(
    rows.flatMap(({ movement, dose }) => {
      if (!RESISTED.has(movement.effort) && movement.effort !== 'load') return [];
      const totals = doseTotals(dose);
      const each = secondsPerCount(dose) * movement.effortOf10;
      const at = (counted: number) =>
        Object.fromEntries(
          HAND_SPOTS.map((s) => [s.id, onSpot(s.id, movement.joints) ? Math.round(counted * each) : 0]),
        );
      return [{ L: at(totals.left), R: at(totals.right) }];
    }),
  );
}

function secondsPerCount({ count }: Dose): number {
  switch (count.mode) {
    case 'reps':
      return count.tempoMs / 1000;
    case 'hold':
      return count.holdMs / 1000;
    case 'sequence':
      return count.stepMs / 1000;
    case 'time':
      return count.timeMs / 1000;
    case 'breaths':
      return 5;
  }
}

const onSpot = (spotId: string, joints: readonly Joint[]): boolean => {
  if (spotId === 'wrist' || spotId === 'forearm') return joints.includes(spotId);
  return joints.includes(spotId.startsWith('thumb') ? 'thumb' : 'fingers');
};

function added(list: readonly SpotValues[]): SpotValues {
  const total = (hand: Hand) =>
    Object.fromEntries(HAND_SPOTS.map(({ id }) => [id, list.reduce((n, v) => n + (v[hand][id] ?? 0), 0)]));
  return { L: total('L'), R: total('R') };
}

/** None, then four steps up to the most of either hand. */
export function levelOf(value: number, most: number): 0 | 1 | 2 | 3 | 4 {
  if (value <= 0 || most <= 0) return 0;
  return Math.min(4, Math.ceil((value / most) * 4)) as 1 | 2 | 3 | 4;
}

export const mostOf = (values: SpotValues): number =>
  Math.max(0, ...Object.values(values.L), ...Object.values(values.R));
