import type { Db } from '@/store/db';
import { fail, type Result } from '@/core/result';
import { countFile, figureFile, movementFile, planFile, termFile } from './files';
import { failed, guarded } from '../shell/http';
import type { Bytes, OutFile } from './download-file';
import { calendarFile, marksFile, measuresFile, registerFile } from './table-files';
import { isPaperKind, paperFile } from '../sheets/paper-file';
import { today } from '../shell/today';

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

/** A file about everything. */
export const downloadWhole = guarded(async ({ db, params: { kind } }) => {
  const make = kind !== undefined && Object.hasOwn(WHOLE, kind) ? WHOLE[kind] : undefined;
  return make ? sent(await make(db)) : notThere('There is no such file.');
});

/** A file about one thing; `?paper=Letter` is for paper that is not that of Settings, `?for=` for the cards of some people. */
export const downloadOne = guarded(async ({ db, request, params: { kind, id } }) => {
  if (isPaperKind(kind) && id !== undefined) {
    const asked = new URL(request.url).searchParams;
    const only = asked.get('for')?.split(',');
    const pdf = await paperFile(db, kind, id, asked.get('paper'), only);
    return pdf.ok ? sent(pdf.value) : failed(pdf);
  }
  const make = kind !== undefined && Object.hasOwn(SINGLE, kind) ? SINGLE[kind] : undefined;
  if (!make || id === undefined) return notThere('There is no such kind of file.');
  const file = await make(db, id);
  return file.ok ? sent(file.value) : notThere(file.message);
});

const notThere = (message: string): Response => failed(fail('not-found', message));

const sent = ({ name, type, body }: OutFile<string | Bytes>): Response =>
  new Response(body, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
