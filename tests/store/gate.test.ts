import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { config } from '@/proxy';
import { makeToken } from '@/server/api/token';
import type { Route } from '@/server/shell/http';
import { askerOf, makeCode, open, setPassphrase } from '@/server/lock/lock';
import { dbForRequest } from '@/server/lock/request-identity';
import { addAnother, nameFirst } from '@/server/instructors/instructors';
import { loadDemo } from '@/demo/load';
import type { Database } from '@/store/db';
import { databaseForFile } from './fresh';

jest.mock('@/server/lock/passphrase', () => ({
  hashPassphrase: (words: string) => Promise.resolve(`scrypt:${words}`),
  isPassphrase: (words: string, kept: string) => Promise.resolve(kept === `scrypt:${words}`),
}));
/** What cannot run here and is not about who asks. */
jest.mock('@/server/api/solver', () => ({ solver: () => Promise.reject(new Error('not here')) }));

const db = databaseForFile();
const HERE = { address: '192.0.2.7', isHere: true, browser: null };
const WORDS = 'seven slow beads';
const METHODS = ['GET', 'POST', 'PUT', 'DELETE'] as const;

/** Every route and page there is, as files say it. */
const found = (file: 'route.ts' | 'page.tsx'): readonly string[] =>
  readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((f) => f === file || f.endsWith(`/${file}`))
    .map((f) => `/${f.slice(0, -file.length).replace(/\/$/, '')}`)
    .sort();
const ROUTES = found('route.ts');
const filled = (path: string) => path.replace(/\[id\]/g, classId).replace(/\[[^\]]+\]/g, 'plan');
const load = (route: string) =>
  jest.requireActual<Partial<Record<(typeof METHODS)[number], Route>>>(
    join(process.cwd(), 'src/app', route, 'route.ts'),
  );

let classId: string;
let otherClassId: string;
let instructor: string;
let helper: string;
let tv: string;
let token: string;
let endedToken: string;

const value = <T>(result: { ok: true; value: T } | { ok: false; message: string }): T => {
  if (!result.ok) throw new Error(result.message);
  return result.value;
};

beforeAll(async () => {
  process.env.OSKIL_TODAY = '2026-11-24';
  (globalThis as { oskilDatabase?: Promise<Database> }).oskilDatabase = Promise.resolve(db);
  await loadDemo(db, '2026-11-24', randomUUID);
  const classes = await db.query<{ id: string }>('select id from class order by day desc limit 2');
  [classId, otherClassId] = [classes[0]!.id, classes[1]!.id];
  instructor = value(await setPassphrase(db, { now: '', passphrase: WORDS }, HERE)).token!;
  const codeOf = async (id: string, kind: 'helper' | 'tv') =>
    value(await open(db, { name: '', secret: value(await makeCode(db, db, id, kind)).code }, HERE)).token;
  // Of another class than the one that is asked for everywhere.
  helper = await codeOf(otherClassId, 'helper');
  tv = await codeOf(otherClassId, 'tv');
  endedToken = value(await makeToken(db, null)).token;
  token = value(await makeToken(db, null)).token;
});

const ask = async (route: string, method: (typeof METHODS)[number], headers: Record<string, string>) => {
  const handler = load(route)[method];
  if (!handler) return null;
  const path = filled(route);
  const params = Object.fromEntries(
    [...route.matchAll(/\[([^\]]+)\]/g)].map(([, name], i) => [
      name!,
      name === 'id' ? classId : i >= 0 ? 'plan' : '',
    ]),
  );
  const request = new Request(`http://127.0.0.1:4820${path}`, {
    method,
    headers: {
      host: '127.0.0.1:4820',
      ...(method === 'GET' ? {} : { 'content-type': 'application/json' }),
      ...headers,
    },
    ...(method === 'GET' ? {} : { body: '{}' }),
  });
  return handler(request, { params: Promise.resolve(params) });
};

/** Everything that a program can say of itself which is not a session or a token that is known. */
const CLAIMS: readonly Record<string, string>[] = [
  {},
  ...['', 'x', 'Bearer', 'Bearer x', `Bearer ${'a'.repeat(43)}`, 'Basic eDp4'].map((authorization) => ({
    authorization,
  })),
  ...['same-origin', 'none'].map((site) => ({ 'sec-fetch-site': site })),
  { origin: 'http://127.0.0.1:4820', 'sec-fetch-site': 'same-origin', 'sec-fetch-mode': 'cors' },
  { 'x-oskil-who': 'instructor', 'x-oskil-instructor': randomUUID() },
  { 'x-oskil-asker': `.${JSON.stringify({ kind: 'instructor', id: null, coordinator: true })}` },
  { 'x-oskil-asker': JSON.stringify({ kind: 'instructor', id: null, coordinator: true }) },
  { 'x-oskil-address': '127.0.0.1', 'x-forwarded-for': '127.0.0.1', 'x-real-ip': '127.0.0.1' },
  { 'x-forwarded-host': 'localhost', 'x-forwarded-proto': 'https' },
  {
    'x-middleware-subrequest': 'src/proxy:src/proxy:src/proxy:src/proxy:src/proxy',
    'x-middleware-next': '1',
  },
  { 'x-nonce': 'x', rsc: '1', 'next-router-prefetch': '1' },
  { cookie: 'oskil_session=x' },
  { cookie: 'oskil_session=; oskil_browser=x' },
];
const callers = (): readonly (readonly [string, Record<string, string>])[] => [
  ['nobody', {}],
  ['a helper of another class', { cookie: `oskil_session=${helper}` }],
  ['a screen of another class', { cookie: `a=b; oskil_session=${tv}` }],
  ['a token that has ended', { authorization: `Bearer ${endedToken}` }],
];
/** What each caller says with each claim; a claim does not take the place of what the caller carries. */
const said = (claim: Record<string, string>, caller: Record<string, string>) => ({ ...claim, ...caller });

const OPEN_TO_ALL = ['/api/lock/open', '/api/lock/close'];

test('every route is made behind the gate, and the proxy leaves out routes and nothing else', () => {
  const matcher = new RegExp(`^${config.matcher[0]!.source}$`);
  for (const route of ROUTES) {
    const exported = Object.entries(load(route)).filter(([, made]) => typeof made === 'function');
    expect([route, exported.length > 0]).toEqual([route, true]);
    for (const [method, made] of exported)
      expect([route, method, made!.guarded]).toEqual([route, method, true]);
    expect([route, matcher.test(filled(route))]).toEqual([route, false]);
  }
  for (const page of found('page.tsx')) expect([page, matcher.test(filled(page))]).toEqual([page, true]);
  for (const near of [
    '/icon.svg-x',
    '/_next/image',
    '/meters',
    '/solver/x',
    '/apis',
    '/people/exports',
    '/filesystem',
  ])
    expect([near, matcher.test(near)]).toEqual([near, true]);
});

test('no wrong caller gets anything from any route, whatever else they say of themselves', async () => {
  // Told all at once: an expectation takes longer than what it is about.
  const wrong: unknown[] = [];
  let asked = 0;
  for (const route of ROUTES.filter((r) => !OPEN_TO_ALL.includes(r)))
    for (const [who, carried] of callers())
      for (const claim of CLAIMS)
        for (const method of METHODS) {
          const answer = await ask(route, method, said(claim, carried));
          if (!answer) continue;
          asked += 1;
          const { status, headers } = answer;
          const { code = '', message = '', ...more } = (await answer.json()) as Record<string, string>;
          const isRight =
            (status === 401 || status === 403) &&
            Object.keys(more).length === 0 &&
            /^(locked|helper|no-token|wrong-token)$/.test(code) &&
            message.length < 140 &&
            headers.get('cache-control') === 'no-store';
          if (!isRight) wrong.push([route, method, who, claim, status, code, message, more]);
        }
  expect(wrong).toEqual([]);
  expect(asked).toBeGreaterThan(1_000);
});

test('a token reaches what other programs may ask, and no other route', async () => {
  const reached: string[] = [];
  for (const route of ROUTES)
    for (const method of METHODS) {
      const answer = await ask(route, method, { authorization: `Bearer ${token}` });
      if (answer && ![401, 403].includes(answer.status) && !OPEN_TO_ALL.includes(route))
        reached.push(`${method} ${route}`);
    }
  expect(reached.every((r) => /^\w+ \/(api\/v1|files\/out)\//.test(r))).toBe(true);
  expect(reached).toHaveLength(6);
});

test('foreign pages and foreign names reach no route, also with the session of the instructor', async () => {
  const cookie = `oskil_session=${instructor}`;
  const foreign: readonly (readonly [number, Record<string, string>])[] = [
    [403, { origin: 'http://evil.example' }],
    [403, { origin: 'null' }],
    [403, { origin: 'https://127.0.0.1:4820' }],
    [403, { 'sec-fetch-site': 'cross-site' }],
    [403, { 'sec-fetch-site': 'same-site' }],
    [421, { host: 'evil.example:4820', origin: 'http://evil.example:4820', 'sec-fetch-site': 'same-origin' }],
    [421, { host: '127.0.0.1.evil.example' }],
    [421, { host: 'localhost.' }],
    [421, { host: '192.168.1.7:4820' }],
    [421, { host: '' }],
  ];
  for (const route of ROUTES)
    for (const [status, headers] of foreign)
      for (const method of METHODS) {
        const answer = await ask(route, method, { cookie, ...headers });
        if (answer) expect([route, method, headers, answer.status]).toEqual([route, method, headers, status]);
      }
});

test('what the instructor gets from a route nobody keeps, and no page of elsewhere holds', async () => {
  for (const route of ROUTES.filter((r) => !r.startsWith('/api/lock') && r !== '/meter')) {
    const answer = await ask(route, 'GET', {
      cookie: `oskil_session=${instructor}`,
      'sec-fetch-site': 'same-origin',
    });
    if (!answer) continue;
    expect([route, answer.headers.get('cache-control')]).toEqual([
      route,
      route === '/solver' ? 'private, max-age=86400' : 'no-store',
    ]);
    expect(answer.headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(answer.headers.get('x-content-type-options')).toBe('nosniff');
    await answer.body?.cancel();
  }
});

test('names that were set, and a proxy that was, are let in; their neighbours are not', async () => {
  process.env.OSKIL_NAMES = 'tablet.house, OSKIL.house';
  process.env.OSKIL_ORIGIN = 'https://classes.example';
  const cookie = `oskil_session=${instructor}`;
  const at = async (host: string, origin?: string) =>
    (await ask('/api/people/[id]/everything', 'GET', { host, cookie, ...(origin ? { origin } : {}) }))!
      .status;
  try {
    for (const [host, origin] of [
      ['tablet.house:4820', 'http://tablet.house:4820'],
      ['oskil.house', undefined],
      ['classes.example', 'https://classes.example'],
      ['127.0.0.1:4820', 'https://classes.example'],
    ] as const)
      expect([host, origin, await at(host, origin)]).toEqual([host, origin, 404]);
    expect(await at('tablet.house.evil.example')).toBe(421);
    expect(await at('classes.example', 'http://classes.example.evil')).toBe(403);
    expect(await at('other.example')).toBe(421);
  } finally {
    delete process.env.OSKIL_NAMES;
    delete process.env.OSKIL_ORIGIN;
  }
});

test('with instructors by name a helper sees with the eyes of whose class it is, and a stranger with none', async () => {
  const marit = value(await nameFirst(db, { name: 'Marit', passphrase: WORDS }, HERE)).token;
  const ines = value(await addAnother(db, { name: 'Ines', passphrase: 'two warm mittens' })).id;
  const all = await askerOf(db, marit);
  const people = async (asker: Parameters<typeof dbForRequest>[0]) =>
    (await (await dbForRequest(asker))?.query('select 1 from person'))?.length ?? null;
  await db.query(
    `insert into person (id, first_name, initial, dominant_hand, owner_id) values ($1, 'Alone', 'A', 'R', $2)`,
    [randomUUID(), all.kind === 'instructor' ? all.id : null],
  );
  const everybody = (await db.query('select 1 from person')).length;
  expect(await people(all)).toBe(everybody);
  await db.query('update series set owner_id = $1', [ines]);
  const hers = await people({ kind: 'helper', classId });
  expect(hers).toBeLessThan(everybody);
  expect(hers).toBe(await people({ kind: 'instructor', id: ines, coordinator: false }));
  expect(await people({ kind: 'program', instructorId: null })).toBe(0);
  expect(await people({ kind: 'nobody' })).toBeNull();
});
