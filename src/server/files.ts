import { clicksOf, type Click } from '@/core/formats/click-wav';
import { captionsOf, writeVtt } from '@/core/formats/count-vtt';
import { writeFigure } from '@/core/formats/figure-svg';
import { writeMarks } from '@/core/formats/marks-csv';
import { writeMeasures } from '@/core/formats/measures-csv';
import type { MovementFile } from '@/core/formats/movement-file';
import type { PlanFile } from '@/core/formats/plan-file';
import { writeRegister } from '@/core/formats/register-csv';
import type { TermFile } from '@/core/formats/term-file';
import { withUnknown } from '@/core/formats/unknown-fields';
import type { OwnMovementInput } from '@/core/catalogue/own';
import { stillOf } from '@/core/hand/still';
import { movementRows } from '@/core/plan/last-row';
import type { Plan } from '@/core/plan/plan';
import { fail, ok, type Result } from '@/core/result';
import { rowsOfSnapshot, type Snapshot } from '@/core/teach/snapshot';
import type { TaughtRow } from '@/core/teach/class-script';
import { findClass, listClasses, revisions, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { loadExtras } from '@/store/file-extras';
import { listOwn } from '@/store/own-movements';
import { listPeople } from '@/store/people';
import { loadMarks, loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';
import { writeCalendar } from './calendar';
import { catalogueNow } from './catalogue';
import { loadClassroom } from './classroom';
import { idFrom } from './ids';
import { planOf } from './plans';
import { settingsNow, zoneOf } from './settings';
import { classesInTerm, termFrom } from './terms';

/** A file to hand over: its name, its type and what is in it. */
export type OutFile = { readonly name: string; readonly type: string; readonly body: string };

const JSON_TYPE = 'application/json; charset=utf-8';
const CSV_TYPE = 'text/csv; charset=utf-8';
/** The mark that spreadsheets look for. */
const MARK = '\uFEFF';

const json = (name: string, value: unknown): OutFile => ({
  name: `${fileName(name)}.json`,
  type: JSON_TYPE,
  body: `${JSON.stringify(value, null, 2)}\n`,
});

/** Letters, figures and dashes, so that every system takes it. */
const fileName = (words: string): string =>
  words
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60) || 'oskil';

/** A class plan, with what the file it came from said besides. */
export async function planFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const found = await classFrom(db, rawId);
  if (!found.ok) return found;
  const { info, plan } = found.value;
  const file: PlanFile = {
    oskil: 'plan',
    version: 1,
    name: info.name,
    slotMinutes: info.slotMinutes,
    plan,
    movements: await ownIn(db, [plan]),
  };
  return ok(json(`plan ${info.name} ${info.day}`, withUnknown(file, await loadExtras(db, info.id))));
}

async function classFrom(db: Db, rawId: string): Promise<Result<{ info: ClassInfo; plan: Plan }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const info = await findClass(db, id.value);
  const plan = await planOf(db, id.value);
  return info && plan.ok ? ok({ info, plan: plan.value.plan }) : fail('not-found', 'There is no such class.');
}

/** The instructor's own movements that plans use. */
async function ownIn(db: Db, plans: readonly Plan[]): Promise<OwnMovementInput[]> {
  const used = new Set(plans.flatMap((p) => movementRows(p).map((r) => r.movementId)));
  return (await listOwn(db))
    .filter((o) => used.has(o.movement.id))
    .map(({ movement, figure }) => ({ movement, figure }) as OwnMovementInput);
}

export async function termFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const { id: _, seriesId: __, ...term } = stored.value;
  const infos = await classesInTerm(db, stored.value);
  const plans = await Promise.all(infos.map((i) => planOf(db, i.id)));
  const classes = infos.flatMap((info, i) => {
    const plan = plans[i]!;
    return plan.ok
      ? [{ week: info.week, day: info.day, startsAt: info.startsAt, plan: plan.value.plan }]
      : [];
  });
  const last = infos.at(-1);
  const file: TermFile = {
    oskil: 'term',
    version: 1,
    series: { name: last?.name ?? term.name, place: last?.place ?? '', slotMinutes: last?.slotMinutes ?? 45 },
    term,
    classes,
    movements: await ownIn(
      db,
      classes.map((c) => c.plan),
    ),
  };
  return ok(json(`term ${term.name}`, file));
}

export async function movementFile(db: Db, movementId: string): Promise<Result<OutFile>> {
  const own = (await listOwn(db)).find((o) => o.movement.id === movementId);
  if (!own) return fail('not-found', 'There is no such movement of yours.');
  const file = { oskil: 'movement', version: 1, movement: own.movement, figure: own.figure } as MovementFile;
  return ok(json(`movement ${own.movement.name}`, file));
}

export async function figureFile(db: Db, movementId: string): Promise<Result<OutFile>> {
  const { catalogue } = await catalogueNow(db);
  const movement = catalogue.movement(movementId);
  const figure = movement && catalogue.figure(movement.id);
  if (!movement || !figure) return fail('not-found', 'There is no such movement.');
  return ok({
    name: `${fileName(movement.name)}.svg`,
    type: 'image/svg+xml; charset=utf-8',
    body: writeFigure(stillOf(figure), movement.name, movement.what),
  });
}

/** A class as it would be taught: its rows with their counts. */
export async function rowsToTeach(
  db: Db,
  rawId: string,
): Promise<Result<{ info: ClassInfo; rows: readonly TaughtRow[] }>> {
  const found = await classFrom(db, rawId);
  if (!found.ok) return found;
  const { info, plan } = found.value;
  const room = await loadClassroom(db, info.id);
  const { catalogue, own } = await catalogueNow(db);
  const snapshot: Snapshot = {
    plan,
    people: room?.people ?? [],
    helpers: info.helpers,
    slotMs: info.slotMinutes * 60_000,
    shown: room?.shown ?? [],
    own,
  };
  return ok({ info, rows: rowsOfSnapshot(snapshot, catalogue) });
}

export async function countFile(db: Db, rawId: string): Promise<Result<OutFile>> {
  const found = await rowsToTeach(db, rawId);
  if (!found.ok) return found;
  const { info, rows } = found.value;
  return ok({
    name: `${fileName(`count ${info.name} ${info.day}`)}.vtt`,
    type: 'text/vtt; charset=utf-8',
    body: writeVtt(captionsOf(rows), `${info.name}, ${info.day}`),
  });
}

/** The clicks of a class, from which the page makes a sound file. */
export async function clicksOfClass(
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ name: string; clicks: readonly Click[]; lengthMs: number }>> {
  const found = await rowsToTeach(db, rawId ?? '');
  if (!found.ok) return found;
  const { info, rows } = found.value;
  const last = rows.at(-1);
  return ok({
    name: `${fileName(`clicks ${info.name} ${info.day}`)}.wav`,
    clicks: clicksOf(rows),
    lengthMs: last ? last.plannedStartMs + last.plannedMs : 0,
  });
}

export const measuresFile = async (db: Db): Promise<OutFile> => ({
  name: 'measures.csv',
  type: CSV_TYPE,
  body: MARK + writeMeasures(await listPeople(db)),
});

/** Every written-up class, one line for each person. */
export async function registerFile(db: Db): Promise<OutFile> {
  const lines = (await taughtClasses(db)).flatMap(({ info, people, attendance }) =>
    attendance.flatMap(({ personId, present, ...told }) => {
      const person = people.find((p) => p.id === personId);
      if (!person) return [];
      const { firstName, initial } = person;
      const came = present ? ('yes' as const) : ('no' as const);
      return [{ day: info.day, className: info.name, firstName, initial, came, ...told }];
    }),
  );
  return { name: 'register.csv', type: CSV_TYPE, body: MARK + writeRegister(lines) };
}

export async function marksFile(db: Db): Promise<OutFile> {
  const lines = (await taughtClasses(db)).flatMap(({ info, people, marks, titleOf }) =>
    marks.flatMap(({ personId, rowId, mark, atMs }) => {
      const person = people.find((p) => p.id === personId);
      if (!person) return [];
      const { firstName, initial } = person;
      const atSeconds = Math.round(atMs / 1_000);
      return [
        { day: info.day, className: info.name, firstName, initial, row: titleOf(rowId), mark, atSeconds },
      ];
    }),
  );
  return { name: 'marks.csv', type: CSV_TYPE, body: MARK + writeMarks(lines) };
}

async function taughtClasses(db: Db) {
  const infos = (await listClasses(db)).filter((c) => c.status === 'written up').reverse();
  const { catalogue } = await catalogueNow(db);
  const all = await Promise.all(
    infos.map(async (info) => {
      const taught = await loadTaught(db, info.id);
      if (!taught) return null;
      const rows = rowsOfSnapshot(taught.snapshot, catalogue, taught.state.changes);
      return {
        info,
        people: taught.snapshot.people,
        attendance: await loadAttendance(db, info.id),
        marks: await loadMarks(db, info.id),
        titleOf: (rowId: string) => rows.find((r) => r.rowId === rowId)?.title ?? rowId,
      };
    }),
  );
  return all.filter((c) => c !== null);
}

/** Classes from a day on, for a calendar. */
export async function calendarFile(db: Db, fromDay: string, made: Date): Promise<OutFile> {
  const revision = await revisions(db);
  const classes = (await listClasses(db)).filter((c) => c.day >= fromDay).reverse();
  return {
    name: 'oskil-classes.ics',
    type: 'text/calendar; charset=utf-8',
    body: writeCalendar(classes, zoneOf(await settingsNow(db)), (id) => revision[id] ?? 0, made),
  };
}
