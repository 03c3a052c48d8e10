import { expect, test, type Page } from '@playwright/test';
import { noFaults } from './axe';
import { pdfSides, printedSides } from './sides';

async function openPerson(page: Page, name: string, where?: 'Measure' | 'Results') {
  await page.goto('/people');
  await page.getByRole('link', { name }).click();
  if (where) await page.getByRole('link', { name: where, exact: true }).click();
}
async function openTaught(page: Page) {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Wednesday Hands.*written up/ })
    .first()
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { name: /^Wrap-up: Wednesday Hands/ })).toBeVisible();
}

test('range, thumb, task and stiffness are written down, kept, and stay when one is wrong', async ({
  page,
}) => {
  await openPerson(page, 'Hamish S', 'Measure');
  await page.getByRole('link', { name: 'Wrist range' }).click();
  const back = page.getByLabel('Wrist bend back, right, degrees');
  await back.fill('400');
  await page.getByLabel('Wrist bend, left, degrees').fill('57');
  await page.getByRole('button', { name: 'Keep these measures' }).click();
  await expect(page.getByText('One of the numbers is not right yet. Nothing was kept.')).toBeVisible();
  await expect(page.getByText('At most 120')).toBeVisible();
  await back.fill('52');
  await page.keyboard.press('Tab');
  await expect(back).toHaveValue('50');
  await expect(page.getByLabel('Wrist bend, left, degrees')).toHaveValue('55');
  await page.getByRole('button', { name: 'Keep these measures' }).click();
  await expect(page.getByText('2 measures are kept')).toBeVisible();
  await expect(page.getByText(/^50 degrees on/)).toBeVisible();

  await page.getByRole('link', { name: 'Thumb and fingers' }).click();
  await page.getByRole('button', { name: 'Right thumb, 6: tip of the little finger' }).click();
  await expect(page.getByLabel('Thumb opposition, right, of 10')).toHaveValue('6');
  await noFaults(page);
  await page.getByRole('button', { name: 'Keep these measures' }).click();
  await expect(page.getByText('1 measure is kept')).toBeVisible();

  await page.getByRole('link', { name: 'Task and stiffness' }).click();
  await expect(page.getByText('shake hands flat')).toBeVisible();
  await page.getByLabel('Ease of the wanted task, of 10').fill('4');
  await page.getByRole('button', { name: 'Keep these measures' }).click();
  await page.getByRole('link', { name: 'Results' }).click();
  await expect(page.getByRole('row', { name: /^Thumb opposition, right/ })).toContainText('One day only');
});

test('a press on the scale, hands by turns; the best is written down', async ({ page }) => {
  await openPerson(page, 'Mirek Z', 'Measure');
  await page.getByRole('link', { name: 'Press', exact: true }).click();
  await expect(page.getByText('Right hand, try 1 of 3')).toBeVisible();
  await page.getByRole('button', { name: 'Press the scale' }).click();
  await expect(page.getByText('Left hand, try 1 of 3')).toBeVisible();
  await expect(page.getByLabel('Press on a scale, right, kg')).toHaveValue(/^(8\.\d|9\.\d|9)$/);
  await page.getByRole('textbox', { name: 'Sway, %' }).fill('40');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Press the scale' }).click();
  await expect(page.getByText(/too much to read: press more steadily/)).toBeVisible();
  await expect(page.getByText('Left hand, try 1 of 3')).toBeVisible();
  await noFaults(page);
});

test('results say better, no real change or worse, with what counts as a change, in both schools', async ({
  page,
}) => {
  await openPerson(page, 'Ansel B', 'Results');
  await expect(page.getByRole('region', { name: 'Looking back' })).toBeVisible();
  const row = (name: RegExp) => page.getByRole('row', { name });
  await expect(row(/^Grip, right/)).toContainText('No real change');
  await expect(row(/^Grip, right/)).toContainText('27.1 kg');
  await expect(row(/^Thumb opposition, right/)).toContainText('Better');
  await expect(row(/^Thumb opposition, right/)).toContainText('2 of 10');
  await expect(
    row(/^Grip, right/).getByRole('img', { name: 'Over the days: 24.8 kg, 27.1 kg' }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'mean of three' }).click();
  await expect(row(/^Grip, right/)).not.toContainText('27.1 kg');
  await noFaults(page);
});

test('a measuring day: who sits where, who is next, done and taken back, and it is there after a reload', async ({
  page,
}) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .getByRole('link')
    .click();
  await page.getByRole('button', { name: /^Who comes/ }).click();
  await page.getByRole('link', { name: 'Measure everyone' }).click();
  await expect(page.getByText(/^8 people will be through in 3\d:00\. No rota is shorter\.$/)).toBeVisible();
  const grip = page.getByRole('region', { name: 'Grip', exact: true });
  const name = (await grip.getByRole('paragraph').first().textContent())!;
  await grip.getByRole('button', { name: `${name} sits down` }).click();
  await expect(grip.getByText(/^here for 0:\d\d$/)).toBeVisible();
  await expect(grip.getByRole('link', { name: 'Measure' })).toHaveAttribute('href', /measure\?what=grip$/);
  await noFaults(page);
  await page.reload();
  await expect(grip.getByText(name, { exact: true })).toBeVisible();
  await grip.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText(/^1 of 24 visits done/)).toBeVisible();
  const second = (await grip.getByRole('paragraph').first().textContent())!;
  expect(second).not.toBe(name);
  await grip.getByRole('button', { name: `${second} sits down` }).click();
  await grip.getByRole('button', { name: 'Not here after all' }).click();
  await expect(grip.getByRole('button', { name: `${second} sits down` })).toBeVisible();
});

test('home practice: proposed, changed, made into cards of one page, told of, and read with the results', async ({
  page,
}) => {
  await openTaught(page);
  await page.getByRole('link', { name: 'Home practice' }).click();
  await page.waitForURL(/\/home$/);
  const home = new URL(page.url()).pathname;
  await expect(page.getByRole('region', { name: 'Nothing to take home' })).toContainText(
    'Joaquim A needs help with placing the hands',
  );
  const ansel = page.getByRole('listitem').filter({ hasText: /^A card for Ansel B/ });
  await ansel.getByText(/^Ansel B:/).click();
  await ansel.getByRole('list').getByRole('checkbox', { checked: true }).first().uncheck();
  await expect(page.getByText(/^Ansel B: 4 things, 3 times a day, about \d+ minutes a day/)).toBeVisible();
  await ansel.getByRole('button', { name: 'Every two hours' }).click();
  await expect(page.getByText(/^Ansel B: 4 things, 7 times a day/)).toBeVisible();
  await expect(ansel).toContainText('About every 2 hours from 8:00 to 20:00');
  await noFaults(page);
  await page.getByRole('button', { name: 'Tick nobody' }).click();
  await expect(page.getByRole('button', { name: 'Make 0 cards' })).toBeDisabled();
  await page.getByRole('button', { name: 'Tick everyone' }).click();
  await page.getByRole('button', { name: /^Make \d+ cards$/ }).click();
  const card = page.getByRole('article', { name: 'Card for Ansel B' });
  await expect(card).toBeVisible();
  await expect(card.locator('ol > li')).toHaveCount(4);
  await expect(card).toContainText('Stop at pain over 5 of 10');
  const told = page.getByRole('group', { name: 'Done at home, as told' }).first().getByRole('combobox');
  if ((await told.count()) > 0) await told.first().selectOption({ label: 'once' });
  await noFaults(page);
  const count = await page.getByRole('article').count();
  expect(await printedSides(page)).toBe(count);
  expect(await pdfSides(page)).toBe(count);
  await openPerson(page, 'Ansel B', 'Results');
  await expect(page.getByText(/At home: \d days? told of, from 1 card/)).toBeVisible();
  await openPerson(page, 'Ansel B');
  // Of the class they came to last, which another test may have taught since.
  const link = page.getByRole('link', { name: /ome card$/ });
  const [, person] = /home\?person=([0-9a-f-]{36})$/.exec((await link.getAttribute('href'))!)!;
  await page.goto(`${home}?person=${person}`);
  await expect(page.getByRole('checkbox', { name: /^A card for/, checked: true })).toHaveCount(1);
  await page.getByRole('button', { name: 'Make 1 card' }).click();
  await expect(page.getByRole('article')).toHaveCount(1);
  await page.getByRole('link', { name: 'All cards of the class' }).click();
  await expect(page.getByRole('article')).toHaveCount(count);
});
