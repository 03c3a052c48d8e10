import { expect, test } from '@playwright/test';
import { makeClass } from './steps';

test('movements are found by word, with a slip, and by purpose', async ({ page }) => {
  await page.goto('/movements');
  const all = page.getByRole('listitem');
  const total = await all.count();
  expect(total).toBeGreaterThanOrEqual(24);
  await page.getByLabel('Find by word, prop or joint').fill('sqeeze');
  await expect(page.getByRole('link', { name: /Ball squeeze/ })).toBeVisible();
  expect(await all.count()).toBeLessThan(total);
  await page.getByLabel('Find by word, prop or joint').fill('');
  await page.getByLabel('Purpose').selectOption('load');
  await expect(page.getByRole('link', { name: /Lean on the table/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Ball squeeze/ })).toHaveCount(0);
  await page.getByLabel('Find by word, prop or joint').fill('zzzz');
  await expect(page.getByText('No movement has these words')).toBeVisible();
});

test('a movement’s page moves its hands, holds them still, and says who should take care', async ({
  page,
}) => {
  await page.goto('/movements');
  await page.getByRole('link', { name: /Ball squeeze/ }).click();
  await expect(page.getByRole('heading', { name: 'Ball squeeze' })).toBeVisible();
  const hands = page.getByRole('img', { name: 'Two hands: ball squeeze' });
  const drawing = () => hands.evaluate((svg) => svg.innerHTML);
  const before = await drawing();
  await expect.poll(drawing).not.toBe(before);
  await page.getByRole('button', { name: 'Hold still' }).click();
  const held = await drawing();
  await page.waitForTimeout(400);
  expect(await drawing()).toBe(held);
  await expect(page.getByRole('row', { name: /Thumb-base arthritis/ })).toContainText('thumb off the ball');
  await expect(page.getByRole('row', { name: /any hand in flare/ })).toContainText('leave out, or swap');
});

test.describe('with reduced motion', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });
  test('the hands do not move by themselves between seconds', async ({ page }) => {
    await page.goto('/movements/wrist-bend');
    const hands = page.getByRole('img', { name: /^Two hands/ });
    const seen = new Set<string>();
    for (let i = 0; i < 8; i++) {
      seen.add(await hands.evaluate((svg) => svg.innerHTML));
      await page.waitForTimeout(100);
    }
    expect(seen.size).toBeLessThanOrEqual(3);
  });
});

test('while teaching, the hands follow the mirror choice; the words stay the group’s own side', async ({
  page,
}) => {
  await makeClass(page, 'Mirror class', ['Thumb web, web to web']);
  await page.getByRole('link', { name: 'Teach this class' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const order = () =>
    page
      .getByRole('img', { name: /^Two hands/ })
      .locator('text')
      .allTextContents();
  await expect.poll(order).toEqual(['left', 'right']);
  await page.getByRole('combobox', { name: /^Hands/ }).selectOption('as seen');
  await expect.poll(order).toEqual(['right', 'left']);
});
