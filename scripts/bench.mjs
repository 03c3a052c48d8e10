// Speed, reported and never asserted: the core in Node, then the figure and the shelf in Chromium.
import { launchChromium } from './lib/chromium.mjs';
import { ensureBuilt, ensureInstalled, run } from './lib/prepare.mjs';
import { startScratchDemo } from './lib/scratch-server.mjs';

const SECONDS = 6;
/** A class as the routes take one. */
const DETAILS = { name: '', place: '', day: '2031-01-01', startsAt: '10:00', slotMinutes: 60 };
const kb = (bytes) => `${Math.round(bytes / 1024)} kB`;

const PARTS = {
  figure: drawFigure,
  loading: dragBench,
  room: followInRoom,
  sound: listen,
  movements: weigh,
  planning: planClasses,
  load: pagesBeside,
};
/** One part by its name, or all. */
const only = process.argv[2];
if (only && only !== 'core' && !Object.hasOwn(PARTS, only)) {
  console.error(`There is no part "${only}". There are: core, ${Object.keys(PARTS).join(', ')}.`);
  process.exit(1);
}

ensureInstalled();
if (!only || only === 'core') {
  console.log('Core');
  run('npm', ['run', '-s', 'unit', '--', '--config', 'jest.bench.config.mjs', '--silent=false']);
}
if (only === 'core') process.exit(0);
ensureBuilt();
const { url, started, stop } = await startScratchDemo();
try {
  if (started) await inChromium();
} finally {
  await stop();
}

async function inChromium() {
  const browser = await launchChromium();
  try {
    for (const [name, part] of Object.entries(PARTS)) {
      if (only && only !== name) continue;
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
      await part(await context.newPage());
      await context.close();
    }
  } finally {
    await browser.close();
  }
}

/** Pages, while twenty drafts and twenty PDFs are asked for at the same moment. */
async function pagesBeside() {
  console.log('Pages beside 20 drafts and 20 PDFs');
  const own = { 'sec-fetch-site': 'same-origin', 'content-type': 'application/json' };
  const [, id] = /\/classes\/([0-9a-f-]{36})/.exec(await (await fetch(`${url}/classes`)).text());
  const body = JSON.stringify({ people: [], day: '2026-11-25', slotMinutes: 45, lengthMinutes: 45 });
  const timed = async (asked) => {
    const from = performance.now();
    const answer = await asked();
    await answer.arrayBuffer();
    return { ms: Math.round(performance.now() - from), status: answer.status };
  };
  // Each once before, as whoever uses them has.
  const pages = ['/', '/people', '/classes', '/settings'];
  for (const path of pages) await timed(() => fetch(`${url}${path}`));
  const one = (i) =>
    timed(() =>
      i % 2 === 0
        ? fetch(`${url}/api/v1/draft`, { method: 'POST', headers: own, body })
        : fetch(`${url}/files/out/cue/${id}`, { headers: own }),
    );
  await Promise.all([one(0), one(1)]);
  const heavy = Array.from({ length: 40 }, (_, i) => one(i));
  const beside = [];
  for (let i = 0; i < 20; i++) beside.push((await timed(() => fetch(`${url}${pages[i % pages.length]}`))).ms);
  const answers = await Promise.all(heavy);
  const count = (status) => answers.filter((a) => a.status === status).length;
  console.log(
    `  the slowest of 20 pages ${Math.max(...beside)} ms, the middle one ${beside.sort((a, b) => a - b)[10]} ms`,
  );
  console.log(`  ${count(200)} answered, ${count(429)} told when to come again`);
}

async function drawFigure(page) {
  console.log('Figure, two hands with a small person, or a person, full screen');
  for (const id of ['wrist-circles-air', 'clasped-circles', 'arms-with-breath', 'lean-circles']) {
    await page.goto(`${url}/movements/${id}`);
    await page.getByRole('button', { name: 'Full screen' }).click();
    await page.waitForTimeout(3_000);
    const { fps, p95, height } = await page.evaluate(frames, SECONDS);
    console.log(`  ${id}: ${fps} frames a second, p95 ${p95} ms between frames, ${height} px high`);
  }
}

/** JSON to a route of the app, from outside the page; throws where it is refused. */
async function send(method, path, body) {
  const headers = { 'content-type': 'application/json' };
  const reply = await fetch(`${url}${path}`, {
    method,
    headers,
    ...(body && { body: JSON.stringify(body) }),
  });
  const text = await reply.text();
  if (!reply.ok) throw new Error(`${method} ${path}: ${text}`);
  return JSON.parse(text);
}

/** The demo's first Wednesday class, and its plan. */
async function demoClass(page) {
  await page.goto(`${url}/classes`);
  const link = page.getByRole('link', { name: /Wednesday/ }).last();
  return /[0-9a-f-]{36}/.exec(await link.getAttribute('href'))[0];
}
async function demoPlan(page) {
  return (await send('GET', `/api/classes/${await demoClass(page)}/plan`)).plan;
}

function addRow(classId, version, sectionId, row) {
  const step = { type: 'insertRow', sectionId, index: 60, row };
  return send('POST', `/api/classes/${classId}/plan`, { type: 'edit', version, label: 'Add', step });
}

/** Row after row is taken up on the instructor's screen; how long until the room window shows its name. */
async function followInRoom(page) {
  console.log('Room screen, from the key to the new name');
  const room = await page.context().newPage();
  await room.goto(`${url}/room`);
  await page.goto(`${url}/classes/${await demoClass(page)}/rehearse`);
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await room.locator('h1').waitFor();
  const took = [];
  for (let i = 0; i < 22; i++) {
    const shown = room.evaluate(
      () =>
        new Promise((resolve) => {
          const before = document.querySelector('h1')?.textContent;
          const watch = new MutationObserver(() => {
            if (document.querySelector('h1')?.textContent === before) return;
            watch.disconnect();
            resolve(Date.now());
          });
          watch.observe(document.body, { subtree: true, childList: true, characterData: true });
        }),
    );
    await room.waitForTimeout(150);
    const pressed = await page.evaluate(() => {
      const at = Date.now();
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
      return at;
    });
    took.push((await shown) - pressed);
  }
  // The first two warm up and are not counted, as elsewhere.
  const counted = took.slice(2).sort((a, b) => a - b);
  console.log(`  median ${counted[10]} ms, slowest ${counted.at(-1)} ms (in order: ${took.join(', ')})`);
  await room.close();
}

/** A long count is taught while the page is kept busy; when each click sounds is read where it is asked for. */
async function listen(page) {
  const minutes = Number(process.env.OSKIL_BENCH_MINUTES ?? 1);
  console.log('Count on the audio clock, the page busy 300 ms in every 2 s');
  await page.addInitScript(() => {
    const heard = [];
    Object.assign(window, { heard });
    const real = AudioScheduledSourceNode.prototype.start;
    AudioScheduledSourceNode.prototype.start = function (when = 0) {
      heard.push({ at: when, asked: this.context.currentTime, pageMs: performance.now() });
      return real.call(this, when);
    };
  });
  const id = await makeCount(page, minutes * 60);
  await page.goto(`${url}/classes/${id}/teach`);
  await page.getByRole('button', { name: 'Start the class' }).click();
  await page.getByRole('button', { name: 'Start the count' }).click();
  await page.evaluate(() => {
    setInterval(() => {
      const until = performance.now() + 300;
      while (performance.now() < until);
    }, 2_000);
  });
  await page.waitForTimeout(minutes * 60_000);
  const { beats, jitter, late, drift } = await page.evaluate(countHeard);
  console.log(
    `  ${minutes} minutes, ${beats} beats: ${jitter} ms standard deviation between beats, ${late} late, ${drift} ms off the class clock at the end`,
  );
}

/** One row of repetitions, two seconds each, for so long. */
async function makeCount(page, seconds) {
  const { id } = await send('POST', '/api/classes', { ...DETAILS, name: 'Long count', slotMinutes: 120 });
  const taken = await demoPlan(page);
  const row = taken.sections.flatMap((s) => s.rows).find((r) => r.movementId === 'open-close');
  const reps = Math.min(100, Math.round(seconds / 2));
  const count = { mode: 'reps', reps, tempoMs: Math.round((seconds * 1_000) / reps) };
  const dose = { ...row.dose, count, sides: 'both', passes: [], sets: 1, fewest: 1, most: 100 };
  await addRow(id, 0, 'move', { ...row, id: 'long', dose });
  return id;
}

function countHeard() {
  // Three of the count-in, at its own tempo, and then the count.
  const heard = window.heard.slice(3);
  const gaps = heard.slice(1).map((h, i) => h.at - heard[i].at);
  const mean = gaps.reduce((a, b) => a + b, 0) / gaps.length;
  const spread = Math.sqrt(gaps.reduce((n, g) => n + (g - mean) ** 2, 0) / gaps.length);
  return {
    beats: heard.length,
    jitter: (spread * 1_000).toFixed(2),
    late: heard.filter((h) => h.at < h.asked - 0.02).length,
    drift: ((mean * 1_000 - Math.round(mean * 1_000)) * gaps.length).toFixed(1),
  };
}

/** The handle goes up and down under the pointer while frames are counted. */
async function dragBench(page) {
  console.log('Loading bench, its handle dragged');
  await page.goto(`${url}/loading`);
  await page.getByRole('button', { name: /^A lean on a worktop/ }).click();
  const box = await page.locator('svg[role=img] circle').boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const counted = page.evaluate(frames, SECONDS);
  const until = Date.now() + SECONDS * 1_000;
  for (let i = 0; Date.now() < until; i++) await page.mouse.move(x, y + 60 * (1 + Math.sin(i / 12)) - 20);
  await page.mouse.up();
  const { fps, p95 } = await counted;
  console.log(`  ${fps} frames a second, p95 ${p95} ms between frames`);
}

async function planClasses(page) {
  console.log('Planning');
  await plan(page, 20, 54);
  await plan(page, 40, 60);
}

/** A class of so many people and rows made through the routes; then beads are put on, and the page is watched. */
async function plan(page, people, rows) {
  const id = await makeClass(page, people, rows);
  await page.goto(`${url}/classes/${id}`);
  await page.getByRole('region', { name: 'Time', exact: true }).waitFor();
  await page.waitForTimeout(2_000);
  const edit = await page.evaluate(watched, { until: 'clock', times: 12 });
  await page.getByRole('button', { name: 'View' }).click();
  await page.getByLabel('Traces').click();
  await page.keyboard.press('Escape');
  await page.waitForTimeout(1_000);
  const traces = await page.evaluate(watched, { until: 'traces', times: 12 });
  console.log(
    `  ${people} people, ${rows} rows: clock and findings ${edit} after an edit, traces ${traces}; medians`,
  );
}

async function makeClass(page, people, rows) {
  const taken = await demoPlan(page);
  const personIds = [];
  for (let i = 0; i < people; i++) {
    const conditions = [
      ['hand-oa', 'R'],
      ['thumb-base', 'both'],
      ['tremor', 'none'],
      ['osteoporosis', 'none'],
    ];
    const [conditionId, side] = conditions[i % conditions.length];
    const condition = { conditionId, side, state: i % 3 ? 'settled' : 'sore', since: null, spots: [] };
    const fields = {
      firstName: `Person ${i}`,
      initial: 'X',
      dominantHand: 'R',
      screened: true,
      assistance: 0,
    };
    const lists = { positions: ['chair', 'table'], propsOut: [], measures: [], clearances: [] };
    const made = await send('POST', '/api/people', {
      ...fields,
      ...lists,
      wantedTask: '',
      notes: '',
      conditions: i % 2 ? [condition] : [],
    });
    personIds.push(made.id);
  }
  const { id } = await send('POST', '/api/classes', { ...DETAILS, name: `Bench ${people}` });
  await send('PUT', `/api/classes/${id}/roster`, { personIds, helpers: [] });
  const all = taken.sections.flatMap((section) => section.rows.map((row) => ({ section: section.id, row })));
  for (let i = 0; i < rows; i++) {
    const { section, row } = all[i % all.length];
    await addRow(id, i, section, { ...row, id: `${row.id}-${i}` });
  }
  return id;
}

/**
 * In the page: put a bead on, take it off, and each time wait until what is watched has changed, and until the frame with it has been
 * drawn. Medians of both, ms.
 */
async function watched({ until, times }) {
  const seen = () =>
    until === 'clock'
      ? document.querySelector('section[aria-label=Time] strong').textContent
      : [...document.querySelectorAll('tr[id^=row-] polyline')].map((e) => e.getAttribute('points')).join();
  const ends = (word) =>
    [...document.querySelectorAll(`button[aria-label^="${word} of"]`)].find((b) =>
      /squeeze|wring|fists/i.test(b.ariaLabel),
    );
  const title = [...document.querySelectorAll('button[data-row]')].find((b) =>
    /squeeze/i.test(b.textContent),
  );
  title.scrollIntoView({ block: 'center' });
  await new Promise((resolve) => setTimeout(resolve, 800));
  const [changed, drawn] = [[], []];
  for (let i = 0; i < times; i++) {
    const before = seen();
    const start = performance.now();
    await new Promise((resolve) => {
      const watch = new MutationObserver(() => seen() !== before && end());
      const end = () => {
        watch.disconnect();
        resolve();
      };
      watch.observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
      setTimeout(end, 5_000);
      ends(i % 2 ? 'One less' : 'One more').click();
    });
    changed.push(performance.now() - start);
    await new Promise((resolve) =>
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = resolve;
        port2.postMessage(null);
      }),
    );
    drawn.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 400));
  }
  const median = (all) => Math.round(all.sort((a, b) => a - b)[times >> 1]);
  return `${median(changed)} ms (${median(drawn)} drawn)`;
}

/** In the page: count frames for some seconds. */
function frames(seconds) {
  const gaps = [];
  const tall = [...document.querySelectorAll('[role=dialog] svg[role=img]')].map((svg) =>
    Math.round(svg.getBoundingClientRect().height),
  );
  return new Promise((resolve) => {
    let last = performance.now();
    const first = last;
    const tick = (now) => {
      gaps.push(now - last);
      last = now;
      if (now - first < seconds * 1000) requestAnimationFrame(tick);
      else {
        gaps.sort((a, b) => a - b);
        resolve({
          fps: ((gaps.length * 1000) / (now - first)).toFixed(1),
          p95: gaps[Math.floor(gaps.length * 0.95)].toFixed(1),
          height: Math.max(...tall),
        });
      }
    };
    requestAnimationFrame(tick);
  });
}

async function weigh(page) {
  console.log('Movements page');
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.setCacheDisabled', { cacheDisabled: true });
  const kinds = {};
  const kindOf = new Map();
  session.on('Network.responseReceived', ({ requestId, type }) => kindOf.set(requestId, type));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const kind = kindOf.get(requestId) ?? 'Other';
    kinds[kind] = (kinds[kind] ?? 0) + encodedDataLength;
  });
  await page.goto(`${url}/movements`, { waitUntil: 'networkidle' });
  const total = Object.values(kinds).reduce((a, b) => a + b, 0);
  const each = Object.entries(kinds).map(([kind, bytes]) => `${kind.toLowerCase()} ${kb(bytes)}`);
  console.log(`  ${kb(total)} on the wire: ${each.join(', ')}`);
  const nodes = await page.evaluate(() => document.querySelectorAll('svg path').length);
  console.log(`  ${nodes} paths drawn at the top of the page`);
  const idle = await page.evaluate(
    () =>
      new Promise((resolve) => {
        let changes = 0;
        const watcher = new MutationObserver((list) => (changes += list.length));
        watcher.observe(document.body, { subtree: true, childList: true, attributes: true });
        setTimeout(() => resolve(changes), 2_000);
      }),
  );
  console.log(`  ${idle} changes of the page in two idle seconds`);
}
