/** What people say of their hands once a class has begun; each answer is kept, and the last one of a person counts. */
export const classAnswers = {
  number: 26,
  name: 'class answers',
  sql: `
create table class_answer (
  id uuid primary key,
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  check_in jsonb not null check (jsonb_typeof(check_in) = 'object'),
  at_ms double precision not null check (at_ms >= 0),
  stored_at timestamptz not null default clock_timestamp()
);
create index class_answer_class on class_answer (class_id);
create index class_answer_person on class_answer (person_id);
alter table class_answer enable row level security;
create policy seen on class_answer using (exists (select 1 from class seen where seen.id = class_answer.class_id))
  with check (exists (select 1 from class seen where seen.id = class_answer.class_id)
    and oskil_sees_person(class_answer.person_id));
select oskil_tally_of('class_answer');
`,
};
