import { readFileSync } from 'node:fs';
import { makeClass } from './steps';
import { expect, test, type Page } from '@playwright/test';
import { noFaults } from './axe';

const choose = (page: Page, name: string, text: string) =>
  page
    .getByRole('region', { name: 'Bring in' })
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
const preview = (page: Page) => page.getByRole('region', { name: 'Preview' });

test('a plan is looked at, accepted as a class of its own, and goes out again as it came', async ({
  page,
}) => {
  await page.goto('/files');
  const file = JSON.parse(readFileSync('examples/class-plan.json', 'utf8')) as Record<string, unknown>;
  await choose(page, 'plan.json', JSON.stringify({ ...file, name: 'From a file', composer: 'Pim' }));
  await expect(preview(page)).toContainText('A class plan: From a file');
  await expect(preview(page)).toContainText('1 field is not known here');
  await expect(preview(page).getByRole('listitem').filter({ hasText: 'Ball squeeze, 6' })).toBeVisible();
  await noFaults(page);
  await page.getByLabel('Day of the class').fill('2027-03-03');
  await page.getByRole('button', { name: 'Accept plan.json' }).click();
  await expect(page.getByRole('heading', { name: 'From a file, week 1' })).toBeVisible();
  const id = new URL(page.url()).pathname.split('/').at(-1)!;
  const out = await page.evaluate(
    async (classId) => (await (await fetch(`/files/out/plan/${classId}`)).json()) as Record<string, unknown>,
    id,
  );
  expect(out).toMatchObject({ oskil: 'plan', name: 'From a file', composer: 'Pim' });
  expect(out.plan).toEqual(file.plan);
});

test('what cannot be read is said in a sentence, and nothing is kept', async ({ page }) => {
  await page.goto('/files');
  const trouble = page.getByRole('alert').filter({ hasText: /\w/ });
  for (const [name, text, words] of [
    ['a.json', '{"oskil":"plan",\n oops', /a\.json: This is not readable JSON/],
    ['b.json', '{"oskil":"plan","version":9}', /written by a newer Oskil \(version 9, this one knows 3\)/],
    ['c.ics', 'BEGIN:VCALENDAR', /A calendar can be taken out of Oskil but not brought in/],
    ['d.txt', '', /This file is empty/],
  ] as const) {
    await choose(page, name, text);
    await expect(trouble).toContainText(words);
    await expect(preview(page)).toHaveCount(0);
  }
  const plan = readFileSync('examples/class-plan.json', 'utf8').replaceAll('"ball-squeeze"', '"somersault"');
  await choose(page, 'strange.json', plan);
  await expect(preview(page).getByRole('alert')).toContainText('somersault');
  await page.getByRole('button', { name: 'Accept strange.json' }).click();
  await expect(trouble.filter({ hasText: 'Nothing was brought in' })).toBeVisible();
  await expect(preview(page)).toBeVisible();
});

test('measures: lines with problems first, and only whole ones of people on the list are kept', async ({
  page,
}) => {
  await page.goto('/files');
  const heads = 'first name,initial,day,measure,hand,value,unit';
  await choose(
    page,
    'm.csv',
    `${heads}\nLorna,V,2026-11-20,opposition,left,8,of 10\nLorna,V,2026-11-20,grip,left,44,lb\nZoe,Z,2026-11-20,grip,left,20,kg\n`,
  );
  await expect(preview(page)).toContainText('3 lines: 1 can be kept, 2 cannot.');
  await expect(preview(page).getByRole('row').nth(1)).toContainText('unit: grip is in kg');
  await expect(preview(page).getByRole('row').nth(2)).toContainText('nobody of this name is on the list');
  await page.getByRole('button', { name: 'Accept m.csv' }).click();
  await expect(page.getByText('1 measure of 1 person kept')).toBeVisible();
  await page.getByRole('link', { name: 'Lorna V' }).click();
  await expect(page.getByText('Measured thumb opposition, left: 8 of 10')).toBeVisible();
});

test('a file dropped on any page is opened for a look; people go to their own page', async ({ page }) => {
  const drop = async (name: string, text: string) => {
    const data = await page.evaluateHandle(
      ([fileName, body]) => {
        const transfer = new DataTransfer();
        transfer.items.add(new File([body!], fileName!));
        return transfer;
      },
      [name, text] as const,
    );
    // The page may be there before it listens.
    await expect(async () => {
      await page.dispatchEvent('main', 'dragover', { dataTransfer: data });
      await expect(page.getByText('Drop the file to look at it')).toBeVisible({ timeout: 500 });
    }).toPass();
    await page.dispatchEvent('main', 'drop', { dataTransfer: data });
  };
  await page.goto('/movements');
  await expect(page.getByRole('heading', { name: 'Movements', exact: true })).toBeVisible();
  await drop('own.json', readFileSync('examples/own-movement.json', 'utf8'));
  await expect(preview(page)).toContainText('A movement: Sea star');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(preview(page)).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await drop('list.csv', 'first name,initial\nYrsa,K\n');
  await expect(page).toHaveURL(/\/people\/import$/);
  await expect(preview(page)).toContainText('1 row: 1 can be kept');
});

test('a register is shown line by line with what is wrong, and what can be kept is kept', async ({
  page,
  request,
}) => {
  const headers = { 'sec-fetch-site': 'same-origin' };
  const text = await (await request.get('/files/out/register.csv', { headers })).text();
  const [heads, first] = text.replace('\uFEFF', '').split('\r\n');
  await page.goto('/files');
  await choose(
    page,
    'r.csv',
    [
      heads,
      first,
      '2026-11-18,Wednesday Hands,Zoe,Z,yes,,,,,,,,',
      '2026-01-01,Morning,Ansel,B,yes,,,,,,,,',
    ].join('\n'),
  );
  await expect(preview(page)).toContainText('3 lines: 1 can be kept, 2 cannot.');
  await expect(preview(page).getByRole('row').nth(1)).toContainText('nobody of this name is on the list');
  await expect(preview(page).getByRole('row').nth(2)).toContainText(
    'no class of this name was taught on that day',
  );
  await page.getByRole('button', { name: 'Accept r.csv' }).click();
  await expect(page.getByText('1 line kept in 1 class')).toBeVisible();
});

test('a calendar and a click track are taken out', async ({ page }) => {
  await page.goto('/files');
  const ics = page.waitForEvent('download');
  await page.getByRole('link', { name: 'ICS' }).click();
  expect((await ics).suggestedFilename()).toBe('oskil-classes.ics');
  const wav = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Clicks, WAV' }).click();
  const track = await wav;
  expect(track.suggestedFilename()).toMatch(/^clicks-.*\.wav$/);
  const bytes = readFileSync((await track.path())!);
  expect(bytes.subarray(0, 4).toString()).toBe('RIFF');
  expect(bytes.length).toBeGreaterThan(1_000_000);
});

test('a class is taken along as one sound file with its voice', async ({ page }) => {
  await makeClass(page, 'Short class', [
    ['Wrist bends up and down', { count: { mode: 'reps', reps: 4, tempoMs: 3_000 } }],
  ]);
  const id = page.url().split('/').at(-1)!;
  await page.goto('/files');
  await page.getByLabel('Class', { exact: true }).selectOption(id);
  const wav = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Spoken count, WAV' }).click();
  const file = await wav;
  expect(file.suggestedFilename()).toMatch(/^count-short-class-.*\.wav$/);
  const sound = readFileSync((await file.path())!).subarray(58);
  // Nothing but the ear tells what is said; that it is not silent, and not everywhere loud, can be told here.
  const loud = sound.filter((byte) => Math.abs((byte & 0x7f) - 0x7f) > 40).length / sound.length;
  expect(loud).toBeGreaterThan(0.05);
  expect(loud).toBeLessThan(0.9);
});
