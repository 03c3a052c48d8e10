import { expect, test, type Page } from '@playwright/test';
import { makeClass, openFriday, openMore, rowOf, look, rowTitles } from './steps';

const findings = (page: Page) => page.getByRole('region', { name: 'Findings' });

/** Two grips and a third after them: a hand break is missing. */
const tired = (page: Page, name: string) =>
  makeClass(page, name, ['Ball squeeze', 'Ring squeeze', 'Ball press with straight fingers'], ['Esi O']);

test('a mend says what it changes; a must is muted with a reason alone, and speaks again', async ({
  page,
}) => {
  await tired(page, 'Muting class');
  const strip = findings(page);
  await strip.getByRole('button', { name: /^All/ }).click();
  const r1 = strip.getByRole('listitem').filter({ hasText: '(R1)' });
  await expect(r1).toContainText(/\d:\d\d to \d:\d\d; 1 of 1 have something to do in every row, as before/);
  await r1.getByRole('button', { name: 'Mute R1 for this class' }).click();
  await r1.getByRole('button', { name: 'Mute R1', exact: true }).click();
  await expect(r1.getByRole('alert')).toHaveText('A must is muted only with a reason.');
  await r1
    .getByLabel(
      'Why “A hand break after two grip rows or 90 s of gripping” (R1) does not matter in this class',
    )
    .fill('They rest between by themselves');
  await page.keyboard.press('Enter');
  await expect(strip.getByText('Muted for this class')).toBeVisible();
  await expect(strip).toContainText('A hand break after two grip rows or 90 s of gripping (R1).');
  await expect(strip).toContainText('Because: They rest between by themselves');
  await expect(page.getByText('Saved: Mute R1')).toBeVisible();
  await page.reload();
  await strip.getByRole('button', { name: /muted/ }).click();
  await strip.getByRole('button', { name: 'Show R1 again' }).click();
  await expect(strip.getByRole('listitem').filter({ hasText: 'must (R1)' })).toBeVisible();
});

test('the traces stand beside the rows, worked out by a worker, and follow an edit and a chosen person', async ({
  page,
}) => {
  const workers: string[] = [];
  page.on('worker', (w) => workers.push(w.url()));
  await tired(page, 'Traces class');
  await look(page, (menu) => menu.getByLabel('Traces').click());
  const row = rowOf(page, 'Ring squeeze');
  const reserve = row.getByRole('img', { name: /^Left reserve: lowest \d+ %/ });
  await expect(reserve).toBeVisible();
  expect(workers).toHaveLength(1);
  await expect(
    page.getByText(/The lowest hand comes down to \d+ %: between \d+ and \d+ % where efforts are felt/),
  ).toBeVisible();
  const lowest = async () => Number(/lowest (\d+) %/.exec((await reserve.getAttribute('aria-label'))!)![1]);
  const before = await lowest();
  await row.getByRole('button', { name: /^Ring squeeze/ }).click();
  await openMore(page);
  const rung = page.getByLabel('Rung, gentlest first');
  await rung.selectOption({ index: (await rung.locator('option').count()) - 1 });
  await expect.poll(lowest).toBeLessThan(before);
  await look(page, async (menu) => {
    await menu.getByLabel('Show the reserve of').selectOption({ label: 'Esi O' });
  });
  await expect(row.getByRole('img', { name: /the chosen person \d+ %/ })).toHaveCount(2);
  await expect(row.getByRole('img', { name: /^working \d:\d\d, talk \d:\d\d, rest \d:\d\d$/ })).toBeVisible();
  await look(page, (menu) => menu.getByLabel('Who may do what').click());
  await expect(row.getByRole('button', { name: /^Esi O:/ })).toBeVisible();
});

test('rows chosen together are moved, doubled, taken out, and kept as a block for another class', async ({
  page,
}) => {
  await makeClass(page, 'Choosing class', ['Wrist bends up and down', 'Palms turn up and down'], ['Esi O']);
  await page.getByRole('button', { name: 'Choose rows' }).click();
  await page.getByLabel('Choose Wrist bends up and down').check();
  await page.getByLabel('Choose Palms turn up and down').check();
  const bar = page.getByRole('group', { name: 'Chosen rows' });
  await expect(bar).toContainText('2 rows chosen');
  await bar.getByRole('button', { name: 'Duplicate' }).click();
  await expect.poll(() => rowTitles(page)).toHaveLength(4);
  // However far down one is, it is there.
  await page.setViewportSize({ width: 1280, height: 420 });
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(200);
  await expect(bar).toBeInViewport();
  await page.setViewportSize({ width: 1280, height: 800 });
  await bar.getByRole('button', { name: 'Keep as a block' }).click();
  await bar.getByRole('button', { name: 'Keep it' }).click();
  await expect(bar.getByRole('alert')).toHaveText('Give the block a name.');
  await bar.getByLabel('Name of the block').fill('Wrists and palms');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Wrists and palms is kept as a block.')).toBeVisible();
  await bar.getByRole('button', { name: 'Take out' }).click();
  await expect.poll(() => rowTitles(page)).toHaveLength(2);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => rowTitles(page)).toHaveLength(4);

  await makeClass(page, 'Block class', [], ['Esi O']);
  await page.getByRole('button', { name: 'Add to move' }).click();
  await page.getByRole('button', { name: 'Wrists and palms, 2 rows' }).click();
  await expect.poll(() => rowTitles(page)).toEqual(['Wrist bends up and down', 'Palms turn up and down']);
  await page.getByRole('button', { name: 'Compare' }).click();
  const gone = page.getByRole('button', { name: 'Take Wrists and palms away' });
  await gone.click();
  await expect(gone).toBeHidden();
  await page.getByRole('listitem').getByRole('button', { name: 'Undo' }).click();
  await expect(gone).toBeVisible();
  await gone.click();
  await expect(gone).toBeHidden();
});

test('a class is taken away once it was asked, and put back from the message or from the list', async ({
  page,
}) => {
  await makeClass(page, 'Passing class', ['Ball squeeze'], ['Esi O']);
  const plan = page.url();
  const takeAway = async () => {
    await page.getByRole('button', { name: 'Details', exact: true }).click();
    await page.getByRole('button', { name: 'Take this class away' }).click();
    await expect(page.getByText('Its plan and who comes go with it.')).toBeVisible();
    await page.getByRole('button', { name: 'Take it away' }).click();
    await expect(page).toHaveURL(/\/classes$/);
    await expect(page.getByRole('link', { name: 'Passing class' })).toBeHidden();
  };
  await takeAway();
  const undo = page.getByRole('button', { name: 'Undo' });
  // A fraction of a pixel is the message still growing in.
  expect(Math.round((await undo.boundingBox())!.height)).toBeGreaterThanOrEqual(44);
  await undo.click();
  await expect(page.getByRole('link', { name: 'Passing class' })).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(plan);
  await expect.poll(() => rowTitles(page)).toEqual(['Ball squeeze']);
  await takeAway();
  await page.goto(plan);
  await expect(page.getByRole('heading', { name: 'That page is not here' })).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('button', { name: 'Put Passing class back' }).click();
  await expect(page.getByRole('link', { name: 'Passing class' })).toBeVisible();
  await page.goto(plan);
  await expect.poll(() => rowTitles(page)).toEqual(['Ball squeeze']);
});

test('another class beside this one: what differs, and rows brought over', async ({ page }) => {
  await openFriday(page);
  await page.getByRole('button', { name: 'Compare' }).click();
  const others = page.getByRole('region', { name: 'Other classes' });
  await expect(others.getByRole('heading', { name: 'Against Friday Slow Hands, week 3' })).toBeVisible();
  await expect(others).toContainText('rows are the same.');
  await others
    .getByLabel('Beside this plan')
    .selectOption({ label: 'Wednesday Hands, week 3, Wednesday 18 November' });
  await expect(others).toContainText(/New here: .*Gone: .*Ball squeeze/);
  await others.getByRole('button', { name: 'Bring rows from it' }).click();
  await others.getByRole('checkbox', { name: /^Ball squeeze/ }).check();
  await others.getByLabel('Into the section').selectOption({ label: 'Grip' });
  await others.getByRole('button', { name: 'Bring in 1 row' }).click();
  await expect(page.getByRole('button', { name: 'Move Ball squeeze' })).toBeVisible();
  await expect(others).toContainText(/New here: .*\. Gone: (?!.*Ball squeeze)/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Move Ball squeeze' })).toBeHidden();
});

test('the history is read and walked, across a reload', async ({ page }) => {
  await makeClass(page, 'History class', ['Wrist bends up and down', 'Palms turn up and down'], ['Esi O']);
  await page.reload();
  await page.getByRole('button', { name: 'History' }).click();
  const history = page.getByRole('region', { name: 'History' });
  await expect(history.getByRole('listitem').first()).toContainText('Add Palms turn up and down');
  await history.getByRole('button', { name: /^Go to just after Add Wrist bends/ }).click();
  await expect.poll(() => rowTitles(page)).toEqual(['Wrist bends up and down']);
  await page.reload();
  await page.getByRole('button', { name: 'History' }).click();
  await history.getByRole('button', { name: /^Go to just after Add Palms turn/ }).click();
  await expect.poll(() => rowTitles(page)).toHaveLength(2);
  await history.getByRole('button', { name: 'Back to the beginning' }).click();
  await expect.poll(() => rowTitles(page)).toHaveLength(0);
});

test('what to shorten saves what it says; own pace and plain length stand together', async ({ page }) => {
  await openFriday(page);
  await page.getByRole('region', { name: 'Time', exact: true }).getByRole('button').click();
  const time = page.getByRole('region', { name: 'What the time is made of' });
  await expect(time).toContainText(
    /At your own pace \d+ to \d+ minutes, four times in five, from \d+ rows taught/,
  );
  const total = async () => {
    const [, m, s] = /^(\d+):(\d\d)/.exec((await time.locator('strong').first().textContent())!)!;
    return Number(m) * 60 + Number(s);
  };
  const before = await total();
  await time.getByRole('button', { name: 'What to shorten' }).click();
  const cut = time.getByRole('button', { name: /, saves / }).first();
  const [, m, s] = /saves (\d+):(\d\d)/.exec((await cut.textContent())!)!;
  await cut.click();
  await expect.poll(total).toBe(before - Number(m) * 60 - Number(s));
  await expect(time.getByText(/Slow breath|Look again|goodbye/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(total).toBe(before);
});

test('the kit says who takes which grade, and what the handing out costs', async ({ page }) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Wednesday Hands.*planned/ })
    .getByRole('link')
    .click();
  await page.getByRole('button', { name: /^Kit:/ }).click();
  const kit = page.getByRole('region', { name: 'Kit' });
  await expect(kit.getByRole('listitem').filter({ hasText: 'foam balls' }).first()).toContainText(
    /\d+ soft: .*Bashir K/,
  );
  await expect(kit).toContainText('of handing out and collecting, counted in the class');
});

test('what a class leaves still is named, and a suggestion fills it', async ({ page }) => {
  await makeClass(page, 'Gap class', ['Wrist bends up and down'], ['Esi O']);
  await page.getByRole('button', { name: 'Hand map' }).click();
  const map = page.getByRole('region', { name: 'Hand map' });
  await expect(map).toContainText('Left still:');
  const still = async () =>
    /Left still: ([^.]*)\./.exec((await map.textContent())!)?.[1]?.split(', ').length ?? 0;
  const before = await still();
  await map
    .getByRole('listitem')
    .filter({ hasText: /moves \d+ of \d+ places, 1 of 1 have something to do/ })
    .first()
    .getByRole('button')
    .click();
  await expect.poll(still).toBeLessThan(before);
});

test('the overview fits more of the class on the screen', async ({ page }) => {
  await openFriday(page);
  const height = () =>
    page
      .locator('table')
      .first()
      .evaluate((table) => table.getBoundingClientRect().height);
  const before = await height();
  await look(page, (menu) => menu.getByLabel('Overview').check());
  await expect.poll(height).toBeLessThan(before * 0.9);
});
