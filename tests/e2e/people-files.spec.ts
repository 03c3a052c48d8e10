import { expect, test } from '@playwright/test';
import { nothingTyped } from './steps';

const csv = (text: string) => ({ name: 'people.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a list is brought in: columns matched, problems by line, somebody known merged, nothing kept before', async ({
  page,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Bring in a file' }).click();
  await page
    .locator('input[type=file]')
    .setInputFiles(
      csv(
        '\uFEFFVorname;Initial;Conditions;Help\r\nZeno;Q;tremor;0\r\n;X;;1\r\nAnsel;B;;1\r\nYara;;gout;0\r\n',
      ),
    );
  const preview = page.getByRole('region', { name: 'Preview' });
  await expect(preview).toContainText('4 rows: 0 can be kept, 4 cannot');
  await page.getByLabel('First name').selectOption({ label: 'Vorname' });
  await expect(preview).toContainText('4 rows: 3 can be kept, 1 cannot, 1 are on the list already.');
  await expect(preview.getByRole('row', { name: /^3 cannot be kept/ })).toContainText(
    'A first name or nickname is needed',
  );
  await expect(preview.getByRole('row', { name: /Yara/ })).toContainText(
    '“gout” is not in the list of conditions',
  );
  await expect(preview.getByLabel('What to do with line 4')).toHaveValue('merge');
  await preview.getByLabel('What to do with line 5').selectOption('leave');
  await page.getByRole('button', { name: 'Accept 2 people' }).click();
  await expect(page.getByText('1 person added, 1 merged')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Zeno Q' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Yara' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Ansel B', exact: true }).click();
  await expect(page.getByText('Help needed: 1, before 0')).toBeVisible();
});

test('a file that is no list is refused in words', async ({ page }) => {
  await page.goto('/people/import');
  await page.locator('input[type=file]').setInputFiles(csv(''));
  await expect(page.getByRole('alert').first()).toContainText('There is nothing in this file.');
  await page.locator('input[type=file]').setInputFiles(csv('First name\r\n'));
  await expect(page.getByRole('alert').first()).toContainText('There are no people under the first line.');
});

test('the whole list, and all that is held about one person, as files', async ({ page }) => {
  await page.goto('/people');
  const [list] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take as a file' }).click(),
  ]);
  expect(list.suggestedFilename()).toBe('people.csv');
  await page.getByRole('link', { name: 'Delphine M' }).click();
  const [held] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Take it as a file' }).click(),
  ]);
  expect(held.suggestedFilename()).toBe('Delphine M.json');
});

test('erasing asks for the name and then is for good', async ({ page }) => {
  await nothingTyped(page, 'person.new');
  await page.goto('/people/new');
  await page.getByLabel('First name or nickname').fill('Vesna');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Vesna' }).click();
  await page.getByRole('button', { name: 'Erase', exact: true }).click();
  const typed = page.getByLabel(/^Type Vesna to erase everything/);
  await typed.fill('Vera');
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Type Vesna' })).toContainText(
    'Nothing was erased.',
  );
  await typed.fill('Vesna');
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page.getByText('The record is erased')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Vesna' })).toHaveCount(0);
});
