import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { PAPER_SIZES, PAPERS } from '@/core/paper/paper-size';
import { words, type Sheet } from '@/core/paper/sheet';
import { loadDemo } from '@/demo/load';
import type { Bytes } from '@/server/files/download-file';
import { writePdf } from '@/server/pdf/write-pdf';
import { fullName } from '@/core/people/person';
import { loadClassroom } from '@/server/classes/classroom';
import { makeCards, homeAfter } from '@/server/home/home';
import { keepSettings, settingsNow } from '@/server/shell/settings';
import { CATALOGUE } from '@/catalogue/movements';
import { laySheet } from '@/core/paper';
import { movementRows } from '@/core/plan';
import { paperFonts } from '@/server/pdf/fonts';
import { classSheetGiven, makeClassSheet } from '@/server/sheets/class-sheet';
import { isPaperKind, paperFile } from '@/server/sheets/paper-file';
import { listClasses } from '@/store/classes';
import { listPeople } from '@/store/people';
import { databaseForFile } from './fresh';

type ReadPage = {
  readonly width: number;
  readonly height: number;
  readonly text: string;
  readonly roles: readonly string[];
  readonly alts: readonly string[];
  readonly paths: number;
  readonly images: number;
};
type ReadPdf = {
  readonly title: string;
  readonly language: string;
  readonly marked: boolean;
  readonly pages: readonly ReadPage[];
};

/** A thread of its own, for all files: the reader comes as modules only. */
const reader = new Worker(join(__dirname, 'read-pdf.mjs'));
afterAll(() => reader.terminate());

async function read(pdf: Bytes): Promise<ReadPdf> {
  reader.postMessage(pdf);
  const [found] = (await once(reader, 'message')) as [ReadPdf];
  return found;
}

const db = databaseForFile();
const TODAY = '2026-11-24';

beforeAll(async () => {
  await loadDemo(db, TODAY, randomUUID);
});

const pdfOf = async (kind: string, id: string, paper: string | null = null) => {
  if (!isPaperKind(kind)) throw new Error(kind);
  const file = await paperFile(db, kind, id, paper);
  if (!file.ok) throw new Error(file.message);
  return { name: file.value.name, bytes: file.value.body, read: await read(file.value.body) };
};
const planned = async () =>
  (await listClasses(db)).find((c) => c.name === 'Wednesday Hands' && c.status === 'planned')!;

test('the cue sheet is in print of 11 pt, with a picture of each movement and what is done', async () => {
  const { id } = await planned();
  const given = (await classSheetGiven(db, id, 'cue'))!;
  const sheet = makeClassSheet(given);
  const laid = laySheet(sheet, 'A4', (await paperFonts()).measure);
  expect(laid.size).toBeGreaterThanOrEqual(11);
  const { read: pdf, name } = await pdfOf('cue', id, 'A4');
  expect(name).toBe('wednesday-hands-week-4-cue-sheet.pdf');
  expect(pdf.pages.length).toBe(laid.pages.length);
  const plan = given.room.stored.history.plan;
  const movements = movementRows(plan).map((r) => CATALOGUE.movement(r.movementId)!);
  const alts = pdf.pages.flatMap((p) => p.alts);
  const text = pdf.pages.map((p) => p.text).join(' ');
  for (const { name: called, what } of movements) {
    const first = what.split(/(?<=\.)\s/)[0]!;
    expect([called, alts.includes(first)]).toEqual([called, true]);
    expect(text).toContain(called.split(' ')[0]);
  }
});

test.each(PAPERS)(
  'the short cue sheet is two sides of %s, and another reader finds all of it',
  async (paper) => {
    const { read: pdf, bytes, name } = await pdfOf('brief', (await planned()).id, paper);
    expect(name).toBe('wednesday-hands-week-4-cue-sheet-on-two-sides.pdf');
    expect(pdf).toMatchObject({
      title: 'Wednesday Hands, week 4: Cue sheet on two sides',
      language: 'en-GB',
      marked: true,
    });
    expect(pdf.pages.length).toBe(2);
    for (const page of pdf.pages) {
      expect([page.width, page.height]).toEqual([...PAPER_SIZES[paper]]);
      // Cords are drawn, not pictures of them.
      expect(page.images).toBe(0);
      expect(page.paths).toBeGreaterThan(50);
    }
    const text = pdf.pages.map((p) => p.text).join(' ');
    for (const said of ['Ball squeeze', 'hand out foam balls', '6 times palm down', 'Odile', 'Ferran R'])
      expect(text).toContain(said);
    const roles = new Set(pdf.pages.flatMap((p) => p.roles));
    for (const role of ['Document', 'H1', 'P', 'Table', 'TR', 'TH', 'TD', 'Figure'])
      expect(roles).toContain(role);
    expect(pdf.pages.flatMap((p) => p.alts)).toContainEqual(expect.stringMatching(/5 breaths/));
    expect(Buffer.from(bytes).toString('latin1')).toMatch(/AtkinsonHyperlegibleNext/);
    expect(Buffer.from(bytes).toString('latin1')).toMatch(/\/FontFile2/);
  },
);

test('with what everyone may do instead the cue sheet takes as many sides as it says, and no more', async () => {
  const { read: pdf } = await pdfOf('ways', (await planned()).id);
  const text = pdf.pages.map((p) => p.text).join(' ');
  expect(text).toContain('Ball squeeze');
  expect(text.match(/Easier: /g)!.length).toBeGreaterThan(15);
  expect(pdf.pages.length).toBeLessThanOrEqual(4);
});

test('the paper of Settings is taken where none is asked for', async () => {
  const { id } = await planned();
  const before = await settingsNow(db);
  await keepSettings(db, { ...before, paper: 'Letter' });
  expect((await pdfOf('kit', id)).read.pages[0]).toMatchObject({ width: 612, height: 792 });
  expect((await pdfOf('kit', id, 'A4')).read.pages[0]).toMatchObject({ width: 595.28 });
  expect((await pdfOf('kit', id, 'Foolscap')).read.pages[0]).toMatchObject({ width: 612 });
  await keepSettings(db, before);
});

test('what others see has no names; the register has all', async () => {
  const { id } = await planned();
  const names = (await listPeople(db)).map((p) => p.firstName);
  for (const kind of ['short', 'group', 'kit', 'safety']) {
    const { read: pdf } = await pdfOf(kind, id);
    const text = pdf.pages.map((p) => p.text).join(' ');
    for (const name of names) expect(text).not.toContain(name);
  }
  const register = (await pdfOf('register', id)).read;
  expect(register.pages.length).toBe(1);
  for (const p of (await loadClassroom(db, id))!.people)
    expect(register.pages[0]!.text).toContain(fullName(p));
  for (const head of ['Came', 'Effort', 'What was adapted']) expect(register.pages[0]!.text).toContain(head);
});

test('home cards: one side each, a figure each thing, the days to tick', async () => {
  const taught = (await listClasses(db)).find((c) => c.name === 'Wednesday Hands' && c.week === 3)!;
  const home = (await homeAfter(db, taught.id))!;
  const fit = home.people.filter((p) => p.choice.fit.length >= 2).slice(0, 3);
  const cards = fit.map((p) => ({
    personId: p.person.id,
    rowIds: p.choice.fit.slice(0, 4).map((i) => i.row.id),
    timesADay: 3,
  }));
  expect(await makeCards(db, taught.id, { cards })).toMatchObject({ ok: true });
  for (const paper of PAPERS) {
    const { read: pdf } = await pdfOf('cards', taught.id, paper);
    expect(pdf.pages.length).toBe(3);
    for (const page of pdf.pages) {
      expect(page.text).toContain('At home');
      expect(page.text).toMatch(/Thu 19/);
      expect(page.roles.filter((r) => r === 'Figure').length).toBeGreaterThan(1);
    }
  }
});

test('a person’s summary, and a host’s without names', async () => {
  const person = (await listPeople(db)).find((p) => p.firstName === 'Esi')!;
  const text = (await pdfOf('person', person.id)).read.pages.map((p) => p.text).join(' ');
  expect(text).toContain('Esi O');
  expect(text).toMatch(/Grip, left/);
  expect(text).toMatch(/not a diagnosis/);
  for (const condition of person.conditions) expect(text).not.toContain(condition.conditionId);
  expect(await paperFile(db, 'host', person.id, null)).toMatchObject({ ok: false });
});

test('letters of other scripts are printed; what no font has is owned up to', async () => {
  const sheet = (text: string): Sheet => ({
    title: 'Register',
    line: '',
    blocks: [words(text)],
    print: 'normal',
    sides: null,
  });
  const text = async (said: string) => (await read(await writePdf('T', [sheet(said)], 'A4'))).pages[0]!.text;
  expect((await text('Łucja Ż, Ελένη Π, Фёдор К')).replace(/\s+/g, '')).toContain('ŁucjaŻ,ΕλένηΠ,ФёдорК');
  expect(await text('Łucja Ż')).not.toContain('no print for');
  expect(await text('李 L')).toContain('no print for');
});

test('there is nothing to print of what is not there', async () => {
  const nobody = '00000000-0000-4000-8000-000000000000';
  for (const kind of ['cue', 'cards', 'person', 'host'] as const)
    expect(await paperFile(db, kind, nobody, null)).toMatchObject({ ok: false, code: 'not-found' });
  expect(await paperFile(db, 'cue', 'nonsense', null)).toMatchObject({ ok: false });
  expect(isPaperKind('constructor')).toBe(false);
});
