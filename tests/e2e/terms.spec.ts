import { expect, test, type Page } from '@playwright/test';
import { noFaults } from './axe';
import { makeClass } from './steps';

async function openTerm(page: Page) {
  await page.goto('/terms');
  await page.getByRole('link', { name: 'Wednesday Hands, autumn' }).click();
  await expect(page.getByRole('heading', { name: 'Wednesday Hands, autumn' })).toBeVisible();
}
const bead = (page: Page, week: number) =>
  page.getByRole('button', { name: new RegExp(`^Ball squeeze, week ${week}, `) });
const rungOf = async (page: Page, week: number): Promise<string> =>
  /rung (\d) of/.exec((await bead(page, week).getAttribute('aria-label'))!)![1]!;

const countOf = async (page: Page, week: number): Promise<number> =>
  Number(/, (\d+) times/.exec((await bead(page, week).getAttribute('aria-label'))!)![1]);

test('a term: the rest of its classes, a rung moved with a key and carried on, taken back, and changed once', async ({
  page,
}) => {
  await openTerm(page);
  // Another test may have planned the next one already.
  await page.getByRole('button', { name: /^Plan \d+ class/ }).click();
  await expect(page.getByText(/^\d+ class(es are| is) planned$/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Week 8' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Classes to come' })).toHaveCount(0);
  expect(await Promise.all([5, 6, 8].map((w) => rungOf(page, w)))).toEqual(['3', '3', '3']);

  await bead(page, 6).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Ball squeeze: 3 classes changed')).toBeVisible();
  await expect(bead(page, 8)).toHaveAccessibleName(/rung 4 of/);
  expect(await rungOf(page, 5)).toBe('3');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bead(page, 8)).toHaveAccessibleName(/rung 3 of/);
  await expect(bead(page, 6)).toHaveAccessibleName(/rung 3 of/);
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(0);

  const [seventh, eighth] = [await countOf(page, 7), await countOf(page, 8)];
  await bead(page, 7).click();
  const editor = page.getByRole('dialog');
  await editor.getByRole('button', { name: 'More: Count' }).click();
  await editor.getByLabel('Carry on through the later weeks').uncheck();
  await editor.getByRole('button', { name: 'Change it' }).click();
  await expect(bead(page, 7)).toHaveAccessibleName(new RegExp(`, ${seventh + 1} times`));
  expect(await countOf(page, 8)).toBe(eighth);
});

test('a bead is dragged up and along the weeks with the mouse', async ({ page }) => {
  await openTerm(page);
  await bead(page, 5).scrollIntoViewIfNeeded();
  const from = (await bead(page, 5).boundingBox())!;
  const to = (await bead(page, 6).boundingBox())!;
  const [x, y] = [from.x + from.width / 2, from.y + from.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 20, y - 4, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, y - 9, { steps: 8 });
  await page.mouse.up();
  await expect(bead(page, 5)).toHaveAccessibleName(/rung 4 of/);
  await expect(bead(page, 6)).toHaveAccessibleName(/rung 4 of/);
  await expect(bead(page, 7)).toHaveAccessibleName(/rung 3 of/);
});

test('volumes by week, for the group and for one person, in a table and as a picture; rules across weeks', async ({
  page,
}) => {
  await openTerm(page);
  const volumes = page.getByRole('region', { name: 'Volumes by week' });
  const grip = volumes.getByRole('row', { name: /^Grip, repetitions × effort/ });
  const group = await grip.textContent();
  await expect(volumes.getByRole('row', { name: /^Mobility, repetitions/ })).toContainText(/268\s*268/);
  await page.getByLabel('Picture of').selectOption({ label: 'Grip, repetitions' });
  await expect(page.getByRole('img', { name: /^Grip, repetitions, planned and done by week/ })).toBeVisible();
  await page.getByLabel('Whose term').selectOption({ label: 'Bashir K' });
  await expect(page.getByRole('heading', { name: 'Asked and done, Bashir K' })).toBeVisible();
  await expect(grip).not.toHaveText(group!);
  await expect(page.getByRole('region', { name: 'From week to week' })).toBeVisible();
  await noFaults(page);
});

test('a term played forward: quartiles of a hundred plays, names only where chance does not explain them, and a hundred more', async ({
  page,
}) => {
  await openTerm(page);
  await page.getByRole('link', { name: 'Play it forward' }).click();
  await page.getByLabel('Attendance').selectOption({ label: 'Everyone comes' });
  await page.getByRole('button', { name: 'Play the term' }).click();
  const people = page.getByRole('region', { name: 'Who might fall behind' });
  await expect(people).toContainText('of 100 plays');
  await expect(people).toContainText('no further apart than chance makes it');
  const weeks = page.getByRole('region', { name: 'Numbers class by class' });
  // Everyone comes to every class, so that there is no spread to tell.
  await expect(weeks.getByRole('row', { name: /^People who come( \d+)+$/ })).toBeVisible();
  await expect(weeks.getByRole('row', { name: /^Effort, of ten/ })).toContainText(/\d\.\d \(\d\.\d-\d\.\d\)/);
  await page.getByRole('button', { name: 'Play it 100 times more' }).click();
  await expect(people).toContainText('of 200 plays');
  await expect(page.getByText('It compares plans; it predicts nobody.')).toBeVisible();
  await noFaults(page);
});

test('a new term: what is missing is said, what is typed stays, and a holiday tells of the class that falls in it', async ({
  page,
}) => {
  await makeClass(page, 'Frost hands', [], ['Ansel B']);
  await page.goto('/terms');
  await page.getByRole('link', { name: 'Plan a term of Frost hands' }).click();
  await page.getByLabel('Name', { exact: true }).fill('');
  await page.getByRole('button', { name: 'Add a holiday' }).click();
  await page.getByLabel('What').fill('frost');
  await page.getByLabel('Until').fill('2020-01-01');
  await page.getByRole('button', { name: 'Plan the term' }).click();
  await expect(page.getByText('Give the term a name')).toBeVisible();
  await expect(page.getByText('The holiday ends before it begins')).toBeVisible();
  await expect(page.getByLabel('What')).toHaveValue('frost');
  await noFaults(page);

  await page.getByRole('button', { name: 'Remove holiday 1' }).click();
  await page.getByLabel('Phase of week 2').selectOption('build');
  await page.getByRole('button', { name: 'More: Weeks' }).click();
  await expect(page.getByLabel('Phase of week 2')).toHaveValue('build');
  await page.getByLabel('Name', { exact: true }).fill('Slow and short');
  await page.getByRole('button', { name: 'Plan the term' }).click();
  await expect(page.getByRole('heading', { name: 'Slow and short' })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: /Week 1/ })).toBeVisible();
  await page.getByRole('link', { name: 'Weeks and holidays' }).click();
  await page.getByRole('button', { name: 'Add a holiday' }).click();
  const first = await page.getByLabel('From', { exact: true }).first().inputValue();
  await page.getByLabel('Until').fill(first);
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(page.getByText(/falls in a holiday/)).toBeVisible();

  await page.goto('/terms');
  await page.getByRole('link', { name: 'Plan a term of Frost hands' }).click();
  await page.getByRole('button', { name: 'Plan the term' }).click();
  await expect(page.getByText('Slow and short has days in common with this term.')).toBeVisible();
});

test('a term is taken away when one says so, and comes back with one press', async ({ page }) => {
  await page.goto('/terms');
  await page.getByRole('link', { name: 'Slow and short' }).click();
  await page.getByRole('link', { name: 'Weeks and holidays' }).click();
  await page.getByRole('button', { name: 'Take this term away' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Take this term away' }).click();
  await expect(page.getByText('Its classes and their plans stay.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it away' }).click();
  const frost = page.locator('section', { has: page.getByRole('heading', { name: /^Frost hands/ }) });
  await expect(frost).toContainText('No term is planned yet.');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Slow and short' })).toBeVisible();
});

test('the group is told without names', async ({ page }) => {
  await openTerm(page);
  await page.getByRole('link', { name: 'How the group did' }).click();
  await expect(page.getByRole('row', { name: /^Ease of the wanted task/ })).toContainText('9');
  await expect(page.getByRole('article')).toContainText(
    /Measured of fewer than 5 and so not told: .*morning stiffness/,
  );
  await expect(page.getByText('Ansel')).toHaveCount(0);
  await noFaults(page);
});
