/**
 * Which movements a class had, beside its snapshot, so that years of classes can be asked without opening each snapshot. The
 * database itself keeps the two together.
 */
export const whatWasShown = {
  number: 16,
  name: 'what was shown',
  sql: `
create function oskil_movements_of(snapshot jsonb) returns text[] language sql immutable as $$
  select coalesce(array_agg(distinct r.value ->> 'movementId'), '{}')
  from jsonb_array_elements(snapshot -> 'plan' -> 'sections') s cross join jsonb_array_elements(s.value -> 'rows') r
  where r.value ->> 'kind' = 'movement' $$;

alter table taught add column movements text[] not null default '{}';
update taught set movements = oskil_movements_of(snapshot);

create function oskil_note_movements() returns trigger language plpgsql as $$
  begin new.movements := oskil_movements_of(new.snapshot); return new; end $$;
create trigger taught_movements before insert or update of snapshot on taught
  for each row execute function oskil_note_movements();
`,
};
