import { standingMarks, type TeachEvent } from '../teach';
import { answeredBy, type SlipKind } from './slips';
import type { Slip } from './course';
import type { Act, PracticeLog } from './log';

/** How a slip was met. */
export type Reaction = {
  readonly slip: Slip;
  /** When it was met, class clock ms; null where it was not. */
  readonly seenMs: number | null;
  /** Long enough to be seen. */
  readonly counts: boolean;
};

/** Whoever looks about sees what lasts so long, ms. */
export const TIME_TO_SEE_MS = 5_000;
/** What is said just after it went was still meant for it, ms. */
const JUST_AFTER_MS = 2_000;

/** What changes to the class itself answer. */
const ANSWERED_BY_CHANGE: Partial<Record<TeachEvent['kind'], readonly SlipKind[]>> = {
  slower: ['behind', 'finger', 'other hand', 'other way'],
  repeat: ['behind', 'finger', 'other hand', 'other way'],
  easier: ['shoulders', 'breath', 'wrist', 'wince', 'stopped', 'dropped'],
  hand: ['shoulders', 'wrist', 'wince', 'stopped', 'dropped'],
  water: ['shoulders', 'wrist', 'wince', 'stopped', 'talking'],
  swap: ['shoulders', 'breath', 'wrist', 'wince', 'stopped', 'dropped', 'ring'],
  shorten: ['shoulders', 'wrist', 'wince', 'stopped'],
  skip: ['wince', 'stopped', 'wrist', 'shoulders', 'ring'],
};

/** Each slip of a class with what the instructor did about it, first thing first. */
export function reactionsTo(slips: readonly Slip[], log: PracticeLog, untilMs: number): readonly Reaction[] {
  const reported = reportTimes(log);
  return slips.map((slip) => {
    const endMs = (slip.toMs ?? untilMs) + JUST_AFTER_MS;
    const inTime = (atMs: number) => atMs >= slip.fromMs && atMs <= endMs;
    const times = [
      ...log.acts.filter((act) => meets(act, slip)).map((a) => a.atMs),
      ...log.events.filter((e) => ANSWERED_BY_CHANGE[e.kind]?.includes(slip.kind)).map((e) => e.atMs),
      ...(reported.get(slip.personId) ?? []),
    ].filter(inTime);
    const seenMs = times.length === 0 ? null : Math.min(...times);
    const counts = seenMs !== null || (slip.toMs ?? untilMs) - slip.fromMs >= TIME_TO_SEE_MS;
    return { slip, seenMs, counts };
  });
}

function meets(act: Act, { personId, kind }: Slip): boolean {
  switch (act.what) {
    case 'help':
      return kind === 'light-headed';
    case 'noticed':
      return act.to === personId;
    case 'cue':
      return act.to === personId || (act.to === null && answeredBy(act.cue).includes(kind));
  }
}

/** When each person was marked, asked, or given a way of their own. */
function reportTimes({ turns }: PracticeLog): ReadonlyMap<string, readonly number[]> {
  const times = new Map<string, number[]>();
  const add = (personId: string, atMs: number) => times.set(personId, [...(times.get(personId) ?? []), atMs]);
  turns.forEach(({ atMs, state, reports }, i) => {
    const before = turns[i - 1];
    if (reports !== before?.reports) {
      const known = new Set(standingMarks(before?.reports.marks ?? []).map((m) => m.id));
      for (const mark of standingMarks(reports.marks)) if (!known.has(mark.id)) add(mark.personId, atMs);
      for (const answer of reports.answers.slice(before?.reports.answers.length ?? 0))
        add(answer.personId, atMs);
    }
    for (const shift of state.rungShifts)
      if (!before?.state.rungShifts.includes(shift)) add(shift.personId, atMs);
  });
  return times;
}
