// The example files in examples/ and the schemas in docs/schemas, from the demo at OSKIL_URL (default
// http://127.0.0.1:4820), freshly reset. The demo has no own movement: examples/own-movement.json is kept by hand.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { launchChromium } from './lib/chromium.mjs';

const base = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
const reply = async (path) => {
  // As one of the app's own pages would ask.
  const answer = await fetch(`${base}${path}`, { headers: { 'sec-fetch-site': 'same-origin' } });
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return answer;
};
const text = async (path) => (await reply(path)).text();
/** The first address of a kind on a page. */
const hrefOn = async (page, pattern) => {
  const [, href] = pattern.exec(await text(page)) ?? [];
  if (!href) throw new Error(`Nothing like ${pattern} on ${page}`);
  return href;
};

mkdirSync('examples', { recursive: true });
const term = await hrefOn('/terms', /href="\/terms\/([0-9a-f-]{36})"/);
const planned = await hrefOn('/', /href="\/classes\/([0-9a-f-]{36})"/);
const FILES = {
  'class-plan.json': `/files/out/plan/${planned}`,
  'term.json': `/files/out/term/${term}`,
  'people.csv': '/people/export',
  'measures.csv': '/files/out/measures.csv',
  'register.csv': '/files/out/register.csv',
  'marks.csv': '/files/out/marks.csv',
  'calendar.ics': '/files/out/calendar.ics',
  'count.vtt': `/files/out/count/${planned}`,
  'figure.svg': '/files/out/figure/thumb-to-tips',
  'cue-sheet.pdf': `/files/out/cue/${planned}?paper=A4`,
};
for (const [name, path] of Object.entries(FILES)) {
  writeFileSync(`examples/${name}`, Buffer.from(await (await reply(path)).arrayBuffer()));
  console.log(name);
}
writeFileSync('examples/clicks.wav', cutOut(await clicksOfClass(planned), 150, 20));
console.log('clicks.wav');
for (const kind of ['plan', 'term', 'movement']) {
  const schema = JSON.parse(await text(`/files/schemas/${kind}`));
  writeFileSync(`docs/schemas/${kind}-2.schema.json`, `${JSON.stringify(schema, null, 2)}\n`);
}

/** The click track of a class, which a page makes. */
async function clicksOfClass(id) {
  const browser = await launchChromium();
  const page = await browser.newPage();
  await page.goto(`${base}/files`);
  await page.getByLabel('Class').selectOption(id);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Clicks, WAV' }).click();
  const bytes = readFileSync(await (await coming).path());
  await browser.close();
  return bytes;
}

/** Some seconds of a sound, as a whole file again: the class itself would be many megabytes. */
function cutOut(wav, fromSeconds, seconds) {
  const [head, rate] = [44, wav.readUInt32LE(24)];
  const sound = wav.subarray(head + fromSeconds * rate, head + (fromSeconds + seconds) * rate);
  const cut = Buffer.concat([wav.subarray(0, head), sound]);
  cut.writeUInt32LE(cut.length - 8, 4);
  cut.writeUInt32LE(sound.length, 40);
  return cut;
}
