import { expect, type Page } from '@playwright/test';

/** A person as the routes take one. */
export const BLANK_PERSON = {
  firstName: 'Ida',
  initial: 'X',
  dominantHand: 'R',
  screened: true,
  assistance: 0,
  wantedTask: '',
  notes: '',
  conditions: [],
  clearances: [],
  positions: ['chair', 'table'],
  propsOut: [],
  measures: [],
};

/** The demo's planned Friday class. */
export async function openFriday(page: Page): Promise<void> {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { name: 'Friday Slow Hands, week 4' })).toBeVisible();
}

/** A small class of a test's own, with these people and these rows in its second section. */
export async function makeClass(
  page: Page,
  name: string,
  rows: readonly string[],
  people: readonly string[] = ['Ansel B', 'Delphine M'],
): Promise<void> {
  await page.goto('/classes/new');
  await page.getByLabel('Name').fill(name);
  await page.getByRole('button', { name: 'Make the class' }).click();
  await expect(page.getByRole('heading', { name: `${name}, week 1` })).toBeVisible();
  for (const person of people) await page.getByRole('checkbox', { name: person }).check();
  await page.getByRole('button', { name: 'Save who comes' }).click();
  await expect(page.getByRole('columnheader', { name: people[0]! })).toBeVisible();
  for (const row of rows) {
    await page.getByRole('button', { name: 'Add to move' }).click();
    await page.getByLabel('Find a movement').fill(row);
    await page.getByRole('button', { name: new RegExp(`^\\w+ ${row}`) }).click();
    await expect(page.getByRole('button', { name: `Move ${row}` })).toBeVisible();
  }
  if (rows.length > 0) await expect(page.getByText(/^Saved: Add/)).toBeVisible();
}
