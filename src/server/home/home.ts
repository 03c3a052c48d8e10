import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { homeChoice, homeHoursSchema, MAX_ITEMS, MAX_TIMES, type HomeChoice } from '@/core/home';
import { addDays } from '@/core/days';
import { daySchema } from '@/core/days';
import type { Catalogue } from '@/core/catalogue';
import type { Person } from '@/core/people';
import type { Pace } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { asToday } from '@/core/screening';
import { loadCheckIns } from '@/store/check-ins';
import { classesOfSeries, findClass, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import {
  cardsOfClass,
  findCard,
  loggedDays,
  logDay,
  saveCard,
  type HomeCard,
  type LoggedDay,
} from '@/store/home';
import { findPerson } from '@/store/people';
import { catalogueNow } from '../catalogue/catalogue';
import { paceBefore } from '../classes/pace';
import { idFrom, newId } from '../shell/ids';
import { peopleNow } from '@/core/teach';
import { loadReports } from '@/store/teaching';
import { wholeClass } from '../teaching/taught-class';

export type HomeOf = { readonly person: Person; readonly choice: HomeChoice; readonly card: HomeCard | null };
export type HomeAfterClass = {
  readonly info: ClassInfo;
  readonly people: readonly HomeOf[];
  readonly catalogue: Catalogue;
  /** The pace at which this instructor teaches. */
  readonly pace: Pace;
};

/** What each person who came to a taught class can take home from it; null where it was not taught. */
export async function homeAfter(db: Db, rawId: string): Promise<HomeAfterClass | null> {
  const id = idFrom(rawId, 'class');
  const info = id.ok ? await findClass(db, id.value) : null;
  const whole = info && (await wholeClass(db, info.id));
  if (!info || !whole) return null;
  const { taught, done, marks, attendance } = whole;
  const { catalogue } = await catalogueNow(db);
  const [checkIns, cards] = [await loadCheckIns(db, info.id), await cardsOfClass(db, info.id)];
  const away = new Set(attendance.filter((a) => !a.present).map((a) => a.personId));
  const came = taught.snapshot.people.filter((p) => !away.has(p.id));
  // Asked of today's record as well as of what was said at the door and in the class.
  const people = await Promise.all(came.map(async (then) => (await findPerson(db, then.id)) ?? then));
  const screening = { table: CAUTIONS, catalogue, today: info.day };
  const atDoor = people.map((p) => asToday(p, checkIns[p.id]));
  const now = peopleNow(atDoor, await loadReports(db, info.id));
  return {
    info,
    catalogue,
    pace: await paceBefore(db, addDays(info.day, 1)),
    people: now.map(({ person }, i) => ({
      person: people[i]!,
      choice: homeChoice(person, { done, marks, catalogue, screening }),
      card: cards.find((c) => c.personId === person.id) ?? null,
    })),
  };
}

export const cardsSchema = z.strictObject({
  cards: z
    .array(
      z.strictObject({
        personId: z.uuid('That is not a person'),
        rowIds: z
          .array(z.string().min(1).max(60))
          .min(1, 'A card has at least one thing to do')
          .max(MAX_ITEMS, `A card has at most ${MAX_ITEMS} things to do`),
        timesADay: z.number().int().min(1, 'At least once a day').max(MAX_TIMES, 'At most eight times a day'),
        hours: homeHoursSchema.optional(),
      }),
    )
    .min(1, 'Choose somebody')
    .max(60),
});

/** Make cards of what was chosen; only what the person may do alone is taken. All or nothing. */
export async function makeCards(
  db: Db,
  rawId: string | undefined,
  { cards }: Immutable<z.infer<typeof cardsSchema>>,
): Promise<Result<{ made: number }>> {
  const home = await homeAfter(db, rawId ?? '');
  if (!home) return fail('not-found', 'This class has not been taught, so there is nothing to take home.');
  const made: HomeCard[] = [];
  for (const { personId, rowIds, timesADay, hours } of cards) {
    const of = home.people.find((p) => p.person.id === personId);
    const rows = of?.choice.fit.filter((i) => rowIds.includes(i.row.id)).map((i) => i.row) ?? [];
    if (rows.length < rowIds.length)
      return fail('not-for-home', 'One of these is not for that person to do alone. Reload to see what is.');
    made.push({
      id: of?.card?.id ?? newId(),
      personId,
      classId: home.info.id,
      rows,
      timesADay,
      hours: hours ?? null,
    });
  }
  await db.transaction(async (tx) => {
    for (const card of made) await saveCard(tx, card);
  });
  return ok({ made: made.length });
}

export type CardToPrint = {
  readonly card: HomeCard;
  readonly person: Person;
  readonly info: ClassInfo;
  /** The next class of the series that is planned; null where there is none. */
  readonly nextClass: ClassInfo | null;
  readonly logged: readonly LoggedDay[];
  /** The pace at which this instructor teaches. */
  readonly pace: Pace;
};

/** The cards of a class, or of some of its people, ready to be printed or filled in. */
export async function cardsToPrint(
  db: Db,
  rawId: string,
  only: readonly string[] = [],
): Promise<CardToPrint[]> {
  const id = idFrom(rawId, 'class');
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) return [];
  const wanted = (await cardsOfClass(db, info.id)).filter(
    (c) => only.length === 0 || only.includes(c.personId),
  );
  const pace = await paceBefore(db, addDays(info.day, 1));
  const later = await classesOfSeries(db, info.seriesId, addDays(info.day, 1), '9999-12-31');
  const cards = await Promise.all(
    wanted.map(async (card): Promise<CardToPrint | null> => {
      const person = await findPerson(db, card.personId);
      const logged = await loggedDays(db, card.id);
      return person && { card, person, info, nextClass: later[0] ?? null, logged, pace };
    }),
  );
  return cards.filter((c) => c !== null).sort((a, b) => a.person.firstName.localeCompare(b.person.firstName));
}

export const homeDaySchema = z.strictObject({
  day: daySchema,
  times: z.number().int().min(0, 'Not fewer than none').max(12, 'At most 12 times a day'),
});

/** A day of home practice as it was told. */
export async function logHomeDay(
  db: Db,
  rawId: string | undefined,
  told: Immutable<z.infer<typeof homeDaySchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'card');
  if (!id.ok) return id;
  if (!(await findCard(db, id.value))) return fail('not-found', 'There is no such card.');
  await logDay(db, id.value, told);
  return ok({});
}
