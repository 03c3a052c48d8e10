import { expect, test } from '@playwright/test';
import { noFaults } from './axe';
import { openFriday } from './steps';

test('after a class: proposals with their reasons, taken, changed or left, kept, and shown when teaching', async ({
  page,
}) => {
  await page.goto('/');
  const due = page
    .getByRole('listitem')
    .filter({ hasText: /After Wednesday Hands, .* nobody has moved on or back yet/ });
  await due.getByRole('link', { name: 'Decide who moves on' }).click();
  await expect(page.getByRole('heading', { name: /^Who moves on: Wednesday Hands, week 3/ })).toBeVisible();
  await expect(page.getByText('Proposals with their reasons; nothing moves by itself.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The class as a whole' })).toBeVisible();
  // Hamish missed two classes and Mirek joined in the third week.
  await expect(page.getByRole('region', { name: 'Not shown yet' })).toContainText(/Hamish S:/);

  const stays = page.getByText(/^\d+ (person stays|people stay) on the same rungs$/);
  await stays.click();
  // One line a person, opened family by family.
  await expect(page.getByRole('listitem').filter({ hasText: /^Ansel B\. / })).toContainText(
    /: the same rung\. [A-Z]/,
  );
  await page.getByRole('button', { name: 'Ansel B: each by itself' }).click();
  const ansel = page.getByRole('listitem').filter({ hasText: /^Ansel B, grip: / });
  await expect(ansel).toContainText(/\. [A-Z]/);
  await ansel.getByRole('combobox').selectOption({ label: '1 rung back' });
  await ansel.getByRole('button', { name: 'Ansel B, grip: take it' }).click();
  await expect(page.getByText('1 decision is kept')).toBeVisible();
  const decided = page.getByRole('region', { name: 'Decided' });
  await expect(decided.getByRole('row', { name: /^Ansel B, grip/ })).toContainText('changed: 1 rung back');
  // Taken back it is open again, and is decided anew.
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(decided).toHaveCount(0);
  await ansel.getByRole('combobox').selectOption({ label: '1 rung back' });
  await ansel.getByRole('button', { name: 'Ansel B, grip: take it' }).click();
  await expect(decided.getByRole('row', { name: /^Ansel B, grip/ })).toContainText('changed: 1 rung back');
  await expect(page.getByRole('listitem').filter({ hasText: /^Ansel B, grip: / })).toHaveCount(0);
  await noFaults(page, 'main');

  await page.goto('/');
  await expect(due).toHaveCount(0);
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Wednesday Hands.*planned/ })
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { name: 'Wednesday Hands, week 4' })).toBeVisible();
  const path = new URL(page.url()).pathname;
  await page.goto(`${path}/rehearse`);
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await expect(page.getByText('Rehearsal: nothing is stored')).toBeVisible();
  for (let i = 0; i < 40; i++) {
    if ((await page.locator('h1').first().textContent()) === 'Ball squeeze') break;
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(120);
  }
  await expect(page.getByRole('list', { name: 'Adapted for' })).toContainText(/Ansel B 1 rung easier: /);
});

test('a class that is not written up has nothing to decide, and says the way there', async ({ page }) => {
  await openFriday(page);
  await page.goto(`${new URL(page.url()).pathname}/decide`);
  await expect(page.getByText('Proposals come once the class is taught and written up.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Go to the wrap-up' })).toBeVisible();
});
