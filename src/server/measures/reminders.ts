import { daysBetween } from '@/core/days';
import { isMeasureDue, LOOK_BACK_FROM_DAYS } from '@/core/measure';
import { fullName, type Person } from '@/core/people';
import { firstDays } from '@/store/wrap-ups';
import type { ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { listTerms } from '@/store/terms';
import { lookBacks } from './results';

/** What is due about the people of the next class. */
export type Due = {
  /** Names of those to measure, and why now. */
  readonly measure: readonly string[];
  readonly why: string;
  /** People whose three or four weeks are over and who are worse. */
  readonly worse: readonly { readonly id: string; readonly name: string }[];
};

/** Measures that are due at the next class, whose people these are, all of them in a week of review; and who to look back on. */
export async function dueAt(db: Db, info: ClassInfo, people: readonly Person[], today: string): Promise<Due> {
  const first = await firstDays(
    db,
    people.map((p) => p.id),
  );
  const review = await isReview(db, info);
  const due = people.filter((p) => isMeasureDue(p.measures, first[p.id] ?? null, today, review));
  const longEnough = people.filter((p) => daysBetween(first[p.id] ?? today, today) >= LOOK_BACK_FROM_DAYS);
  const looks = await lookBacks(db, longEnough, today);
  return {
    measure: due.map(fullName),
    why: review ? 'it is the week to measure' : 'nothing was measured yet, or not for four weeks',
    worse: longEnough.flatMap((p) =>
      looks.get(p.id)?.kind === 'worse' ? [{ id: p.id, name: fullName(p) }] : [],
    ),
  };
}

async function isReview(db: Db, info: ClassInfo): Promise<boolean> {
  const term = (await listTerms(db)).find((t) => t.seriesId === info.seriesId && t.firstDay <= info.day);
  return term?.weeks[info.week - 1]?.phase === 'review';
}
