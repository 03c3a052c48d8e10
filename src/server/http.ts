import type { z } from 'zod';
import type { Failure, Result } from '@/core/result';
import type { Db } from '@/store/db';
import { dataFor } from './lock/whose';

const MOST_BYTES = 256 * 1024;

type Params = Record<string, string>;
type Handler<B, T> = (db: Db, body: B, params: Params) => Promise<Result<T>>;

/** Status by failure code; what is not listed is a 422: understood, but it cannot be done. */
const STATUS: Readonly<Record<string, number>> = {
  'not-found': 404,
  'changed-elsewhere': 409,
  'bad-request': 400,
  'bad-input': 400,
  'foreign-origin': 403,
  'no-token': 401,
  locked: 401,
  'too-large': 413,
  exists: 409,
};

/**
 * A JSON route: checks the origin, the size, the JSON and the schema once, at the
 * edge, then hands narrow data on. Every refusal is `{ code, message }` with a
 * sentence for the person; a bug is logged without names and answered plainly.
 */
export function jsonRoute<S extends z.ZodType, T>(
  schema: S,
  handle: Handler<z.output<S>, T>,
  mostBytes = MOST_BYTES,
  guard: Guard = ownPages,
) {
  return guarded(guard, async (db, request, params) => {
    const body = await readJson(request, schema, mostBytes);
    return body.ok ? answered(await handle(await db(), body.value, params)) : body.response;
  });
}

type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response };

/** The body of a request, in its schema; else the answer that says what is wrong with it. */
export async function readJson<S extends z.ZodType>(
  request: Request,
  schema: S,
  mostBytes = MOST_BYTES,
): Promise<Read<z.output<S>>> {
  const body = await readBody(request, mostBytes);
  if (!body.ok) return { ok: false, response: failed(body) };
  const parsed = schema.safeParse(body.value);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, response: Response.json(badInput(parsed.error), { status: 400 }) };
}

/** A route that only reads. */
export const jsonRead = <T>(
  handle: (db: Db, params: Params, query: URLSearchParams) => Promise<Result<T>>,
  guard: Guard = ownPages,
) =>
  guarded(guard, async (db, request, params) =>
    answered(await handle(await db(), params, new URL(request.url).searchParams)),
  );

type Inner = (db: () => Promise<Db>, request: Request, params: Params) => Promise<Response>;

/** Who may ask: null, or why not. */
export type Guard = (request: Request) => Failure | null | Promise<Failure | null>;

/** What the database says of a row that this instructor may not write. */
const NOT_ALLOWED = '42501';
const ANOTHERS: Failure = {
  ok: false,
  code: 'not-found',
  message: 'That is not among your classes and people. Nothing was changed.',
};

/** Foreign requests are refused before anything is read; a bug is answered plainly and nothing about people is logged. */
export function guarded(guard: Guard, inner: Inner) {
  return async (request: Request, context: { params: Promise<Params> }): Promise<Response> => {
    try {
      const refused = await guard(request);
      if (refused) return failed(refused);
      return await inner(() => dataFor(request.headers), request, await context.params);
    } catch (error) {
      if ((error as { code?: string }).code === NOT_ALLOWED) return failed(ANOTHERS);
      console.error(
        'A request failed:',
        request.method,
        (error as Error).name,
        (error as { code?: string }).code ?? '',
      );
      return Response.json(
        {
          code: 'our-fault',
          message: 'Something went wrong on our side. What you typed is still here; try again.',
        },
        { status: 500 },
      );
    }
  };
}

/** A result as an answer: with its value, or with the sentence of its failure. */
export const answered = <T>(result: Result<T>): Response =>
  result.ok ? Response.json(result.value ?? {}) : failed(result);

function failed({ code, message }: Failure): Response {
  return Response.json({ code, message }, { status: STATUS[code] ?? 422 });
}

/** Browsers say where a request comes from; only our own pages may write. */
export function ownPages(request: Request): Failure | null {
  return isForeign(request)
    ? { ok: false, code: 'foreign-origin', message: 'Requests from other sites are refused.' }
    : null;
}

/** A browser says it comes from another site. */
export function isForeign({ headers }: Request): boolean {
  const [origin, site] = [headers.get('origin'), headers.get('sec-fetch-site')];
  return (
    (origin !== null && hostOf(origin) !== headers.get('host')) ||
    (site !== null && site !== 'same-origin' && site !== 'none')
  );
}

function hostOf(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

async function readBody(request: Request, mostBytes: number): Promise<Result<unknown>> {
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json'))
    return { ok: false, code: 'bad-request', message: 'Send the request as JSON.' };
  const text = await request.text();
  if (text.length > mostBytes)
    return { ok: false, code: 'too-large', message: 'That is more than can be sent at once.' };
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch {
    return {
      ok: false,
      code: 'bad-request',
      message: 'The request was not readable JSON. Nothing was changed.',
    };
  }
}

function badInput(error: z.ZodError) {
  const issues = error.issues.map((i) => ({ path: i.path.join('.'), message: i.message }));
  return {
    code: 'bad-input',
    message: `${issues[0]?.message ?? 'Something is missing'}. Nothing was changed.`,
    issues,
  };
}
