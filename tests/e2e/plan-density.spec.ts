import { expect, test, type Page } from '@playwright/test';
import { makeClass, openFriday, stepLink } from './steps';

/** Rows wholly in sight over the findings, and how high each is, px. */
const rowsInSight = (page: Page) =>
  page.evaluate(() => {
    const foot = document.getElementById('findings')!.getBoundingClientRect().top;
    return [...document.querySelectorAll('tr[id^="row-"]')]
      .map((row) => row.getBoundingClientRect())
      .filter((box) => box.bottom <= foot)
      .map((box) => Math.round(box.height));
  });

for (const [width, height, rows] of [
  [1280, 800, 10],
  [1024, 768, 9],
] as const)
  test(`at ${width}x${height} a plan shows ${rows} rows of 44 px with heads, clock, steps and the finding that matters`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await openFriday(page);
    await expect.poll(async () => (await rowsInSight(page)).length).toBeGreaterThanOrEqual(rows);
    expect(new Set(await rowsInSight(page))).toEqual(new Set([44]));
    for (const name of ['Arrive, rename', 'Undo', 'Redo'])
      await expect(page.getByRole('button', { name, exact: true })).toBeInViewport();
    await expect(page.getByRole('region', { name: 'Time', exact: true })).toBeInViewport();
    await expect(page.getByRole('columnheader', { name: 'dose' })).toBeInViewport();
    await expect(stepLink(page, 'Cards')).toBeInViewport({ ratio: 1 });
    await expect(page.getByRole('region', { name: 'Findings' })).toBeInViewport({ ratio: 1 });
  });

test('panels stand beside the order, undo stays in sight, the ribbon goes where it is pressed', async ({
  page,
}) => {
  await openFriday(page);
  await page.getByRole('button', { name: /^Kit/ }).click();
  const [order, panel] = [
    page.getByRole('region', { name: 'Running order and people' }),
    page.getByRole('complementary', { name: 'Beside the order' }),
  ];
  const [left, right] = [(await order.boundingBox())!, (await panel.boundingBox())!];
  expect(right.x).toBeGreaterThanOrEqual(left.x + left.width);
  expect(right.y).toBeLessThan(left.y + 20);
  await page.getByRole('button', { name: 'Close the panel' }).click();
  await expect(panel).toHaveCount(0);

  await page
    .getByRole('navigation', { name: 'The whole class' })
    .getByRole('link', { name: 'Go to Settle' })
    .click();
  await expect(page.getByRole('button', { name: 'Settle, rename' })).toBeInViewport();
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeInViewport({ ratio: 1 });
});

test('no panel is cut at its side, on a tablet too; there the heads stay over the rows, and a tap on a bead tells why', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1180, height: 820 });
  await openFriday(page);
  const panel = page.getByRole('complementary', { name: 'Beside the order' });
  const toolbar = page.locator('#desk');
  for (const name of [
    / of \d+:00/,
    /^Who comes/,
    /^Kit/,
    'Needs',
    'Hand map',
    'Compare',
    'History',
    'Details',
  ]) {
    await toolbar.getByRole('button', { name }).click();
    await expect(panel).toBeVisible();
    expect([String(name), await panel.evaluate((p) => p.scrollWidth - p.clientWidth)]).toEqual([
      String(name),
      0,
    ]);
  }
  await page.getByRole('button', { name: 'Close the panel' }).click();
  const last = page.locator('tr[id^="row-"]').last();
  await last.scrollIntoViewIfNeeded();
  await expect(page.getByRole('columnheader', { name: 'takes' })).toBeInViewport();
  await page.locator('button[id^="cell-"]').last().focus();
  await expect(page.getByRole('status').first()).toBeInViewport();
});

test('the reasons of a bead stand at the bead and take no clicks', async ({ page }) => {
  await openFriday(page);
  const bead = page.locator('tr[id^="row-"]').nth(4).locator('button[id^="cell-"]').nth(6);
  await bead.hover();
  const [at, told] = [(await bead.boundingBox())!, (await page.getByRole('status').first().boundingBox())!];
  expect(Math.abs(told.y - (at.y + at.height))).toBeLessThan(30);
  expect(at.x).toBeGreaterThanOrEqual(told.x - 1);
  expect(at.x).toBeLessThan(told.x + told.width);
});

test('one more of a row leaves its button where it is', async ({ page }) => {
  await makeClass(page, 'Steady buttons', ['Wrist bends up and down']);
  const more = page.getByRole('button', { name: 'One more of Wrist bends up and down' });
  await more.hover();
  const before = await more.boundingBox();
  for (let i = 0; i < 4; i++) await more.click();
  expect(await more.boundingBox()).toEqual(before);
});

test('on a phone the order shows times, names, counts and one person’s verdicts, and is no wider than the screen', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openFriday(page);
  const whose = page.getByRole('combobox', { name: 'Whose verdicts are shown' });
  await whose.selectOption({ label: 'Delphine M' });
  const row = page.locator('tr[id^="row-"]').nth(6);
  await expect(row.locator('button[id^="cell-"]')).toHaveCount(1);
  await expect(row.getByRole('button', { name: /^Delphine M:/ })).toBeInViewport({ ratio: 1 });
  const wide = await page
    .getByRole('region', { name: 'Running order and people' })
    .evaluate((region) => region.scrollWidth - region.clientWidth);
  expect(wide).toBeLessThanOrEqual(0);
  // No time runs into its name, and a dose is told in three lines at the most, of which a row has room for.
  const squeezed = await page.locator('tr[id^="row-"]').evaluateAll((rows) =>
    rows.flatMap((tr) => {
      const extent = (element: Element) => {
        const range = document.createRange();
        range.selectNodeContents(element);
        return range.getBoundingClientRect();
      };
      const [name, cells] = [tr.querySelector('th')!, tr.querySelectorAll('td.tabular')];
      const gap = name.getBoundingClientRect().left - extent(cells[0]!).right;
      const lines = extent(cells[1]!).height / parseFloat(getComputedStyle(cells[1]!).lineHeight);
      return gap >= 3 && lines < 3.5 ? [] : [`${name.textContent}: ${gap} px, ${lines} lines`];
    }),
  );
  expect(squeezed).toEqual([]);
  await row.locator('[data-row]').click();
  await expect(page.getByRole('button', { name: 'Take out', exact: true })).toBeVisible();
});
