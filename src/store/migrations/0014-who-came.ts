export const whoCame = {
  number: 14,
  name: 'who came',
  sql: `
create index attendance_person on attendance (person_id);
create index class_person_person on class_person (person_id);
create index mark_person on mark (person_id);
`,
};
