import type { Catalogue, Movement } from '../catalogue/movement';
import { isEffort } from '../plan/effort';
import { scriptLength, scriptOf, type Beat } from '../dose/script';
import { rowTitle } from '../plan/row-title';
import { inSeries } from './series';
import { NO_VOICE, type RowVoice } from './ticks';
import { placedRows, type MovementRow, type Plan, type Row } from '../plan/plan';
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
  readonly voice: RowVoice;
  /** It is work against resistance or body weight. */
  readonly effort: boolean;
  /** The number a long series has reached before this row; 0 where the count is its own. */
  readonly countedBefore: number;
  readonly countMs: number;
  /** The shake-out after the count. */
  readonly resetMs: number;
};

/** A plan and its times as rows to teach, in running order; a long series keeps one count through its rows. */
export function classScript(plan: Plan, timing: PlanTiming, catalogue: Catalogue): readonly TaughtRow[] {
  const rows = placedRows(plan).map(({ row, section }, i): TaughtRow => {
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
      countedBefore: 0,
      voice: NO_VOICE,
      effort: false,
    };
    if (row.kind !== 'movement')
      return { ...shared, kind: row.kind === 'talk' ? 'talk' : row.what, beats: [], countMs: row.durationMs };
    const beats = scriptOf(row.dose, scriptContextOf(plan, times));
    const movement = catalogue.movement(row.movementId);
    const told = { voice: voiceOf(row, movement), effort: movement !== undefined && isEffort(movement) };
    return { ...shared, ...told, kind: 'movement', beats, countMs: scriptLength(beats) };
  });
  return inSeries(rows);
}

const BREATH_FIRST = { 'in, then out': 'in', 'out, then in': 'out', 'as it comes': null } as const;

function voiceOf({ bpm }: MovementRow, movement: Movement | undefined): RowVoice {
  if (!movement) return NO_VOICE;
  return {
    cue: movement.cues[0] ?? '',
    watch: movement.watch[0] ?? '',
    breathFirst: BREATH_FIRST[movement.phases.breath],
    workShare: movement.phases.workShare,
    beatMs: bpm ? 60_000 / bpm : null,
  };
}
