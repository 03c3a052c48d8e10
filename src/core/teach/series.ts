import type { Beat, Dose } from '../dose';
import type { TaughtRow } from './taught-row';

/** A count that a long series can run through: one run of repetitions, each number said once. */
export const countsOn = ({ count, sets, directions, leads, sides, perSide }: Dose): boolean =>
  count.mode === 'reps' &&
  sets === 1 &&
  directions === 1 &&
  leads === 1 &&
  (sides === 'both' || (sides === 'alternating' && !perSide));

/** Rows that go on counting from the row before take its numbers further. */
export function inSeries(rows: readonly TaughtRow[]): readonly TaughtRow[] {
  const result: TaughtRow[] = [];
  for (const row of rows) {
    const before = result.at(-1);
    const base = before && goesOnFrom(row, before) ? lastNumber(before.beats) : 0;
    result.push(base === 0 ? row : { ...row, countedBefore: base, beats: numberedOn(row.beats, base) });
  }
  return result;
}

function goesOnFrom({ row }: TaughtRow, { row: before }: TaughtRow): boolean {
  return (
    row.kind === 'movement' &&
    before.kind === 'movement' &&
    row.goesOn === true &&
    countsOn(row.dose) &&
    countsOn(before.dose)
  );
}

/** Every number of a count raised by so many. */
export const numberedOn = (beats: readonly Beat[], by: number): readonly Beat[] =>
  by === 0 ? beats : beats.map((b) => (b.number > 0 ? { ...b, number: b.number + by, of: b.of + by } : b));

export const lastNumber = (beats: readonly Beat[]): number =>
  beats.reduce((most, b) => Math.max(most, b.number), 0);
