import { expect, test, type Page } from '@playwright/test';
import { TEACH_KEYS } from '@/app/classes/[id]/teach/teach-key-table';
import { makeClass } from './steps';

/** A hold so long that it lasts some seconds even at the tests' fast clock. */
async function lengthenHold(page: Page, row: string) {
  await page.getByRole('button', { name: new RegExp(`^${row}`) }).click();
  await page.getByLabel('Hold, seconds', { exact: true }).fill('180');
  await page.keyboard.press('Enter');
  await expect(page.getByText(`Saved: Dose of ${row}`)).toBeVisible();
}

async function begin(page: Page) {
  await page.getByRole('link', { name: 'Teach this class' }).click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
}

test('a reload in the middle of a count finds the place again, paused, and nothing is lost', async ({
  page,
}) => {
  await makeClass(page, 'Reload class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  await page.keyboard.press('Space');
  await expect(page.getByText('both hands', { exact: true })).toBeVisible();
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
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/paused/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
});

test('a wall clock that is put back in the middle of a class takes nothing back, and put forward counts nothing', async ({
  page,
}) => {
  await makeClass(page, 'Clock class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await lengthenHold(page, 'Thumb web, web to web');
  await begin(page);
  await page.keyboard.press('Space');
  await expect(page.getByText('both hands', { exact: true })).toBeVisible();
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
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
});

test('both sides and both directions come, each told before it begins', async ({ page }) => {
  await makeClass(page, 'Sides class', ['Wrist circles at the table edge']);
  await begin(page);
  await page.evaluate(() => {
    const heard: string[] = [];
    Object.assign(window, { heard });
    new MutationObserver(() => {
      const side = document.querySelector('p[role="status"]')?.textContent ?? '';
      const big = document.querySelector('[data-testid="count"]')?.textContent ?? '';
      const now = `${side}|${big}`;
      if (heard.at(-1) !== now) heard.push(now);
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await page.keyboard.press('Space');
  await page.waitForURL(/wrap-up$/);
  const heard = await page.evaluate(() => (window as unknown as { heard: string[] }).heard);
  const parts = (text: string) => heard.some((h) => h.startsWith(text));
  for (const part of [
    'their left your right|',
    'their left your right the other way|',
    'their right your left|',
    'their right your left the other way|',
  ])
    expect(parts(part), part).toBe(true);
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
  await page.keyboard.press('Space');
  await page.keyboard.press('+');
  await page.keyboard.press('Space');
  await expect(page.getByText(/hold 1 of 2, paused/)).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByText(/hold 1 of 1$/)).toBeVisible();
  await page.keyboard.press('h');
  await expect(page.getByRole('dialog')).toContainText('Stop, sit, get help');
  await expect(page.getByRole('dialog')).toContainText('chest discomfort');
  await page.keyboard.press('Escape');
  await expect(page.getByText(/paused/)).toBeVisible();
  for (const { shown: key } of TEACH_KEYS.filter((k) => k.place !== 'proposal'))
    await expect(
      page
        .getByRole('button')
        .filter({ hasText: new RegExp(`${key.replace('+', '\\+')}$`) })
        .first(),
    ).toBeVisible();
});

test('who adapts, and how, stands beside the count', async ({ page }) => {
  await makeClass(page, 'Adapt class', ['Ball squeeze']);
  await begin(page);
  const own = page.getByRole('list', { name: 'Do it their own way' });
  await expect(own).toContainText('Ansel B right: squeeze within comfort');
  await expect(own).toContainText(/Delphine M.*right: .* instead/);
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
  await page.reload();
  await begin(page);
  await page.keyboard.press('Space');
  await page.waitForURL(/wrap-up$/);
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
  await page.addInitScript(() => {
    const real = window.setInterval.bind(window);
    window.setInterval = ((work: () => void, ms = 0) =>
      real(work, Math.max(1_000, ms))) as typeof setInterval;
  });
  const heard = await listenIn(page);
  await page.reload();
  await begin(page);
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
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

test('where the browser has a voice the count is spoken: side, direction and number', async ({ page }) => {
  await makeClass(page, 'Voice class', ['Wrist circles at the table edge']);
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    speechSynthesis.getVoices = () => [{ name: 'a voice' } as SpeechSynthesisVoice];
    speechSynthesis.speak = (words) => void said.push(words.text);
  });
  await page.reload();
  await begin(page);
  await page.keyboard.press('v');
  await page.getByLabel('Sound', { exact: true }).selectOption('voice');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Repeat' }).click();
  await page.waitForURL(/wrap-up$/);
  const said = await page.evaluate(() => (window as unknown as { said: string[] }).said);
  expect(said).toEqual(expect.arrayContaining(['1', '2', '3', '4', 'the other way', 'now the right']));
});

test('planned and actual time and the projected finish stand at the top', async ({ page }) => {
  await makeClass(page, 'Time class', ['Wrist bends up and down', 'Five-shape tendon glide']);
  await begin(page);
  await expect(page.getByText(/\d:\d\d gone, planned 0:00 here/)).toBeVisible();
  await expect(page.getByText(/Finish \d\d:\d\d, \d+:\d\d in hand/)).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/gone, planned 0:48 here/)).toBeVisible();
});
