import { expect, test, type Page } from '@playwright/test';
import { openFriday } from './steps';

const SIZES = [
  [1280, 800],
  [1180, 820],
  [1024, 690],
  [820, 1180],
  [390, 844],
  [844, 390],
] as const;

/** What is not whole within the window, of what one needs while counting. */
const cutOff = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const needed = [
      ...document.querySelectorAll(
        'h1, [data-testid="count"], [data-testid="count"] + div p, [role="status"]',
      ),
      ...[...document.querySelectorAll('button')].filter((b) =>
        /^(Pause|Go on|Start|Next|Stop and get help)/.test(b.textContent ?? ''),
      ),
    ];
    return needed.flatMap((element) => {
      const { left, top, right, bottom, width } = element.getBoundingClientRect();
      // Also within whatever scrolls around it.
      let box = { left: 0, top: 0, right: innerWidth, bottom: innerHeight };
      for (let up = element.parentElement; up; up = up.parentElement) {
        if (getComputedStyle(up).overflowY === 'visible') continue;
        const of = up.getBoundingClientRect();
        if (element.matches('[data-testid="count"], h1')) box = { ...box, top: of.top, bottom: of.bottom };
        break;
      }
      const isWhole =
        left >= box.left && top >= box.top - 1 && right <= box.right + 1 && bottom <= box.bottom + 1;
      return width === 0 || isWhole ? [] : [`${element.textContent} ${Math.round(bottom)}`];
    });
  });

test('on six sizes of screen nothing that is needed while counting is cut, in any row of a class', async ({
  page,
}) => {
  test.setTimeout(480_000);
  await openFriday(page);
  await page.goto(`${page.url().replace(/[?#].*/, '')}/rehearse`);
  await page.getByLabel('Speed').selectOption('1');
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await expect(page.getByText('Rehearsal: nothing is stored')).toBeVisible();
  const cut: string[] = [];
  for (;;) {
    const at = await page.getByText(/row \d+ of \d+/).textContent();
    const [, row, of] = /row (\d+) of (\d+)/.exec(at!)!;
    const start = page.getByRole('button', { name: 'Start the count' });
    if (await start.isVisible()) await start.click();
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      for (const what of await cutOff(page)) cut.push(`${width}x${height}, row ${row}: ${what}`);
    }
    if (row === of) break;
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText(`row ${Number(row) + 1} of ${of}`)).toBeVisible();
  }
  expect(cut).toEqual([]);
});

test('an upright phone has every key, one tap away', async ({ page }) => {
  await openFriday(page);
  await page.goto(`${page.url().replace(/[?#].*/, '')}/rehearse`);
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByRole('button', { name: 'Swap' })).toBeHidden();
  await page.getByRole('button', { name: 'All keys' }).click();
  for (const name of ['Swap', 'Water', 'Repeat', 'One more', 'End here'])
    await expect(page.getByRole('button', { name: new RegExp(`^${name}`) })).toBeVisible();
  const heights = await page
    .getByRole('button')
    .evaluateAll((all) =>
      all.filter((b) => b.getClientRects().length > 0).map((b) => b.getBoundingClientRect().height),
    );
  expect(Math.min(...heights)).toBeGreaterThanOrEqual(44);
});
