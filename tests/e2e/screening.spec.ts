import { expect, test, type Page } from '@playwright/test';
import { send } from './own-server';
import { BLANK_PERSON, makeClass, look, nothingTyped, stepLink } from './steps';

const addPerson = async (page: Page, name: string) => {
  await nothingTyped(page, 'person.new');
  await page.goto('/people/new');
  await page.getByLabel('First name or nickname').fill(name);
  await page.getByLabel('Screening questions answered').check();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(`${name} is saved`)).toBeVisible();
};

test('what is said at the door changes the plan at once, and stays for the plan and the class', async ({
  page,
}) => {
  await addPerson(page, 'Yrsa');
  await addPerson(page, 'Zoltan');
  await makeClass(page, 'Door class', ['Ball squeeze'], ['Yrsa', 'Zoltan']);
  await stepLink(page, 'Door').click();
  await expect(page.getByRole('heading', { name: 'Yrsa' })).toBeVisible();
  await expect(page.getByText('0 of 2 asked')).toBeVisible();
  const changes = page.getByRole('region', { name: 'What this changes' });
  await expect(changes).toContainText('Nothing changes in the plan');

  await page.getByRole('button', { name: 'Pain in the right hand: 7' }).click();
  await expect(changes).toContainText('Changes one row of the plan');
  await expect(changes).toContainText('Ball squeeze: left do, right swap');
  await page.getByRole('button', { name: 'Next person' }).click();
  await expect(page.getByRole('heading', { name: 'Zoltan' })).toBeVisible();
  await page.getByRole('button', { name: 'Not here' }).click();
  await expect(page.getByText('2 of 2 asked')).toBeVisible();
  await page.getByRole('button', { name: 'Zoltan' }).click();
  await expect(page.getByText(/^Not here today/)).toBeVisible();
  await page.getByRole('button', { name: 'Here after all' }).click();
  await page.getByRole('button', { name: 'All well, next' }).click();
  await expect(page.getByText('2 of 2 asked')).toBeVisible();

  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await expect(page.getByRole('button', { name: 'Yrsa: left do, right swap' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Zoltan: do, both hands' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Yrsa: left do, right swap' })).toBeVisible();

  await stepLink(page, 'Teach').click();
  await expect(page.getByRole('link', { name: 'At the door: 2 of 2 asked' })).toBeVisible();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('list', { name: 'Adapted for' })).toContainText('Yrsa');
  await page.goto(page.url().replace('/teach', '/wrap-up'));
  await expect(page.getByLabel('Yrsa, pain before, right')).toHaveValue('7');
});

test('on a phone the door keeps the name of whoever is asked in sight, and neither it nor deciding scrolls sideways', async ({
  page,
}) => {
  await makeClass(page, 'Phone door', ['Ball squeeze'], ['Ansel B', 'Delphine M']);
  await page.setViewportSize({ width: 390, height: 844 });
  const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  await page.goto(`${page.url().replace(/[?#].*/, '')}/door`);
  await expect(page.getByRole('heading', { name: 'Ansel B' })).toBeVisible();
  await page
    .getByRole('button', { name: 'Fell since last time, and it hurts: fell, left arm hurts' })
    .click();
  await expect(page.getByRole('heading', { name: 'Ansel B' })).toBeInViewport();
  await page.getByRole('button', { name: 'Next person' }).click();
  await expect(page.getByRole('heading', { name: 'Delphine M' })).toBeInViewport();
  await expect(page.getByRole('button', { name: 'All well, next' })).toBeInViewport();
  await page.getByRole('button', { name: 'Everybody' }).click();
  await page.getByRole('button', { name: /Ansel B/ }).click();
  await expect(page.getByRole('heading', { name: 'Ansel B' })).toBeInViewport();
  expect(await sideways()).toBe(0);
  await page.goto('/');
  await page.getByRole('link', { name: 'Decide who moves on' }).first().click();
  await expect(page.getByRole('heading', { name: /^Who moves on/ })).toBeVisible();
  expect(await sideways()).toBe(0);
});

test('a place on the drawn hand is pressed, by mouse and by key, and the record keeps it and tells the change', async ({
  page,
}) => {
  await addPerson(page, 'Xaver');
  await page.getByRole('link', { name: 'Xaver' }).click();
  await page.getByRole('button', { name: 'Left thumb base: nothing recorded' }).click();
  await expect(
    page.getByRole('button', { name: 'Left thumb base: condition not chosen yet, settled' }),
  ).toBeVisible();
  const second = page.getByRole('button', { name: /^Left index knuckle/ });
  await second.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Where: thumb base, index knuckle')).toBeVisible();
  await page.getByLabel('Condition', { exact: true }).selectOption('Thumb-base arthritis');
  await page.getByRole('button', { name: 'Add a measure' }).click();
  await page.getByLabel('Value').fill('25');
  await page.getByLabel('standing with support').check();
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Xaver' }).click();
  await expect(
    page.getByRole('button', { name: 'Left thumb base: thumb-base arthritis, settled' }),
  ).toBeVisible();
  await expect(page.getByLabel('Value')).toHaveValue('25');
  const history = page.getByRole('listitem');
  await expect(history.filter({ hasText: 'Thumb-base arthritis, left: recorded, settled' })).toBeVisible();
  await expect(history.filter({ hasText: 'Measured wrist bend back, right: 25 degrees' })).toBeVisible();
});

test('the weave by need, only its trouble, and what the group needs', async ({ page }) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Wednesday Hands.*planned/ })
    .getByRole('link')
    .click();
  const names = page.getByRole('columnheader', { name: /^[A-Z]\w+ [A-Z]$/ });
  await expect(names.first()).toHaveText('Ansel B');
  await look(page, async (menu) => {
    await menu.getByLabel('People by need').check();
    await expect(menu.getByText('From the left: 1 a helper beside them')).toBeVisible();
  });
  await expect(names.first()).toHaveText('Joaquim A');
  const all = await names.count();
  await look(page, (menu) => menu.getByLabel('Only swaps and left out').check());
  expect(await names.count()).toBeLessThan(all);
  await expect(page.getByRole('button', { name: 'Look at both hands', exact: true })).toHaveCount(0);
  await look(page, (menu) => menu.getByLabel('Only swaps and left out').uncheck());

  await page.getByRole('button', { name: 'Needs' }).click();
  const needs = page.getByRole('region', { name: 'What the group needs' });
  await expect(needs).toContainText('Odile beside Joaquim A');
  await expect(needs.getByRole('row', { name: /^Wring the cloth/ })).toBeVisible();
  await expect(needs.getByRole('row', { name: /Assistance level 2/ })).toContainText('Joaquim A');
});

test('a clearance that ends soon is told on Today', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByText(/Esi O’s clearance for seated loading by Dr Anholt ends on/)).toBeVisible();
});

test('the venue’s own words are under stop and get help; what happened is kept and in the wrap-up', async ({
  page,
}) => {
  await page.goto('/settings');
  await page.getByLabel('The venue’s safety wording').fill('The kit hangs by the kitchen door.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Settings are saved')).toBeVisible();

  await makeClass(page, 'Incident class', ['Ball squeeze']);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await page.getByRole('button', { name: /^Stop and get help/ }).click();
  await expect(page.getByText('The kit hangs by the kitchen door.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this record' }).click();
  await expect(page.getByText('Say what happened')).toBeVisible();
  await expect(page.getByText('Say what was seen')).toBeVisible();
  await page.getByLabel('Who', { exact: true }).selectOption('Ansel B');
  await page.getByLabel('What was seen').selectOption('any fall');
  await page.getByLabel('What happened').fill('Slipped while reaching for water.');
  await page.getByRole('button', { name: 'Keep this record' }).click();
  await expect(page.getByText(/^Kept. It will be in the wrap-up, and Oskil asks how they are/)).toBeVisible();
  // What it proposes is put on the record by somebody, never by itself, and counts in the class at once.
  const proposed = page.getByRole('group', { name: 'Proposed for Ansel B’s record' });
  await expect(proposed).toContainText(
    'fall with pain, not X-rayed, that arm rests until a clinician has seen it',
  );
  await proposed.getByRole('button', { name: 'left hand' }).click();
  await expect(page.getByText(/^On Ansel B’s record: fall with pain, not X-rayed/)).toBeVisible();
  await page.getByLabel('What was seen').selectOption('something else');
  await page.getByLabel('What it was, in a few words').fill('a nosebleed');
  await page.getByLabel('What happened').fill('Leaned forward, it stopped.');
  await page.getByLabel('When').fill('10:52');
  await page.getByLabel('Who was called').selectOption('first aid');
  await page.getByRole('button', { name: 'Keep this record' }).click();
  await expect(page.getByText('Kept. It will be in the wrap-up.', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('list', { name: 'Adapted for' })).toContainText('Ansel B left: ');
  const id = /classes\/([^/]+)\/teach/.exec(page.url())![1]!;
  await page.goto(`/classes/${id}/wrap-up`);
  await expect(page.getByText(/Ansel B: any fall/)).toBeVisible();
  await expect(page.getByText('10:52, Somebody not on the list: a nosebleed.')).toBeVisible();
  await expect(page.getByText('Nothing of the room check was ticked before the class.')).toBeVisible();

  await page.goto('/people');
  await page.getByRole('link', { name: 'Ansel B' }).click();
  await page.getByText('A note to take along').click();
  await expect(page.getByLabel('The note')).toHaveValue(/any fall\. Slipped while reaching for water\./);
});

test('the day a flare settled, whom to call and the day of agreeing are on the record', async ({ page }) => {
  const fields = {
    ...BLANK_PERSON,
    firstName: 'Wencke',
    conditions: [{ conditionId: 'inflammatory', side: 'R', state: 'flare', since: null, spots: [] }],
  };
  const made = await page.request.post('/api/people', { data: fields });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/people/${id}`);
  // The page may still be coming alive.
  await expect(async () => {
    await page.getByLabel('Now').selectOption('settled');
    const words = page.getByText('For 48 hours more it is treated as a flare; empty is today');
    await expect(words).toBeVisible({ timeout: 1_000 });
  }).toPass();
  await page.getByLabel('Emergency contact').fill('Bo, 0700 1234');
  await page.getByLabel('Agreed to this record on').fill('2026-11-20');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Wencke is saved')).toBeVisible();
  await page.goto(`/people/${id}`);
  await expect(page.getByLabel('Flare settled on')).toHaveValue('2026-11-24');
  await expect(page.getByLabel('Emergency contact')).toHaveValue('Bo, 0700 1234');
  await expect(
    page.getByText(/Inflammatory arthritis, right: now settled, before flare, settled on/),
  ).toBeVisible();
});

test('a clearance opens its own hand and nothing above it, in the clinician’s words; one that disagrees is asked about on Today', async ({
  page,
}) => {
  const both = { conditionId: 'wrist-fracture', side: 'both', state: 'not cleared', since: null, spots: [] };
  const fields = { ...BLANK_PERSON, firstName: 'Ottilie', initial: '', conditions: [both] };
  const made = await page.request.post('/api/people', { data: fields });
  const { id } = (await made.json()) as { id: string };
  await makeClass(page, 'Cleared class', ['Wrist bends up and down', 'Ball squeeze'], ['Ottilie']);
  const plan = page.url();
  const weave = page.getByRole('button', { name: /^Ottilie: / });
  await expect(weave.first()).toHaveAccessibleName(/^Ottilie: (leave out|swap), both hands/);

  await page.goto(`/people/${id}`);
  await expect(async () => {
    await page.getByRole('button', { name: 'Add a clearance' }).click();
    await expect(page.getByLabel('By whom')).toBeVisible({ timeout: 1_000 });
  }).toPass();
  await page.getByLabel('Cleared for').selectOption('the whole hand');
  await page.getByRole('group', { name: 'Clinician’s clearance' }).getByLabel('Hand').selectOption('left');
  await page.getByLabel('By whom').fill('Dr Anholt');
  await page.getByLabel('On', { exact: true }).fill('2026-11-20');
  await page.getByLabel('In their words').fill('slow wrist movement');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Ottilie is saved')).toBeVisible();
  await page.goto(plan);
  await expect(weave.first()).toHaveAccessibleName(/^Ottilie: left adapt, right (leave out|swap)/);
  await weave.first().click();
  await expect(page.getByText(/Dr Anholt: “slow wrist movement”/).first()).toBeVisible();
  // Squeezing stands above it on the ladder.
  await expect(weave.nth(1)).toHaveAccessibleName(/^Ottilie: (left )?(leave out|swap)/);

  await page.goto('/');
  await expect(page.getByText(/Ottilie’s clearance by Dr Anholt/)).toHaveCount(0);
  const words = { ...fields, clearances: [] as object[] };
  words.clearances = [
    {
      scope: 'floor',
      side: 'L',
      by: 'Dr Anholt',
      on: '2026-11-20',
      until: null,
      what: 'left hand, fingers only',
    },
  ];
  expect((await page.request.put(`/api/people/${id}`, { data: words })).status()).toBe(200);
  await page.reload();
  await expect(page.getByText(/Ottilie’s clearance by Dr Anholt/)).toBeVisible();
});

test('a large weave scrolls in a window of its own, titles and the reason pointed at in sight', async ({
  page,
}) => {
  const base = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
  const ids: string[] = [];
  for (let i = 0; i < 24; i++) {
    const made = await send('POST', `${base}/api/people`, { ...BLANK_PERSON, firstName: `Guest${i}` });
    ids.push(String(made.json.id));
  }
  const made = await send('POST', `${base}/api/classes`, {
    name: 'Full hall',
    place: '',
    day: '2026-11-29',
    startsAt: '10:00',
    slotMinutes: 60,
  });
  const id = String(made.json.id);
  await send('PUT', `${base}/api/classes/${id}/roster`, { personIds: ids, helpers: [] });
  await page.goto(`/classes/${id}`);
  await page.getByRole('button', { name: 'Add to move' }).click();
  await page.getByLabel('Find a movement').fill('Wrist goes side to side');
  await page.getByRole('button', { name: /^glide Wrist goes side to side/ }).click();
  const title = page.getByRole('button', { name: 'Wrist goes side to side', exact: true });
  await title.click();
  await page.getByRole('button', { name: 'Guest9 X: do, both hands' }).focus();
  await expect(title).toBeInViewport();
  await expect(
    page.getByRole('status').filter({ hasText: 'Guest9 X, wrist goes side to side' }),
  ).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
});
