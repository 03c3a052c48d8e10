import { RESISTED, type Catalogue } from '../../catalogue';
import { perHand, type Dose, type Hand } from '../../dose';
import { IMPACT_FACTOR, mixedBoutIndex, type LoadCycles } from '../../load';
import { plannedShare, type RowMovement } from '../../stance';
import { memo, oneOfEqual, remembered } from '../../remember';
import { adaptedDose, type HandVerdict, type Verdict } from '../../screening';
import { movementOfRow } from '../at-rung';
import { movementRows } from '../plan';
import type { MovementRow, Plan } from '../plan';

/**
 * How much a class asks: resisted repetitions x effort of ten, and the loading index. Both hands together. Holds count by
 * their seconds, free time by its cycles.
 */
export type Volume = { readonly resisted: number; readonly loading: number };

export const NO_VOLUME: Volume = { resisted: 0, loading: 0 };
/** Of two things apart. Loading that comes close together is less than this: see volumeOfRows. */
export const addVolume = (a: Volume, b: Volume): Volume => ({
  resisted: a.resisted + b.resisted,
  loading: a.loading + b.loading,
});

/** A row as it is done: as planned, or by one person where there is a verdict. */
type RowDone = {
  readonly movement: RowMovement;
  readonly dose: Dose;
  readonly verdict: Verdict | null;
};

/** The volume of a whole plan, as planned. */
export const planVolume = (plan: Plan, catalogue: Catalogue): Volume =>
  volumeOfRows(knownRows(plan, catalogue).map((row): RowDone => ({ ...row, verdict: null })));

/** The volumes of a whole plan as each of these people does it, in their order; `judge` says a row's verdicts by person. */
export function ownVolumes(
  plan: Plan,
  catalogue: Catalogue,
  people: readonly { readonly id: string }[],
  judge: (movement: RowMovement, row: MovementRow) => ReadonlyMap<string, Verdict>,
): readonly Volume[] {
  if (people.length === 0) return [];
  const rows = knownRows(plan, catalogue).map((known) => ({
    known,
    verdicts: judge(known.movement, known.row),
  }));
  return people.map(({ id }) =>
    volumeOfRows(
      rows.map(({ known, verdicts }): RowDone => ({ ...known, verdict: verdicts.get(id) ?? null })),
    ),
  );
}

/** The rows of a plan whose movements there are. */
const knownRows = (plan: Plan, catalogue: Catalogue) =>
  movementRows(plan).flatMap((row) => {
    const movement = movementOfRow(row, catalogue);
    return movement ? [{ row, movement, dose: row.dose }] : [];
  });

/** What one row would be alone. */
export const rowVolume = (movement: RowMovement, dose: Dose, verdict: Verdict | null): Volume =>
  volumeOfRows([{ movement, dose, verdict }]);

/** What rows of one class add up to: their load cycles are one bout for each hand. A hand that rests or swaps adds nothing. */
export function volumeOfRows(rows: readonly RowDone[]): Volume {
  const hands = HANDS.map((hand) => rows.flatMap((row) => handWork(row, hand)));
  return {
    resisted: hands.flat().reduce((n, { resisted }) => n + resisted, 0),
    loading: hands.reduce((n, work) => n + mixedBoutIndex(work.map((w) => w.loading)), 0),
  };
}

const HANDS = ['L', 'R'] as const satisfies readonly Hand[];

type HandWork = { readonly resisted: number; readonly loading: LoadCycles };

const remember = memo<readonly HandWork[]>();
const AS_PLANNED = {};
const doses = new WeakMap<Dose, Dose>();
/** The same dose, in whatever plan it stands. */
const sameDose = oneOfEqual<Dose>(2_000);

/** What a row asks of a hand: a dose and a verdict that stay the same ask the same. */
function handWork({ movement, dose, verdict }: RowDone, hand: Hand): readonly HandWork[] {
  const own = verdict?.[hand] ?? null;
  const same = remembered(doses, dose, () => sameDose(dose));
  return remember([movement, same, own?.adaptation ?? AS_PLANNED], `${hand} ${own?.kind}`, () =>
    workOf(movement, dose, own, hand),
  );
}

function workOf(movement: RowMovement, dose: Dose, own: HandVerdict | null, hand: Hand): readonly HandWork[] {
  if (own?.kind === 'swap' || own?.kind === 'leaveOut') return [];
  const { asReps, cycles } = perHand(own ? adaptedDose(dose, own.adaptation) : dose, 0)[hand];
  const effort = Math.min(movement.effortOf10, own?.adaptation.effortMost ?? 10);
  const isAlone = movement.hands === 'apart' && dose.sides !== 'both';
  const impact = movement.traits.includes('impact') ? IMPACT_FACTOR : 1;
  return [
    {
      resisted: RESISTED.has(movement.effort) ? asReps * effort : 0,
      loading: { intensity: plannedShare(movement, hand, isAlone) * impact, cycles },
    },
  ];
}
