import type { Database, Db } from './db';
import { peopleAndPlans } from './migrations/0001-people-and-plans';
import { teaching } from './migrations/0002-teaching';
import { ownMovements } from './migrations/0003-own-movements';
import { screening } from './migrations/0004-screening';
import { planning } from './migrations/0005-planning';
import { body } from './migrations/0006-body';
import { live } from './migrations/0007-live';
import { progress } from './migrations/0008-progress';
import { grip } from './migrations/0009-grip';
import { terms } from './migrations/0010-terms';
import { files } from './migrations/0012-files';
import { sessions } from './migrations/0013-sessions';
import { whoCame } from './migrations/0014-who-came';
import { instructors } from './migrations/0015-instructors';
import { whatWasShown } from './migrations/0016-what-was-shown';
import { room } from './migrations/0017-room';
import { measuresAndHome } from './migrations/0011-measures-and-home';
import { attendanceDay } from './migrations/0018-attendance-day';
import { trust } from './migrations/0019-trust';
import { tally } from './migrations/0020-tally';
import { fieldTerms } from './migrations/0021-field-terms';
import { rungShifts } from './migrations/0022-rung-shifts';
import { classTimesKept } from './migrations/0023-class-times';
import { clearanceLadder } from './migrations/0024-clearance-ladder';
import { door } from './migrations/0025-door';
import { classAnswers } from './migrations/0026-class-answers';
import { afterFlaresAndIncidents } from './migrations/0027-after-flares-and-incidents';
import { passes } from './migrations/0028-passes';
import { counted } from './migrations/0029-counted';
import { marks } from './migrations/0030-marks';
import { notHere } from './migrations/0031-not-here';
import { ownVoice } from './migrations/0032-own-voice';
import { takenWith } from './migrations/0033-taken-with';
import { unsaved } from './migrations/0034-unsaved';
import { takeBack } from './migrations/0035-take-back';
import { takenAway } from './migrations/0036-taken-away';
import { homeHours } from './migrations/0037-home-hours';
import { practiceResults } from './migrations/0038-practice-results';
import { fieldNames } from './migrations/0039-field-names';

export type Migration = { readonly number: number; readonly name: string; readonly sql: string };

export const MIGRATIONS: readonly Migration[] = inOrder([
  peopleAndPlans,
  teaching,
  ownMovements,
  screening,
  planning,
  body,
  live,
  progress,
  grip,
  terms,
  measuresAndHome,
  files,
  sessions,
  whoCame,
  instructors,
  whatWasShown,
  room,
  attendanceDay,
  trust,
  tally,
  fieldTerms,
  rungShifts,
  classTimesKept,
  clearanceLadder,
  door,
  classAnswers,
  afterFlaresAndIncidents,
  passes,
  counted,
  marks,
  notHere,
  ownVoice,
  takenWith,
  unsaved,
  takeBack,
  takenAway,
  homeHours,
  practiceResults,
  fieldNames,
]);

/** Numbers run 1, 2, 3 with no gap; a malformed list fails when it is defined. */
function inOrder(migrations: readonly Migration[]): readonly Migration[] {
  migrations.forEach((m, i) => {
    if (m.number !== i + 1) throw new Error(`Migration ${m.name} is number ${m.number}, expected ${i + 1}`);
  });
  return migrations;
}

export class NewerDatabase extends Error {}

/** Several processes that start at once on one server bring it up to date one after the other. */
const LOCK = "select pg_advisory_xact_lock(hashtext('oskil migrations'))";

/** Bring a database up to the newest version, each migration in a transaction of its own. Returns how many ran. */
export async function migrate(db: Database, migrations: readonly Migration[] = MIGRATIONS): Promise<number> {
  const at = await db.transaction(async (tx) => {
    await tx.query(LOCK);
    await tx.query(
      'create table if not exists migration (number integer primary key, name text not null, ran_at timestamptz not null default now())',
    );
    return newest(tx);
  });
  if (at > MIGRATIONS.length)
    throw new NewerDatabase(
      `This data was written by a newer Oskil (version ${at}, this one knows ${MIGRATIONS.length}). Nothing was touched. Update Oskil, or point OSKIL_DATA at another folder.`,
    );
  let ran = 0;
  for (const m of migrations.filter((each) => each.number > at)) {
    await db.transaction(async (tx) => {
      await tx.query(LOCK);
      if ((await newest(tx)) >= m.number) return;
      for (const statement of statements(m.sql)) await tx.query(statement);
      await tx.query('insert into migration (number, name) values ($1, $2)', [m.number, m.name]);
      ran += 1;
    });
  }
  return ran;
}

async function newest(tx: Db): Promise<number> {
  const [row] = await tx.query<{ at: number }>('select coalesce(max(number), 0)::int as at from migration');
  return row!.at;
}

/** A statement ends at a semicolon outside the body of a function; our strings hold none. */
const statements = (sql: string): string[] =>
  (sql.match(/(?:\$\$[\s\S]*?\$\$|[^;])+/g) ?? []).map((s) => s.trim()).filter(Boolean);
