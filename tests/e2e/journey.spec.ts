import { expect, test, type Page } from '@playwright/test';
import { askedElsewhere } from './elsewhere';
import { holdClock, type HeldClock } from './held-clock';
import { end, scratchFolder, startOwn, type OwnServer } from './own-server';
import { stepLink } from './steps';

test.use({ serviceWorkers: 'allow' });

/** Teach whatever is left: start each count, pass over talk and breaks, until the wrap-up opens. */
async function teachToTheEnd(page: Page, clock: HeldClock) {
  const seen: string[] = [];
  await clock.passUntil(async () => {
    if (page.url().endsWith('/wrap-up')) return true;
    const title = await page.locator('h1').first().textContent();
    if (title && seen.at(-1) !== title) seen.push(title);
    if (await page.getByRole('button', { name: 'Start the count' }).isVisible())
      await page.keyboard.press('Space');
    else if (await page.getByText('Go on when you are ready').isVisible())
      await page.keyboard.press('ArrowRight');
    return false;
  }, 10);
  return seen;
}

// Other tests teach the demo's classes too, and a second look begins from the first day again.
test.describe('a demo of its own', () => {
  let folder: string;
  let server: OwnServer;
  test.beforeEach(async () => {
    folder = scratchFolder();
    server = await startOwn(folder, { OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24', OSKIL_CLOCK_RATE: '40' });
  });
  test.afterEach(() => end(folder, server));

  test('plan a class, teach it to the end, mark, write up, and find it next week', async ({ browser }) => {
    test.setTimeout(480_000);
    const page = await browser.newPage({ baseURL: server.url });
    const elsewhere = askedElsewhere(page, server.url);

    // Plan: the demo's next class lacks a hand break; one tap puts it in, one takes it out again.
    await page.goto('/');
    const next = page.getByRole('region', { name: 'Next class' });
    await expect(next.getByRole('heading', { name: 'Wednesday Hands, week 4' })).toBeVisible();
    await expect(next).toContainText('2 grip rows have');
    const balls = next.getByRole('checkbox', { name: /foam balls \(\d+ soft.*\), 2 spares/ });
    await balls.check();
    await page.waitForLoadState('networkidle');
    await page.reload();
    await expect(balls).toBeChecked();
    await next.getByRole('link', { name: 'Plan' }).click();
    const findings = page.getByRole('region', { name: 'Findings' });
    await expect(findings).toContainText('1 must');
    await findings.getByRole('button', { name: 'Put in a hand break of 30 s' }).click();
    await expect(findings).not.toContainText('1 must');
    await expect(page.getByRole('button', { name: 'Hand break', exact: true })).toBeVisible();
    await expect(page.getByText('Saved: Put in a hand break of 30 s')).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(findings).toContainText('1 must');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(findings).not.toContainText('1 must');

    // A dose is changed and the clock follows.
    const time = page.getByRole('region', { name: 'Time', exact: true });
    const before = await time.locator('strong').first().textContent();
    await page.getByRole('button', { name: /^Ball squeeze/ }).click();
    await page.getByRole('button', { name: 'More: Repetitions' }).click();
    await expect(time.locator('strong').first()).not.toHaveText(before!);
    await expect(page.getByText('last time: 6 times palm down, then 6 palm up, each hand')).toBeVisible();
    await expect(page.getByText('Saved: Dose of Ball squeeze')).toBeVisible();

    // Teach.
    await stepLink(page, 'Teach').click();
    await page.getByRole('button', { name: 'Start the class' }).click();
    await expect(page.getByRole('heading', { name: 'Welcome, what today is for' })).toBeVisible();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('m');
    await page.getByRole('button', { name: 'Bashir K: Eased it' }).click();
    await page.getByRole('button', { name: 'Hamish S: Sore' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    const clock = await holdClock(page);
    const taught = await teachToTheEnd(page, clock);
    await clock.letGo();
    expect(taught).toContain('Ball squeeze');
    expect(taught).toContain('Hand break');
    expect(taught).toContain('Look at both hands again');

    // The wrap-up opened by itself, with the marks in it.
    await expect(page.getByRole('heading', { name: 'Wrap-up: Wednesday Hands, week 4' })).toBeVisible();
    await expect(page.getByLabel('Bashir K, what was adapted')).toHaveValue('Look at both hands: eased it');
    await page.getByLabel('Hamish S came').uncheck();
    await expect(page.getByLabel('Hamish S, effort')).toBeDisabled();
    await page.getByLabel('Ansel B, pain before, left').selectOption('2');
    await page.getByLabel('Ansel B, pain after, left').selectOption('4');
    await page.getByLabel('Ansel B, effort').selectOption('3');
    await page.getByLabel('Notes on the class').fill('Calm and to time.');
    const ball = page.getByRole('row', { name: /^Ball squeeze/ });
    await expect(ball).toContainText(/\d:\d\d/);
    await page.getByRole('button', { name: 'Write up' }).click();
    await expect(page.getByText('The class is written up')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Ansel B, pain after, left')).toHaveValue('4');
    await expect(page.getByLabel('Hamish S came')).not.toBeChecked();

    // Next week starts from this one, with the last dose beside each row.
    await page.getByRole('button', { name: 'Plan the next class from this one' }).click();
    await expect(page.getByRole('heading', { name: 'Wednesday Hands, week 5' })).toBeVisible();
    const row = page.getByRole('row').filter({ has: page.getByRole('button', { name: /^Ball squeeze/ }) });
    await expect(row).not.toContainText('last time');
    await expect(
      row.getByRole('img', { name: /^7 times palm down, then 7 palm up, each hand/ }),
    ).toBeVisible();
    await page.getByRole('link', { name: 'Today' }).click();
    const asked = page
      .getByRole('listitem')
      .filter({ hasText: /ask Ansel B how the hands were after Wednesday Hands/ });
    await expect(asked).toContainText(/^From \d\d:\d\d: /);
    await asked.getByRole('button', { name: 'Worse', exact: true }).click();
    await expect(page.getByText('More pain afterwards means less next time.')).toBeVisible();
    await expect(asked).toHaveCount(0);
    expect(elsewhere()).toEqual([]);
    await page.close();
  });
});

test('planned and actual times are a table with the same as a picture', async ({ page }) => {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Wednesday Hands.*written up/ })
    .last()
    .getByRole('link')
    .click();
  await expect(page.getByRole('columnheader', { name: 'Actual' })).toBeVisible();
  await page.getByRole('button', { name: 'Show as a picture' }).click();
  await expect(page.locator('.apexcharts-series path').first()).toBeVisible();
});
