import { expect, test } from '@playwright/test';
import { noFaults } from './axe';
import { makeClass, openFriday, rowOf } from './steps';

test('one field finds pages, people, classes, movements and the steps of the class one is in', async ({
  page,
}) => {
  await page.goto('/');
  const field = page.getByRole('combobox', { name: 'Find anything' });
  const found = (name: string | RegExp) => page.getByRole('option', { name });
  const look = async (words: string) => {
    if (!(await field.isVisible())) await page.getByRole('button', { name: 'Find anything' }).click();
    await field.fill(words);
  };

  await look('towel');
  await expect(found('Wring the cloth')).toBeVisible();
  await noFaults(page);
  await look('zzzz');
  await expect(page.getByText('Nothing is called that.')).toBeVisible();
  await look('delphine');
  await expect(found('Delphine M')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Delphine M' })).toBeVisible();

  await page.keyboard.press('Control+k');
  await field.fill('wednesday week 4');
  await expect(found(/^Wednesday Hands, week 4/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(field).toHaveCount(0);

  await openFriday(page);
  await look('cue sheet');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Paper' })).toBeVisible();
});

test('what can be done on a page is found and done from anywhere on it', async ({ page }) => {
  await makeClass(page, 'Commanded class', ['Ball squeeze']);
  const find = async (words: string, name: string | RegExp) => {
    await page.keyboard.press('Control+k');
    await page.getByRole('combobox', { name: 'Find anything' }).fill(words);
    await page.getByRole('option', { name }).click();
    await expect(page.getByRole('combobox', { name: 'Find anything' })).toHaveCount(0);
  };
  await find('helpers', 'Open Who comes');
  await expect(page.getByRole('region', { name: 'People expected' })).toBeVisible();
  await find('take back', 'Undo: Add Ball squeeze');
  await expect(rowOf(page, 'Ball squeeze')).toHaveCount(0);
  await find('again', 'Redo: Add Ball squeeze');
  await expect(rowOf(page, 'Ball squeeze')).toBeVisible();
  await find('dark', 'Colours: dark, for the evening');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
  await find('bright hall', 'Colours: light, for a bright hall');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
});

test('a word is explained where it stands, on a page of its own, and from Find anything', async ({
  page,
}) => {
  await makeClass(page, 'Worded class', ['Ball squeeze']);
  await page.getByRole('button', { name: 'Needs', exact: true }).click();
  await page.getByRole('button', { name: /^do, adapt, swap and leave out/ }).click();
  const told = page.getByRole('dialog', { name: 'Do, adapt, swap, leave out' });
  await expect(told).toContainText('What a row is for one hand of one person');
  await noFaults(page);
  await page.keyboard.press('Escape');
  await expect(told).toHaveCount(0);
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'Find anything' }).fill('rung');
  await page.getByRole('option', { name: 'What is meant by: rung' }).click();
  await expect(page).toHaveURL(/\/words#rung$/);
  await expect(page.getByText('A place on a movement’s ladder from easy to hard.')).toBeInViewport();
  await noFaults(page);
});

test('on a phone it is one press away and fits', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/people');
  await page.getByRole('button', { name: 'Find anything' }).click();
  await page.getByRole('combobox', { name: 'Find anything' }).fill('grip');
  await expect(page.getByRole('option').first()).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
});
