import { expect, test } from '@playwright/test';
import { serverForFile } from './own-server';

const TWELVE = [
  '1. Dorothy K, thumb arthritis left, osteoporosis, 81',
  '2. Ken S, rheumatoid arthritis both hands, in flare',
  '3. Sylvia P, broken right wrist, not cleared',
  '4. Jean B, osteoarthritis right hand',
  '5. Winnie',
  '6. Tom H, carpel tunel right, left-handed',
  '7. Audrey M, something with the elbow, 79',
  '8. Harold T, parkinsons and hearing aid',
  '9. Rosa V, dupuytrens left',
  '10. Ines C, on warfarin, trigger finger right',
  '11. Paul D, glaucoma, pacemaker',
  '12. Mabel O, healthy, 74',
].join('\n');

const server = serverForFile({ OSKIL_TODAY: '2026-11-24' });

test('twelve names from paper, sides and conditions right, in six presses; what is not understood rests until it is answered', async ({
  page,
}) => {
  let clicks = 0;
  const press = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
    clicks++;
    await page.getByRole(role, { name }).first().click();
  };
  await page.goto(`${server.url}/people`);
  await press('Write a list', 'link');
  await page.getByLabel('One person a line').fill(TWELVE);
  const understood = page.getByRole('region', { name: 'What was understood' });
  await expect(understood.getByRole('heading')).toHaveText('12 people, 1 thing to ask');
  const line = (name: string) => understood.getByRole('listitem').filter({ hasText: name }).first();
  await expect(line('Dorothy K')).toContainText('Thumb-base arthritis, left, settled');
  await expect(line('Ken S')).toContainText('Inflammatory arthritis, both hands, in flare');
  await expect(line('Sylvia P')).toContainText('Wrist or hand fracture, right, not cleared');
  await expect(line('Tom H')).toContainText('Median-nerve trouble, right, settled');
  await expect(line('Tom H')).toContainText('writes with the left');
  await expect(line('Harold T')).toContainText('Poor hearing');
  await expect(line('Audrey M')).toContainText('Until then both hands rest');
  clicks++;
  await page
    .getByLabel('What “something with the elbow” is')
    .selectOption('changes nothing in a class: a note');
  await expect(understood.getByRole('heading')).toHaveText('12 people');
  await expect(line('Audrey M')).toContainText('is kept as a note');
  await expect(page.getByRole('button', { name: 'Change “something with the elbow”' })).toBeVisible();
  clicks++;
  await page.getByLabel(/They have all answered/).check();
  await press('Keep 12 people');
  await expect(page.getByText('12 people are on the list.')).toBeVisible();
  expect(clicks).toBeLessThanOrEqual(12);

  await page.goto(`${server.url}/people`);
  await page.getByRole('link', { name: 'Sylvia P' }).click();
  await expect(page.getByRole('heading', { name: 'Sylvia P' })).toBeVisible();
  await expect(page.getByLabel('Screening questions answered')).toBeChecked();
});

test('a remark nobody explains comes in as hand trouble to be looked into; a line without a name is said and left out', async ({
  page,
}) => {
  await page.goto(`${server.url}/people/list`);
  await page.getByLabel('One person a line').fill('Odd Q, funny right hand since May\n81, arthritis');
  const understood = page.getByRole('region', { name: 'What was understood' });
  await expect(understood).toContainText('Line 2: this line does not begin with a name');
  await page.getByRole('button', { name: 'Keep 1 person' }).click();
  await expect(page.getByText('1 person is on the list.')).toBeVisible();
  await page.goto(`${server.url}/people`);
  await page.getByRole('link', { name: 'Odd Q' }).click();
  await expect(page.getByRole('heading', { name: 'Odd Q' })).toBeVisible();
  await expect(page.getByLabel('Condition').first()).toHaveValue('hand-unseen');
});
