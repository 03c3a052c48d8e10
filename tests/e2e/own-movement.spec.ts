import { expect, test, type Page } from '@playwright/test';
import { send } from './own-server';
import { MOVING, addRow, makeClass, nothingTyped, stepLink } from './steps';

test.use(MOVING);

const slider = (page: Page, name: string) => page.getByRole('slider', { name, exact: true });

test('a movement is copied, its pose changed by slider and by dragging, saved, and used in a class', async ({
  page,
}) => {
  await page.goto('/movements/open-close');
  await page.getByRole('link', { name: 'Copy as your own' }).click();
  await expect(page.getByRole('heading', { name: 'Make a movement of your own' })).toBeVisible();
  await page.getByLabel('Name').fill('Slow open and close');

  await page.getByRole('tab', { name: 'Pose 2' }).click();
  await slider(page, 'Knuckles (MCP)').fill('30');
  await page.getByText('Index finger', { exact: true }).click();
  const knuckle = slider(page, 'Index knuckle (MCP)');
  await expect(knuckle).toHaveValue('30');

  // Dragging the index fingertip down bends that finger, and no other.
  const tip = page.locator('[data-handle="index"]');
  const box = (await tip.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 10, box.y + 120, { steps: 5 });
  await page.mouse.up();
  const bend = slider(page, 'Index middle joint (PIP)');
  await expect.poll(async () => Number(await bend.inputValue())).toBeGreaterThan(20);
  await page.getByText('Middle finger', { exact: true }).click();
  await expect(slider(page, 'Middle knuckle (MCP)')).toHaveValue('30');

  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Slow open and close' })).toBeVisible();

  await makeClass(page, 'Own movement class', []);
  await addRow(page, 'Slow open and close');
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('img', { name: 'Two hands: slow open and close' })).toBeVisible();
});

test('what is missing is said while typing; saving refuses in words and keeps everything', async ({
  page,
}) => {
  await nothingTyped(page, 'movement.new');
  await page.goto('/movements');
  await page.getByRole('link', { name: 'Make your own' }).click();
  const missing = page.getByRole('listitem');
  await expect(missing.filter({ hasText: 'Give it a name' })).toBeVisible();
  await page.getByLabel('Name').fill('Ball squeeze');
  await expect(missing.filter({ hasText: 'Another movement has this name already' })).toBeVisible();
  await page.getByLabel('What is done').fill('Something of my own.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing was saved' })).toBeVisible();
  await expect(page.getByLabel('What is done')).toHaveValue('Something of my own.');
});

test('a movement of one’s own is changed, taken off the shelf and brought back', async ({ page }) => {
  await nothingTyped(page, 'movement.new-wrist-bend');
  await page.goto('/movements/new?from=wrist-bend');
  await page.getByLabel('Name').fill('Wrist bends with a pause');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Change', exact: true }).click();
  await page.getByLabel('Name').fill('Wrist bends with two pauses');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Wrist bends with two pauses' })).toBeVisible();
  await page.getByRole('button', { name: 'Take off the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Put back on the shelf' })).toBeVisible();
  await page.goto('/movements');
  await page.getByLabel('Find by word, prop or joint').fill('two pauses');
  await expect(page.getByText('No movement fits all of this')).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: 'Put back on the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Take off the shelf' })).toBeVisible();
});

test('a broken request is refused with a sentence', async () => {
  const base = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
  const empty = await send('POST', `${base}/api/movements`, {});
  expect(empty.status).toBe(400);
  const gone = await send('POST', `${base}/api/movements/own-nothing/archive`, { archived: true });
  expect(gone.status).toBe(404);
});

test('a person is posed within the limits of the body, and is the picture from then on', async ({ page }) => {
  await nothingTyped(page, 'movement.new-open-close');
  await page.goto('/movements/new?from=open-close');
  await page.getByLabel('Name').fill('Arms half way up');
  await page.getByLabel('The picture is of').selectOption('a person');
  await page.getByLabel('The hands are').selectOption('free');
  await page.getByLabel('The person is seen from').selectOption('the front');
  await page.getByRole('tab', { name: 'Pose 2' }).click();
  await page.getByText('Shoulders and arms', { exact: true }).click();
  const out = slider(page, 'Arm out to the side');
  await expect(out).toHaveAttribute('max', '175');
  const width = async () => {
    const [, , w] = (await page
      .getByRole('img', { name: 'The person in this pose' })
      .getAttribute('viewBox'))!.split(' ');
    return Number(w);
  };
  const before = await width();
  await out.fill('80');
  await expect.poll(width).toBeGreaterThan(before * 1.5);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Arms half way up' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'A person: arms half way up' })).toBeVisible();
});
