import type { HomeHours } from '@/core/home';
import type { MovementRow } from '@/core/plan';
import type { Db } from './db';

/** A card of home practice: what one person was given after one class. */
export type HomeCard = {
  readonly id: string;
  readonly personId: string;
  readonly classId: string;
  readonly rows: readonly MovementRow[];
  readonly timesADay: number;
  /** Null for the usual hours. */
  readonly hours: HomeHours | null;
};

const SELECT = `select id, person_id as "personId", class_id as "classId", rows, times_a_day as "timesADay", hours from home_card`;

export const cardsOfClass = (db: Db, classId: string): Promise<HomeCard[]> =>
  db.query<HomeCard>(`${SELECT} where class_id = $1 order by made_at, id`, [classId]);

export async function findCard(db: Db, id: string): Promise<HomeCard | null> {
  const [card] = await db.query<HomeCard>(`${SELECT} where id = $1`, [id]);
  return card ?? null;
}

/** One card for each person and class; a new one takes the place of the old. */
export async function saveCard(db: Db, card: HomeCard): Promise<void> {
  await db.query(
    `insert into home_card (id, person_id, class_id, rows, times_a_day, hours) values ($1, $2, $3, $4, $5, $6)
     on conflict (person_id, class_id) do update set rows = $4, times_a_day = $5, hours = $6, made_at = now()`,
    [
      card.id,
      card.personId,
      card.classId,
      JSON.stringify(card.rows),
      card.timesADay,
      card.hours && JSON.stringify(card.hours),
    ],
  );
}

export type LoggedDay = { readonly day: string; readonly times: number };

export const loggedDays = (db: Db, cardId: string): Promise<LoggedDay[]> =>
  db.query<LoggedDay>('select day::text, times from home_day where card_id = $1 order by day', [cardId]);

export async function logDay(db: Db, cardId: string, { day, times }: LoggedDay): Promise<void> {
  await db.query(
    `insert into home_day (card_id, day, times) values ($1, $2, $3)
     on conflict (card_id, day) do update set times = $3`,
    [cardId, day, times],
  );
}

/** Days of home practice told of by a person, and cards given. */
export async function homeLog(db: Db, personId: string): Promise<{ cards: number; days: number }> {
  const [row] = await db.query<{ cards: number; days: number }>(
    `select count(distinct h.id)::int as cards, count(d.day) filter (where d.times > 0)::int as days
     from home_card h left join home_day d on d.card_id = h.id where h.person_id = $1`,
    [personId],
  );
  return row ?? { cards: 0, days: 0 };
}
