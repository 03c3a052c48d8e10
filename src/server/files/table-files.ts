import { writeMarks, writeMeasures, writeRegister } from '@/core/formats';
import type { Person } from '@/core/people';
import { rowsOfSnapshot, type Mark, type WrapUpPerson } from '@/core/teach';
import { classesFrom, revisions, writtenUpClasses, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { listPeople } from '@/store/people';
import { loadMarks, loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';
import { writeCalendar } from './calendar';
import { catalogueNow } from '../catalogue/catalogue';
import { csvFile, type OutFile } from './download-file';
import { settingsNow, zoneOf } from '../shell/settings';

export const measuresFile = async (db: Db): Promise<OutFile> =>
  csvFile('measures.csv', writeMeasures(await listPeople(db)));

/** Every written-up class, one line for each person. */
export async function registerFile(db: Db): Promise<OutFile> {
  const lines = await linesOfAll(db, ({ info, people, attendance }) =>
    attendance.flatMap(({ personId, present, ...told }) => {
      const person = people.find((p) => p.id === personId);
      if (!person) return [];
      const { firstName, initial } = person;
      const came = present ? ('yes' as const) : ('no' as const);
      return [{ day: info.day, className: info.name, firstName, initial, came, ...told }];
    }),
  );
  return csvFile('register.csv', writeRegister(lines));
}

export async function marksFile(db: Db): Promise<OutFile> {
  const lines = await linesOfAll(db, ({ info, people, marks, titleOf }) =>
    marks.flatMap(({ personId, rowId, mark, hand = null, atMs }) => {
      const person = people.find((p) => p.id === personId);
      if (!person) return [];
      const { firstName, initial } = person;
      const atSeconds = Math.round(atMs / 1_000);
      const who = { day: info.day, className: info.name, firstName, initial };
      return [{ ...who, row: titleOf(rowId), mark, hand, atSeconds }];
    }),
  );
  return csvFile('marks.csv', writeMarks(lines));
}

/** Line after line of every written-up class; one class after the other, since all at once may not fit in memory. */
async function linesOfAll<Line>(
  db: Db,
  linesOf: (taught: TaughtClass) => readonly Line[],
): Promise<readonly Line[]> {
  const { catalogue } = await catalogueNow(db);
  const lines: Line[] = [];
  for (const info of await writtenUpClasses(db)) {
    const taught = await loadTaught(db, info.id);
    if (!taught) continue;
    const rows = rowsOfSnapshot(taught.snapshot, catalogue, taught.state.changes);
    lines.push(
      ...linesOf({
        info,
        people: taught.snapshot.people,
        attendance: await loadAttendance(db, info.id),
        marks: await loadMarks(db, info.id),
        titleOf: (rowId) => rows.find((r) => r.rowId === rowId)?.title ?? rowId,
      }),
    );
  }
  return lines;
}

type TaughtClass = {
  readonly info: ClassInfo;
  readonly people: readonly Person[];
  readonly attendance: readonly WrapUpPerson[];
  readonly marks: readonly Mark[];
  readonly titleOf: (rowId: string) => string;
};

/** Classes from a day on, for a calendar. */
export async function calendarFile(db: Db, fromDay: string, made: Date): Promise<OutFile> {
  const revision = await revisions(db);
  const classes = await classesFrom(db, fromDay);
  return {
    name: 'oskil-classes.ics',
    type: 'text/calendar; charset=utf-8',
    body: writeCalendar(classes, zoneOf(await settingsNow(db)), (id) => revision[id] ?? 0, made),
  };
}
