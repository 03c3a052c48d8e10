// Kills Oskil at random moments while it teaches, writes up, imports, backs up and starts, and asks each time whether
// all that was acknowledged is there: `npm run faults`, or `-- 20` for so many kills. Needs a build.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answers, launch } from './lib/launch.mjs';
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs';
import { freePort } from './lib/scratch-server.mjs';

const KILLS = Number(process.argv[2] ?? 200);
const LONGEST_LIFE_MS = 2_500;
/** Every so many kills it is killed while it starts in an empty folder: while tables are made. */
const NEW_FOLDER_EVERY = 5;

ensureInstalled();
ensureBuilt();
const root = mkdtempSync(join(tmpdir(), 'oskil-faults-'));
const port = await freePort();
const url = `http://127.0.0.1:${port}`;
const troubles = [];
const counted = { kills: 0, acknowledged: 0, starts: 0 };

/** What was acknowledged, by kind. */
const acknowledged = { people: [], marks: [], notes: [], wrapUp: null, measures: [], backups: [] };
let place = null;
let serial = 0;
const refusals = new Set();

async function main() {
  for (let i = 1; i <= KILLS && troubles.length === 0; i++) {
    if (i % NEW_FOLDER_EVERY === 0) await killedWhileStarting(join(root, `new-${i}`));
    else await killedAtWork(join(root, 'data'));
    counted.kills += 1;
    if (i % 10 === 0) console.log(`${i} kills, ${counted.acknowledged} acknowledged writes, all there`);
  }
  const server = await started(join(root, 'data'));
  await lookForAll();
  await server.kill('SIGTERM');
  rmSync(root, { recursive: true, force: true });
  for (const trouble of troubles) console.error(trouble);
  console.log(
    `${counted.kills} kills, ${counted.starts} starts, ${counted.acknowledged} acknowledged writes: ${troubles.length === 0 ? 'nothing is missing' : 'see above'}`,
  );
  process.exit(troubles.length === 0 ? 0 : 1);
}

/** Started, asked for everything, then set to work and killed in the middle of it. */
async function killedAtWork(folder) {
  const server = await started(folder);
  if (!server) return;
  place ??= await begun();
  await lookForAll();
  const until = Date.now() + Math.random() * LONGEST_LIFE_MS;
  let alive = true;
  const work = Promise.all(
    [addPerson, mark, note, writeUp, bringMeasures, backUp].map(async (write) => {
      while (alive) {
        try {
          await write();
          counted.acknowledged += 1;
          await pause(10);
        } catch {
          // Not acknowledged: it may be there or not.
          await pause(20);
        }
      }
    }),
  );
  await pause(Math.max(0, until - Date.now()));
  await server.kill('SIGKILL');
  alive = false;
  await work;
}

/** Killed while an empty folder is made into one with tables; then it has to open. */
async function killedWhileStarting(folder) {
  const child = launched(folder);
  await pause(Math.random() * 4_000);
  await child.kill('SIGKILL');
  const again = await started(folder);
  if (again) await again.kill('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
}

function launched(folder) {
  const { child, ended, output } = launch(folder, port, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });
  /** The process that holds the data, which the lock names, and whatever started it. */
  const kill = async (signal) => {
    try {
      process.kill(JSON.parse(readFileSync(join(folder, 'oskil.lock'), 'utf8')).pid, signal);
    } catch {
      // It holds nothing yet.
    }
    child.kill(signal);
    await ended;
  };
  return { kill, child, output };
}

async function started(folder) {
  const server = launched(folder);
  counted.starts += 1;
  if (await answers(url, server.child)) return server;
  troubles.push(`It did not start again:\n${server.output()}`);
  return null;
}

/** A class under way, one that is over, and somebody whom all writes are about. */
async function begun() {
  const page = await (await fetch(`${url}/classes`)).text();
  const overs = [...page.matchAll(/\/classes\/([0-9a-f-]{36})\/wrap-up/g)].map((m) => m[1]);
  const next = (await (await fetch(url)).text()).match(/\/classes\/([0-9a-f-]{36})\/teach/)[1];
  await ask('POST', `/api/classes/${next}/start`, { startedAtMs: Date.now() });
  const people = await (await fetch(`${url}/people`)).text();
  const candidates = [...new Set(people.match(/(?<=\/people\/)[0-9a-f-]{36}/g))];
  for (const who of candidates) {
    const held = await everything(who);
    for (const over of held.attendance.length > 0 ? overs : [])
      if (await cameTo(over, who)) return { over, next, who, held };
  }
  throw new Error('Nobody of the demo has come to a class');
}

const everything = async (who) =>
  (
    await fetch(`${url}/api/people/${who}/everything`, { headers: { 'sec-fetch-site': 'same-origin' } })
  ).json();

async function addPerson() {
  const made = await ask('POST', '/api/people', somebody());
  acknowledged.people.push(made.id);
}

const somebody = () => ({
  firstName: 'Faulty',
  initial: 'F',
  dominantHand: 'R',
  screened: false,
  assistance: 0,
  wantedTask: '',
  notes: '',
  conditions: [],
  clearances: [],
  measures: [],
  positions: ['chair', 'table'],
  propsOut: [],
  propsHome: [],
});

async function mark() {
  const rowId = `k-${serial++}`;
  await ask('POST', `/api/classes/${place.next}/marks`, {
    id: randomUUID(),
    personId: place.who,
    rowId,
    mark: 'did',
    atMs: 1_000,
  });
  acknowledged.marks.push(rowId);
}

let nextSeq = 1;
const STATE = {
  rowIndex: 0,
  phase: 'setUp',
  running: false,
  offsetMs: 0,
  anchorMs: 0,
  edits: [],
  ahead: 0,
  changes: [],
  ways: [],
};
async function note() {
  const words = `n-${serial++}`;
  const firstSeq = nextSeq;
  // Whether it is acknowledged or not, the number is used up: a page that sent it would send it again.
  nextSeq += 1;
  await ask('POST', `/api/classes/${place.next}/events`, {
    firstSeq,
    events: [{ kind: 'note', rowId: null, atMs: 1_000, personId: place.who, words }],
    state: STATE,
  });
  acknowledged.notes.push(words);
}

/** Whether somebody can be written up in a class. */
const cameTo = (over, who) =>
  ask('PUT', `/api/classes/${over}/wrap-up`, wrapUpOf(who, '')).then(
    () => true,
    () => false,
  );

async function writeUp() {
  const notes = `w-${serial++}`;
  await ask('PUT', `/api/classes/${place.over}/wrap-up`, wrapUpOf(place.who, notes));
  acknowledged.wrapUp = notes;
}

function wrapUpOf(personId, notes) {
  return {
    people: [
      {
        personId,
        present: true,
        painBeforeLeft: null,
        painBeforeRight: null,
        painAfterLeft: null,
        painAfterRight: null,
        effort: 3,
        enjoyed: null,
        adapted: '',
        notes,
      },
    ],
    notes: '',
  };
}

async function bringMeasures() {
  const value = 10 + (serial++ % 400) / 10;
  const { firstName, initial } = place.held.person;
  const day = new Date(Date.UTC(2020, 0, 1) + (serial % 2_000) * 86_400_000).toISOString().slice(0, 10);
  await ask('POST', '/api/files', {
    text: `first name,initial,day,measure,hand,value,unit\n${firstName},${initial},${day},grip,left,${value},kg\n`,
    day: '2026-12-02',
    startsAt: '10:30',
  });
  acknowledged.measures = [...acknowledged.measures.filter((m) => m.day !== day), { day, value }];
}

async function backUp() {
  await pause(Math.random() * 1_500);
  const { name } = await ask('POST', '/api/backups', {});
  acknowledged.backups.push(name);
}

async function lookForAll() {
  if (!place) return;
  const held = await everything(place.who);
  const missing = (what, wanted, there) => {
    const gone = wanted.filter((w) => !there.has(w));
    if (gone.length > 0) troubles.push(`${what} acknowledged and gone: ${gone.slice(0, 5).join(', ')}`);
  };
  missing('Marks', acknowledged.marks, new Set(held.marks.map((m) => m.row_id)));
  missing('Notes', acknowledged.notes, new Set(held.whileTeaching.map((e) => e.words)));
  missing(
    'Measures',
    acknowledged.measures.map((m) => m.day),
    new Set(held.person.measures.map((m) => m.on)),
  );
  // The last that was acknowledged, or one that was under way behind it.
  const told = held.attendance.map((a) => a.line.notes).filter((n) => /^w-/.test(n));
  const newest = (w) => Number(w.slice(2));
  if (acknowledged.wrapUp && !told.some((n) => newest(n) >= newest(acknowledged.wrapUp)))
    troubles.push(`The wrap-up acknowledged last is gone: ${acknowledged.wrapUp}`);
  const list = await (await fetch(`${url}/people`)).text();
  missing('People', acknowledged.people, new Set(list.match(/(?<=\/people\/)[0-9a-f-]{36}/g)));
  const backup = acknowledged.backups.at(-1);
  if (backup && !(await (await fetch(`${url}/backup`)).text()).includes(backup))
    troubles.push(`A backup acknowledged and gone: ${backup}`);
}

async function ask(method, path, body) {
  const answer = await fetch(`${url}${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  const reply = await answer.json();
  if (!answer.ok) {
    if (answer.status >= 500 || !refusals.has(reply.message)) console.log(path, answer.status, reply.message);
    refusals.add(reply.message);
    throw new Error(reply.message);
  }
  return reply;
}

function pause(ms) {
  return new Promise((resolve) => setTimeout(resolve, ms));
}

await main();
