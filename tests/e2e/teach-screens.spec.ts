import { expect, test, type Page } from '@playwright/test';
import { makeClass, stepLink } from './steps';

const title = (page: Page, name: string) =>
  expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();

test('a second screen asks what it should be: a remote, one that follows, or the one that teaches', async ({
  page,
  browser,
}) => {
  await makeClass(page, 'Two screens', [
    'Wrist bends up and down',
    'Palms turn up and down',
    'Open wide, close gently',
  ]);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await title(page, 'Wrist bends up and down');
  const phone = await browser.newPage({
    baseURL: process.env.OSKIL_URL,
    viewport: { width: 390, height: 844 },
  });
  await phone.goto(page.url());
  await title(phone, 'Two screens is taught on another screen');

  // As a remote its keys work the screen that teaches, and nothing is counted here.
  await phone.getByRole('button', { name: 'Use this as a remote' }).click();
  await title(phone, 'Wrist bends up and down');
  await phone.getByRole('button', { name: /^Next/ }).click();
  await title(page, 'Palms turn up and down');
  await title(phone, 'Palms turn up and down');
  await phone.getByRole('button', { name: /^All keys/ }).click();
  await phone.getByRole('button', { name: /^Easier/ }).click();
  await expect(page.getByText(/^Easier for everyone: /)).toBeVisible();
  await phone.getByRole('button', { name: /^Back/ }).click();
  await title(page, 'Wrist bends up and down');
  await title(phone, 'Wrist bends up and down');
  for (const name of ['Swap', 'Sound', 'End here'])
    await expect(phone.getByRole('button', { name: new RegExp(`^${name}`) })).toHaveCount(0);

  // What is marked on it is on both.
  await phone.getByRole('button', { name: /^Mark/ }).click();
  await phone.getByRole('button', { name: 'Ansel B: Sore' }).click();
  // What only the screen that teaches can do is not offered.
  for (const name of ['Who is here', 'Ansel B: Easier'])
    await expect(phone.getByRole('button', { name })).toHaveCount(0);
  await phone.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Ansel B: Sore' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Done' }).click();

  // One that follows has no key for the class but help, and goes where the other goes.
  await phone.getByRole('button', { name: 'Change' }).click();
  await phone.getByRole('button', { name: 'Only follow' }).click();
  await expect(phone.getByRole('button', { name: /^Next/ })).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await title(phone, 'Palms turn up and down');

  // Taken over, the other says so, keeps its marks, and counts no more.
  await phone.getByRole('button', { name: 'Change' }).click();
  await phone.getByRole('button', { name: 'Teach here instead' }).click();
  await title(page, 'Two screens is taught on another screen');
  await title(phone, 'Palms turn up and down');
  await phone.getByRole('button', { name: /^Next/ }).click();
  await title(phone, 'Open wide, close gently');
  await page.getByRole('button', { name: 'Only follow' }).click();
  await title(page, 'Open wide, close gently');
  await phone.getByRole('button', { name: /^Next/ }).click();
  await phone.waitForURL(/wrap-up$/);
  await page.waitForURL(/wrap-up$/);
  await phone.close();
});

test('a reload of the screen that teaches asks nothing, and one that is gone leaves the class to another', async ({
  page,
  browser,
}) => {
  await makeClass(page, 'Lost screen', ['Wrist bends up and down', 'Palms turn up and down']);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await title(page, 'Wrist bends up and down');
  const { pathname } = new URL(page.url());
  await page.reload();
  await title(page, 'Wrist bends up and down');
  await page.goto('about:blank');
  const phone = await browser.newPage({ baseURL: process.env.OSKIL_URL });
  await phone.goto(pathname);
  // At once it may still be about to come back; after ten seconds it is not.
  const asked = phone.getByText('has not been heard of for more than ten seconds');
  await expect(asked.or(phone.getByRole('heading', { name: 'Wrist bends up and down' }))).toBeVisible();
  if (await asked.isVisible()) await phone.getByRole('button', { name: 'Teach here instead' }).click();
  await title(phone, 'Wrist bends up and down');
  await phone.close();
});
