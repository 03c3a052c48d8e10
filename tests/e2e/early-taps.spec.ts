import { expect, test, type Page } from '@playwright/test';
import { makeClass } from './steps';

/** The page is there to be seen, but its scripts come only when they are let in. */
async function heldScripts(page: Page): Promise<() => void> {
  let letIn = () => {};
  const wait = new Promise<void>((resolve) => (letIn = resolve));
  await page.route('**/_next/static/**/*.js*', async (route) => {
    await wait;
    await route.continue();
  });
  return letIn;
}

// Else the page's scripts could come from what the browser has kept.
test.use({ serviceWorkers: 'block' });

test.beforeEach(async ({ page }) => {
  await makeClass(page, 'Early class', ['Wrist bends up and down']);
  await page.getByRole('link', { name: 'Teach this class' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
});

test('a tap that comes before the page listens is taken once it does, and once only', async ({ page }) => {
  const letIn = await heldScripts(page);
  await page.reload({ waitUntil: 'commit' });
  await page.getByRole('button', { name: /^Pause for/ }).click();
  letIn();
  await expect(page.getByRole('dialog')).toHaveCount(1);
});

test('a key that comes before the page listens is taken once it does', async ({ page }) => {
  const letIn = await heldScripts(page);
  await page.reload({ waitUntil: 'commit' });
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
  await page.keyboard.press('v');
  letIn();
  await expect(page.getByRole('button', { name: 'Try it out' })).toBeVisible();
});
