// Ten simulated years, and then the times of the main pages, a minute of 50 readers and 5 writers, and the start:
// `npm run scale`. It makes its own data, in a temporary folder, from the demo.
import { mkdtempSync, rmSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { PGlite } from '@electric-sql/pglite';
import { answers, launch } from './lib/launch.mjs';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { freePort } from './lib/scratch-server.mjs';

const TODAY = '2026-11-24';
const [CLASSES, PEOPLE, A_CLASS] = [5_000, 240, 24];
const SERIES = 10;
/** The first readings of a page compile it, once for as long as Oskil runs. */
const [READS_FIRST, READS_EACH] = [5, 60];
const LOAD_SECONDS = Number(process.argv[2] ?? 60);

ensureInstalled();
ensureBuilt();
const folder = mkdtempSync(join(tmpdir(), 'oskil-scale-'));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;

async function start() {
  const from = Date.now();
  const { child, ended, output } = launch(folder, port, { OSKIL_DEMO: '1', OSKIL_TODAY: TODAY });
  if (!(await answers(url, child))) throw new Error(`It did not start:\n${output()}`);
  const startMs = Date.now() - from;
  const stop = async () => {
    child.kill('SIGTERM');
    await ended;
  };
  return { startMs, stop, pid: child.pid };
}

/**
 * The demo's class that was taught, taught again by ten series, twice a week with a pause, before the demo begins; and one of today,
 * of people who have come all the time.
 */
async function tenYears() {
  const pg = await PGlite.create(join(folder, 'pg'));
  await pg.exec(`
    insert into person (id, first_name, initial, dominant_hand, screened, created_at)
      select gen_random_uuid(), 'Person' || n, chr(65 + n % 26), 'R', true, timestamptz '2016-01-01' from generate_series(1, ${PEOPLE}) n;
    create temp table crowd as select id, row_number() over (order by id) as n from person where first_name like 'Person%';
    insert into series (id, name, place, slot_minutes)
      select gen_random_uuid(), 'Series ' || n, 'Hall ' || n, 45 from generate_series(1, ${SERIES}) n;
    create temp table rooms as select id, row_number() over (order by id) as n from series where name like 'Series %';
    create temp table past as
      select gen_random_uuid() as id, r.id as series_id, r.n as room, date '2026-10-01' - 7 * k as day, k
      from rooms r cross join generate_series(1, ${CLASSES / SERIES}) k;
    insert into class (id, series_id, day, starts_at, week) select id, series_id, day, '10:30', 1 + k % 60 from past;
    create temp table seats as
      select p.id as class_id, c.id as person_id from past p join crowd c
      on (c.n - 1) / ${A_CLASS} = p.room - 1;
    insert into class_person (class_id, person_id) select class_id, person_id from seats;
    insert into attendance (class_id, person_id, present, pain_before_left, pain_before_right, pain_after_left, pain_after_right, effort)
      select class_id, person_id, random() < 0.9, 2, 3, 2, 3, 4 from seats;
    create temp table model as select t.snapshot - 'people' as snapshot, t.state, p.current
      from taught t join plan p on p.class_id = t.class_id where t.ended_at is not null limit 1;
    insert into plan (class_id, current) select past.id, model.current from past, model;
    insert into taught (class_id, started_at, ended_at, snapshot, state, written_up_at)
      select past.id, past.day + time '10:30', past.day + time '11:15',
        model.snapshot || jsonb_build_object('people', (select jsonb_agg(jsonb_build_object('id', s.person_id, 'firstName', 'Person',
          'initial', 'P', 'dominantHand', 'R', 'screened', true, 'assistance', 0, 'wantedTask', '', 'notes', '', 'conditions', '[]'::jsonb,
          'clearances', '[]'::jsonb, 'archived', false)) from seats s where s.class_id = past.id)),
        model.state, past.day + time '12:00' from past, model;
    insert into teach_event (class_id, seq, kind, row_id, at_ms)
      select past.id, e.seq, e.kind, e.row_id, e.at_ms from past,
        (select * from teach_event where class_id = (select class_id from taught where ended_at is not null order by class_id limit 1)) e;
    create temp table soon as select gen_random_uuid() as id, id as series_id from rooms where n = 1;
    insert into class (id, series_id, day, starts_at, week) select id, series_id, '${TODAY}', '10:30', 20 from soon;
    insert into class_person (class_id, person_id)
      select distinct soon.id, s.person_id from soon, seats s join past p on p.id = s.class_id where p.room = 1;
    insert into plan (class_id, current) select soon.id, model.current from soon, model;
    insert into measure (person_id, hand, kind, value, on_day)
      select c.id, h, 'grip', 20 + random() * 5, date '2016-10-01' + 30 * m from crowd c, unnest(array['L', 'R']) h, generate_series(0, 119) m;
    analyze;
  `);
  const [{ rows }] = await pg.exec(
    'select (select count(*) from class) as classes, (select count(*) from attendance) as lines, pg_database_size(current_database()) / 1000000 as mb',
  );
  console.log(`${rows[0].classes} classes, ${rows[0].lines} lines of attendance, ${rows[0].mb} MB`);
  await pg.close();
}

async function idsOf() {
  const first = async (path, pattern) => pattern.exec(await (await fetch(url + path)).text())?.[1];
  return {
    person: await first('/people', /href="\/people\/([0-9a-f-]{36})"[^>]*>(?:<[^>]*>)*Person/),
    member: await first('/', /\/people\/([0-9a-f-]{36})/),
    planned: await first('/', /\/classes\/([0-9a-f-]{36})/),
    taught: await first('/classes?from=2000', /\/classes\/([0-9a-f-]{36})\/wrap-up/),
  };
}

const pages = ({ person, planned, taught }) => ({
  Today: '/',
  People: '/people',
  'A person': `/people/${person}`,
  'Results of a person': `/people/${person}/results`,
  Classes: '/classes',
  'Older classes': '/classes?from=2000',
  'A plan': `/classes/${planned}`,
  'A wrap-up': `/classes/${taught}/wrap-up`,
  Movements: '/movements',
  Terms: '/terms',
  Files: '/files',
});

async function times(path) {
  const took = [];
  for (let i = -READS_FIRST; i < READS_EACH; i++) {
    const from = performance.now();
    const answer = await fetch(url + path);
    await answer.text();
    if (!answer.ok) return `${path} answers ${answer.status}`;
    if (i >= 0) took.push(performance.now() - from);
  }
  took.sort((a, b) => a - b);
  const at = (share) => took[Math.min(took.length - 1, Math.floor(took.length * share))].toFixed(0);
  return `median ${at(0.5)} ms, p95 ${at(0.95)} ms`;
}

/** Each reader turns a page every five seconds and each writer marks somebody once a second, as in a class under way. */
async function underLoad({ person, planned, member }) {
  await fetch(`${url}/api/classes/${planned}/start`, asJson({ startedAtMs: Date.now() }));
  const readers = run({
    connections: 50,
    overallRate: 10,
    requests: [
      '/',
      `/people/${person}`,
      '/classes',
      `/classes/${planned}`,
      '/people',
      `/people/${person}/results`,
    ].map((path) => ({ path })),
  });
  const mark = () => ({ id: crypto.randomUUID(), personId: member, rowId: 'r', mark: 'did', atMs: 1 });
  const writers = run({
    connections: 5,
    overallRate: 5,
    requests: [
      {
        path: `/api/classes/${planned}/marks`,
        method: 'POST',
        setupRequest: (request) => ({ ...request, ...asJson(mark()) }),
      },
    ],
  });
  const [read, written] = await Promise.all([readers, writers]);
  const poor = (of) => of.errors + of.timeouts + of.non2xx;
  return [
    `${LOAD_SECONDS} s of 50 readers and 5 writers:`,
    `${read['2xx']} pages read, half within ${read.latency.p50} ms, 97.5 of 100 within ${read.latency.p97_5} ms, ${poor(read)} not answered well`,
    `${written['2xx']} marks written, half within ${written.latency.p50} ms, 97.5 of 100 within ${written.latency.p97_5} ms, ${poor(written)} not answered well`,
  ].join('\n  ');
}

const asJson = (body) => ({
  method: 'POST',
  headers: { 'content-type': 'application/json', 'sec-fetch-site': 'same-origin' },
  body: JSON.stringify(body),
});

const run = (what) => autocannon({ url, duration: LOAD_SECONDS, timeout: 60, ...what });

async function residentMb(pid) {
  const all = execFileSync('ps', ['-eo', 'pid,ppid,rss']).toString().trim().split('\n').slice(1);
  const of = all
    .map((l) => l.trim().split(/\s+/).map(Number))
    .filter(([p, parent]) => p === pid || parent === pid);
  return Math.round(Math.max(...of.map(([, , rss]) => rss)) / 1_000);
}

try {
  await (await start()).stop();
  await tenYears();
  const cold = await start();
  console.log(`first start after that: ${cold.startMs} ms`);
  await cold.stop();
  const { startMs, stop, pid } = await start();
  const ids = await idsOf();
  console.log(`start to first page: ${startMs} ms`);
  for (const [name, path] of Object.entries(pages(ids))) console.log(`${name}: ${await times(path)}`);
  console.log(await underLoad(ids));
  console.log(`memory of the process: ${await residentMb(pid)} MB`);
  await stop();
} finally {
  rmSync(folder, { recursive: true, force: true });
}
