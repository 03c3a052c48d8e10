// What is written against a running Oskil to see whether it is still there after a fault, and the looking.
import { randomUUID } from 'node:crypto';

/** Writers of every kind against an address; what was acknowledged, and what of it is not there any more. */
export function workAt(url) {
  /** What was acknowledged, by kind. */
  const acknowledged = { people: [], marks: [], notes: [], wrapUp: null, measures: [], backups: [] };
  let place = null;
  let serial = 0;
  let count = 0;
  const refusals = new Set();

  /** Write with everything at once until `isOver`; what is not acknowledged may be there or not. */
  async function work(isOver) {
    place ??= await begun();
    const write = async (one) => {
      while (!isOver()) {
        try {
          const keep = await one();
          // What is answered after the fault began was not acknowledged before it.
          if (!isOver()) {
            keep();
            count += 1;
          }
          await pause(10);
        } catch {
          await pause(20);
        }
      }
    };
    await Promise.all([addPerson, mark, note, writeUp, bringMeasures, backUp].map(write));
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
    return () => acknowledged.people.push(made.id);
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
    return () => acknowledged.marks.push(rowId);
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
    return () => acknowledged.notes.push(words);
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
    return () => (acknowledged.wrapUp = notes);
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
    return () =>
      (acknowledged.measures = [...acknowledged.measures.filter((m) => m.day !== day), { day, value }]);
  }

  async function backUp() {
    await pause(Math.random() * 1_500);
    const { name } = await ask('POST', '/api/backups', {});
    return () => acknowledged.backups.push(name);
  }

  /** Sentences about what was acknowledged and is gone; none when all is there. */
  async function missing() {
    if (!place) return [];
    const troubles = [];
    const held = await everything(place.who);
    const look = (what, wanted, there) => {
      const gone = wanted.filter((w) => !there.has(w));
      if (gone.length > 0) troubles.push(`${what} acknowledged and gone: ${gone.slice(0, 5).join(', ')}`);
    };
    look('Marks', acknowledged.marks, new Set(held.marks.map((m) => m.row_id)));
    look('Notes', acknowledged.notes, new Set(held.whileTeaching.map((e) => e.words)));
    look(
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
    look('People', acknowledged.people, new Set(list.match(/(?<=\/people\/)[0-9a-f-]{36}/g)));
    const backup = acknowledged.backups.at(-1);
    if (backup && !(await (await fetch(`${url}/backup`)).text()).includes(backup))
      troubles.push(`A backup acknowledged and gone: ${backup}`);
    return troubles;
  }

  async function ask(method, path, body) {
    const answer = await fetch(`${url}${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const reply = await answer.json();
    if (!answer.ok) {
      if (answer.status >= 500 || !refusals.has(reply.message))
        console.log(path, answer.status, reply.message);
      refusals.add(reply.message);
      throw new Error(reply.message);
    }
    return reply;
  }

  return { work, missing, count: () => count };
}

function pause(ms) {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
