import { expect, test, type Page } from '@playwright/test';
import { TEACH_KEYS } from '@/app/classes/[id]/teach/teach-key-table';
import { holdClock, holdSound } from './held-clock';
import { makeClass, stepLink } from './steps';

/** A hold so long that nothing ends it by itself while a test looks. */
async function lengthenHold(page: Page, row: string) {
  await page.getByRole('button', { name: new RegExp(`^${row}`) }).click();
  await page.getByLabel('Hold, seconds', { exact: true }).fill('180');
  await page.keyboard.press('Enter');
  await expect(page.getByText(`Saved: Dose of ${row}`)).toBeVisible();
}

async function begin(page: Page) {
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
}

test('a reload in the middle of a count finds the place again, paused, and nothing is lost', async ({
  page,
}) => {
  await makeClass(page, 'Reload class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByText(/hold 1 of 1$/).isVisible());
  await page.keyboard.press('Space');
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Delphine M: Stopped' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  const of = page.getByText(/hold 1 of 1, paused/);
  await expect(of).toBeVisible();
  const count = await page.getByTestId('count').textContent();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
  await expect(page.getByTestId('count')).toHaveText(count!);
  await expect(of).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Delphine M: Stopped' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a reload while the count runs does not let it run on unwatched', async ({ page }) => {
  await makeClass(page, 'Running reload', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByText(/hold 1 of 1$/).isVisible());
  await page.reload();
  await expect(page.getByText(/paused/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByRole('heading', { name: 'Wrist bends up and down' }).isVisible());
});

test('a wall clock that is put back in the middle of a class takes nothing back, and put forward counts nothing', async ({
  page,
}) => {
  await makeClass(page, 'Clock class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByText(/hold 1 of 1$/).isVisible());
  const jump = (hours: number) => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + hours * 3_600_000;
  };
  // While the page is open it does not look at that clock.
  await page.evaluate(jump, 1);
  await expect(page.getByText(/hold 1 of 1$/)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText(/hold 1 of 1, paused/)).toBeVisible();
  const count = await page.getByTestId('count').textContent();
  const gone = page.getByText(/ gone, planned /);
  const [before] = /[\d:]+/.exec((await gone.textContent())!)!;
  await page.addInitScript(jump, -1);
  await page.reload();
  await expect(page.getByTestId('count')).toHaveText(count!);
  await expect(page.getByText(/hold 1 of 1, paused/)).toBeVisible();
  const seconds = (clock: string) => clock.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
  expect(seconds(/[\d:]+/.exec((await gone.textContent())!)![0])).toBeGreaterThanOrEqual(seconds(before));
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByRole('heading', { name: 'Wrist bends up and down' }).isVisible());
});

test('both sides and both directions come, each told before it begins', async ({ page }) => {
  await makeClass(page, 'Sides class', ['Wrist circles at the table edge']);
  await begin(page);
  const clock = await holdClock(page);
  const heard: string[] = [];
  await page.keyboard.press('Space');
  await clock.passUntil(async () => {
    const side = page.getByRole('region', { name: 'Now' }).locator('p[role="status"]');
    // At once: asking twice would wait for a line that is gone by then.
    heard.push(...(await side.allTextContents()));
    return page.url().endsWith('/wrap-up');
  }, 0.5);
  // Between two ways the side alone stands there for a moment, which a look every half second may miss.
  expect([...new Set(heard)].filter((words) => words.endsWith(' way'))).toEqual([
    'their left your right, one way',
    'their left your right, the other way',
    'their right your left, one way',
    'their right your left, the other way',
  ]);
});

test('every key does what its control says', async ({ page }) => {
  await makeClass(page, 'Keys class', [
    'Wrist bends up and down',
    'Thumb web, web to web',
    'Five-shape tendon glide',
  ]);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  const title = (name: string) => expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  await page.keyboard.press('PageDown');
  await title('Thumb web, web to web');
  await page.keyboard.press('PageUp');
  await title('Wrist bends up and down');
  await page.keyboard.press('s');
  await title('Thumb web, web to web');
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await page.keyboard.press('+');
  await clock.passUntil(() => page.getByText(/hold 1 of 2$/).isVisible());
  await page.keyboard.press('Space');
  await expect(page.getByText(/hold 1 of 2, paused/)).toBeVisible();
  await page.keyboard.press('r');
  await clock.passUntil(() => page.getByText(/hold 1 of 1$/).isVisible());
  await page.keyboard.press('h');
  await expect(page.getByRole('dialog')).toContainText('Stop, sit, get help');
  await expect(page.getByRole('dialog')).toContainText('chest discomfort');
  await page.keyboard.press('Escape');
  await expect(page.getByText(/paused/)).toBeVisible();
  for (const { shown: key } of TEACH_KEYS.filter((k) => k.place !== 'proposal' && k.place !== 'owed'))
    await expect(
      page
        .getByRole('button')
        .filter({ hasText: new RegExp(`${key.replace('+', '\\+')}$`) })
        .first(),
    ).toBeVisible();
});

test('who adapts, and how, stands beside the count', async ({ page }) => {
  const people = ['Ansel B', 'Delphine M', 'Ferran R', 'Joaquim A', 'Nadia F'];
  await makeClass(page, 'Adapt class', ['Ball squeeze', 'Wrist goes side to side'], people);
  await begin(page);
  const own = page.getByRole('list', { name: 'Adapted for' });
  await expect(own).toContainText(/Ansel B .*right: squeeze within comfort/);
  await expect(own).toContainText(/Delphine M.*right: .* instead/);
  // What is longer than its line is one tap away, whole.
  const cut = () =>
    own.evaluate(
      (list) => [...list.querySelectorAll('span')].filter((e) => e.scrollHeight > e.clientHeight + 1).length,
    );
  await page.keyboard.press('ArrowRight');
  await expect(own).toContainText(
    /Delphine M left: toward the thumb side only; right: .*slide the palm on the thigh/,
  );
  expect(await cut()).toBeGreaterThan(0);
  await page.getByRole('button', { name: 'In full' }).click();
  expect(await cut()).toBe(0);
  await page.getByRole('button', { name: 'In short' }).click();
  await expect(page.getByRole('button', { name: 'In full' })).toBeVisible();
  // Three at most are told in full at once.
  await makeClass(page, 'Few adapt', ['Wrist goes side to side'], ['Delphine M', 'Nadia F']);
  await begin(page);
  await expect(own.getByRole('listitem')).toHaveCount(2);
  expect(await cut()).toBe(0);
  await expect(page.getByRole('button', { name: 'In full' })).toBeHidden();
});

type Start = { at: number; asked: number };

/** Every click that is put on the audio clock from here on, and when it was asked for. */
async function listenIn(page: Page): Promise<() => Promise<readonly Start[]>> {
  await page.addInitScript(() => {
    const starts: Start[] = [];
    Object.assign(window, { starts });
    const real = AudioScheduledSourceNode.prototype.start;
    AudioScheduledSourceNode.prototype.start = function (when = 0) {
      starts.push({ at: when, asked: this.context.currentTime });
      return real.call(this, when);
    };
  });
  return () => page.evaluate(() => (window as unknown as { starts: Start[] }).starts);
}

test('clicks are put on the audio clock ahead of time, evenly', async ({ page }) => {
  await makeClass(page, 'Sound class', ['Thumb web, web to web']);
  const heard = await listenIn(page);
  await holdSound(page);
  await page.reload();
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.url().endsWith('/wrap-up'), 10);
  const starts = await heard();
  expect(starts.length).toBeGreaterThanOrEqual(60);
  // The first few are due as the key is pressed, at this speed, and sound at once.
  const later = starts.slice(4, 60);
  const gaps = later.slice(1).map((s, i) => s.at - later[i]!.at);
  // One second of class at 40 times the speed; the two clocks are steered together by half a millisecond at most.
  for (const gap of gaps) expect(Math.abs(gap - 1 / 40)).toBeLessThan(0.0011);
  // A click that is due at once is asked for as the next slice of sound begins.
  expect(starts.every((s) => s.at >= s.asked - 0.03)).toBe(true);
});

test('in a page behind others, whose timers come once a second, no click is late', async ({ page }) => {
  await makeClass(page, 'Behind class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  const heard = await listenIn(page);
  await holdSound(page);
  await page.reload();
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  const next = page.getByRole('heading', { name: 'Wrist bends up and down', level: 1 });
  while (!(await next.isVisible())) await clock.holdUp(1_000);
  const starts = await heard();
  // A hold of 180 s is told by the second.
  expect(starts.length).toBeGreaterThanOrEqual(180);
  expect(starts.every((s) => s.at >= s.asked - 0.03)).toBe(true);
});

test('while the server is away marks wait, and land when it is back', async ({ page, context }) => {
  await makeClass(page, 'Away class', ['Wrist bends up and down']);
  await begin(page);
  await context.setOffline(true);
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Ansel B: Sore' }).click();
  await page.getByRole('button', { name: 'Delphine M: Eased it' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('Keeping 2 things until they can be stored')).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/Keeping/)).toBeHidden();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Ansel B: Sore' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('button', { name: 'Delphine M: Eased it' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('planned and actual time and the projected finish stand at the top', async ({ page }) => {
  await makeClass(page, 'Time class', ['Wrist bends up and down', 'Five-shape tendon glide']);
  await begin(page);
  await expect(page.getByText(/\d:\d\d gone, planned 0:00 here/)).toBeVisible();
  await expect(page.getByText(/Ends \d\d:\d\d, \d+:\d\d in hand/)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/gone, planned 0:[1-5]\d here/)).toBeVisible();
});

test('a side is ended before its count is, and what comes is on the key', async ({ page }) => {
  await makeClass(page, 'On class', [
    ['Ring squeeze', { count: { mode: 'reps', reps: 40, tempoMs: 4_000 } }],
  ]);
  await begin(page);
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: /^Now the right/ }).click();
  await expect(page.getByTestId('count')).toHaveText('now the right');
  await expect(page.getByRole('button', { name: /^End the count/ })).toBeVisible();
});

/** So slow that no machine is too slow for it: a minute for each of a hundred. */
const SLOW = { count: { mode: 'reps', reps: 100, tempoMs: 60_000 } } as const;

test('a side that is left is offered back, given alone, and stands so in the wrap-up; what was done is taken back; the class ends before its plan', async ({
  page,
}) => {
  await makeClass(page, 'Owed class', [
    ['Ring squeeze', SLOW],
    ['Wring the cloth', SLOW],
    'Wrist bends up and down',
  ]);
  await begin(page);
  await page.getByRole('button', { name: 'Start the count' }).click();
  await expect(page.getByTestId('count')).toHaveText(/^\d+$/);
  await page.getByRole('button', { name: /^Next/ }).click();
  const owed = page.getByRole('status').filter({ hasText: 'Not done yet' });
  await expect(owed).toContainText('ring squeeze');
  await page.getByRole('button', { name: /^Give it now/ }).click();
  await expect(page.getByRole('heading', { name: 'Ring squeeze' })).toBeVisible();
  await expect(owed).toBeHidden();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: /^Next/ }).click();
  await expect(page.getByRole('heading', { name: 'Wring the cloth' })).toBeVisible();
  await page.getByRole('button', { name: /^Skip/ }).click();
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('heading', { name: 'Wring the cloth' })).toBeVisible();
  await page.getByRole('button', { name: /^End here/ }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('1 row to come, told as not reached in the wrap-up.');
  await sheet.getByRole('button', { name: 'End the class here' }).click();
  await page.waitForURL(/wrap-up$/);
  const row = (title: string) => page.getByRole('row').filter({ hasText: title });
  await expect(row('Ring squeeze').last()).toContainText(/left \d+ of 100, right \d+ of 100/);
  await expect(row('Wrist bends up and down').last()).toContainText('not reached');
});

test('a record that is being typed survives closing and a reload; a mark stays on the row on which it was opened', async ({
  page,
}) => {
  await makeClass(page, 'Record class', ['Ring squeeze', 'Wrist bends up and down'], ['Ansel B']);
  await begin(page);
  await page.keyboard.press('h');
  await page.getByLabel('What happened').fill('Ansel felt dizzy');
  await page.keyboard.press('Escape');
  await page.keyboard.press('h');
  await expect(page.getByLabel('What happened')).toHaveValue('Ansel felt dizzy');
  await page.reload();
  // A key that is pressed before the page listens does nothing.
  await expect(async () => {
    await page.keyboard.press('h');
    await expect(page.getByLabel('What happened')).toHaveValue('Ansel felt dizzy', { timeout: 1_000 });
  }).toPass();
  await page.getByLabel('What was seen').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Keep this record' }).click();
  await expect(page.getByText(/^Kept\. It will be in the wrap-up/)).toBeVisible();
  await page.keyboard.press('Escape');

  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('m');
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'The one before: Ring squeeze' }).click();
  await sheet.getByRole('button', { name: 'Ansel B: Sore' }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^End here/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'End the class here' }).click();
  await page.waitForURL(/wrap-up$/);
  await expect(page.getByText('Ansel felt dizzy')).toBeVisible();
  await expect(page.getByLabel('Ansel B, what was adapted')).toHaveValue('Ring squeeze: sore');
});

test('an alarm pauses the class with its reason, which the wrap-up tells apart from what the row took', async ({
  page,
}) => {
  await makeClass(page, 'Alarm class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByText(/hold 1 of 1$/).isVisible());
  await page.keyboard.press('i');
  await page.getByRole('button', { name: 'An alarm' }).click();
  await expect(page.getByText(/, paused: an alarm$/)).toBeVisible();
  const count = await page.getByTestId('count').textContent();
  await clock.pass(300);
  await expect(page.getByTestId('count')).toHaveText(count!);
  await page.keyboard.press('Space');
  await clock.pass(1);
  await expect(page.getByText(/paused/)).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await clock.letGo();
  await page.waitForURL(/wrap-up$/);
  await expect(page.getByText(/, and was interrupted for 5:\d\d\./)).toBeVisible();
  await expect(
    page.getByText(/^\d:\d\d Thumb web, web to web: interrupted for 5:\d\d: an alarm$/),
  ).toBeVisible();
});
