import { doneWith, isEffort, type Catalogue, type Movement } from '../catalogue';
import {
  movementOfRow,
  placedRows,
  remindersByRow,
  rowTitle,
  scriptContextOf,
  type MovementRow,
  type Plan,
  type PlanTiming,
} from '../plan';
import { scriptLength, scriptOf, type Dose } from '../dose';
import { inSeries } from './series';
import { NO_VOICE, type RowVoice } from './ticks';
import type { TaughtRow } from './taught-row';

/**
 * A plan and its times as rows to teach, in running order; a long series keeps one count through its rows. `taken` are the times at
 * the instructor's own pace: the counts themselves are as planned.
 */
export function classScript(
  plan: Plan,
  timing: PlanTiming,
  catalogue: Catalogue,
  taken: PlanTiming = timing,
): readonly TaughtRow[] {
  const reminders = remindersByRow(plan, taken, catalogue);
  const rows = placedRows(plan).map(({ row, section }, i): TaughtRow => {
    const times = timing.rows[i]!;
    const shared = {
      rowId: row.id,
      title: rowTitle(row, catalogue),
      section: section.name,
      row,
      plannedStartMs: taken.rows[i]!.startMs,
      plannedMs: taken.rows[i]!.totalMs,
      setUpMs: times.propsMs + times.placeMs + times.wayInMs,
      wayInMs: times.wayInMs,
      isNew: times.isNew,
      handOut: times.handOut,
      collect: times.collect,
      resetMs: times.resetMs,
      countedBefore: 0,
      voice: NO_VOICE,
      effort: false,
    };
    if (row.kind !== 'movement')
      return { ...shared, kind: row.kind === 'talk' ? 'talk' : row.what, beats: [], countMs: row.durationMs };
    const movement = movementOfRow(row, catalogue);
    const outFirst = movement?.phases.breath === 'out, then in';
    const beats = scriptOf(row.dose, { ...scriptContextOf(plan, times), outFirst });
    const voice = voiceOf(row, movement, reminders.get(row.id) ?? '');
    const told = { voice, effort: movement !== undefined && isEffort(movement) };
    return { ...shared, ...told, kind: 'movement', beats, countMs: scriptLength(beats) };
  });
  return inSeries(rows);
}

/** Work and holds are said by what is done; moving is counted. */
function verbsOf(movement: Movement, { count }: Dose): Pick<RowVoice, 'verb' | 'undo'> {
  const { work, back } = movement.phases;
  const isSaid = isEffort(movement) || count.mode === 'hold';
  const isVerb = isSaid && work !== 'there';
  return { verb: isVerb ? work : '', undo: isVerb && movement.effort !== 'stretch' ? back : '' };
}

const BREATH_FIRST = { 'in, then out': 'in', 'out, then in': 'out', 'as it comes': null } as const;

function voiceOf({ bpm, dose }: MovementRow, movement: Movement | undefined, reminder: string): RowVoice {
  if (!movement) return NO_VOICE;
  return {
    cue: movement.cues[0] ?? '',
    reminder,
    ...verbsOf(movement, dose),
    quiet: movement.effort === 'breath' || movement.effort === 'notice',
    breathFirst: BREATH_FIRST[movement.phases.breath],
    workShare: movement.phases.workShare,
    beatMs: bpm ? 60_000 / bpm : null,
    of: doneWith(movement),
  };
}
