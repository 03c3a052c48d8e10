/** What each movement called its passes when doses came to name them; others get plain names. */
const NAMES = [
  [['palms down', 'palms up'], 'wrist-shake'],
  [['one way', 'the other way'], 'clasped-circles'],
  [['little finger first', 'index first'], 'finger-wave'],
  [['right hand up and down', 'left hand up and down'], 'split-hands'],
  [['right hand from the thumb', 'left hand from the thumb'], 'taps-opposed'],
  [
    ['your usual thumb in front', 'the other thumb in front'],
    'interlaced-push interlaced-chin tap-interlaced',
  ],
  [['toward the thumb', 'toward the little finger'], 'wrist-side-hold'],
  [['right hand on top', 'left hand on top'], 'cloth-pull cloth-elbows tap-backs'],
  [['palm down', 'palm up'], 'ball-squeeze'],
  [['to one end', 'back again'], 'cloth-walk'],
  [['one way', 'the other way'], 'cloth-wring'],
  [['right hand on the lid', 'left hand on the lid'], 'tub-lid'],
  [['right hand in front', 'left hand in front'], 'tap-webs'],
  [['right arm on top', 'left arm on top'], 'self-hug'],
  [['right wrist on top', 'left wrist on top'], 'crossed-wrists-breath'],
  [['back', 'forward'], 'shoulder-rolls'],
  [['right foot up and down', 'left foot up and down'], 'ankle-split'],
] as const;

const OF_MOVEMENT = JSON.stringify(
  Object.fromEntries(NAMES.flatMap(([names, ids]) => ids.split(' ').map((id) => [id, names]))),
);

/** Where the hands turn over instead of going back, a second pass is not the first one backwards. */
const POSITIONS = JSON.stringify(['wrist-shake', 'wrist-side-hold', 'ball-squeeze']);

/**
 * Doses had directions and leads; they have named passes. Every dose is found wherever it is kept: plans and their history,
 * blocks, own movements, classes that were taught, home cards.
 */
export const passes = {
  number: 28,
  name: 'passes',
  sql: `
-- A side, a pass or a layer may be ended before its count is.
alter table teach_event drop constraint teach_event_kind_check;
alter table teach_event add constraint teach_event_kind_check check (kind in ('enter', 'count', 'pause', 'resume',
  'repeat', 'more', 'skip', 'end', 'faster', 'slower', 'stay', 'on', 'easier', 'stronger', 'hand', 'water', 'swap', 'shorten',
  'extra', 'note'));

create function oskil_passes(dose jsonb, movement text) returns jsonb language plpgsql immutable as $$
declare
  there text; back text; ways jsonb; names jsonb; swap text := 'hands changed over';
begin
  if dose -> 'count' ->> 'mode' = 'sequence' then
    there := left((dose #>> '{count,steps,0}') || ' to ' || (dose #>> '{count,steps,-1}'), 40);
    back := left((dose #>> '{count,steps,-1}') || ' to ' || (dose #>> '{count,steps,0}'), 40);
  else
    there := 'one way';
    back := 'the other way';
  end if;
  names := ('${OF_MOVEMENT}')::jsonb -> movement;
  if (dose ->> 'directions')::int = 1 and (dose ->> 'leads')::int = 1 then
    return '[]';
  elsif (dose ->> 'leads')::int = 1 then
    ways := jsonb_build_array(jsonb_build_object('name', there), jsonb_build_object('name', back, 'reversed', true));
    if movement in ('clasped-circles', 'cloth-wring') or names is null then return ways; end if;
    ways := jsonb_set(jsonb_set(ways, '{0,name}', names -> 0), '{1,name}', names -> 1);
    if ('${POSITIONS}')::jsonb ? movement then ways := ways #- '{1,reversed}'; end if;
    return ways;
  elsif (dose ->> 'directions')::int = 1 then
    if names is null or movement = 'clasped-circles' then names := jsonb_build_array('first', swap); end if;
    return jsonb_build_array(jsonb_build_object('name', names -> 0),
      jsonb_build_object('name', names -> 1, 'swapped', true));
  end if;
  if movement = 'clasped-circles' then swap := 'other thumb in front'; end if;
  return jsonb_build_array(jsonb_build_object('name', there), jsonb_build_object('name', back, 'reversed', true),
    jsonb_build_object('name', swap || ', ' || there, 'swapped', true),
    jsonb_build_object('name', swap || ', ' || back, 'reversed', true, 'swapped', true));
end $$;

create function oskil_passed(j jsonb, movement text, of_row jsonb) returns jsonb language plpgsql immutable as $$
declare
  mine text := movement;
begin
  if jsonb_typeof(j) = 'array' then
    return coalesce((select jsonb_agg(oskil_passed(e, movement, of_row) order by n)
      from jsonb_array_elements(j) with ordinality a (e, n)), '[]');
  elsif jsonb_typeof(j) <> 'object' then
    return j;
  end if;
  mine := coalesce(j ->> 'movementId', of_row ->> (j ->> 'rowId'), mine);
  if j ? 'directions' and j ? 'leads' and j ? 'count' then
    return (j - 'directions' - 'leads') || jsonb_build_object('passes', oskil_passes(j, mine));
  elsif j ? 'directions' and j ? 'leads' and j ? 'dose' then
    return (j - 'directions' - 'leads') || jsonb_build_object('dose', oskil_passed(j -> 'dose', j ->> 'id', of_row),
      'passes', oskil_passes(j -> 'dose', j ->> 'id'));
  end if;
  return coalesce((select jsonb_object_agg(key, oskil_passed(value, mine, of_row)) from jsonb_each(j)), '{}');
end $$;

create function oskil_rows_of(plan jsonb) returns jsonb language sql immutable as $$
  select coalesce(jsonb_object_agg(r.value ->> 'id', r.value ->> 'movementId'), '{}')
  from jsonb_array_elements(plan -> 'sections') s cross join jsonb_array_elements(s.value -> 'rows') r
  where r.value ? 'movementId' $$;

update plan_step s set step = oskil_passed(s.step, null, oskil_rows_of(p.current)),
  inverse = oskil_passed(s.inverse, null, oskil_rows_of(p.current))
from plan p where p.class_id = s.class_id
  and (s.step::text like '%"directions"%' or s.inverse::text like '%"directions"%');
update plan set current = oskil_passed(current, null, '{}') where current::text like '%"directions"%';
update block set rows = oskil_passed(rows, null, '{}') where rows::text like '%"directions"%';
update own_movement_version set movement = oskil_passed(movement, null, '{}') where movement::text like '%"directions"%';
update taught set snapshot = oskil_passed(snapshot, null, '{}'), state = oskil_passed(state, null, '{}')
where snapshot::text like '%"directions"%' or state::text like '%"directions"%';
update home_card set rows = oskil_passed(rows, null, '{}') where rows::text like '%"directions"%';

drop function oskil_passed(jsonb, text, jsonb);
drop function oskil_passes(jsonb, text);
drop function oskil_rows_of(jsonb);
`,
};
