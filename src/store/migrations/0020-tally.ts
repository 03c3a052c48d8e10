/**
 * The database counts the rows of each table beside every statement that adds or takes away some, so that rows that are gone from the
 * disk are noticed (store/integrity.ts). A change of the count is a row of its own, so that nobody waits for anybody; they are added up at
 * the start and before each backup. A new table is given to `oskil_tally_of`.
 */
export const tally = {
  number: 20,
  name: 'tally',
  sql: `
create table tally (
  id bigint generated always as identity primary key,
  table_name text not null,
  rows bigint not null
);

create function oskil_tally() returns trigger language plpgsql security definer set search_path from current as $$
begin
  if tg_op = 'TRUNCATE' then
    delete from tally where table_name = tg_table_name;
  else
    insert into tally (table_name, rows)
      select tg_table_name, case tg_op when 'INSERT' then c.rows else -c.rows end
      from (select count(*) as rows from changed) c where c.rows > 0;
  end if;
  return null;
end $$;

create function oskil_tally_of(one text) returns void language plpgsql set search_path from current as $$
begin
  execute format('create trigger tally_in after insert on %I referencing new table as changed
    for each statement execute function oskil_tally()', one);
  execute format('create trigger tally_out after delete on %I referencing old table as changed
    for each statement execute function oskil_tally()', one);
  execute format('create trigger tally_off after truncate on %I
    for each statement execute function oskil_tally()', one);
  execute format('insert into tally (table_name, rows) select %L, count(*) from %I', one, one);
end $$;

select oskil_tally_of(c.relname) from pg_class c join pg_namespace n on n.oid = c.relnamespace
where n.nspname = current_schema() and c.relkind = 'r'
  and c.relname not in ('erased', 'guess', 'helper_code', 'known_browser', 'migration', 'session', 'tally');
`,
};
