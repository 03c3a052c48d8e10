import { addMinutes, format, parse, parseISO } from 'date-fns';
import { addDays } from '@/core/days';
import { clearanceDoubt, expiringClearances, fullName } from '@/core/people';
import { lowerFirst } from '@/core/words';
import { fail, ok, type Result } from '@/core/result';
import {
  dueFollowUps,
  followUpReason,
  type FollowUpAnswer,
  type FollowUpSlot,
  type WrapUpPerson,
} from '@/core/teach';
import { loadCalls, saveCall } from '@/store/calls';
import { classesFrom, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { peopleCleared, peopleClearedUntil } from '@/store/people';
import { incidentsOfClass } from '@/store/incidents';
import { loadMarks, loadTaught } from '@/store/teaching';
import { undecidedClasses } from '@/store/progress';
import { attendanceOf } from '@/store/wrap-ups';
import { idFrom } from '../shell/ids';

const WITHIN_DAYS = 7;

/** One person to ask after a class, and why. */
export type Call = {
  readonly classId: string;
  readonly personId: string;
  readonly slot: FollowUpSlot;
  readonly words: string;
};

/** Whom to ask today, and when. */
export async function callsDue(db: Db, today: string): Promise<Call[]> {
  const since = addDays(today, -WITHIN_DAYS);
  const recent = (await classesFrom(db, since)).filter((c) => c.status === 'written up');
  const came = await attendanceOf(
    db,
    recent.map((c) => c.id),
  );
  const calls = await Promise.all(recent.map((c) => followUpsOf(db, c, came.get(c.id) ?? [], today, since)));
  return calls.flat();
}

/** Classes of the last week after which nobody has said who moves on. */
export const toDecide = (db: Db, today: string) => undecidedClasses(db, addDays(today, -WITHIN_DAYS));

async function followUpsOf(
  db: Db,
  info: ClassInfo,
  came: readonly WrapUpPerson[],
  today: string,
  since: string,
): Promise<Call[]> {
  const [marks, incidents] = await Promise.all([loadMarks(db, info.id), incidentsOfClass(db, info.id)]);
  const reasons = new Map(
    came.flatMap((line) => {
      const own = marks.filter((m) => m.personId === line.personId).map((m) => m.mark);
      const hadIncident = incidents.some((i) => i.personId === line.personId);
      const reason = line.present ? followUpReason(line, own, hadIncident) : null;
      return reason ? [[line.personId, reason] as const] : [];
    }),
  );
  if (reasons.size === 0) return [];
  const taught = await loadTaught(db, info.id);
  const answers = await loadCalls(db, info.id);
  const sore = [...reasons.keys()].map((personId) => ({
    personId,
    answered: answers.filter((a) => a.personId === personId).map((a) => a.slot),
  }));
  return dueFollowUps(sore, info.day, today, since).flatMap(({ personId, slot }) => {
    const person = taught?.snapshot.people.find((p) => p.id === personId);
    if (!person) return [];
    const when = slot === 'two hours' ? `From ${twoHoursAfter(info)}: ask` : 'Ask';
    const words = `${when} ${fullName(person)} how the hands were after ${info.name}. ${reasons.get(personId)}`;
    return [{ classId: info.id, personId, slot, words }];
  });
}

const twoHoursAfter = ({ startsAt, slotMinutes }: ClassInfo): string =>
  format(addMinutes(parse(startsAt, 'HH:mm', new Date(0)), slotMinutes + 120), 'HH:mm');

export async function answerCall(
  db: Db,
  rawId: string | undefined,
  answer: FollowUpAnswer,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', 'This class has not been taught.');
  if (!taught.snapshot.people.some((p) => p.id === answer.personId))
    return fail('not-found', 'That person is not in this class.');
  await saveCall(db, id.value, answer);
  return ok({});
}

const ENDING_WITHIN_DAYS = 21;

/** Clearances that run out in the next three weeks, one sentence each. */
export async function endingClearances(db: Db, today: string): Promise<string[]> {
  const soon = addDays(today, ENDING_WITHIN_DAYS);
  return expiringClearances(await peopleClearedUntil(db, soon), today, soon).map(
    ({ person, clearance, until }) =>
      `${fullName(person)}’s clearance for ${clearance.scope} by ${clearance.by} ends on ${format(parseISO(until), 'd MMMM')}. Ask for a new one, or the rule it lifts comes back.`,
  );
}

/** Clearances that name no hand, or whose words and scope disagree, one question each. */
export async function doubtfulClearances(db: Db, today: string): Promise<Doubt[]> {
  return (await peopleCleared(db)).flatMap((person) =>
    person.clearances.flatMap((clearance): Doubt[] => {
      const doubt = clearanceDoubt(clearance);
      if (!doubt || (clearance.until !== null && clearance.until < today)) return [];
      return [
        {
          personId: person.id,
          words: `${fullName(person)}’s clearance by ${clearance.by}: ${lowerFirst(doubt)}`,
        },
      ];
    }),
  );
}

type Doubt = { readonly personId: string; readonly words: string };
