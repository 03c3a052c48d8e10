import { expect, test, type Page } from '@playwright/test';

async function openMeasure(page: Page, name: string) {
  await page.goto('/people');
  await page.getByRole('link', { name }).click();
  await page.getByRole('link', { name: 'Measure', exact: true }).click();
  await expect(page.getByRole('heading', { name: `Grip of ${name}` })).toBeVisible();
}

const now = (page: Page) => page.getByRole('region', { name: 'Squeeze' }).getByRole('status');
const read = (page: Page) => page.getByRole('button', { name: 'Read the meter' });

test('a grip test: hands by turns, the curve, what does not count and why, the score of both schools, the result', async ({
  page,
}) => {
  await openMeasure(page, 'Otto H');
  const strength = page.getByRole('textbox', { name: 'Strength, kg' });
  await expect(now(page)).toHaveText(/^(Right|Left) hand, try 1 of 3$/);
  const first = (await now(page).textContent())!.split(' ')[0]!;

  await page.getByLabel('What happens').selectOption({ label: 'Begun before the word' });
  await read(page).click();
  await expect(
    page.getByText('The squeeze began before the word. Let go, wait for it, then squeeze.'),
  ).toBeVisible();
  await expect(now(page)).toHaveText(`${first} hand, try 1 of 3`);
  await page.getByLabel('What happens').selectOption({ label: 'The meter is lost' });
  await read(page).click();
  await expect(
    page.getByText('The meter was lost. Check that it is on and near, and try again.'),
  ).toBeVisible();

  await page.getByLabel('What happens').selectOption({ label: 'A steady squeeze' });
  for (let i = 0; i < 6; i++) {
    await strength.fill(String(30 + i));
    await page.keyboard.press('Enter');
    await expect(read(page)).toBeEnabled();
    await read(page).click();
    await expect(page.getByRole('img', { name: /^Force against time, peak 3\d/ })).toBeVisible();
  }
  await expect(now(page)).toHaveText('Both hands are done');
  const tries = page.getByRole('region', { name: 'This test' });
  const row = tries.getByRole('row', { name: new RegExp(`^${first.toLowerCase()}`) });
  await expect(row).toContainText(/3\d\.\d, 3\d\.\d, 3\d\.\d/);
  const best = await row.getByRole('cell').last().textContent();
  await page.getByLabel('Score').selectOption('mean of three');
  await expect(row.getByRole('cell').last()).not.toHaveText(best!);

  await page.getByRole('button', { name: 'Keep this test' }).click();
  await expect(page.getByText('The grip test is kept')).toBeVisible();
  await expect(tries).toHaveCount(0);
  const results = page.getByRole('region', { name: 'Results' });
  await expect(results).toContainText(/kg (then|on the first day)/);
  await page.getByRole('link', { name: 'Back to the record' }).click();
  await expect(page.getByText(/grip/i).first()).toBeVisible();
});

test('a hand that has just squeezed rests for a minute, unless one says otherwise', async ({ page }) => {
  await openMeasure(page, 'Lorna V');
  await read(page).click();
  await expect(page.getByRole('img', { name: /, peak/ })).toBeVisible();
  await read(page).click();
  // At the tests’ clock a minute is a second and a half.
  await expect(page.getByText(/hand rests 0:\d\d more|hand, try 2 of 3/).first()).toBeVisible();
  await expect(read(page)).toBeEnabled();
});
