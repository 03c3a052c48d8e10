/**
 * The day of the class beside each line of who came, so that years of classes of one person can be asked in their order, as those
 * of a series can. The database itself keeps the two together.
 */
export const attendanceDay = {
  number: 18,
  name: 'attendance day',
  sql: `
alter table attendance add column day date;
update attendance a set day = c.day from class c where c.id = a.class_id;
alter table attendance alter column day set not null;

create function oskil_day_of_attendance() returns trigger language plpgsql as $$
  begin new.day := (select day from class where id = new.class_id); return new; end $$;
create trigger attendance_day before insert or update of class_id on attendance
  for each row execute function oskil_day_of_attendance();

create function oskil_move_attendance() returns trigger language plpgsql as $$
  begin update attendance set day = new.day where class_id = new.id; return null; end $$;
create trigger class_day_moves after update of day on class
  for each row when (old.day <> new.day) execute function oskil_move_attendance();

create index attendance_person_day on attendance (person_id, day);
drop index attendance_person;
create index class_series_day on class (series_id, day);
create index taught_not_written_up on taught (class_id) where written_up_at is null;
`,
};
