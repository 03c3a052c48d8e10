import { expect, test, type Page } from '@playwright/test';
import { BLANK_PERSON, makeClass } from './steps';

const addPeople = async (page: Page, ...names: string[]) => {
  for (const firstName of names) {
    const made = await page.request.post('/api/people', {
      data: { ...BLANK_PERSON, firstName, initial: '' },
    });
    expect(made.status(), await made.text()).toBe(200);
  }
};

const ways = (page: Page) => page.getByRole('list', { name: 'Adapted for' });
/** What a helper reads beneath somebody's name. */
const atHelper = (page: Page, name: string) => page.getByRole('listitem').filter({ hasText: name });

test('what a late-comer, a hot joint and a helper say in mid-class changes the rows to come on both screens; the door is open until the end', async ({
  page,
  context,
}) => {
  test.slow();
  await page.goto('/');
  await addPeople(page, 'Quill', 'Roswitha', 'Sunniva', 'Tove');
  await makeClass(
    page,
    'Late class',
    ['Ball squeeze', 'Squeeze along a rolled cloth'],
    ['Quill', 'Roswitha', 'Sunniva'],
  );
  const plan = page.url();
  await page.goto(`${plan}/teach`);
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByText('Everyone does it as shown.')).toBeVisible();
  const helper = await context.newPage();
  await helper.goto(`${plan}/helper`);
  await expect(helper.getByLabel('Row').locator('option:checked')).toHaveText('Ball squeeze (now)');

  // A late-comer with pain 8.
  await page.keyboard.press('a');
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('button', { name: 'not asked yet Quill' })).toBeVisible();
  await sheet.getByRole('button', { name: 'Quill' }).click();
  await sheet.getByRole('button', { name: 'Pain in the right hand: 8' }).click();
  await expect(sheet.getByRole('region', { name: 'What this changes' })).toContainText('rows to come');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(ways(page)).toContainText('Quill asked in this class; right: ');
  await expect(atHelper(helper, 'Quill')).toContainText('asked in this class; right: ');

  // Not why: neither on the helper's page nor in what it is made of.
  expect(await (await helper.request.get(`${plan}/helper`)).text()).not.toMatch(/painful today|in flare/i);

  // A joint that turns hot.
  await page.keyboard.press('a');
  await expect(sheet.getByRole('button', { name: 'asked Quill', exact: true })).toBeVisible();
  await sheet.getByRole('button', { name: 'Roswitha' }).click();
  await sheet.getByRole('button', { name: 'Hot or swollen today: left hand' }).click();
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Squeeze along a rolled cloth', level: 1 })).toBeVisible();
  await expect(ways(page)).toContainText('Roswitha asked in this class; left: ');
  await expect(atHelper(helper, 'Roswitha')).toContainText('asked in this class; left: ');
  await page.reload();
  await expect(ways(page)).toContainText('Roswitha asked in this class; left: ');

  // A helper's mark reaches the instructor.
  await expect(ways(page)).not.toContainText('Sunniva');
  await helper.getByText('Sunniva', { exact: true }).click();
  await helper.getByRole('button', { name: 'Sore: Sunniva' }).click();
  await expect(ways(page)).toContainText('Sunniva sore in this class; ');
  // The instructor says which hand, and then that it was nobody after all; the helper sees both.
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Sunniva: left hand' }).click();
  await expect(atHelper(helper, 'Sunniva')).toContainText('sore, left hand');
  await page.getByRole('button', { name: 'Sunniva: Sore' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(ways(page)).not.toContainText('Sunniva sore');
  await expect(atHelper(helper, 'Sunniva')).not.toContainText('sore');

  // A helper asks the instructor to come.
  await helper.getByRole('button', { name: 'I need you' }).click();
  await helper.getByRole('button', { name: 'Sunniva', exact: true }).click();
  await expect(helper.getByText('Asked to come to Sunniva')).toBeVisible();
  await expect(page.getByText('A helper asks you to come to Sunniva')).toBeVisible();
  await page.getByRole('button', { name: 'I am coming' }).click();
  await expect(page.getByText('A helper asks you')).toBeHidden();
  await expect(helper.getByText('The instructor has seen it and comes')).toBeVisible();

  // Somebody who was not expected.
  await page.keyboard.press('a');
  await sheet.getByLabel('Who').selectOption('Tove');
  await sheet.getByRole('button', { name: 'Add to this class' }).click();
  await expect(sheet.getByRole('heading', { name: 'How are Tove’s hands now?' })).toBeVisible();
  await sheet.getByRole('button', { name: 'All well' }).click();
  await expect(atHelper(helper, 'Tove')).toBeVisible();

  // At the door, on another machine.
  const door = await context.newPage();
  await door.goto(`${plan}/door`);
  await expect(door.getByText(/^The class has begun: what is said now counts/)).toBeVisible();
  await door.getByRole('button', { name: /Tove$/ }).click();
  await door.getByRole('button', { name: 'Pain in the left hand: 9' }).click();
  await expect(ways(page)).toContainText('Tove asked in this class; left: ');

  await page.keyboard.press('ArrowRight');
  await page.waitForURL(/wrap-up$/);
  await expect(page.getByLabel('Quill, pain before, right')).toHaveValue('8');
  await door.reload();
  await expect(door.getByText(/^This class is over/)).toBeVisible();
});
