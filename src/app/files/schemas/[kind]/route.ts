import { z } from 'zod';
import { MOVEMENT_FILE } from '@/core/formats/movement-file';
import { PLAN_FILE } from '@/core/formats/plan-file';
import { TERM_FILE } from '@/core/formats/term-file';

const KINDS = [PLAN_FILE, TERM_FILE, MOVEMENT_FILE];

/** The schema of a kind of JSON file, as docs/schemas has it. It holds nothing of anybody. */
export async function GET(_: Request, { params }: { params: Promise<{ kind: string }> }): Promise<Response> {
  const { kind } = await params;
  const found = KINDS.find((k) => k.oskil === kind);
  return found
    ? Response.json(z.toJSONSchema(found.schema, { io: 'input' }))
    : Response.json({ code: 'not-found', message: 'There is no such kind of file.' }, { status: 404 });
}
