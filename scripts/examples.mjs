// The example files in examples/ and the schemas in docs/schemas, from the demo at OSKIL_URL (default
// http://127.0.0.1:4820), freshly reset. The demo has no own movement: examples/own-movement.json is kept by hand.
import { mkdirSync, writeFileSync } from 'node:fs';

const base = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
const text = async (path) => {
  // As one of the app's own pages would ask.
  const reply = await fetch(`${base}${path}`, { headers: { 'sec-fetch-site': 'same-origin' } });
  if (!reply.ok) throw new Error(`${path}: ${reply.status}`);
  return reply.text();
};
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
};
for (const [name, path] of Object.entries(FILES)) {
  writeFileSync(`examples/${name}`, await text(path));
  console.log(name);
}
for (const kind of ['plan', 'term', 'movement']) {
  const schema = JSON.parse(await text(`/files/schemas/${kind}`));
  writeFileSync(`docs/schemas/${kind}-1.schema.json`, `${JSON.stringify(schema, null, 2)}\n`);
}
