import { expect, test } from '@playwright/test';
import { noFaults } from './axe';
import { send, serverForFile } from './own-server';
import { addRow } from './steps';

const TWELVE = [
  'Dorothy K, thumb arthritis left, osteoporosis, 81',
  'Ken S, rheumatoid arthritis both hands, in flare',
  'Sylvia P, broken right wrist, not cleared',
  'Jean B, osteoarthritis right hand',
  'Winnie',
  'Tom H, carpal tunnel right',
  'Audrey M',
  'Harold T, parkinsons',
  'Rosa V, dupuytrens left',
  'Ines C, on warfarin',
  'Paul D, glaucoma',
  'Mabel O, healthy, 74',
].join('\n');
const MOST_PRESSES = 80;

const server = serverForFile({ OSKIL_TODAY: '2026-11-24', OSKIL_CLOCK_RATE: '40' });

test('an empty Oskil shows the first steps', async ({ page }) => {
  await page.goto(server.url);
  await expect(page.getByText('No class is coming up')).toBeVisible();
  await page.goto(`${server.url}/people`);
  await expect(page.getByText(/^Nobody yet/)).toBeVisible();
  await page.goto(`${server.url}/classes`);
  await expect(page.getByText(/^No class yet/)).toBeVisible();
});

test(`from twelve names on paper in an empty Oskil to week two in at most ${MOST_PRESSES} presses`, async ({
  page,
}) => {
  let presses = 0;
  const press = async (role: 'button' | 'link' | 'checkbox', name: string | RegExp) => {
    presses++;
    await page.getByRole(role, { name }).first().click();
  };
  const steps = page.getByRole('navigation', { name: 'Steps of the class' });
  const step = async (name: string | RegExp) => {
    presses++;
    await steps.getByText(name).first().click();
  };
  const next = steps.locator('a, button').filter({ hasText: /, next$/ });

  // 1. People, in one box.
  await page.goto(server.url);
  await press('link', 'Write the list');
  await page.getByLabel('One person a line').fill(TWELVE);
  await press('checkbox', /They have all answered/);
  await press('button', 'Keep 12 people');
  await expect(page.getByText('12 people are on the list.')).toBeVisible();

  // 2. A class to which everyone comes.
  await press('link', 'Today');
  await press('link', 'Make a class');
  await page.getByLabel('Name').fill('Monday hands');
  await expect(page.getByRole('checkbox', { name: 'Everyone on the list comes: 12 people' })).toBeChecked();
  await press('button', 'Make the class');
  await expect(page.getByRole('heading', { name: 'Monday hands, week 1' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Who comes: 12' })).toBeVisible();
  await expect(next).toHaveText(/Plan/);

  // 3. What is in the bag, then a ready class; it is in sight at once.
  await press('checkbox', 'Foam balls');
  await expect(page.getByRole('checkbox', { name: 'Foam balls' })).toBeChecked();
  presses++;
  await page.getByRole('region', { name: 'Ready classes' }).getByRole('button').first().click();
  await expect(page.locator('tr[id^="row-"]').first()).toBeInViewport();
  await expect(next).toHaveText(/Teach/);

  // 4. Paper, the door, and the class.
  await step('Print');
  await expect(page.getByRole('heading', { name: 'Paper' })).toBeVisible();
  await step('Door');
  for (let i = 0; i < 12; i++) await press('button', /^(All well, next|All well)/);
  await step('Teach');
  await press('button', 'Start the class');
  await press('button', /^End here/);
  await press('button', 'End the class here');
  await page.waitForURL(/wrap-up$/);

  // 5. Written up, decided, and week two.
  await expect(next).toHaveText(/Wrap-up/);
  await press('button', 'Write up');
  await expect(page.getByText('The class is written up')).toBeVisible();
  await expect(next).toHaveText(/Who moves on|Next week/);
  // Today knows what is left, and fits at 200 % too.
  const written = page.url();
  await page.goto(server.url);
  await expect(page.getByRole('heading', { name: 'Monday hands: week 2 is not made yet' })).toBeVisible();
  await noFaults(page);
  await page.setViewportSize({ width: 640, height: 400 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(written);
  await step('Who moves on');
  await expect(page.getByRole('heading', { name: /^Who moves on/ })).toBeVisible();
  await step('Next week');
  await expect(page.getByRole('heading', { name: 'Monday hands, week 2' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Who comes: 12' })).toBeVisible();
  test.info().annotations.push({ type: 'presses', description: String(presses) });
  expect(presses).toBeLessThanOrEqual(MOST_PRESSES);
});

test('a tick of the bag that is taken back leaves what was counted before', async ({ page }) => {
  const counted = await send('PUT', `${server.url}/api/bag`, { propId: 'foam-ball', pieces: 3 });
  expect(counted.status).toBe(200);
  await page.goto(`${server.url}/classes/new`);
  await page.getByLabel('Name').fill('Bag class');
  await page.getByRole('button', { name: 'Make the class' }).click();
  await page.waitForURL(/\/classes\/[0-9a-f-]{36}/);
  // For more people than there are balls.
  const list = await (await fetch(`${server.url}/people`)).text();
  const personIds = [...new Set([...list.matchAll(/\/people\/([0-9a-f-]{36})/g)].map(([, id]) => id!))];
  const path = new URL(page.url()).pathname;
  await send('PUT', `${server.url}/api${path}/roster`, { personIds, helpers: [] });
  await page.reload();
  const balls = page.getByRole('checkbox', { name: 'Foam balls' });
  await balls.click();
  await expect(balls).toBeChecked();
  await balls.click();
  await expect(balls).not.toBeChecked();
  await addRow(page, 'Ball squeeze');
  await page.getByRole('button', { name: /^Kit/ }).click();
  await expect(page.getByLabel('foam balls in the bag')).toHaveValue('3');
});
