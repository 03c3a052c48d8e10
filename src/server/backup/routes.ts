import { createReadStream, statSync } from 'node:fs';
import { Readable } from 'node:stream';
import type { ReadableStream } from 'node:stream/web';
import { z } from 'zod';
import { fail } from '@/core/result';
import { adoptOrphans } from '@/store/instructors';
import { database } from '../shell/database';
import { answered, failed, guarded, jsonRoute } from '../shell/http';
import { uploadBackup } from './upload';
import { backUp, inTurn, madeNow } from './daily';
import { backupPath } from './folder';
import { restoreBackup } from './restore';

const nothing = z.strictObject({});

export const backUpNow = jsonRoute(nothing, () => backUp('asked for'));

/** What belonged to instructors who are not here any more goes to whoever restores. */
export const restoreNow = jsonRoute(nothing, async (_, __, { name }, asker) => {
  const db = await database();
  const restored = await inTurn(() => restoreBackup(db, name ?? '', madeNow()));
  if (restored.ok && asker.kind === 'instructor' && asker.id) await adoptOrphans(db, asker.id);
  return restored;
});

/** The file itself is the body, so that it need not fit in memory. */
export const bringOne = guarded(async ({ request }) => {
  const brought = request.body
    ? await uploadBackup(request.body as ReadableStream<Uint8Array>, madeNow(), { inTurn })
    : ({ ok: false, code: 'empty', message: 'This file is empty.' } as const);
  return answered(brought);
});

export const downloadBackup = guarded(async ({ params: { name } }) => {
  const path = backupPath(name ?? '');
  if (!path) return failed(fail('not-found', 'There is no such backup.'));
  return new Response(Readable.toWeb(createReadStream(path)) as unknown as BodyInit, {
    headers: {
      'content-type': 'application/octet-stream',
      'content-length': String(statSync(path).size),
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
});
