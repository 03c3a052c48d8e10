import type { CheckIn } from '@/core/screening';
import type { ClassAnswer } from '@/core/teach';
import type { Db } from './db';

/** What was said at the door of a class, by person. */
export async function loadCheckIns(db: Db, classId: string): Promise<Record<string, CheckIn>> {
  const rows = await db.query<CheckIn & { personId: string }>(
    `select person_id as "personId", pain_left as "painLeft", pain_right as "painRight",
       stiffness_min as "stiffnessMin", anything_new as "anythingNew", fell_hand as "fellHand",
       hot_hand as "hotHand", numb_hand as "numbHand", unwell, not_here as "notHere", words
     from check_in where class_id = $1`,
    [classId],
  );
  return Object.fromEntries(rows.map(({ personId, ...checkIn }) => [personId, checkIn]));
}

/** False when the person is not expected at this class. */
export async function saveCheckIn(db: Db, classId: string, personId: string, c: CheckIn): Promise<boolean> {
  const rows = await db.query(
    `insert into check_in (class_id, person_id, pain_left, pain_right, stiffness_min, anything_new, fell_hand, words,
       hot_hand, numb_hand, unwell, not_here)
     select class_id, person_id, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12 from class_person where class_id = $1 and person_id = $2
     on conflict (class_id, person_id) do update set pain_left = $3, pain_right = $4, stiffness_min = $5,
       anything_new = $6, fell_hand = $7, words = $8, hot_hand = $9, numb_hand = $10, unwell = $11, not_here = $12, at = now() returning person_id`,
    [
      classId,
      personId,
      c.painLeft,
      c.painRight,
      c.stiffnessMin,
      c.anythingNew,
      c.fellHand,
      c.words,
      c.hotHand,
      c.numbHand,
      c.unwell,
      c.notHere,
    ],
  );
  return rows.length > 0;
}

/** The same answer sent twice is kept once. Whoever was not asked at the door has now been asked. */
export async function addAnswer(db: Db, classId: string, answer: ClassAnswer): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query(
      `insert into class_answer (id, class_id, person_id, check_in, at_ms) values ($1, $2, $3, $4, $5)
       on conflict (id) do nothing`,
      [answer.id, classId, answer.personId, JSON.stringify(answer.checkIn), answer.atMs],
    );
    const [asked] = await tx.query('select 1 from check_in where class_id = $1 and person_id = $2', [
      classId,
      answer.personId,
    ]);
    if (!asked) await saveCheckIn(tx, classId, answer.personId, answer.checkIn);
  });
}
