import { isMeasureDue } from '@/core/measure';
import { fullName, type Person } from '@/core/people';
import { firstDays } from '@/store/wrap-ups';
import type { ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { listTerms } from '@/store/terms';
import { signsOf } from '../people/warning-signs';
import { lookBacks } from './results';

/** What is due about the people of the next class. */
export type Due = {
  /** Names of those to measure, and why now. */
  readonly measure: readonly string[];
  readonly why: string;
  /** People whose three or four weeks are over and who are worse. */
  readonly worse: readonly { readonly id: string; readonly name: string }[];
  /** People of whom something asks for a clinician's advice, though not today. */
  readonly signs: readonly { readonly id: string; readonly name: string; readonly words: string }[];
};

/** Measures that are due at the next class, whose people these are, all of them in a week of review; and who to look back on. */
export async function dueAt(db: Db, info: ClassInfo, people: readonly Person[], today: string): Promise<Due> {
  const first = await firstDays(
    db,
    people.map((p) => p.id),
  );
  const review = await isReview(db, info);
  const due = people.filter((p) => isMeasureDue(p.measures, first[p.id] ?? null, today, review));
  const looks = await lookBacks(db, people, today);
  const signs = await signsOf(db, new Map([...looks].map(([id, { results }]) => [id, results])));
  return {
    measure: due.map(fullName),
    why: review ? 'it is the week to measure' : 'nothing was measured yet, or not for four weeks',
    worse: people.flatMap((p) =>
      looks.get(p.id)?.lookBack.kind === 'worse' ? [{ id: p.id, name: fullName(p) }] : [],
    ),
    signs: people.flatMap((p) => {
      const own = signs.get(p.id) ?? [];
      return own.length > 0 ? [{ id: p.id, name: fullName(p), words: own.join('; ') }] : [];
    }),
  };
}

async function isReview(db: Db, info: ClassInfo): Promise<boolean> {
  const term = (await listTerms(db)).find((t) => t.seriesId === info.seriesId && t.firstDay <= info.day);
  return term?.weeks[info.week - 1]?.phase === 'review';
}
