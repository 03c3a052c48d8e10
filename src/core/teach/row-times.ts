import { handTotals } from './counted';
import type { RowRecord } from './progress';
import type { TaughtRow } from './taught-row';

export type { TaughtRow };

/** A row as it was planned and as it was taught, ms. */
export type RowTimes = {
  readonly rowId: string;
  readonly title: string;
  readonly plannedMs: number;
  readonly actualMs: number;
  /** What each hand was given of what was planned for it; null where nothing was written down, or all of it was given. */
  readonly hands: { readonly planned: PerHand; readonly given: PerHand } | null;
  /** Why it was not done in full; empty where it was. */
  readonly left: '' | 'not reached' | 'skipped' | 'not counted';
};

/** Planned against taught, row by row. */
export const rowTimes = (
  rows: readonly TaughtRow[],
  record: ReadonlyMap<string, RowRecord>,
): readonly RowTimes[] =>
  rows.map((row) => {
    const taught = record.get(row.rowId);
    return {
      rowId: row.rowId,
      title: row.title,
      plannedMs: row.plannedMs,
      actualMs: taught?.actualMs ?? 0,
      hands: handsOf(row, taught),
      left: leftOf(row, taught),
    };
  });

type PerHand = Readonly<Record<'L' | 'R', number>>;

function handsOf({ voice }: TaughtRow, taught: RowRecord | undefined): RowTimes['hands'] {
  if (!taught || voice.of !== 'hands' || taught.runs.every((r) => r.n >= r.of)) return null;
  return { planned: handTotals(taught.runs, 'of'), given: handTotals(taught.runs, 'n') };
}

function leftOf({ kind }: TaughtRow, taught: RowRecord | undefined): RowTimes['left'] {
  if (!taught) return 'not reached';
  if (taught.skipped) return 'skipped';
  return kind === 'movement' && !taught.counted ? 'not counted' : '';
}

/** Both lengths of the whole class, ms. */
export const classTimes = (times: readonly RowTimes[]): Pick<RowTimes, 'plannedMs' | 'actualMs'> => ({
  plannedMs: times.reduce((n, t) => n + t.plannedMs, 0),
  actualMs: times.reduce((n, t) => n + t.actualMs, 0),
});
