import type { Movement } from '../../catalogue';
import { primaryCount, withPrimaryCount, type Count, type Dose } from '../../dose';
import { plannedShare, type RowMovement } from '../../stance';
import { plural } from '../../words';
import { rungOf } from '../at-rung';
import type { MovementRow } from '../plan';

/** One way in which a row asks more than it did. */
type Harder = {
  readonly what: 'count' | 'sets' | 'hold' | 'speed' | 'rung' | 'weight';
  readonly words: string;
  /** The row with this one put back as it was. */
  readonly putBack: (row: MovementRow) => MovementRow;
};

/** Everything that became harder from an earlier row to this one. A count of another kind cannot be compared. */
export function harderThan(row: MovementRow, before: MovementRow, movement: Movement): readonly Harder[] {
  return [
    ...rungHarder(row, before, movement),
    ...weightHarder(row, before, movement),
    ...lengthHarder(row, before),
    ...speedHarder(row, before),
    ...countHarder(row, before),
  ];
}

function rungHarder(row: MovementRow, before: MovementRow, movement: Movement): Harder[] {
  const [now, then] = [rungOf(movement, row.rung), rungOf(movement, before.rung)];
  if (now <= then) return [];
  const { changes } = movement.rungs[now]!;
  const words = `${changes ?? 'the usual form'} (${plural(now - then, 'rung')} up)`;
  return [
    {
      what: 'rung',
      words,
      putBack: ({ rung: _, ...r }) => (before.rung === undefined ? r : { ...r, rung: before.rung }),
    },
  ];
}

/** More weight on the busier hand than a set-up put there before. */
function weightHarder(row: MovementRow, before: MovementRow, movement: Movement): Harder[] {
  const [now, then] = [row, before].map(({ press }) => busiest({ ...movement, press }));
  if (now! <= then! + 0.005) return [];
  return [
    {
      what: 'weight',
      words: `weight on a hand (${percent(then!)} of body weight to ${percent(now!)})`,
      putBack: ({ press: _, ...r }) => (before.press === undefined ? r : { ...r, press: before.press }),
    },
  ];
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const busiest = (m: RowMovement): number => Math.max(plannedShare(m, 'L'), plannedShare(m, 'R'));

function countHarder({ dose }: MovementRow, before: MovementRow): Harder[] {
  const [now, then] = [dose.count, before.dose.count];
  const harder: Harder[] = [];
  if (now.mode === then.mode && primaryCount(now) > primaryCount(then))
    harder.push({
      what: 'count',
      words: `count (${primaryCount(then)} to ${primaryCount(now)})`,
      putBack: (r) => withDose(r, { count: withPrimaryCount(r.dose.count, primaryCount(then)) }),
    });
  if (dose.sets > before.dose.sets)
    harder.push({
      what: 'sets',
      words: `sets (${before.dose.sets} to ${dose.sets})`,
      putBack: (r) => withDose(r, { sets: before.dose.sets }),
    });
  return harder;
}

function lengthHarder({ dose }: MovementRow, before: MovementRow): Harder[] {
  const [now, then] = [lengthOf(dose.count), lengthOf(before.dose.count)];
  if (now === null || then === null || now <= then || dose.count.mode !== before.dose.count.mode) return [];
  const putBack = (r: MovementRow) => withDose(r, { count: withLength(r.dose.count, then) });
  return [{ what: 'hold', words: `hold (${then / 1000} s to ${now / 1000} s)`, putBack }];
}

function speedHarder({ dose }: MovementRow, before: MovementRow): Harder[] {
  const [now, then] = [beatOf(dose.count), beatOf(before.dose.count)];
  if (now === null || then === null || now >= then || dose.count.mode !== before.dose.count.mode) return [];
  const putBack = (r: MovementRow) => withDose(r, { count: withBeat(r.dose.count, then) });
  return [{ what: 'speed', words: `speed (${then / 1000} s to ${now / 1000} s each)`, putBack }];
}

const lengthOf = (c: Count): number | null =>
  c.mode === 'hold' ? c.holdMs : c.mode === 'time' ? c.timeMs : null;
const withLength = (c: Count, ms: number): Count =>
  c.mode === 'hold' ? { ...c, holdMs: ms } : c.mode === 'time' ? { ...c, timeMs: ms } : c;
const beatOf = (c: Count): number | null =>
  c.mode === 'reps' ? c.tempoMs : c.mode === 'sequence' ? c.stepMs : null;
const withBeat = (c: Count, ms: number): Count =>
  c.mode === 'reps' ? { ...c, tempoMs: ms } : c.mode === 'sequence' ? { ...c, stepMs: ms } : c;

const withDose = (row: MovementRow, change: Partial<Dose>): MovementRow => ({
  ...row,
  dose: { ...row.dose, ...change },
});
