import { expect, test, type Page } from '@playwright/test';
import { nothingTyped } from './steps';

/** Tab until the focus is on what is wanted; fails when it cannot be reached. */
async function tabTo(page: Page, wanted: RegExp, most = 900) {
  const name = () =>
    page.evaluate(() => {
      const el = document.activeElement as HTMLElement | null;
      if (!el) return '';
      const label = el.id ? document.querySelector(`label[for="${el.id}"]`)?.textContent : '';
      return (
        el.getAttribute('aria-label') || label || el.closest('label')?.textContent || el.textContent || ''
      );
    });
  for (let i = 0; i < most; i++) {
    if (wanted.test((await name()).trim())) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Could not reach ${wanted} by Tab; stopped at "${await name()}"`);
}

test('from an empty hand to a taught class by keyboard alone', async ({ page }, { retry }) => {
  // A second look makes a person and a class of its own.
  const [who, what] = [`Keyl${'abc'[retry]}`, `By keys${' again'.repeat(retry)}`];
  await nothingTyped(page, 'person.new', 'class.new');
  await page.goto('/');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the page' })).toBeFocused();
  await tabTo(page, /^People$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  await tabTo(page, /^Add a person$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Add a person' })).toBeVisible();
  await tabTo(page, /^First name/);
  await page.keyboard.type(who);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row', { name: who })).toBeVisible();

  await page.goto('/classes/new');
  await tabTo(page, /^Name$/);
  await page.keyboard.type(what);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: `${what}, week 1` })).toBeVisible();
  await tabTo(page, new RegExp(`^${who}$`));
  await page.keyboard.press('Space');
  await expect(page.getByRole('columnheader', { name: who })).toBeVisible();

  for (const words of ['wrist bends', 'palms turn']) {
    await tabTo(page, /^Add to move$/);
    await page.keyboard.press('Enter');
    await page.keyboard.type(words);
    await tabTo(page, new RegExp(words, 'i'));
    await page.keyboard.press('Enter');
  }
  await tabTo(page, /^Palms turn up and down/);
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.locator('tr[id^="row-"] th button').first()).toContainText('Palms turn');
  await expect(page.getByText('Saved: Move Palms turn up and down')).toBeVisible();

  await page.reload();
  await tabTo(page, /^Teach/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Start the class' })).toBeVisible();
  await tabTo(page, /^Start the class$/);
  await page.keyboard.press('Enter');
  const count = page.getByRole('button', { name: 'Start the count' });
  await expect(page.getByRole('heading', { name: 'Palms turn up and down' })).toBeVisible();
  await expect(count).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
  await expect(count).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: `Wrap-up: ${what}, week 1` })).toBeVisible();
  await tabTo(page, /^Write up$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('The class is written up')).toBeVisible();
});
