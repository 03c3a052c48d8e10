import { expect, test, type Page } from '@playwright/test';
import { makeClass } from './steps';

const kilograms = (page: Page) => page.getByRole('region', { name: 'Weight on each wrist' });
const left = async (page: Page) =>
  Number(/([\d.]+) kg/.exec((await kilograms(page).locator('strong').first().textContent())!)![1]);

test('the bench: a body, a set-up, its kilograms, the next step; the handle and the fields say the same', async ({
  page,
}) => {
  await page.goto('/loading');
  await expect(kilograms(page)).toContainText('The smallest sure step up is');
  await expect(kilograms(page)).toContainText(/14 % of body weight, 13 to 15 % as bodies differ/);
  const table = await left(page);
  await page.getByRole('button', { name: /^A lean on a worktop/ }).click();
  const worktop = await left(page);
  expect(worktop).toBeGreaterThan(table);
  await page.getByRole('textbox', { name: 'Mass, kg' }).fill('34');
  await expect(page.getByText('At least 35')).toBeVisible();
  await page.getByRole('textbox', { name: 'Mass, kg' }).fill('136');
  await page.keyboard.press('Enter');
  await expect.poll(() => left(page)).toBeCloseTo(worktop * 2, 0);

  const figure = page.getByRole('img', { name: /^From the side: both hands bear \d+ %/ });
  const share = async () => Number(/bear (\d+) %/.exec((await figure.getAttribute('aria-label'))!)![1]);
  const before = await share();
  await figure.scrollIntoViewIfNeeded();
  const handle = (await figure.locator('circle').boundingBox())!;
  await page.mouse.move(handle.x + 12, handle.y + 12);
  await page.mouse.down();
  await page.mouse.move(handle.x + 12, handle.y + 92, { steps: 6 });
  await page.mouse.up();
  await expect.poll(share).toBeGreaterThan(before);
  expect(Number(await page.getByRole('textbox', { name: 'Hands up, cm' }).inputValue())).toBeLessThan(90);
  await page.getByRole('textbox', { name: 'On the left hand, %' }).fill('100');
  await page.keyboard.press('Enter');
  await expect(kilograms(page)).toContainText('0.0 kg');
});

test('hands that do not reach are said in words, and everything typed stays', async ({ page }) => {
  await page.goto('/loading');
  await page.getByRole('textbox', { name: 'Hands forward, cm' }).fill('110');
  await page.keyboard.press('Enter');
  await expect(kilograms(page)).toContainText('The hands do not reach there.');
  await expect(page.getByRole('textbox', { name: 'Hands forward, cm' })).toHaveValue('110');
  await page.getByRole('textbox', { name: 'Hands forward, cm' }).fill('50');
  await page.keyboard.press('Enter');
  await expect(kilograms(page)).toContainText('of body weight');
});

test('the floor is off until it is switched on in Settings', async ({ page }) => {
  const fours = page.getByRole('button', { name: /^All fours, knees lifted/ });
  await page.goto('/loading');
  await expect(page.getByText('Set-ups on the floor are off.')).toBeVisible();
  await expect(fours).toHaveCount(0);
  await page.goto('/settings');
  await page.getByLabel(/^Offer set-ups on the floor/).check();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Settings are saved')).toBeVisible();
  await page.goto('/loading');
  await expect(fours).toBeVisible();
  await makeClass(page, 'Floor class', [], ['Esi O']);
  const offered = async () => {
    await page.getByRole('button', { name: 'Add to load' }).click();
    await page.getByLabel('Find a movement').fill('all fours');
  };
  await offered();
  await expect(page.getByRole('button', { name: /All fours/ }).first()).toBeVisible();
  await page.goto('/settings');
  await page.getByLabel(/^Offer set-ups on the floor/).uncheck();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Settings are saved')).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('link', { name: /Floor class/ }).click();
  await offered();
  await expect(page.getByText(/on the floor or with impact: switched on in Settings/)).toBeVisible();
});

test('the bench takes somebody’s own body and says what they may take up', async ({ page }) => {
  await page.goto('/loading');
  await page.getByLabel('Whose body').selectOption({ label: 'Ilse P' });
  await expect(page.getByRole('textbox', { name: 'Height, cm' })).toHaveValue('155');
  await expect(page.getByRole('textbox', { name: 'Mass, kg' })).toHaveValue('52');
  await expect(page.getByRole('button', { name: /^A press on one’s own thighs/ })).toContainText(
    /hands|left/,
  );
  await page.getByLabel('Whose body').selectOption({ label: 'Esi O' });
  await expect(page.getByText('Esi’s height and mass are not on record.')).toBeVisible();
});

test('a set-up changed at the bench goes into the class as it was set, and can be given up', async ({
  page,
}) => {
  await makeClass(page, 'Lower class', [], ['Otto H', 'Ansel B']);
  await page.goto('/loading');
  await page.getByRole('button', { name: /^A seated lean on a table/ }).click();
  await page.getByRole('textbox', { name: 'Weight put on the hands, %' }).fill('70');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'On the left hand, %' }).fill('60');
  await page.keyboard.press('Enter');
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'Lower class, week 1' });
  await page.getByRole('button', { name: 'Add lean on the table' }).click();
  await expect(page.getByText(/70 % handed over, 60 % of it on the left hand/)).toBeVisible();
  await page.getByRole('link', { name: 'See its plan' }).click();
  await expect(page.locator('th').getByText(/^A lean of 30 degrees, .* 70 % handed over/)).toBeVisible();
  await page.locator('[data-row]', { hasText: 'Lean on the table' }).click();
  const loads = page.getByRole('region', { name: 'Weight on each wrist' });
  await expect(loads).toContainText('for the hand that bears more');
  await loads.getByRole('button', { name: 'Take the usual set-up' }).click();
  await expect(loads).toContainText('both hands alike');
  await expect(page.locator('th').getByText(/^A lean of 30 degrees, .* 70 % handed over/)).toHaveCount(0);
});

test('a press on the simulated scale is read, its zero taken off, and an unsteady one is not', async ({
  page,
}) => {
  await page.goto('/loading');
  const scale = page.getByRole('region', { name: 'Scale check' });
  await scale.getByRole('textbox', { name: 'Its zero, kg' }).fill('1.2');
  await scale.getByRole('button', { name: 'Press the scale' }).click();
  await expect(scale.getByRole('status')).toContainText(
    /kg on both hands, within the [\d.]+ to [\d.]+ kg worked out\. 1\.2 kg of it was/,
  );
  await scale.getByRole('textbox', { name: 'Sway, %' }).fill('40');
  await scale.getByRole('button', { name: 'Press the scale' }).click();
  await expect(scale.getByRole('status')).toContainText('press more steadily');
});

test('a loading row says what each wrist bears, from the body on record or as a range', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Keiko D' }).click();
  await page.getByLabel('Height, cm').fill('12');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Height is at least 100 cm')).toBeVisible();
  await page.getByLabel('Height, cm').fill('160');
  await page.getByLabel('Mass, kg').fill('60,5');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Keiko is saved')).toBeVisible();
  await makeClass(page, 'Weighing class', ['Press down on your own thighs'], ['Esi O', 'Keiko D']);
  await page.getByRole('button', { name: /^Press down on your own thighs/ }).click();
  const loads = page.getByRole('region', { name: 'Weight on each wrist' });
  await expect(loads.getByRole('listitem').filter({ hasText: 'Keiko D' })).toContainText(
    /[\d.]+ to [\d.]+ kg, rung 1 to 2 of 9/,
  );
  await expect(loads.getByRole('listitem').filter({ hasText: 'Esi O' })).toContainText(
    'height or mass not known',
  );
});

test('a set-up goes into a class with its counter-stretch and a shake', async ({ page }) => {
  await makeClass(page, 'Leaning class', [], ['Esi O', 'Ferran R']);
  await page.goto('/loading');
  await page.getByRole('button', { name: /^A press on one’s own thighs/ }).click();
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'Leaning class, week 1' });
  await page.getByRole('button', { name: 'Add press down on your own thighs' }).click();
  await page.getByRole('link', { name: 'See its plan' }).click();
  await expect(page.getByRole('button', { name: 'Move Press down on your own thighs' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Move Backs of the hands together' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: /^Ferran R: .*left leave out|^Ferran R: left/ }).first(),
  ).toBeVisible();
});
