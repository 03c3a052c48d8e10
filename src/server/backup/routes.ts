import { createReadStream, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import type { ReadableStream } from 'node:stream/web';
import { z } from 'zod';
import { takeIn } from '@/store/instructors';
import { database } from '../database';
import { guarded, jsonRoute, ownPages } from '../http';
import { instructorHere } from '../lock/whose';
import { bringBackup } from './bring';
import { backUp, inTurn, madeNow } from './daily';
import { backupPath } from './folder';
import { restoreBackup } from './restore';

const nothing = z.strictObject({});

export const backUpNow = jsonRoute(nothing, () => backUp('asked for'));

/** What belonged to instructors who are not here any more goes to whoever restores. */
export const restoreNow = jsonRoute(nothing, async (_, __, { name }) => {
  const db = await database();
  const restored = await inTurn(() => restoreBackup(db, name ?? '', madeNow()));
  const instructor = await instructorHere();
  if (restored.ok && instructor) await takeIn(db, instructor.id);
  return restored;
});

/** The file itself is the body, so that it need not fit in memory. */
export const bringOne = guarded(ownPages, async (_, request) => {
  const brought = request.body
    ? await inTurn(() => bringBackup(request.body as ReadableStream<Uint8Array>, madeNow()))
    : ({ ok: false, code: 'empty', message: 'This file is empty.' } as const);
  return brought.ok
    ? Response.json(brought.value)
    : Response.json({ code: brought.code, message: brought.message }, { status: 422 });
});

export const downloadBackup = guarded(ownPages, async (_db, _, { name }) => {
  const path = backupPath(name ?? '');
  if (!path)
    return Response.json({ code: 'not-found', message: 'There is no such backup.' }, { status: 404 });
  return new Response(Readable.toWeb(createReadStream(path)) as unknown as BodyInit, {
    headers: {
      'content-type': 'application/octet-stream',
      'content-length': String(statSync(path).size),
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
});
