import { nameList } from '../words';

/** What a table is about, in words of the screens. */
const ABOUT: Readonly<Record<string, readonly string[]>> = {
  people: ['person', 'person_condition', 'clearance', 'person_change', 'own_rung'],
  measures: ['measure', 'grip_test', 'station_visit'],
  'classes and plans': [
    'series',
    'class',
    'class_person',
    'plan',
    'plan_step',
    'block',
    'file_extra',
    'packed',
    'taken_away',
  ],
  'what was taught': [
    'taught',
    'teach_event',
    'mark',
    'attendance',
    'check_in',
    'class_answer',
    'incident',
    'call_answer',
    'decision',
  ],
  terms: ['term', 'term_week', 'term_day', 'term_holiday'],
  'home practice': ['home_card', 'home_day'],
  'your own voice': ['own_word'],
  'what was typed and not saved': ['unsaved_form'],
  'practice classes': ['practice_result'],
  'own movements': ['own_movement', 'own_movement_version'],
  'who is let in': ['instructor', 'lock', 'token'],
};
const OTHER = 'settings';

/** What of the data can no longer be read, from the names of tables: “people and measures”. */
function damagedWords(tables: readonly string[]): string {
  const about = (table: string) => Object.keys(ABOUT).find((words) => ABOUT[words]!.includes(table)) ?? OTHER;
  return nameList([...new Set(tables.map(about))]);
}

/** What to say of it wherever it is met. */
export const damageSentence = (tables: readonly string[]): string =>
  `Part of the data on this disk can no longer be read: ${damagedWords(tables)}. No backup of it is made, so that none takes the place of a whole one. Restore the last good backup; what is there now is put aside first.`;
