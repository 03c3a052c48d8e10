import type { z } from 'zod';
import type { Asker } from '@/core/lock';
import type { ErrorCode } from '@/core/error-codes';
import type { Failure, Result } from '@/core/result';
import { UNKEPT_WORDS, unkeptAt } from '@/core/text';
import type { Db } from '@/store/db';
import { waitS } from '../heavy/queue';
import { atTheGate } from '../lock/gate';
import { dbForRequest } from '../lock/request-identity';
import { withSafeHeaders } from './safe-headers';
import { refusalOf } from './troubles';

const MAX_BYTES = 256 * 1024;

export type Params = Record<string, string>;

/** Status by failure code; what is not listed is a 422: understood, but it cannot be done. */
const STATUS: Readonly<Partial<Record<ErrorCode, number>>> = {
  'not-found': 404,
  'changed-elsewhere': 409,
  'bad-request': 400,
  'bad-input': 400,
  'foreign-origin': 403,
  'no-token': 401,
  locked: 401,
  'wrong-secret': 401,
  'too-many-tries': 429,
  busy: 429,
  'too-large': 413,
  exists: 409,
  'disk-full': 507,
  'not-on-disk': 503,
  'our-fault': 500,
};

/** A request that has passed the gate. */
export type Passed = {
  readonly request: Request;
  readonly params: Params;
  readonly asker: Asker;
  /** The data as whoever asks sees it. */
  readonly db: Db;
};

/** Something that a route exports; made here alone, which a test holds every route to. */
export type Route = ((request: Request, context: { params: Promise<Params> }) => Promise<Response>) & {
  readonly guarded: true;
};

/**
 * A JSON route: the gate, the size, the JSON and the schema once, at the edge, then hands narrow data on. Every refusal is
 * `{ code, message }` with a sentence for the person; a bug is logged without names and answered plainly.
 */
export const jsonRoute = <S extends z.ZodType, T>(
  schema: S,
  handle: (db: Db, body: z.output<S>, params: Params, asker: Asker) => Promise<Result<T>>,
  mostBytes = MAX_BYTES,
): Route =>
  guarded(async ({ request, db, params, asker }) => {
    const body = await readJson(request, schema, mostBytes);
    return body.ok ? answered(await handle(db, body.value, params, asker)) : body.response;
  });

/** A route that only reads. */
export const jsonRead = <T>(
  handle: (db: Db, params: Params, query: URLSearchParams) => Promise<Result<T>>,
): Route =>
  guarded(async ({ request, db, params }) =>
    answered(await handle(db, params, new URL(request.url).searchParams)),
  );

/** A route behind the gate. */
export const guarded = (inner: (passed: Passed) => Promise<Response>): Route =>
  atGate(async (request, params, asker) => {
    const db = await dbForRequest(asker);
    return db ? inner({ request, params, asker, db }) : failed(NOT_FOUND);
  });

/** A route that somebody who is not let in may reach too; the gate has looked at it all the same. */
export const atGate = (
  inner: (request: Request, params: Params, asker: Asker) => Promise<Response>,
): Route => {
  const route = async (request: Request, context: { params: Promise<Params> }): Promise<Response> => {
    try {
      const passed = await atTheGate(request, 'route');
      if ('stop' in passed) return withSafeHeaders(failedWith(passed.stop, passed.stop.status));
      return withSafeHeaders(await inner(request, await context.params, passed.asker));
    } catch (error) {
      return withSafeHeaders(failed(refusalOf(error, request.method)));
    }
  };
  return Object.assign(route, { guarded: true } as const);
};

const NOT_FOUND: Failure = { ok: false, code: 'not-found', message: 'There is nothing here.' };

type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** The body of a request, in its schema; else the answer that says what is wrong with it. */
export async function readJson<S extends z.ZodType>(
  request: Request,
  schema: S,
  mostBytes = MAX_BYTES,
): Promise<Read<z.output<S>>> {
  const body = await readBody(request, mostBytes);
  if (!body.ok) return { ok: false, response: failed(body) };
  const parsed = schema.safeParse(body.value);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, response: Response.json(badInput(parsed.error), { status: 400 }) };
}

/** A result as an answer: with its value, or with the sentence of its failure. */
export const answered = <T>(result: Result<T>): Response =>
  result.ok ? Response.json(result.value ?? {}) : failed(result);

export const failed = (failure: Failure): Response => failedWith(failure, STATUS[failure.code] ?? 422);

const failedWith = (
  { code, message }: { readonly code: string; readonly message: string },
  status: number,
): Response =>
  Response.json(
    { code, message },
    { status, ...(code === 'busy' && { headers: { 'Retry-After': String(waitS()) } }) },
  );

const TOO_LARGE: Failure = {
  ok: false,
  code: 'too-large',
  message: 'That is more than can be sent at once.',
};

async function readBody(request: Request, mostBytes: number): Promise<Result<unknown>> {
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json'))
    return { ok: false, code: 'bad-request', message: 'Send the request as JSON.' };
  const text = await textOf(request, mostBytes);
  if (text === null) return TOO_LARGE;
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return {
      ok: false,
      code: 'bad-request',
      message: 'The request was not readable JSON. Nothing was changed.',
    };
  }
  if (unkeptAt(value) !== null)
    return { ok: false, code: 'bad-input', message: `${UNKEPT_WORDS}. Nothing was changed.` };
  return { ok: true, value };
}

/** The text of a body; null as soon as it is seen to be too long, without taking in the rest. */
async function textOf(request: Request, mostBytes: number): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return null;
  const pieces: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let read = await reader?.read(); read && !read.done; read = await reader!.read()) {
    size += read.value.length;
    if (size > mostBytes) {
      void reader!.cancel().catch(() => undefined);
      return null;
    }
    pieces.push(read.value);
  }
  return new TextDecoder().decode(Buffer.concat(pieces));
}

function badInput(error: z.ZodError) {
  const issues = error.issues.map((i) => ({ path: i.path.join('.'), message: i.message }));
  return {
    code: 'bad-input',
    message: `${issues[0]?.message ?? 'Something is missing'}. Nothing was changed.`,
    issues,
  };
}
