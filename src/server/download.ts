import type { Db } from '@/store/db';
import type { Result } from '@/core/result';
import { database } from './database';
import {
  calendarFile,
  countFile,
  figureFile,
  marksFile,
  measuresFile,
  movementFile,
  planFile,
  registerFile,
  termFile,
  type OutFile,
} from './files';
import { today } from './today';

/** Files about everything. */
const WHOLE: Readonly<Record<string, (db: Db) => Promise<OutFile>>> = {
  'measures.csv': measuresFile,
  'register.csv': registerFile,
  'marks.csv': marksFile,
  'calendar.ics': (db) => calendarFile(db, today(), new Date()),
};

/** Files about one thing, by its id. */
const SINGLE: Readonly<Record<string, (db: Db, id: string) => Promise<Result<OutFile>>>> = {
  plan: planFile,
  term: termFile,
  movement: movementFile,
  figure: figureFile,
  count: countFile,
};

export async function downloadWhole(kind: string): Promise<Response> {
  const make = Object.hasOwn(WHOLE, kind) ? WHOLE[kind] : undefined;
  return make ? sent(await make(await database())) : notThere('There is no such file.');
}

export async function downloadOne(kind: string, id: string): Promise<Response> {
  const make = Object.hasOwn(SINGLE, kind) ? SINGLE[kind] : undefined;
  if (!make) return notThere('There is no such kind of file.');
  const file = await make(await database(), id);
  return file.ok ? sent(file.value) : notThere(file.message);
}

const notThere = (message: string): Response =>
  Response.json({ code: 'not-found', message }, { status: 404 });

const sent = ({ name, type, body }: OutFile): Response =>
  new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
