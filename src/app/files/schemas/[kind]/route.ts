import { z } from 'zod';
import { MOVEMENT_FILE, PLAN_FILE, TERM_FILE } from '@/core/formats';
import { fail, ok } from '@/core/result';
import { jsonRead } from '@/server/shell/http';

const KINDS = [PLAN_FILE, TERM_FILE, MOVEMENT_FILE];

/** The schema of a kind of JSON file, as docs/schemas has it. */
export const GET = jsonRead(async (_, { kind }) => {
  const found = KINDS.find((k) => k.oskil === kind);
  return found
    ? ok(z.toJSONSchema(found.schema, { io: 'input' }))
    : fail('not-found', 'There is no such kind of file.');
});
