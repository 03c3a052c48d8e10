import { expect, test } from '@playwright/test';
import { makeClass } from './steps';

test.use({ serviceWorkers: 'allow' });

// Else the page's scripts could come from what the browser has kept.
test.use({ serviceWorkers: 'block' });

test('a tap that comes before the page listens is taken once it does, and once only', async ({ page }) => {
  await makeClass(page, 'Early class', ['Wrist bends up and down']);
  // The page is there to be seen, but its scripts come only when they are let in.
  let letIn = () => {};
  const wait = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/_next/static/**/*.js*', async (route) => {
    await wait;
    await route.continue();
  });
  await page.reload({ waitUntil: 'commit' });
  const who = page.getByRole('button', { name: /^Who comes/ });
  await who.click();
  await expect(page.getByRole('region', { name: 'People expected' })).toHaveCount(0);
  letIn();
  await expect(page.getByRole('region', { name: 'People expected' })).toBeVisible();
  await expect(who).toHaveAttribute('aria-expanded', 'true');
});
