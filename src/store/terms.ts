import type { Holiday, Term, TermDay, TermWeek } from '@/core/term';
import type { Db } from './db';

export type StoredTerm = Term & { readonly id: string; readonly seriesId: string };

type TermRow = {
  id: string;
  series_id: string;
  name: string;
  first_day: string;
  weeks: TermWeek[];
  days: TermDay[];
  holidays: Holiday[];
};

const SELECT = `
select t.id, t.series_id, t.name, t.first_day::text,
  coalesce((select json_agg(json_build_object('phase', w.phase, 'lighter', w.lighter) order by w.week)
    from term_week w where w.term_id = t.id), '[]'::json) as weeks,
  coalesce((select json_agg(json_build_object('weekday', d.weekday, 'startsAt', to_char(d.starts_at, 'HH24:MI'))
      order by d.weekday)
    from term_day d where d.term_id = t.id), '[]'::json) as days,
  coalesce((select json_agg(json_build_object('from', h.from_day::text, 'until', h.until_day::text, 'what', h.what)
      order by h.from_day, h.id)
    from term_holiday h where h.term_id = t.id), '[]'::json) as holidays
from term t`;

const termOf = (r: TermRow): StoredTerm => ({
  id: r.id,
  seriesId: r.series_id,
  name: r.name,
  firstDay: r.first_day,
  weeks: r.weeks,
  days: r.days,
  holidays: r.holidays,
});

export async function findTerm(db: Db, id: string): Promise<StoredTerm | null> {
  const [row] = await db.query<TermRow>(`${SELECT} where t.id = $1`, [id]);
  return row ? termOf(row) : null;
}

/** Every term, the newest first. */
export async function listTerms(db: Db): Promise<StoredTerm[]> {
  return (await db.query<TermRow>(`${SELECT} order by t.first_day desc, t.id limit 100`)).map(termOf);
}

/** Add a term or change one, all or nothing. */
export async function saveTerm(db: Db, id: string, seriesId: string, term: Term): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query(
      `insert into term (id, series_id, name, first_day) values ($1, $2, $3, $4)
       on conflict (id) do update set name = $3, first_day = $4`,
      [id, seriesId, term.name, term.firstDay],
    );
    for (const part of ['term_week', 'term_day', 'term_holiday'])
      await tx.query(`delete from ${part} where term_id = $1`, [id]);
    for (const [i, { phase, lighter }] of term.weeks.entries())
      await tx.query('insert into term_week (term_id, week, phase, lighter) values ($1, $2, $3, $4)', [
        id,
        i + 1,
        phase,
        lighter,
      ]);
    for (const { weekday, startsAt } of term.days)
      await tx.query('insert into term_day (term_id, weekday, starts_at) values ($1, $2, $3)', [
        id,
        weekday,
        startsAt,
      ]);
    for (const { from, until, what } of term.holidays)
      await tx.query(
        'insert into term_holiday (term_id, from_day, until_day, what) values ($1, $2, $3, $4)',
        [id, from, until, what],
      );
  });
}

export async function deleteTerm(db: Db, id: string): Promise<void> {
  await db.query('delete from term where id = $1', [id]);
}
