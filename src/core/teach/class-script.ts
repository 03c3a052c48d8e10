import type { Catalogue } from '../catalogue/movement';
import { scriptLength, scriptOf, type Beat } from '../dose/script';
import { rowTitle } from '../plan/row-title';
import { placedRows, type Plan, type Row } from '../plan/plan';
import { scriptContextOf, type PlanTiming } from '../plan/timing';

/** One row as it is taught: planned lengths in ms, and its count. */
export type TaughtRow = {
  readonly rowId: string;
  readonly kind: 'movement' | 'hand' | 'water' | 'talk';
  readonly title: string;
  readonly section: string;
  readonly row: Row;
  readonly plannedStartMs: number;
  readonly plannedMs: number;
  /** Hand-out, explaining and showing; the instructor ends it. */
  readonly setUpMs: number;
  readonly beats: readonly Beat[];
  readonly countMs: number;
  /** The shake-out after the count. */
  readonly resetMs: number;
};

/** A plan and its times as rows to teach, in running order. */
export function classScript(plan: Plan, timing: PlanTiming, catalogue: Catalogue): readonly TaughtRow[] {
  return placedRows(plan).map(({ row, section }, i): TaughtRow => {
    const times = timing.rows[i]!;
    const shared = {
      rowId: row.id,
      title: rowTitle(row, catalogue),
      section: section.name,
      row,
      plannedStartMs: times.startMs,
      plannedMs: times.totalMs,
      setUpMs: times.propsMs + times.setUpMs,
      resetMs: times.resetMs,
    };
    if (row.kind !== 'movement')
      return { ...shared, kind: row.kind === 'talk' ? 'talk' : row.what, beats: [], countMs: row.durationMs };
    const beats = scriptOf(row.dose, scriptContextOf(plan, times));
    return { ...shared, kind: 'movement', beats, countMs: scriptLength(beats) };
  });
}

/** Extra repetitions called for while teaching, by bout. */
export type Extras = Readonly<Record<number, number>>;

/**
 * The beats with "one more" added at the end of the bouts that asked for it.
 * Only what comes later moves; numbering goes on from where it was.
 */
export function withExtras(beats: readonly Beat[], extras: Extras): readonly Beat[] {
  if (Object.values(extras).every((n) => n === 0)) return beats;
  const result: Beat[] = [];
  let startMs = 0;
  const push = (beat: Beat) => {
    result.push({ ...beat, startMs });
    startMs += beat.durationMs;
  };
  beats.forEach((beat, i) => {
    const more = extras[beat.bout] ?? 0;
    const of = beat.of > 0 ? beat.of + more : 0;
    push({ ...beat, of });
    const boutEnds = beats[i + 1]?.bout !== beat.bout;
    if (!boutEnds || more === 0) return;
    const unit = beats.filter((b) => b.bout === beat.bout && b.number === beat.number && b.number > 0);
    for (let n = 1; n <= more; n++) for (const b of unit) push({ ...b, number: b.number + n, of });
  });
  return result;
}

/** One more for the bout under way, and for the other sides and directions of the same set still to come. */
export function oneMore(beats: readonly Beat[], bout: number, extras: Extras): Extras {
  const set = beats.find((b) => b.bout === bout)?.set;
  const bouts = new Set(beats.filter((b) => b.set === set && b.bout >= bout).map((b) => b.bout));
  const next: Record<number, number> = { ...extras };
  for (const b of bouts) next[b] = (next[b] ?? 0) + 1;
  return next;
}
