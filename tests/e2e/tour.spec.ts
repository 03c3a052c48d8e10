import { expect, test } from '@playwright/test';
import { noFaults } from './axe';

test('the demo is gone round in five steps, each on its page, and the tour is left at any moment', async ({
  page,
}) => {
  await page.goto('/');
  const tour = page.getByRole('complementary', { name: 'Tour' });
  await expect(tour).toHaveCount(0);
  await page.getByRole('button', { name: 'A tour in five steps' }).click();
  await expect(tour).toContainText('1 of 5');
  await expect(page.getByRole('button', { name: 'A tour in five steps' })).toHaveCount(0);
  await noFaults(page);
  for (const [n, title, address] of [
    [2, 'The plan', /\/classes\/[0-9a-f-]{36}$/],
    [3, 'At the door', /\/door$/],
    [4, 'A rehearsal', /\/rehearse$/],
    [5, 'The people', /\/people$/],
  ] as const) {
    await tour.getByRole('button', { name: `On to: ${title.toLowerCase()}` }).click();
    await expect(page).toHaveURL(address);
    await expect(tour.getByRole('heading', { name: title })).toBeVisible();
    await expect(tour).toContainText(`${n} of 5`);
  }
  await tour.getByRole('button', { name: 'Back a step' }).click();
  await expect(page).toHaveURL(/\/rehearse$/);
  // A page that is loaded anew goes on with it; Escape leaves it.
  await page.goto('/people');
  await expect(tour).toContainText('4 of 5');
  await page.keyboard.press('Escape');
  await expect(tour).toHaveCount(0);
  await page.reload();
  await expect(tour).toHaveCount(0);
});

test('on a phone the tour fits beside what it is about', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/');
  await page.getByRole('button', { name: 'A tour in five steps' }).click();
  const box = (await page.getByRole('complementary', { name: 'Tour' }).boundingBox())!;
  expect(box.x).toBeGreaterThanOrEqual(0);
  expect(box.x + box.width).toBeLessThanOrEqual(390);
  expect(box.height).toBeLessThan(330);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
});
