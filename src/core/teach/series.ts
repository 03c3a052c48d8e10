import type { Beat, Dose } from '../dose';
import type { TaughtRow } from './taught-row';

/** A count that a long series can run through: repetitions in one set, each number said once. Sides and passes are counted through. */
export const countsOn = ({ count, sets, sides, perSide }: Dose): boolean =>
  count.mode === 'reps' && sets === 1 && !(sides === 'alternating' && perSide);

/** Rows that go on counting from the row before take its numbers further. */
export function inSeries(rows: readonly TaughtRow[]): readonly TaughtRow[] {
  const result: TaughtRow[] = [];
  rows.forEach((row, i) => {
    const before = result.at(-1);
    const next = rows[i + 1];
    const base = before && goesOnFrom(row, before) ? lastNumber(before.beats) : 0;
    const isInSeries = base > 0 || (next && goesOnFrom(next, row));
    result.push(isInSeries ? { ...row, countedBefore: base, beats: countedThrough(row.beats, base) } : row);
  });
  return result;
}

function goesOnFrom({ row }: TaughtRow, { row: before }: TaughtRow): boolean {
  return (
    row.kind === 'movement' &&
    before.kind === 'movement' &&
    row.continuesPrevious === true &&
    countsOn(row.dose) &&
    countsOn(before.dose)
  );
}

/** One count through all sides and passes, from the number after this one. */
function countedThrough(beats: readonly Beat[], from: number): readonly Beat[] {
  const of = from + beats.filter((b) => b.number > 0).length;
  let number = from;
  return beats.map((b) => (b.number > 0 ? { ...b, number: ++number, of } : b));
}

/** Every number of a count raised by so many. */
export const numberedOn = (beats: readonly Beat[], by: number): readonly Beat[] =>
  by === 0 ? beats : beats.map((b) => (b.number > 0 ? { ...b, number: b.number + by, of: b.of + by } : b));

export const lastNumber = (beats: readonly Beat[]): number =>
  beats.reduce((most, b) => Math.max(most, b.number), 0);
