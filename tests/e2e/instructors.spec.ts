import { readdirSync } from 'node:fs';
import { expect, test, type APIRequestContext, type Browser, type Page } from '@playwright/test';
import { noFaults } from './axe';
import { removeFolder, scratchFolder, startOwn, type OwnServer } from './own-server';
import { BLANK_PERSON } from './steps';

const [MARITS, INES] = ['seven slow beads', 'two warm mittens'];
const HERS = { 'sec-fetch-site': 'same-origin' };

let server: OwnServer;
const folder = scratchFolder();
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  server = await startOwn(folder, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });
});
test.afterAll(async () => {
  await server.stop('SIGTERM');
  removeFolder(folder);
  // Whatever was done and refused, the log names nobody.
  expect(server.output()).not.toMatch(/Ansel|Delphine|Yrsa|Marit|Ines/);
});

async function comeIn(browser: Browser, name: string, passphrase: string): Promise<Page> {
  const page = await (await browser.newContext({ baseURL: server.url })).newPage();
  await page.goto('/lock');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Passphrase or code').fill(passphrase);
  await page.getByRole('button', { name: 'Open' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  return page;
}
/** The id in the first link of that name that leads to a place below the list. */
const idIn = async (page: Page, list: string, name: RegExp): Promise<string> => {
  await page.goto(list);
  const links = page.getByRole('link', { name });
  await expect(links.first()).toBeVisible();
  const hrefs = await links.evaluateAll((all) => all.map((a) => a.getAttribute('href')!));
  return hrefs.flatMap((href) => new RegExp(`^${list}/([0-9a-f-]{36})`).exec(href)?.[1] ?? [])[0]!;
};
/** Every page and route below these, with the ids of one of each in their place. */
const placesOf = (kinds: RegExp, ids: Readonly<Record<string, string>>): readonly string[] =>
  readdirSync('src/app', { recursive: true, encoding: 'utf8' })
    .filter((f) => kinds.test(f))
    .map((f) => `/${f.replace(/\/?(page\.tsx|route\.ts)$/, '')}`)
    .map((f) => f.replace('[id]', ids[/(classes|people|terms|movements)/.exec(f)?.[1] ?? ''] ?? ''));
const statusOf = async (request: APIRequestContext, path: string) =>
  (await request.get(path, { maxRedirects: 0, headers: HERS })).status();

const statusesOf = async (request: APIRequestContext, paths: readonly string[]) => {
  const out: string[] = [];
  for (const path of paths) out.push(`${path} ${await statusOf(request, path)}`);
  return out;
};

test('whoever has been using it begins with a name, adds another instructor, and each sees their own', async ({
  browser,
}) => {
  test.slow();
  const page = await (await browser.newContext({ baseURL: server.url })).newPage();
  await page.goto('/settings');
  await page.getByRole('link', { name: 'Instructors' }).click();
  await noFaults(page);
  await page.getByLabel('Your name').fill('Marit');
  await page.getByLabel('Your passphrase').fill(MARITS);
  await page.getByLabel('The same again').fill('seven slow bees');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('region', { name: 'Your own name' }).getByRole('alert')).toContainText(
    'not the same',
  );
  await page.getByLabel('The same again').fill(MARITS);
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('banner').getByText('Marit')).toBeVisible();
  await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'Marit (you)' })).toContainText(
    'coordinator',
  );

  await page.getByLabel('Name', { exact: true }).fill('Ines');
  await page.getByLabel('First passphrase').fill(INES);
  await page.getByLabel('The same again').fill(INES);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: 'Ines' })).toContainText(
    '0 groups, 0 people',
  );
  await page.getByRole('button', { name: 'Change Ines' }).click();
  await noFaults(page);

  const other = await comeIn(browser, 'ines', INES);
  await expect(other.getByText('Ansel')).toHaveCount(0);
  await other.goto('/people');
  await expect(other.getByText('Nobody yet')).toBeVisible();
  await other.goto('/people/new');
  await other.getByLabel('First name').fill('Yrsa');
  await other.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(other).toHaveURL(/\/people$/);
  await expect(other.getByRole('link', { name: 'Yrsa' })).toBeVisible();
  await page.goto('/people');
  await expect(page.getByRole('link', { name: 'Ansel B' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Yrsa' })).toHaveCount(0);
  // Each reads the units they chose.
  await other.goto('/settings');
  await other.getByLabel('Weights in').selectOption({ label: 'Pounds, lb' });
  await other.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(other.getByText('Settings are saved')).toBeVisible();
  await other.goto('/people/new');
  await expect(other.getByLabel('Mass, lb')).toBeVisible();
  await page.goto('/people/new');
  await expect(page.getByLabel('Mass, kg')).toBeVisible();
  await other.goto('/instructors');
  await expect(other.getByRole('heading', { name: 'For a coordinator' })).toBeVisible();
  await noFaults(other);
});

test('with the other’s ids every page and route says that there is no such thing, and nothing is changed', async ({
  browser,
}) => {
  test.slow();
  const marit = await comeIn(browser, 'Marit', MARITS);
  const ids = {
    classes: await idIn(marit, '/classes', /Wednesday/),
    people: await idIn(marit, '/people', /Ansel B/),
    terms: await idIn(marit, '/terms', /Wednesday Hands/),
  };
  const kept = async () => {
    const files = [
      '/people/export',
      '/files/out/register.csv',
      '/files/out/measures.csv',
      '/files/out/marks.csv',
    ];
    const read = async (path: string) => (await marit.request.get(path, { headers: HERS })).text();
    return Promise.all([...files, `/api/classes/${ids.classes}/plan`].map(read));
  };
  const before = await kept();
  expect(before[0]).toContain('Ansel');

  const ines = (await comeIn(browser, 'Ines', INES)).request;
  // Hers are all there for her.
  const pages = placesOf(/^(?!(api|backup|lock|offline)).*page\.tsx$/, { ...ids, movements: 'ball-squeeze' });
  expect(pages.length).toBeGreaterThan(30);
  // Without a series there is no new term, and without a class that was taught no wrap-up.
  const hers = pages.filter((p) => !/\/(wrap-up|decide)$|^\/terms\/new|^\/movements\/.*\/change$/.test(p));
  expect(await statusesOf(marit.request, hers)).toEqual(hers.map((p) => `${p} 200`));
  const places = placesOf(/^(api\/)?(classes|people|terms)\/\[id\].*(page\.tsx|route\.ts)$/, ids);
  expect(places.length).toBeGreaterThan(35);
  const answers = await statusesOf(ines, places);
  // Three pages say in words that there is nothing to show, as they do for a class that was not taught.
  const empty = answers.filter((a) => !/ 404$|^\/api\/.* 405$/.test(a));
  expect(empty.filter((a) => !/\/(home|home\/cards|play) 200$/.test(a))).toEqual([]);
  for (const path of empty.map((a) => a.split(' ')[0]!)) {
    const page = await (await ines.get(path)).text();
    expect(page).toMatch(/from a class that has been taught|no class in this term|No card/);
    expect(page).not.toMatch(/Ansel|Wednesday/);
  }

  const { classes, people, terms } = ids;
  const step = { type: 'setBreath', breathMs: 4000 };
  const writes: readonly (readonly ['POST' | 'PUT' | 'DELETE', string, unknown])[] = [
    ['PUT', `/api/people/${people}`, BLANK_PERSON],
    ['DELETE', `/api/people/${people}`, { name: 'Ansel B' }],
    ['POST', `/api/people/${people}/archive`, { archived: true }],
    ['PUT', `/api/people/${people}/shared`, { shared: true }],
    [
      'POST',
      `/api/people/${people}/measures`,
      { measures: [{ hand: 'L', kind: 'grip', value: 5, on: '2026-11-24' }] },
    ],
    ['POST', `/api/classes/${classes}/plan`, { type: 'edit', version: 0, step, label: 'A breath' }],
    ['PUT', `/api/classes/${classes}/roster`, { personIds: [], helpers: [] }],
    ['PUT', `/api/classes/${classes}/packed`, { propId: 'towel', packed: true }],
    ['PUT', `/api/classes/${classes}/shared`, { shared: true }],
    ['POST', `/api/classes/${classes}/start`, { startedAtMs: 0 }],
    ['POST', `/api/classes/${classes}/visits`, { personId: people, station: 'grip', what: 'begin' }],
    ['POST', `/api/classes/${classes}/helper-code`, {}],
    ['POST', `/api/terms/${terms}/classes`, { patternId: classes }],
    ['DELETE', `/api/terms/${terms}`, {}],
  ];
  for (const [method, path, data] of writes) {
    const answer = await ines.fetch(path, { method, data, headers: HERS });
    expect([method, path, answer.status()]).toEqual([method, path, 404]);
  }
  for (const path of ['/backup', '/api/backups', '/api/instructors'])
    expect([path, [307, 403, 405].includes(await statusOf(ines, path))]).toEqual([path, true]);
  for (const path of ['/people/export', '/files/out/register.csv', '/files/out/measures.csv'])
    expect(await (await ines.get(path, { headers: HERS })).text()).not.toContain('Ansel');
  expect(await kept()).toEqual(before);

  // A request that says it is somebody else’s is still its own.
  const pretending = await ines.get('/people/export', {
    headers: { ...HERS, 'x-oskil-who': 'instructor', 'x-oskil-instructor': '' },
  });
  expect(await pretending.text()).not.toContain('Ansel');
  const room = await ines.get('/room', { headers: { 'x-oskil-who': 'helper', 'x-oskil-class': classes } });
  expect(room.status()).toBe(200);
  expect(await room.text()).not.toContain(classes);
});

test('a group that is shared is there for the other; whoever leaves hands theirs over', async ({
  browser,
}) => {
  test.slow();
  const marit = await comeIn(browser, 'Marit', MARITS);
  const ines = await comeIn(browser, 'Ines', INES);
  await marit.goto(`/classes/${await idIn(marit, '/classes', /Friday Slow Hands/)}`);
  await marit.getByRole('button', { name: 'Details' }).click();
  const sharing = marit.getByRole('region', { name: 'Sharing' });
  await expect(sharing).toContainText(
    'You alone see the classes of Friday Slow Hands and the people in them.',
  );
  await sharing.getByRole('button', { name: 'Share' }).click();
  await expect(sharing).toContainText('Every instructor sees');

  await ines.goto('/classes');
  await expect(ines.getByRole('link', { name: 'Friday Slow Hands' }).first()).toBeVisible();
  await expect(ines.getByRole('link', { name: /Wednesday/ })).toHaveCount(0);
  await ines.goto('/people');
  await ines.getByRole('link', { name: 'Delphine M' }).click();
  await expect(
    ines.getByText('This is Marit’s. You see it with a group that you teach or that is shared.'),
  ).toBeVisible();
  await ines.getByRole('button', { name: 'Erase', exact: true }).click();
  await ines.getByLabel(/^Type Delphine M/).fill('Delphine M');
  await ines.getByRole('button', { name: 'Erase for good' }).click();
  await expect(ines.getByRole('region', { name: 'All that is held' }).getByRole('alert')).toContainText(
    'Only the instructor whose record',
  );

  await marit.goto('/instructors');
  await marit.getByRole('button', { name: 'Change Ines' }).click();
  await marit.getByRole('button', { name: 'Take Ines away' }).click();
  await expect(marit.getByText('Ines cannot come in any more, and Marit has their classes')).toBeVisible();
  await marit.getByRole('button', { name: 'Keep Ines' }).click();
  await marit.getByRole('button', { name: 'Take Ines away' }).click();
  await marit.getByRole('button', { name: 'Take Ines away for good' }).click();
  await expect(marit.getByText('Ines is taken away; Marit has their classes and people')).toBeVisible();
  await ines.goto('/people');
  await expect(ines.getByRole('heading', { name: 'Oskil is locked' })).toBeVisible();
  await marit.goto('/people');
  await expect(marit.getByRole('link', { name: 'Yrsa' })).toBeVisible();
});
