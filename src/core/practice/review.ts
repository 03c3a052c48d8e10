import type { Hand } from '../dose';
import { fullName } from '../people';
import { median } from '../statistics';
import { recordByRow, rowTimes, shareOf, type RowTimes } from '../teach';
import { unevenPercent } from './beat-times';
import { PAIN_EVERY_S, type Course } from './course';
import type { PracticeClass, PracticeLog } from './log';
import { PAIN_CAUSES, type PainCause } from './rates';
import { reactionsTo, type Reaction } from './reactions';
import { BY_WEIGHT, SLIP_KINDS, type SlipKind } from './slips';

/** One hand that hurt more than it did at the beginning. */
export type Hurt = {
  readonly personId: string;
  readonly name: string;
  readonly hand: Hand;
  /** Of ten. */
  readonly from: number;
  readonly most: number;
  /** When it hurt most, class clock ms. */
  readonly atMs: number;
  /** What did the most of it, in words. */
  readonly why: string;
};

type KindTold = {
  readonly kind: SlipKind;
  readonly n: number;
  readonly seen: number;
  readonly missed: number;
};

/** How a practice class went. */
export type PracticeReview = {
  readonly lengthMs: number;
  /** What was not met first, and of that what matters most. */
  readonly reactions: readonly Reaction[];
  readonly byKind: readonly KindTold[];
  readonly seen: number;
  readonly missed: number;
  /** From the beginning of a slip to what was done about it, the middle one, s. */
  readonly secondsToSee: number | null;
  /** Rows of which a hand was given less than planned. */
  readonly rowsShort: readonly RowTimes[];
  readonly rowsPlanned: number;
  readonly unevenPercent: number | null;
  /** Shares of the class, 0 to 1. */
  readonly shares: Readonly<Record<'moving' | 'talking' | 'paused', number>>;
  readonly ending: 'kept' | 'cut short' | 'left out';
  readonly hurt: readonly Hurt[];
};

const weightOf = ({ slip }: Reaction): number => BY_WEIGHT.indexOf(slip.kind);

/** A hand that went up by so much is told, of ten. */
const TOLD_FROM = 1.5;

export function reviewOf(cls: PracticeClass, log: PracticeLog, course: Course): PracticeReview {
  const reactions = reactionsTo(course.slips, log, course.untilMs)
    .filter((r) => r.counts)
    .sort((a, b) => Number(a.seenMs !== null) - Number(b.seenMs !== null) || weightOf(a) - weightOf(b));
  const last = log.turns.at(-1);
  const rows = cls.rowsOf(last?.state.changes ?? []);
  const record = recordByRow(log.events);
  const times = rowTimes(rows, record);
  const total = Object.values(course.seconds).reduce((sum, s) => sum + s, 0) || 1;
  const waits = reactions.flatMap((r) => (r.seenMs === null ? [] : [(r.seenMs - r.slip.fromMs) / 1000]));
  const ending = rows.filter((r) => r.section === rows.at(-1)?.section);
  const given = (rowId: string): boolean => {
    const of = record.get(rowId);
    return (
      of !== undefined && !of.skipped && (of.runs.length === 0 || shareOf(of.runs) >= 0.5) && of.actualMs > 0
    );
  };
  const kept = ending.filter((r) => given(r.rowId)).length;
  return {
    lengthMs: course.untilMs,
    reactions,
    byKind: SLIP_KINDS.flatMap((kind): KindTold[] => {
      const of = reactions.filter((r) => r.slip.kind === kind);
      const seen = of.filter((r) => r.seenMs !== null).length;
      return of.length === 0 ? [] : [{ kind, n: of.length, seen, missed: of.length - seen }];
    }),
    seen: waits.length,
    missed: reactions.length - waits.length,
    secondsToSee: waits.length === 0 ? null : median(waits),
    rowsShort: times.filter((t) => t.left !== '' || t.hands !== null),
    rowsPlanned: times.length,
    unevenPercent: unevenPercent(cls, log, course.untilMs),
    shares: {
      moving: course.seconds.moving / total,
      talking: course.seconds.talking / total,
      paused: course.seconds.paused / total,
    },
    ending: kept === ending.length ? 'kept' : kept === 0 ? 'left out' : 'cut short',
    hurt: hurtOf(cls, course),
  };
}

function hurtOf({ group }: PracticeClass, course: Course): readonly Hurt[] {
  return group
    .flatMap(({ person, pain }, i) =>
      (['L', 'R'] as const).flatMap((hand): Hurt[] => {
        const trace = course.pains[i]![hand];
        const most = Math.max(...trace, pain[hand]);
        if (most - pain[hand] < TOLD_FROM) return [];
        const atMs = (trace.indexOf(most) + 1) * PAIN_EVERY_S * 1_000;
        const why = worstOf(course.people[i]![hand].causes);
        return [{ personId: person.id, name: fullName(person), hand, from: pain[hand], most, atMs, why }];
      }),
    )
    .sort((a, b) => b.most - a.most);
}

function worstOf(causes: Readonly<Partial<Record<PainCause, number>>>): string {
  const [worst] = Object.entries(causes).sort(([, a], [, b]) => b - a) as [PainCause, number][];
  return worst ? PAIN_CAUSES[worst[0]] : '';
}
