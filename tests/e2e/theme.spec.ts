import { expect, test, type Page } from '@playwright/test';
import { enoughContrast, noFaults } from './axe';
import { openFriday, stepLink } from './steps';

const ground = (page: Page) =>
  page.evaluate(() => {
    const [r = 0, g = 0, b = 0] = getComputedStyle(document.body).backgroundColor.match(/\d+/g)!.map(Number);
    return (r + g + b) / 3 < 128 ? 'dark' : 'light';
  });

test('the evening theme follows the device, everything stands out in it, and paper stays white', async ({
  page,
}) => {
  await page.goto('/');
  expect(await ground(page)).toBe('light');
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect.poll(() => ground(page)).toBe('dark');
  for (const path of [
    '/',
    '/people',
    '/people/list',
    '/movements/ball-squeeze',
    '/loading',
    '/models',
    '/settings',
  ]) {
    await page.goto(path);
    await enoughContrast(page);
  }
  await openFriday(page);
  await enoughContrast(page);
  await page.emulateMedia({ colorScheme: 'dark', media: 'print' });
  await expect.poll(() => ground(page)).toBe('light');
});

test('light or dark is chosen on a device, and stays chosen', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: 'dark, for the evening' }).check();
  await expect.poll(() => ground(page)).toBe('dark');
  await page.reload();
  expect(await ground(page)).toBe('dark');
  await expect(page.getByRole('radio', { name: 'dark, for the evening' })).toBeChecked();
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.getByRole('radio', { name: 'light, for a bright hall' }).check();
  await expect.poll(() => ground(page)).toBe('light');
  await page.getByRole('radio', { name: 'as this device is set' }).check();
  await expect.poll(() => ground(page)).toBe('dark');
});

test('in the evening theme, at 200 % and on a phone, axe finds nothing and everything stands out', async ({
  page,
}) => {
  test.slow();
  await page.emulateMedia({ colorScheme: 'dark' });
  await openFriday(page);
  const plan = page.url();
  const door = (await stepLink(page, 'Door').getAttribute('href'))!;
  await page.goto('/classes');
  const done = page.getByRole('row', { name: /Wednesday Hands.* 3 / }).getByRole('link');
  const wrapUp = (await done.first().getAttribute('href'))!;
  for (const path of ['/', '/people', plan, door, wrapUp, wrapUp.replace('wrap-up', 'decide')]) {
    await page.setViewportSize({ width: 640, height: 400 });
    await page.goto(path);
    await noFaults(page);
    await enoughContrast(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await noFaults(page);
    await enoughContrast(page);
    const wider = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    // Which page it is, and what is wider, is told where one is.
    await expect
      .poll(async () => ((await wider()) > 0 ? `${path}: ${await widest(page)}` : 'fits'))
      .toBe('fits');
  }
});

/** What stands out furthest to the right, in a word. */
const widest = (page: Page) =>
  page.evaluate(() => {
    const all = [...document.querySelectorAll('main *, header *')].map((e) => ({
      e,
      right: e.getBoundingClientRect().right,
    }));
    const { e, right } = all.reduce((a, b) => (b.right > a.right ? b : a));
    return `${e.tagName.toLowerCase()} “${(e.textContent ?? '').slice(0, 40)}” to ${Math.round(right)} px`;
  });
