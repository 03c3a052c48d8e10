import type { ClassStory } from '@/core/progress';
import type { Db } from './db';

export type DatedStory = ClassStory & {
  readonly classId: string;
  readonly day: string;
  readonly name: string;
  readonly week: number;
};

/** The last classes that somebody was expected at or came to and that have been taught, newest first, with all that was entered about them. */
export const classStories = (db: Db, personId: string, most: number): Promise<DatedStory[]> =>
  db.query<DatedStory>(
    `select c.id as "classId", c.day::text, s.name, c.week,
       (select json_build_object('personId', a.person_id, 'present', a.present,
          'painBeforeLeft', a.pain_before_left, 'painBeforeRight', a.pain_before_right,
          'painAfterLeft', a.pain_after_left, 'painAfterRight', a.pain_after_right,
          'effort', a.effort, 'enjoyed', a.enjoyed, 'adapted', a.adapted, 'notes', a.notes)
        from attendance a where a.class_id = c.id and a.person_id = $1) as line,
       (select json_build_object('painLeft', k.pain_left, 'painRight', k.pain_right, 'stiffnessMin', k.stiffness_min,
          'anythingNew', k.anything_new, 'fellHand', k.fell_hand, 'hotHand', k.hot_hand, 'numbHand', k.numb_hand,
          'unwell', k.unwell, 'notHere', k.not_here, 'words', k.words)
        from check_in k where k.class_id = c.id and k.person_id = $1) as said,
       (select coalesce(json_agg(json_build_object('family', d.family, 'taken', d.taken, 'takenRungs', d.taken_rungs)
          order by d.family), '[]'::json)
        from decision d where d.class_id = c.id and d.person_id = $1) as decisions,
       (select count(h.day)::int from home_card k left join home_day h on h.card_id = k.id and h.times > 0
        where k.class_id = c.id and k.person_id = $1 group by k.id) as "homeDays",
       (select coalesce(json_agg(i.what order by i.at), '[]'::json)
        from incident i where i.class_id = c.id and i.person_id = $1) as incidents
     from taught t join class c on c.id = t.class_id join series s on s.id = c.series_id
     where exists (select 1 from class_person p where p.class_id = c.id and p.person_id = $1)
        or exists (select 1 from attendance a where a.class_id = c.id and a.person_id = $1)
     order by c.day desc, c.starts_at desc, c.id limit $2`,
    [personId, most],
  );
