import { expect, test, type Page } from '@playwright/test';
import { makeClass } from './steps';

const panel = (page: Page) => page.getByRole('region', { name: 'Draft' });
const rows = (page: Page) => page.locator('tr[id^="row-"]');

async function draft(page: Page, button: string | RegExp = 'Draft'): Promise<void> {
  await panel(page)
    .getByRole('button', { name: button, exact: typeof button === 'string' })
    .click();
  await expect(panel(page).getByRole('button', { name: 'Use this draft' })).toBeVisible({ timeout: 45_000 });
}

test('from nothing: a class is drafted with its reasons, used as one edit, and undone', async ({ page }) => {
  test.slow();
  await makeClass(page, 'Drafted class', [], ['Ansel B', 'Bashir K', 'Delphine M', 'Ferran R', 'Lorna V']);
  await page.getByRole('button', { name: 'Draft a class' }).click();
  await panel(page).getByLabel('grip', { exact: true }).check();
  await draft(page);
  await expect(panel(page)).toContainText(
    /\d+ movements, \d\d:\d\d, no must broken\. Minutes of work .*grip \d+ of \d+.* Score [\d.]+, proven to be within 1 %/,
  );
  await expect(panel(page).getByRole('listitem').first()).toContainText(/Here because .+\./);
  await expect(rows(page)).toHaveCount(0);
  await panel(page).getByRole('button', { name: 'Use this draft' }).click();
  await expect.poll(() => rows(page).count()).toBeGreaterThan(11);
  const findings = page.getByRole('region', { name: 'Findings' });
  await expect(findings).not.toContainText(/\d must/);
  await expect(page.getByText('Saved: Use the draft')).toBeVisible();
  await page.reload();
  await expect.poll(() => rows(page).count()).toBeGreaterThan(11);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows(page)).toHaveCount(0);
});

test('a row is pinned, another left out, a runner-up swapped in; wishes against each other are told apart', async ({
  page,
}) => {
  test.slow();
  await makeClass(page, 'Wishing class', ['Ball squeeze'], ['Ansel B', 'Keiko D']);
  await page.getByRole('button', { name: 'Draft a class' }).click();
  await draft(page);
  const list = panel(page).getByRole('listitem');
  const out = panel(page)
    .getByRole('button', { name: /^Leave out/ })
    .nth(3);
  const name = (await out.getAttribute('aria-label'))!.replace('Leave out ', '');
  await out.click();
  await expect(list.filter({ hasText: `${name}.` })).toHaveCount(0, { timeout: 45_000 });
  const swap = panel(page)
    .getByRole('button', { name: /^Swap / })
    .first();
  const [, , other] = /^Swap (.+) for (.+)$/.exec((await swap.getAttribute('aria-label'))!)!;
  await swap.click();
  await expect(list.filter({ hasText: `${other}.` })).toContainText('Here because it was pinned.', {
    timeout: 45_000,
  });
  await expect(
    panel(page).getByText(/^Swapped; (every other movement stays|with it .+ had to go)\.$/),
  ).toBeVisible();
  await panel(page).getByRole('button', { name: 'Pin Ball squeeze' }).click();
  await expect(panel(page).getByRole('button', { name: 'Unpin Ball squeeze' })).toBeVisible({
    timeout: 45_000,
  });
  await panel(page).getByLabel('without props').check();
  await panel(page).getByRole('button', { name: 'Draft again' }).click();
  await expect(panel(page).getByRole('alert')).toContainText(
    /These wishes cannot all be met\. Leave out .*, and a class can be drafted\./,
    { timeout: 45_000 },
  );
});

test('an empty plan begins with a ready class in one tap, fitted to who comes and to the bag, and one undo takes it out', async ({
  page,
}) => {
  await makeClass(page, 'Ready class', [], ['Ansel B', 'Keiko D', 'Lorna V', 'Esi O']);
  const ready = page.getByRole('region', { name: 'Ready classes' });
  // A full hour does not go into three quarters of one.
  await expect(ready.getByRole('button')).toHaveCount(8);
  await expect(ready.getByRole('button').first()).toContainText('A first class, 45 minutes');
  await ready.getByRole('button', { name: /^More for grip/ }).click();
  await expect(page.getByText('Saved: Begin with more for grip')).toBeVisible();
  await expect(ready).toHaveCount(0);
  await expect.poll(() => rows(page).count()).toBeGreaterThan(20);
  await expect(page.getByRole('button', { name: 'Once more, rename' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Findings' })).not.toContainText(/\d must/);
  await page.reload();
  await expect.poll(() => rows(page).count()).toBeGreaterThan(20);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rows(page)).toHaveCount(0);
  await expect(ready).toBeVisible();
});

test('a class is made with a ready class in it', async ({ page }) => {
  await page.goto('/classes/new');
  await page.getByLabel('Name').fill('Begun class');
  await page.getByLabel('Minutes').fill('30');
  await page.getByLabel('Begin with').selectOption({ label: 'Half an hour, 30 minutes' });
  await page.getByRole('button', { name: 'Make the class' }).click();
  await expect(page.getByText('Saved: Begin with half an hour')).toBeVisible();
  await expect.poll(() => rows(page).count()).toBeGreaterThan(14);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await expect.poll(() => rows(page).count()).toBeGreaterThan(14);
});

test('the same class, shorter: most of it stays, and it fits', async ({ page }) => {
  test.slow();
  await makeClass(page, 'Short class', ['Wrist bends up and down', 'Palms turn up and down'], ['Esi O']);
  await page.getByRole('button', { name: 'Draft a class' }).click();
  await panel(page).getByRole('textbox', { name: 'Minutes' }).fill('25');
  await page.keyboard.press('Enter');
  await draft(page);
  // Of two neighbours one says so; the other says what else is true of it.
  for (const name of ['Wrist bends up and down.', 'Palms turn up and down.'])
    await expect(panel(page).getByRole('listitem').filter({ hasText: name })).toHaveCount(1);
  await expect(panel(page)).toContainText('Here because it is in the plan already.');
  await panel(page).getByRole('button', { name: 'Use this draft' }).click();
  await expect(page.getByRole('region', { name: 'Time', exact: true }).locator('strong').first()).toHaveText(
    /^2[0-5]:\d\d$/,
  );
});
