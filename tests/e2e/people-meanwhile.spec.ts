import { expect, test, type Page } from '@playwright/test';
import type { PersonFields } from '@/core/people/person';
import { BLANK_PERSON } from './steps';

/** Put on the list by the route; where their record is. */
async function addPerson(page: Page, fields: Partial<PersonFields>): Promise<string> {
  await page.goto('/people');
  const answer = await page.request.post('/api/people', {
    headers: { origin: new URL(page.url()).origin },
    data: { ...BLANK_PERSON, ...fields },
  });
  return `/people/${((await answer.json()) as { id: string }).id}`;
}

test('a record open in two places: what differs is put together, what is the same is asked, and nothing typed is lost', async ({
  page,
  context,
}) => {
  const path = await addPerson(page, { firstName: 'Leopold' });
  const other = await context.newPage();
  for (const tab of [page, other]) await tab.goto(path);

  await other.getByLabel('Help needed').selectOption('2');
  await other.getByLabel('Notes').fill('Sits by the window');
  await other.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(other.getByText('Leopold is saved')).toBeVisible();

  await page.getByLabel('Would like to be able to').fill('wind the clock');
  await page.getByLabel('Notes').fill('Brings his own towel');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const trouble = page.getByRole('alert').filter({ hasText: 'changed elsewhere' });
  await expect(trouble).toContainText('Notes changed. Nothing of yours is saved yet');
  await expect(page.getByLabel('Notes')).toHaveValue('Brings his own towel');
  const theirs = context.waitForEvent('page');
  await page.getByRole('link', { name: 'See the record as it is now' }).click();
  await expect((await theirs).getByLabel('Notes')).toHaveValue('Sits by the window');

  await page.getByRole('button', { name: 'Save mine in its place' }).click();
  await expect(page.getByText('Leopold is saved')).toBeVisible();
  await expect(
    page.getByText(/^Changed elsewhere since .* and kept: Help needed: 2, before 0\.$/),
  ).toBeVisible();
  await page.goto(path);
  await expect(page.getByLabel('Notes')).toHaveValue('Brings his own towel');
  await expect(page.getByLabel('Help needed')).toHaveValue('2');
  await expect(page.getByLabel('Would like to be able to')).toHaveValue('wind the clock');
});

test('of many measures the newest are shown, a new one comes first, and one of the same day is refused', async ({
  page,
}) => {
  const measures = Array.from({ length: 30 }, (_, i) => ({
    hand: 'R' as const,
    kind: 'extension' as const,
    value: i + 1,
    on: `2026-10-${String(i + 1).padStart(2, '0')}`,
  }));
  await page.goto(await addPerson(page, { firstName: 'Ottilie', measures }));
  const values = page.getByLabel('Value');
  await expect(values).toHaveCount(20);
  await expect(values.first()).toHaveValue('30');
  await page.getByRole('button', { name: 'Add a measure' }).click();
  await expect(page.getByLabel('Hand', { exact: true }).first()).toBeFocused();
  await values.first().fill('44');
  await page.getByLabel('On', { exact: true }).first().fill('2026-10-30');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('That day has one of these already')).toBeVisible();
  await page.getByLabel('On', { exact: true }).first().fill('2026-11-24');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByRole('link', { name: 'Ottilie' }).click();
  await expect(values.first()).toHaveValue('44');
  await page.getByRole('button', { name: 'Show all 31 measures' }).click();
  await expect(values).toHaveCount(31);
});

test('settings open in two places: what differs is put together, what is the same is asked', async ({
  page,
  context,
}) => {
  await page.goto('/settings');
  const other = await context.newPage();
  await other.goto('/settings');
  const save = (on: typeof page) => on.getByRole('button', { name: 'Save', exact: true }).click();
  try {
    await page.getByLabel('The venue’s safety wording').fill('Call 1-1-2');
    await save(page);
    await expect(page.getByText('Settings are saved')).toBeVisible();
    await other.getByLabel('Signed under a note').fill('Marit');
    await save(other);
    await expect(other.getByText('and kept: The venue’s safety wording: Call 1-1-2.')).toBeVisible();
    await expect(other.getByLabel('The venue’s safety wording')).toHaveValue('Call 1-1-2');
    // The first page does not know of the signature yet.
    await page.getByLabel('Signed under a note').fill('Ines');
    await save(page);
    const told = page.getByRole('alert').filter({ hasText: 'The same was changed elsewhere' });
    await expect(told).toContainText('Signed under a note: Marit');
    await expect(page.getByLabel('Signed under a note')).toHaveValue('Ines');
    await page.getByRole('button', { name: 'Save mine in its place' }).click();
    await expect(told).toHaveCount(0);
    await other.reload();
    await expect(other.getByLabel('Signed under a note')).toHaveValue('Ines');
  } finally {
    await other.reload();
    await other.getByLabel('Signed under a note').fill('');
    await other.getByLabel('The venue’s safety wording').fill('');
    await save(other);
    await expect(other.getByText('Settings are saved')).toBeVisible();
    await other.close();
  }
});
