import type { Catalogue, Movement } from '../catalogue';
import {
  isEffort,
  placedRows,
  rowTitle,
  scriptContextOf,
  type MovementRow,
  type Plan,
  type PlanTiming,
} from '../plan';
import { scriptLength, scriptOf } from '../dose';
import { inSeries } from './series';
import { NO_VOICE, type RowVoice } from './ticks';
import type { TaughtRow } from './taught-row';

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
