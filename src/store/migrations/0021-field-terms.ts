/** Ranges of the wrist go by the field's terms. */
export const fieldTerms = {
  number: 21,
  name: 'field terms',
  sql: `
alter table measure drop constraint measure_kind_check;
update measure set kind = case kind
  when 'bend' then 'flexion' when 'bend back' then 'extension'
  when 'toward the thumb' then 'radial' when 'toward the little finger' then 'ulnar' else kind end
where kind in ('bend', 'bend back', 'toward the thumb', 'toward the little finger');
alter table measure add constraint measure_kind_check check (kind in ('grip', 'press', 'flexion', 'extension', 'radial',
  'ulnar', 'finger to palm', 'opposition', 'web span', 'task ease', 'morning stiffness'));
`,
};
