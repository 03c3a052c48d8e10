import { expect, test } from '@playwright/test';
import { MOVING, makeClass, openMore, stepLink } from './steps';

test.use(MOVING);

test('movements are found by word, with a slip, and by purpose', async ({ page }) => {
  await page.goto('/movements');
  const all = page.getByRole('listitem');
  const total = await all.count();
  expect(total).toBeGreaterThanOrEqual(90);
  await page.getByLabel('Find by word, prop or joint').fill('sqeeze');
  await expect(page.getByRole('link', { name: /Ball squeeze/ })).toBeVisible();
  await expect.poll(() => all.count()).toBeLessThan(total);
  await page.getByLabel('Find by word, prop or joint').fill('');
  await page.getByLabel('Purpose').selectOption('load');
  await expect(page.getByRole('link', { name: /Lean on the table/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Ball squeeze/ })).toHaveCount(0);
  await page.getByLabel('Find by word, prop or joint').fill('zzzz');
  await expect(page.getByText('No movement fits all of this')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(all).toHaveCount(total);
});

test('the shelf says what is safe with a condition, and what has not been done for three weeks', async ({
  page,
}) => {
  await page.goto('/movements');
  await page.getByLabel('Safe with').selectOption('Thumb-base arthritis');
  await expect(page.getByRole('link', { name: /Ball squeeze.*adapt/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Turn a thick key/ })).toHaveCount(0);
  await page.getByLabel('Not done for three weeks').check();
  // The demo's group squeezed the ball last week.
  await expect(page.getByRole('link', { name: /^grip Ball squeeze/ })).toHaveCount(0);
  await expect(page.getByRole('link', { name: /Putty pull and fold/ })).toBeVisible();
});

test('what is left out on purpose is found, with its reason', async ({ page }) => {
  await page.goto('/movements');
  await page.getByLabel('Find by word, prop or joint').fill('joint lock');
  await expect(page.getByText('A lever on a small joint puts more force on it')).toBeVisible();
});

test('pictures are drawn as they come near, and stay still', async ({ page }) => {
  await page.goto('/movements');
  const drawn = () => page.locator('main svg[aria-hidden] path').count();
  await expect.poll(drawn).toBeGreaterThan(50);
  const top = await drawn();
  await page.getByRole('heading', { name: 'Settle' }).scrollIntoViewIfNeeded();
  await expect.poll(drawn).toBeGreaterThan(top);
  const changes = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let seen = 0;
        new MutationObserver((list) => (seen += list.length)).observe(document.querySelector('main')!, {
          subtree: true,
          childList: true,
          attributes: true,
        });
        setTimeout(() => resolve(seen), 1_000);
      }),
  );
  expect(changes).toBe(0);
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
  await expect(page.getByRole('row', { name: /Thumb-base arthritis/ })).toContainText(
    'thumb outside the grip',
  );
  await expect(page.getByRole('row', { name: /Clinical/ })).toContainText(
    '8 times palm down, then 8 palm up, each hand',
  );
  await expect(page.getByRole('row', { name: /^soft 8 18 42/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^index middle joint/ })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Thumb off the ball' })).toContainText(
    'changes hand position',
  );
  await expect(page.getByRole('row', { name: /any hand in flare/ })).toContainText('leave out, or swap');
});

test('what the body does is shown by a person; hands have a small person beside them who tells where they are', async ({
  page,
}) => {
  await page.goto('/movements/wall-lean');
  await expect(page.getByRole('img', { name: 'A person: standing lean to a wall' })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Where the hands are/ })).toHaveCount(0);
  await page.goto('/movements/single-finger-lifts');
  await expect(page.getByRole('img', { name: 'Where the hands are: on a table' })).toBeVisible();
});

test('full screen shows the hands alone, and escape brings the page back', async ({ page }) => {
  await page.goto('/movements/clasped-circles');
  await page.getByRole('button', { name: 'Full screen' }).click();
  const large = page.getByRole('dialog').getByRole('img', { name: /^Two hands/ });
  expect((await large.boundingBox())!.height).toBeGreaterThan(600);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test.describe('with reduced motion', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });
  test('the key poses stand side by side instead', async ({ page }) => {
    await page.goto('/movements/five-shapes');
    await expect(page.getByRole('img', { name: /^Two hands/ })).toBeHidden();
    const poses = page.locator('ol').first().getByRole('listitem');
    await expect(poses).toHaveCount(5);
    await expect(poses.first()).toBeVisible();
  });
});

test('on paper the key poses are drawn in greys on white', async ({ page }) => {
  await page.emulateMedia({ media: 'print' });
  await page.goto('/movements/thumb-to-tips');
  await expect(page.locator('ol').first().getByRole('listitem')).toHaveCount(5);
  const skin = page.locator('ol svg path[fill="var(--color-skin)"]').first();
  expect(await skin.evaluate((p) => getComputedStyle(p).fill)).toBe('rgb(243, 243, 243)');
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe(
    'rgb(255, 255, 255)',
  );
});

test('the hand map of a class shows what its rows move, and follows an edit', async ({ page }) => {
  await makeClass(page, 'Mapped class', ['Wrist bends up and down']);
  await page.getByRole('button', { name: 'Wrist bends up and down', exact: true }).click();
  await page.getByRole('button', { name: 'Hand map' }).click();
  const wrist = page.getByRole('row', { name: /^wrist/ });
  await expect(wrist).toHaveText(/^wrist1,0001,000$/);
  await openMore(page);
  await page.getByLabel('Sides').selectOption('left only');
  await expect(wrist).toHaveText(/^wrist1,0000$/);
  await page.getByLabel('made to work').check();
  await expect(page.getByText('No row here makes the hands work.')).toBeVisible();
});

test('while teaching, the hands follow the mirror choice; the words stay the group’s own side', async ({
  page,
}) => {
  await makeClass(page, 'Mirror class', ['Thumb web, web to web']);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const order = () =>
    page
      .getByRole('img', { name: /^Two hands/ })
      .locator('text')
      .allTextContents();
  await expect.poll(order).toEqual(['left', 'right']);
  await page.keyboard.press('v');
  await page.getByLabel('Hands on the screen').selectOption('as seen');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect.poll(order).toEqual(['right', 'left']);
});
