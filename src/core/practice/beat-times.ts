import { COUNTED } from '../dose';
import { groupBy } from '../group';
import { mean } from '../statistics';
import { beatsOf, flow, offsetAtTime } from '../teach';
import type { PracticeClass, PracticeLog } from './log';

/** A counted beat as it was given: in which row and run, what it is, and when it began on the class clock, ms. */
type Given = { readonly run: string; readonly kind: string; readonly atMs: number };

/** Every counted beat that began in a class, from one turn to the next. */
function givenBeats(cls: PracticeClass, { turns }: PracticeLog, untilMs: number): readonly Given[] {
  return turns.flatMap((turn, i): Given[] => {
    const rows = cls.rowsOf(turn.state.changes);
    const { state } = flow(rows, turn.state, turn.atMs);
    const row = rows[state.rowIndex];
    if (state.phase !== 'count' || !state.running || row?.kind !== 'movement') return [];
    const endMs = turns[i + 1]?.atMs ?? untilMs;
    const fromOffset = offsetAtTime(state, turn.atMs);
    return beatsOf(rows, state).flatMap((beat): Given[] => {
      const atMs = turn.atMs + beat.startMs - fromOffset;
      if (!COUNTED.has(beat.kind) || atMs < turn.atMs || atMs >= endMs) return [];
      return [{ run: `${row.rowId} ${beat.bout}`, kind: beat.kind, atMs }];
    });
  });
}

/** From so many numbers in a run on its evenness says something. */
const ENOUGH = 4;

/**
 * How much the time between the numbers of a run varies, in percent of its mean, over the repetitions and steps of a class; null
 * where too few were counted. Pauses and changes of pace in the middle of a side show in it.
 */
export function unevenPercent(cls: PracticeClass, log: PracticeLog, untilMs: number): number | null {
  const beats = givenBeats(cls, log, untilMs).filter((b) => b.kind === 'rep' || b.kind === 'step');
  const byRun = groupBy(beats, (b) => b.run);
  const off = [...byRun.values()].flatMap((run) => {
    const gaps = run.slice(1).map((b, i) => b.atMs - run[i]!.atMs);
    if (gaps.length < ENOUGH) return [];
    const middle = mean(gaps);
    return gaps.map((gap) => ((gap - middle) / middle) ** 2);
  });
  return off.length === 0 ? null : Math.sqrt(mean(off)) * 100;
}
