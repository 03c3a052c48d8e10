import { expect, test } from '@playwright/test';
import { send } from './own-server';
import { BLANK_PERSON, nothingTyped, openFriday } from './steps';

const base = () => process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
const GONE = '00000000-0000-4000-8000-00000000dead';
test('an empty and an over-long name are refused in words, and what was typed stays', async ({ page }) => {
  await nothingTyped(page, 'person.new');
  await page.goto('/people/new');
  await page.getByLabel('Would like to be able to').fill('open a jar');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('A first name or nickname is needed')).toBeVisible();
  const name = page.getByLabel('First name or nickname');
  await name.fill('x'.repeat(41));
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Keep the name under 40 characters')).toBeVisible();
  await expect(name).toHaveValue('x'.repeat(41));
  await expect(page.getByLabel('Would like to be able to')).toHaveValue('open a jar');
  await expect(name).toHaveAttribute('aria-invalid', 'true');
});

test('the same condition twice is refused by the server and nothing typed is lost', async ({ page }) => {
  await nothingTyped(page, 'person.new');
  await page.goto('/people/new');
  await page.getByLabel('First name or nickname').fill('Twice');
  for (const nth of [0, 1]) {
    await page.getByRole('button', { name: 'Add a condition' }).click();
    await page.getByLabel('Condition').nth(nth).selectOption({ label: 'Hand osteoarthritis' });
  }
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(
    page.getByRole('alert').filter({ hasText: 'Hand osteoarthritis is listed twice' }),
  ).toBeVisible();
  await expect(page.getByLabel('First name or nickname')).toHaveValue('Twice');
});

test('absurd doses are refused beside the field and the plan keeps the old one', async ({ page }) => {
  await openFriday(page);
  await page.getByRole('button', { name: 'Wrist bends up and down', exact: true }).click();
  const reps = page.getByLabel('Repetitions', { exact: true });
  for (const [typed, words] of [
    ['0', 'At least 1'],
    ['-3', 'At least 1'],
    ['2.5', 'A whole number is needed'],
    ['many', 'A number is needed'],
    ['5000', 'At most 100'],
  ] as const) {
    await reps.fill(typed);
    await reps.press('Enter');
    await expect(page.getByText(words, { exact: true })).toBeVisible();
    await expect(reps).toHaveValue(typed);
  }
  await reps.press('Escape');
  await expect(reps).toHaveValue('9');
  await page.getByLabel('Seconds each', { exact: true }).fill('10000');
  await expect(page.getByText('At most 60', { exact: true })).toBeVisible();
});

test('unknown and tampered addresses are a calm page, not a fault', async ({ page }) => {
  for (const path of [
    `/people/${GONE}`,
    '/people/1%27%20or%201=1',
    `/classes/${GONE}`,
    `/classes/nonsense/teach`,
  ]) {
    const response = await page.goto(path);
    expect(response!.status()).toBe(404);
    await expect(page.getByRole('heading', { name: 'That page is not here' })).toBeVisible();
  }
});

test.describe('the routes', () => {
  const cases: readonly [string, string, string, unknown, number, RegExp][] = [
    ['broken JSON', 'POST', '/api/people', '{"firstName": ', 400, /not readable JSON/],
    ['a name that is a number', 'POST', '/api/people', { ...BLANK_PERSON, firstName: 7 }, 400, /./],
    ['an unknown field', 'POST', '/api/people', { ...BLANK_PERSON, admin: true }, 400, /./],
    ['assistance 9', 'POST', '/api/people', { ...BLANK_PERSON, assistance: 9 }, 400, /Assistance is 0 to 3/],
    [
      'an unknown condition',
      'POST',
      '/api/people',
      {
        ...BLANK_PERSON,
        conditions: [{ conditionId: 'made-up', side: 'L', state: 'settled', since: null, spots: [] }],
      },
      400,
      /not in the list/,
    ],
    [
      'a clearance that ends before it starts',
      'POST',
      '/api/people',
      {
        ...BLANK_PERSON,
        clearances: [{ scope: 'hand', by: 'Dr A', on: '2026-11-02', until: '2026-11-01', what: '' }],
      },
      400,
      /end date is before the start/,
    ],
    ['a tampered id', 'PUT', '/api/people/1-or-1', BLANK_PERSON, 404, /no such person/],
    ['somebody gone', 'PUT', `/api/people/${GONE}`, BLANK_PERSON, 404, /no such person/],
    [
      'a class that is not there',
      'PUT',
      `/api/classes/${GONE}/roster`,
      { personIds: [], helpers: [] },
      404,
      /no such class/,
    ],
    [
      'a plan that is not there',
      'POST',
      `/api/classes/${GONE}/plan`,
      { type: 'undo', version: 0 },
      404,
      /no such class/,
    ],
    [
      'a slot of nought',
      'POST',
      '/api/classes',
      { name: 'A', place: '', day: '2026-11-25', startsAt: '10:30', slotMinutes: 0 },
      400,
      /at least 10 minutes/,
    ],
    [
      'a time that is no time',
      'POST',
      '/api/classes',
      { name: 'A', place: '', day: '2026-11-25', startsAt: '25:99', slotMinutes: 45 },
      400,
      /hours and minutes/,
    ],
    [
      'a mark in a class not begun',
      'POST',
      `/api/classes/${GONE}/marks`,
      { id: GONE, personId: GONE, rowId: 'r', mark: 'did', atMs: 0 },
      404,
      /not begun/,
    ],
    [
      'writing up a class not taught',
      'PUT',
      `/api/classes/${GONE}/wrap-up`,
      { people: [], notes: '' },
      404,
      /has been taught/,
    ],
  ];
  for (const [name, method, path, body, status, words] of cases)
    test(`${name} is refused with ${status} and a sentence`, async () => {
      const reply = await send(method, `${base()}${path}`, body);
      expect(reply.status).toBe(status);
      expect(String(reply.json.message)).toMatch(words);
      expect(reply.text).not.toMatch(/at \w+ \(|node_modules|\.ts:/);
    });

  test('doses of nought and of 10 000 s are refused and the plan stays', async ({ page }) => {
    await page.goto('/classes');
    const link = page.getByRole('row', { name: /Friday Slow Hands.*planned/ }).getByRole('link');
    const id = (await link.getAttribute('href'))!.split('/').pop();
    const dose = {
      count: { mode: 'reps', reps: 0, tempoMs: 1_000 },
      sides: 'both',
      firstSide: 'L',
      passes: [],
      sets: 1,
      restMs: 0,
      extraLeft: 0,
      extraRight: 0,
      perSide: true,
      grouping: 5,
      fewest: 1,
      most: 5,
      unevenReason: '',
    };
    const edit = (d: unknown) =>
      send('POST', `${base()}/api/classes/${id}/plan`, {
        type: 'edit',
        version: 0,
        label: 'Dose',
        step: { type: 'setDose', rowId: 'move-1', dose: d },
      });
    const nought = await edit(dose);
    expect([nought.status, nought.json.message]).toEqual([
      400,
      'Repetitions must be at least 1. Nothing was changed.',
    ]);
    const long = await edit({ ...dose, count: { mode: 'hold', holds: 1, holdMs: 10_000_000, relaxMs: 0 } });
    expect([long.status, long.json.message]).toEqual([
      400,
      'A hold can be at most 180 s. Nothing was changed.',
    ]);
  });

  test('a foreign origin, a form post and too much are refused', async () => {
    const foreign = await send('POST', `${base()}/api/people`, BLANK_PERSON, {
      origin: 'https://elsewhere.example',
    });
    expect(foreign.status).toBe(403);
    const site = await send('POST', `${base()}/api/people`, BLANK_PERSON, { 'sec-fetch-site': 'cross-site' });
    expect(site.status).toBe(403);
    const form = await send('POST', `${base()}/api/people`, BLANK_PERSON, { 'content-type': 'text/plain' });
    expect(form.status).toBe(400);
    const much = await send('POST', `${base()}/api/people`, { ...BLANK_PERSON, notes: 'x'.repeat(300_000) });
    expect(much.status).toBe(413);
  });
});
