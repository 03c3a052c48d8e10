import { standingMarks } from '../teach';
import type { MadeUpPerson } from './group';
import type { Act, Turn } from './log';
import type { ClassMoment } from './moment';
import { SECOND_MS, type PersonInClass, type SlipNow } from './person-in-class';
import { answeredBy, type SlipKind } from './slips';

/** Somebody whom a mark or an answer is newly about: the instructor has seen to them. */
export function newlyReported(turn: Turn, before: Turn | undefined): ReadonlySet<string> {
  const old = before?.reports;
  if (turn.reports === old) return new Set();
  const known = new Set(standingMarks(old?.marks ?? []).map((m) => m.id));
  return new Set([
    ...standingMarks(turn.reports.marks).flatMap((m) =>
      known.has(m.id) || m.mark === 'did' ? [] : [m.personId],
    ),
    ...turn.reports.answers.slice(old?.answers.length ?? 0).map((a) => a.personId),
  ]);
}

/** Marked or asked, they take their own way from now on, and what hurts is let go of. */
export const lookedAfter = (now: PersonInClass, { atMs, row }: ClassMoment): PersonInClass => ({
  ...now,
  toldRow: row?.rowId ?? null,
  everTold: true,
  slips: overBy(now.slips, ['wince', 'stopped'], atMs + 2 * SECOND_MS),
});

/** Who takes in what is said well answers in a beat, others need a few, ms. */
const answersAfterMs = ({ understanding }: MadeUpPerson): number =>
  1_000 + Math.round(3 * (1 - understanding)) * 1_000;

/** Somebody after something was said, or help was called for. */
export function answered(
  who: MadeUpPerson,
  now: PersonInClass,
  act: Act,
  moment: ClassMoment,
): PersonInClass {
  if (act.what === 'noticed') return now;
  if (act.what === 'help') return helped(now, moment.atMs);
  if (act.to !== null && act.to !== who.person.id) return now;
  const kinds = answeredBy(act.cue);
  const rowId = moment.row?.rowId ?? null;
  const reminded = Object.fromEntries(kinds.map((kind) => [kind, act.atMs]));
  const isOwnWay = act.cue === 'own way';
  return {
    ...now,
    slips: overBy(now.slips, kinds, moment.atMs + answersAfterMs(who)),
    reminded: { ...now.reminded, ...reminded },
    ...(isOwnWay && { toldRow: rowId, everTold: true }),
    ...(act.cue === 'rest' && { restsRow: rowId }),
    ...(act.cue === 'rings' && { ringOn: false }),
  };
}

/** Helped out of it, they sit by for the rest of the class. */
function helped(now: PersonInClass, atMs: number): PersonInClass {
  if (!now.slips.some((s) => s.kind === 'light-headed')) return now;
  return { ...now, sitsOut: true, slips: overBy(now.slips, ['light-headed'], atMs + 5 * SECOND_MS) };
}

const overBy = (slips: readonly SlipNow[], kinds: readonly SlipKind[], overMs: number): readonly SlipNow[] =>
  slips.some((s) => kinds.includes(s.kind))
    ? slips.map((s) =>
        kinds.includes(s.kind) ? { ...s, overMs: Math.min(s.overMs ?? Infinity, overMs) } : s,
      )
    : slips;
