import { expect, test } from '@playwright/test';
import { makeClass, openMore, rowOf } from './steps';

test('a row has a name and an effort of its own, is joined with another and may be left out; a section is repeated and taken out', async ({
  page,
}) => {
  await makeClass(page, 'Saying class', ['Ball squeeze', 'Open wide, close gently'], ['Esi O']);
  await page
    .getByRole('button', { name: /^Ball squeeze/ })
    .first()
    .click();
  await openMore(page);
  await page.getByText('Own name, effort, joined with, may be left out').click();
  await page.getByLabel('Its name in this class').fill('Lemon');
  await page.getByLabel('What it is for in daily life').click();
  await expect(page.getByRole('button', { name: 'Lemon' }).first()).toBeVisible();
  await page.getByLabel('Effort to aim for').selectOption('3');
  await page.getByLabel('May be left out when time is short').check();
  await page.getByLabel('Together with').selectOption({ label: 'Ankles up and down' });
  await page.getByLabel('Other sets for').selectOption({ label: 'Esi O' });
  await expect(page.getByText('Saved: Sets of one person in Lemon')).toBeVisible();
  await page.reload();
  const lemon = rowOf(page, 'Lemon');
  await expect(lemon).toContainText('Effort 3 of 10; may be left out');
  await lemon.getByRole('button', { name: /^Lemon/ }).click();
  await openMore(page);
  await expect(page.getByLabel('Esi O', { exact: true })).toHaveValue('2');
  await lemon.getByRole('button', { name: /^Lemon/ }).click();

  await page.getByRole('button', { name: 'Section Move' }).click();
  await page.getByRole('menuitem', { name: 'Repeat it, with its rows' }).click();
  await expect(page.getByRole('button', { name: 'Move 2, rename' })).toBeVisible();
  await expect(rowOf(page, 'Lemon')).toHaveCount(2);
  await page.getByRole('button', { name: 'Section Move 2' }).click();
  await page.getByRole('menuitem', { name: 'Take out, with 2 rows' }).click();
  await expect(rowOf(page, 'Lemon')).toHaveCount(1);
  await page.getByRole('button', { name: 'Section Settle' }).click();
  await expect(page.getByRole('menuitem', { name: 'Take out (a class keeps its ending)' })).toBeDisabled();
});

test('the reminders of a class are one on a line, and too long a one is refused with its words kept', async ({
  page,
}) => {
  await makeClass(page, 'Reminding class', ['Ball squeeze'], ['Esi O']);
  await page.getByRole('button', { name: 'Details' }).click();
  const field = page.getByLabel('Reminders, one on a line');
  await field.fill(`Tall\n${'x'.repeat(61)}`);
  await expect(page.getByText('Keep a reminder under 60 characters')).toBeVisible();
  await field.fill('Tall\nShoulders low');
  await page.getByRole('textbox', { name: 'A breath, seconds' }).click();
  await expect(page.getByText('Saved: Reminders of the class')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Details' }).click();
  await expect(field).toHaveValue('Tall\nShoulders low');
});
