import { expect, test, type Page } from '@playwright/test';
import { makeClass, openFriday } from './steps';

const titles = (page: Page) =>
  page
    .locator('tr[id^="row-"] th button')
    .evaluateAll((all) => all.map((b) => b.textContent?.replace(/ \(\w+\)$/, '')));

test('rows move by mouse, by the drag handle’s keys and by Alt and arrow, and each can be undone', async ({
  page,
}) => {
  await openFriday(page);
  const start = await titles(page);
  const wrist = page.getByRole('button', { name: 'Move Wrist bends up and down' });
  const palms = page.getByRole('button', { name: 'Move Palms turn up and down' });
  await wrist.scrollIntoViewIfNeeded();
  const [from, to] = [(await wrist.boundingBox())!, (await palms.boundingBox())!];
  await page.mouse.move(from.x + 14, from.y + 22);
  await page.mouse.down();
  await page.mouse.move(from.x + 14, from.y + 60, { steps: 5 });
  await page.mouse.move(to.x + 14, to.y + 26, { steps: 10 });
  await page.mouse.up();
  await expect(page.getByText('Saved: Move Wrist bends up and down')).toBeVisible();
  const dragged = await titles(page);
  expect(dragged.indexOf('Wrist bends up and down')).toBe(start.indexOf('Wrist bends up and down') + 2);
  await page.keyboard.press('Control+z');
  await expect.poll(() => titles(page)).toEqual(start);

  await page.getByRole('button', { name: 'Wrist bends up and down', exact: true }).focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect
    .poll(async () => (await titles(page)).indexOf('Wrist bends up and down'))
    .toBe(start.indexOf('Wrist bends up and down') + 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => titles(page)).toEqual(start);

  await wrist.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Wrist bends up and down picked up')).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/is over Wrist circles in the air/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect
    .poll(async () => (await titles(page)).indexOf('Wrist bends up and down'))
    .toBe(start.indexOf('Wrist bends up and down') + 1);
  await page.keyboard.press('Control+z');
  await expect.poll(() => titles(page)).toEqual(start);
});

test('the weave says why, and arrow keys walk it', async ({ page }) => {
  await openFriday(page);
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('button', { name: 'Alternate gentle fists', exact: true }) });
  await row.getByRole('button', { name: /^Delphine M:/ }).focus();
  const why = page.getByRole('status').filter({ hasText: 'Delphine M' });
  await expect(why).toContainText('left adapt, right swap');
  await expect(why).toContainText('in flare');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('status').filter({ hasText: 'Ilse P' })).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(
    page
      .getByRole('status')
      .filter({ hasText: 'Ilse P, fingers' })
      .or(page.getByRole('status').filter({ hasText: 'Ilse P, finger taps' })),
  ).toBeVisible();
});

test('a section is renamed, a row added, shortened and taken out; a reload keeps it and undo still works', async ({
  page,
}) => {
  await openFriday(page);
  await page.getByRole('button', { name: 'Open, rename' }).click();
  await page.getByLabel('Section name').fill('Opening up');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Add to opening up' }).click();
  const field = page.getByLabel('Find a movement');
  const finder = page.getByRole('group', { name: 'Add to opening up' });
  // What people call it; what it would be for these people; and what is left out, with the reason.
  await field.fill('stress ball');
  await expect(
    finder.getByRole('button', { name: /Ball squeeze.*; .*(in their own way|left out|for all)/ }),
  ).toBeVisible();
  await field.fill('joint lock');
  await expect(finder).toContainText('Joint locks is left out on purpose. A lever on a small joint');
  await field.fill('spread hand');
  await page.getByRole('button', { name: /Fingers spread against the other hand/ }).click();
  await page.getByLabel('Holds', { exact: true }).fill('3');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved: Dose of Fingers spread against the other hand')).toBeVisible();
  await page.reload();
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('button', { name: /^Fingers spread against/ }) });
  await expect(row.getByRole('img', { name: /^3 holds of 3 seconds each hand/ })).toBeVisible();
  await expect(row).toContainText('new to this group');
  for (let i = 0; i < 3; i++) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.waitForTimeout(300);
  }
  await expect(page.getByRole('button', { name: 'Open, rename' })).toBeVisible();
  await expect(row).toHaveCount(0);
});

test('two windows: edits about different things come together, about the same thing the second is told', async ({
  page,
  context,
}) => {
  await openFriday(page);
  const other = await context.newPage();
  await other.goto(page.url());
  const rename = async (p: Page, from: string, to: string) => {
    await p.getByRole('button', { name: `${from}, rename` }).click();
    await p.getByLabel('Section name').fill(to);
    await p.keyboard.press('Enter');
  };
  await rename(other, 'Load', 'Lean');
  await expect(other.getByText('Saved: Rename Load')).toBeVisible();
  await rename(page, 'Ease', 'Soothe');
  await expect(
    page.getByText('Another window changed this plan too (Rename Load). Both changes are in it.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lean, rename' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Soothe, rename' })).toBeVisible();

  await rename(other, 'Lean', 'Press');
  await expect(
    other.getByText(/This plan was changed in another window|Both changes are in it/),
  ).toBeVisible();
  await rename(page, 'Lean', 'Push');
  await expect(page.getByText(/This plan was changed in another window/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Press, rename' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Lean, rename' })).toBeVisible();
});

test('the bag is counted, and being short is a finding', async ({ page }) => {
  await makeClass(page, 'Kit class', [], ['Lorna V']);
  await page.getByRole('button', { name: 'Add to open' }).click();
  await page.getByRole('button', { name: /Rubber band spread/ }).click();
  const findings = page.getByRole('region', { name: 'Findings' });
  await findings.getByRole('button', { name: /^All/ }).click();
  await expect(findings).toContainText('1 broad rubber band is needed, 0 are in the bag.');
  await expect(findings).toContainText('Lorna V must not touch latex');
  await page.getByRole('button', { name: /^Kit: 1 prop, 1 short/ }).click();
  await page.getByLabel('broad rubber bands in the bag').fill('4');
  await page.keyboard.press('Enter');
  await expect(findings).not.toContainText('are in the bag');
});

test('a class’s details and the length of a breath are changed in place, and refused in words', async ({
  page,
}) => {
  await makeClass(page, 'Details class', [], ['Esi O']);
  await page.getByRole('button', { name: 'Add to ease' }).click();
  await page.getByRole('button', { name: /Palms nearer and further/ }).click();
  const row = page.getByRole('row').filter({ has: page.getByRole('button', { name: /^Palms nearer/ }) });
  await expect(row.getByRole('img', { name: /^4 breaths, about 20 seconds$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Details' }).click();
  await page.getByRole('button', { name: 'More: A breath, seconds' }).click();
  await page.getByRole('button', { name: 'More: A breath, seconds' }).click();
  await expect(row.getByRole('img', { name: /^4 breaths, about 25 seconds$/ })).toBeVisible();
  await page.getByLabel('Minutes').fill('5');
  await page.getByRole('button', { name: 'Save the details' }).click();
  await expect(page.getByText('A class is at least 10 minutes')).toBeVisible();
  await page.getByLabel('Minutes').fill('20');
  await page.getByLabel('Place').fill('The potting shed');
  await page.getByRole('button', { name: 'Save the details' }).click();
  await expect(page.getByRole('region', { name: 'Time', exact: true })).toContainText('of 20:00');
  await page.reload();
  await page.getByRole('button', { name: 'Details' }).click();
  await expect(page.getByLabel('Place')).toHaveValue('The potting shed');
});
