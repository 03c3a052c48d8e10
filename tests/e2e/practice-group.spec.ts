import { expect, test, type Page } from '@playwright/test';
import { noFaults } from './axe';
import { MOVING } from './steps';

test.use(MOVING);

async function begin(page: Page, level: RegExp, people = '8') {
  await page.goto('/practice/group');
  await page.getByLabel('Class', { exact: true }).selectOption({ label: 'More for grip, 45 minutes' });
  const part = page.getByLabel('How much of it').locator('option', { hasText: 'Only Grip' });
  await page.getByLabel('How much of it').selectOption((await part.textContent())!);
  await page.getByLabel('Who comes').selectOption(people);
  await page.getByRole('radio', { name: level }).check();
  await page.getByRole('button', { name: 'Begin the practice' }).click();
  await expect(page.getByRole('region', { name: 'The group' })).toBeVisible();
}

/** Something is painted where the people are. */
const isPainted = (page: Page) =>
  page.locator('canvas').evaluate((canvas: HTMLCanvasElement) => {
    const copy = document.createElement('canvas');
    [copy.width, copy.height] = [canvas.width, canvas.height];
    const context = copy.getContext('2d')!;
    context.drawImage(canvas, 0, 0);
    return context.getImageData(0, 0, copy.width, copy.height).data.some((value) => value > 0);
  });

/** Through the class by its own keys: what waits is started, what is talk is passed. */
async function teachOn(page: Page) {
  const over = page.getByRole('heading', { name: 'How it went' });
  const start = page.getByRole('button', { name: 'Start the count' });
  for (let i = 0; i < 120 && !(await over.isVisible()); i++) {
    // Between the look and the tap the class may have gone on by itself.
    if (await start.isVisible()) await start.click({ timeout: 2_000 }).catch(() => undefined);
    else await page.waitForTimeout(300);
  }
  await expect(over).toBeVisible();
}

test('a whole short practice: people follow, are spoken to, and afterwards one sees what was met and what was missed', async ({
  page,
}) => {
  await begin(page, /^A hard Tuesday/);
  const group = page.getByRole('region', { name: 'The group' });
  const people = group.getByRole('list', { name: 'Who sits there' }).getByRole('button');
  await expect(people).toHaveCount(8);
  await expect(page.getByText('Practice, with people who are made up')).toBeVisible();
  await expect.poll(() => isPainted(page)).toBe(true);
  // Every figure is somebody to tap, large enough.
  for (const box of await Promise.all((await people.all()).map((p) => p.boundingBox())))
    expect(Math.min(box!.width, box!.height)).toBeGreaterThanOrEqual(44);
  await noFaults(page, 'main');

  await page.keyboard.press('2');
  await expect(group.getByText('To everyone: “Breathe.”')).toBeVisible();
  await people.first().click();
  await expect(people.first()).toHaveAttribute('aria-pressed', 'true');
  await group.getByRole('button', { name: /^Your own way/ }).click();
  await expect(people.first()).toHaveAttribute('aria-pressed', 'false');
  await group.getByLabel('Tell in words').check();
  await expect(group.getByRole('list', { name: 'What can be seen' })).toBeVisible();

  // Hurried, and nobody spoken to: it shows, in words too.
  await page.keyboard.press(' ');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowUp');
  await expect(
    people
      .filter({ hasText: /./ })
      .and(page.getByRole('button', { name: /: / }))
      .first(),
  ).toBeAttached();
  await teachOn(page);

  await expect(page.getByText(/^You met \d+ of \d+ slips?/)).toBeVisible();
  await expect(page.getByText(/made up\.$/)).toBeVisible();
  await expect(page.getByText('The figures are kept, for you alone.')).toBeVisible();
  await noFaults(page, 'main');
  await page
    .getByRole('button', { name: /^See .* again: / })
    .first()
    .click();
  const again = page.getByRole('region', { name: /again$/ });
  await expect(again).toContainText(/Not met\.|Met after/);
  await expect.poll(() => isPainted(page)).toBe(true);
  await again.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('link', { name: 'Practice classes so far' }).click();
  const row = page.getByRole('row', { name: /More for grip: only grip A hard Tuesday/ }).first();
  await expect(row).toBeVisible();
  await noFaults(page, 'main');
});

test('nothing of a practice is in a real record: no class and no person more than before, and only its figures are sent', async ({
  page,
  request,
}) => {
  const held = async () => {
    const pages = await Promise.all(
      ['/people', '/classes'].map(async (path) => (await request.get(path)).text()),
    );
    return pages.map((html) => new Set(html.match(/\/(people|classes)\/[0-9a-f-]{36}/g)).size);
  };
  const before = await held();
  const sent: string[] = [];
  page.on('request', (r) => {
    if (r.method() !== 'GET') sent.push(`${r.method()} ${new URL(r.url()).pathname}`);
  });
  await begin(page, /^A calm class/, '6');
  await page.keyboard.press(' ');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await dialog
    .getByRole('button', { name: /: Sore$/ })
    .first()
    .click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('x');
  await dialog.getByRole('button', { name: 'End the class' }).click();
  await expect(page.getByRole('heading', { name: 'How it went' })).toBeVisible();
  await expect(page.getByText(/^The figures are kept|is not kept/)).toBeVisible();
  expect(sent.filter((s) => s !== 'PUT /api/practice')).toEqual([]);
  expect(await held()).toEqual(before);
});

test('from a class of one’s own: its people without their names, on a phone too', async ({ page }) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .first()
    .getByRole('link')
    .first()
    .click();
  await page.getByRole('heading', { name: /^Friday Slow Hands, week/ }).waitFor();
  await page.goto(`${new URL(page.url()).pathname}/rehearse`);
  await page.getByRole('link', { name: 'With a made-up group' }).click();
  await expect(page.getByLabel('Class', { exact: true })).toContainText('Friday Slow Hands');
  const copies = page.getByLabel('Who comes').locator('option', { hasText: 'without their names' });
  await page.getByLabel('Who comes').selectOption((await copies.textContent())!);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('button', { name: 'Begin the practice' }).click();
  const people = page.getByRole('list', { name: 'Who sits there' }).getByRole('button');
  await expect(people.first()).toHaveAccessibleName(/^Person A/);
  expect(await people.count()).toBeGreaterThan(5);
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
  ).toBeLessThanOrEqual(0);
  await expect(page.getByRole('button', { name: /^Breathe/ })).toBeVisible();
});
