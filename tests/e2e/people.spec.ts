import { expect, test } from '@playwright/test';

test('add, change, take off the list with a way back', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Add a person' }).click();
  await page.getByLabel('First name or nickname').fill('Wilhelmina');
  await page.getByLabel('Initial').fill('Q');
  await page.getByLabel('Would like to be able to').fill('open a jar');
  await page.getByRole('checkbox', { name: 'Screening questions answered' }).check();
  await page.getByRole('button', { name: 'Add a condition' }).click();
  await page.getByLabel('Condition', { exact: true }).selectOption({ label: 'Trigger finger' });
  await page.getByLabel('Hand', { exact: true }).selectOption('left');
  await page.getByRole('button', { name: 'Add a clearance' }).click();
  await page.getByLabel('Cleared for').selectOption('seated loading');
  await page.getByLabel('Hand', { exact: true }).last().selectOption('left');
  await page.getByLabel('By whom').fill('Dr Anholt');
  await page.getByLabel('On', { exact: true }).fill('2026-11-01');
  await page.getByRole('button', { name: 'Save' }).click();
  const row = page.getByRole('row', { name: /Wilhelmina Q/ });
  await expect(row).toContainText('trigger finger');
  await expect(row).toContainText('cleared for seated loading');

  await row.getByRole('link').click();
  await page.getByLabel('Now').selectOption('in flare');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText('trigger finger (in flare)');

  await row.getByRole('link').click();
  await page.getByRole('button', { name: 'Take off the list' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Wilhelmina Q is back on the list')).toBeVisible();
  await page.getByRole('button', { name: 'Take off the list' }).click();
  await expect(page.getByRole('button', { name: 'Bring back' })).toBeVisible();
  await page.goto('/people');
  await expect(row).toHaveCount(0);
  await page.getByText(/^No longer coming/).click();
  await page.getByRole('button', { name: 'Bring Wilhelmina back' }).click();
  await expect(row).toHaveCount(1);
});

test('a form takes nothing until the page listens, so that nothing that is typed is set back', async ({
  page,
}) => {
  let letGo: () => void = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(/\.js(\?|$)/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/people/new', { waitUntil: 'commit' });
  const name = page.getByLabel('First name or nickname');
  await expect(name).toBeDisabled();
  letGo();
  await expect(name).toBeEnabled();
  await name.fill('Early');
  await expect(name).toHaveValue('Early');
});

test('words narrow the list', async ({ page }) => {
  await page.goto('/people');
  await page.getByLabel('Find by name, condition or task').fill('thumb-base');
  await expect(page.getByRole('row', { name: /Bashir K/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Ansel B/ })).toHaveCount(0);
  await page.getByLabel('Find by name, condition or task').fill('zzz');
  await expect(page.getByText('Nobody matches')).toBeVisible();
});

test('a person taken off the list leaves the plan they were expected in, and the plan still stands', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Sunniva C' }).click();
  await page.getByRole('button', { name: 'Take off the list' }).click();
  await expect(page.getByRole('button', { name: 'Bring back' })).toBeVisible();
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .getByRole('link')
    .click();
  await expect(page.getByRole('columnheader', { name: 'Petra L' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Sunniva C' })).toHaveCount(0);
  await page.goto('/people');
  await page.getByText(/^No longer coming/).click();
  await page.getByRole('button', { name: 'Bring Sunniva back' }).click();
  await expect(page.getByRole('row', { name: /Sunniva C/ })).toBeVisible();
});
