import { expect, test, type Page } from '@playwright/test';
import { holdClock } from './held-clock';
import { openTalks, removeFolder } from './own-server';
import { makeClass, openMore, stepLink } from './steps';

test.use({ serviceWorkers: 'allow' });

async function begin(page: Page) {
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
}

const title = (page: Page, name: string) =>
  expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();

test('what is changed while teaching is done at once, recorded, and offered to the next class; the plan stays', async ({
  page,
}) => {
  await makeClass(page, 'Changing class', ['Ball squeeze', 'Wrist bends up and down']);
  const plan = page.url();
  await begin(page);
  const now = page.getByRole('region', { name: 'Now' });
  // What changes hands, and the ways that may be told to everyone, stand there without changing anything.
  const notes = page.getByRole('group', { name: 'For this row' });
  await expect(notes).toContainText('Hand out foam balls to 2.');
  await expect(notes).toContainText('Easier: ');
  await expect(notes).toContainText('Stronger: ');
  await expect(notes).toContainText('Nothing in the hands: Close to a plain soft fist.');
  await page.keyboard.press('e');
  await expect(page.getByText(/^Easier for everyone: /)).toBeVisible();
  await page.keyboard.press('n');
  await page.getByLabel('Note', { exact: true }).fill('Balls are too hard');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The note is kept')).toBeVisible();
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Ansel B: Easier' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('list', { name: 'Adapted for' })).toContainText('Ansel B easier now');
  await page.keyboard.press('w');
  await title(page, 'Water');
  await page.keyboard.press('ArrowRight');
  await title(page, 'Ball squeeze');
  await page.keyboard.press('c');
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('listitem').filter({ hasText: 'with foam balls' })).not.toHaveCount(0);
  await sheet.getByLabel('Without the foam balls').click();
  await expect(sheet.getByRole('listitem').filter({ hasText: 'with foam balls' })).toHaveCount(0);
  const swap = sheet.getByRole('listitem').first();
  const instead = (await swap.locator('strong').textContent())!;
  await swap.getByRole('button').click();
  await title(page, instead);
  await expect(now.getByRole('button', { name: 'Start the count' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await title(page, 'Wrist bends up and down');
  await page.keyboard.press('ArrowRight');
  await page.waitForURL(/wrap-up$/);

  const changed = page.getByRole('group', { name: 'Changed while teaching' });
  await expect(changed.getByRole('checkbox')).toHaveCount(3);
  await expect(page.getByText('Balls are too hard')).toBeVisible();
  await expect(page.getByText('Easier for Ansel B')).toBeVisible();
  await changed.getByRole('checkbox', { name: /Water is put in/ }).uncheck();
  await page.getByRole('button', { name: 'Write up' }).click();
  await page.getByRole('button', { name: 'Plan the next class from this one' }).click();
  await expect(page.getByRole('heading', { name: 'Changing class, week 2' })).toBeVisible();
  await expect(page.getByRole('button', { name: `Move ${instead}` })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Move Ball squeeze' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Move Water' })).toHaveCount(0);
  await page.goto(plan);
  await expect(page.getByRole('button', { name: 'Move Ball squeeze' })).toBeVisible();
});

test('the screen is asked to stay awake while a class is taught', async ({ page }) => {
  await makeClass(page, 'Awake class', ['Wrist bends up and down']);
  await page.addInitScript(() => {
    const asked: string[] = [];
    Object.assign(window, { asked });
    const request = async (what: string) => {
      asked.push(what);
      return { release: async () => void asked.push('released') };
    };
    Object.defineProperty(navigator, 'wakeLock', { value: { request }, configurable: true });
  });
  await page.reload();
  await begin(page);
  const asked = () => page.evaluate(() => (window as unknown as { asked: string[] }).asked);
  await expect.poll(asked).toEqual(['screen']);
  await page.keyboard.press('ArrowRight');
  await page.waitForURL(/wrap-up$/);
  await expect.poll(asked).toEqual(['screen', 'released']);
});

test('the count goes slower and stays where it is told, from the next one on', async ({ page }) => {
  await makeClass(page, 'Slow class', ['Thumb web, web to web', 'Wrist bends up and down']);
  await begin(page);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => page.getByTestId('count').isVisible());
  await page.keyboard.press('l');
  await clock.passUntil(() => page.getByText('staying on it', { exact: true }).isVisible());
  await expect(page.getByRole('button', { name: /^Go on from it/ })).toBeVisible();
  await page.keyboard.press('l');
  await clock.passUntil(() => page.getByText('staying on it', { exact: true }).isHidden());
  await clock.passUntil(() => page.getByRole('heading', { name: 'Wrist bends up and down' }).isVisible());
});

test('a long series keeps one count through two rows, set in the plan and counted on in class', async ({
  page,
}) => {
  const long = { count: { mode: 'reps', reps: 30, tempoMs: 8_000 }, sets: 1 } as const;
  await makeClass(page, 'Series class', [
    ['Wrist bends up and down', long],
    ['Palms turn up and down', long],
  ]);
  const row = (name: string) => page.locator('[data-row]', { hasText: name });
  const goesOn = page.getByLabel('The count goes on from the row before');
  await row('Wrist bends up and down').click();
  await openMore(page);
  await expect(goesOn).toHaveCount(0);
  await row('Palms turn up and down').click();
  if ((await goesOn.count()) === 0) await row('Palms turn up and down').click();
  await goesOn.check();
  await expect(page.getByText('Saved: One count into Palms turn up and down')).toBeVisible();
  await begin(page);
  const of = page.getByText(/^of \d+$/);
  const total = async () => Number(/\d+/.exec((await of.textContent())!)![0]);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  await clock.passUntil(() => of.isVisible());
  const first = await total();
  // It runs on without a key.
  const second = page.getByRole('heading', { name: 'Palms turn up and down', level: 1 });
  await clock.passUntil(async () => (await second.isVisible()) && (await of.isVisible()), 5);
  expect(await total()).toBeGreaterThan(first);
  expect(Number(await page.getByTestId('count').textContent())).toBeGreaterThan(first);
});

test('on a phone the wrap-up begins from “came, all as usual”, one line a person, and asks for what differs', async ({
  page,
}) => {
  await makeClass(page, 'Phone class', ['Wrist bends up and down'], ['Ansel B', 'Delphine M']);
  await begin(page);
  await page.keyboard.press('ArrowRight');
  await page.waitForURL(/wrap-up$/);
  await page.setViewportSize({ width: 390, height: 844 });
  const line = (name: string) => page.getByRole('listitem').filter({ hasText: name }).first();
  await expect(line('Ansel B')).toContainText('came, all as usual');
  await expect(line('Delphine M')).toContainText('came, all as usual');
  await line('Delphine M').getByText('Delphine M', { exact: true }).click();
  await line('Delphine M').getByLabel('pain after, left').selectOption('4');
  await line('Delphine M').getByLabel('note').fill('Tired');
  await expect(line('Delphine M')).toContainText('came; pain after 4 left; Tired');
  await line('Ansel B').getByText('Ansel B', { exact: true }).click();
  await line('Ansel B').getByLabel('Ansel B came').click();
  await expect(line('Ansel B')).toContainText('did not come');
  const tooWide = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(tooWide).toBeLessThanOrEqual(0);
  await page.getByRole('button', { name: 'Write up' }).click();
  await expect(page.getByText('The class is written up')).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.getByLabel('Delphine M, pain after, left')).toHaveValue('4');
  await expect(page.getByLabel('Ansel B came')).not.toBeChecked();
});

test('nobody whom a caution holds back is offered something stronger', async ({ page }) => {
  await makeClass(page, 'Held class', ['Ball squeeze'], ['Ansel B', 'Otto H', 'Esi O']);
  await begin(page);
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: 'Ansel B: Easier' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Ansel B: Stronger' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Esi O: Stronger' }).click();
  await expect(page.getByRole('button', { name: 'Esi O: Stronger' })).toHaveAttribute('aria-pressed', 'true');
});

test('the room screen follows, says no names, and finds the class again after either window is loaded anew', async ({
  page,
  context,
}) => {
  await makeClass(page, 'Room class', ['Thumb web, web to web', 'Wrist bends up and down']);
  const room = await context.newPage();
  await room.goto('/room');
  await expect(room.getByText('The class shows here once it is taught')).toBeVisible();
  await page.bringToFront();
  await begin(page);
  await expect(room.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
  await expect(room.getByText('Next: Wrist bends up and down')).toBeVisible();

  await room.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { seen });
    new MutationObserver(() => {
      if (document.querySelector('h1')?.textContent?.startsWith('Wrist bends')) seen.push(Date.now());
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  const pressed = await page.evaluate(() => {
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    return Date.now();
  });
  await expect(room.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
  const seen = await room.evaluate(() => (window as unknown as { seen: number[] }).seen);
  expect(seen[0]! - pressed).toBeLessThan(1_000);

  await room.reload();
  await expect(room.getByRole('heading', { name: 'Wrist bends up and down' })).toBeVisible();
  await page.reload();
  await title(page, 'Wrist bends up and down');
  await page.keyboard.press('ArrowLeft');
  await expect(room.getByRole('heading', { name: 'Thumb web, web to web' })).toBeVisible();
  for (const name of ['Ansel', 'Delphine']) await expect(room.locator('body')).not.toContainText(name);

  // The teaching window is away for longer than it takes to answer.
  await page.close();
  await room.clock.install();
  await room.clock.fastForward(60_000);
  await room.clock.fastForward(60_000);
  await expect(room.getByText(/^The teaching screen is not heard of/)).toBeVisible();
});

test('what could not be sent while teaching is sent from the wrap-up, which begins with all of it', async ({
  page,
}) => {
  await makeClass(page, 'Late letters', ['Wrist bends up and down']);
  await begin(page);
  const marks = /\/marks$/;
  await page.route(marks, (route) => route.abort());
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Ansel B: Sore' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  const at = page.url().replace(/teach$/, 'wrap-up');
  await page.goto(at);
  await expect(
    page.getByText('Something that was kept while teaching is still on its way here.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Write up' })).toHaveCount(0);
  await page.unroute(marks);
  await expect(page.getByLabel('Ansel B, what was adapted')).toHaveValue('Wrist bends up and down: sore');
});

test('when the class runs late there is a way to end in time, and it is taken with one key', async ({
  page,
}) => {
  await makeClass(page, 'Late class', [
    'Wrist bends up and down',
    'Five-shape tendon glide',
    'Palms turn up and down',
  ]);
  const id = page.url().split('/').at(-1)!;
  await page.evaluate(
    (classId) =>
      fetch(`/api/classes/${classId}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          name: 'Late class',
          place: '',
          day: '2031-02-05',
          startsAt: '10:00',
          slotMinutes: 10,
        }),
      }).then((r) => r.text()),
    id,
  );
  await page.reload();
  await begin(page);
  const time = page.getByRole('region', { name: 'Keeping to time' });
  // The later it is when it is looked at, the more is left out.
  await expect(time).toContainText(/^To end in time: (fewer of|less talk in|leave out) /, {
    timeout: 30_000,
  });
  await page.keyboard.press('p');
  await expect(page.getByText(/^Shortened: (fewer of|less talk in|leave out) /)).toBeVisible();
});

test('with the server stopped the class goes on; what was done lands in order once it is back, even from a new page', async ({
  browser,
}) => {
  test.setTimeout(480_000);
  const talks = await openTalks(['one', 'two', 'three']);
  let { server } = talks;
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(server.url + talks.path);
  await title(page, 'Talk one');
  await server.stop('SIGKILL');

  await page.keyboard.press('ArrowRight');
  await title(page, 'Talk two');
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Ida X: Sore' }).click();
  await page.getByRole('button', { name: 'Ida X: Eased it' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('ArrowRight');
  await title(page, 'Talk three');
  await expect(page.getByText('Keeping 4 things until they can be stored')).toBeVisible();
  await page.close();

  server = await talks.start();
  const again = await context.newPage();
  await again.goto(server.url + talks.path);
  await title(again, 'Talk three');
  await expect(again.getByText(/^Keeping/)).toBeHidden();
  await again.reload();
  await title(again, 'Talk three');
  await again.keyboard.press('m');
  await again.keyboard.press('Escape');
  await again.keyboard.press('ArrowLeft');
  await title(again, 'Talk two');
  await again.keyboard.press('m');
  await expect(again.getByRole('button', { name: 'Ida X: Eased it' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await context.close();
  await server.stop('SIGTERM');
  removeFolder(talks.folder);
});

test('a rehearsal runs fast, stores nothing, and counting is practised by tapping', async ({ page }) => {
  await makeClass(page, 'Rehearsed class', ['Wrist bends up and down']);
  await stepLink(page, 'Teach').click();
  await page.getByRole('link', { name: 'Rehearse' }).click();
  await page.getByLabel('Speed').selectOption('8');
  await page.getByRole('button', { name: 'Start the rehearsal' }).click();
  await expect(page.getByText('Rehearsal: nothing is stored')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: 'Practise counting' })).toBeVisible();

  await page.getByRole('button', { name: 'Start counting' }).click();
  await page.waitForTimeout(3_000);
  for (let i = 0; i < 3; i++) {
    await page.keyboard.press('Space');
    await page.waitForTimeout(1_500);
  }
  await page.getByRole('button', { name: 'Stop and look' }).click();
  const result = page.getByRole('status', { name: 'How it was' });
  await expect(result).toContainText('3 taps for');
  await expect(result).toContainText('Skipped:');
  await expect(result).toContainText(/the time between taps varies by|after the beat|before the beat/);

  await page.goto('/classes');
  await expect(page.getByRole('row', { name: /Rehearsed class.*planned/ })).toBeVisible();
});

for (const [name, size] of [
  ['1024 by 768', { width: 1024, height: 768 }],
  ['at 200 % zoom', { width: 640, height: 400 }],
] as const)
  test(`teaching and the room fit ${name}, with motion reduced`, async ({ page, context }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await makeClass(page, `Small class ${name}`, ['Thumb web, web to web', 'Wrist bends up and down']);
    await page.setViewportSize(size);
    await begin(page);
    await page.getByRole('button', { name: 'Start the count' }).click();
    await expect(page.getByTestId('count')).toBeVisible();
    const tooWide = (of: Page) =>
      of.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(await tooWide(page)).toBeLessThanOrEqual(0);
    await page.getByRole('button', { name: 'Stop and get help' }).scrollIntoViewIfNeeded();
    await expect(page.getByRole('button', { name: 'Stop and get help' })).toBeInViewport();
    const room = await context.newPage();
    await room.setViewportSize(size);
    await room.goto('/room');
    await expect(room.getByRole('heading', { level: 1 })).toBeVisible();
    expect(await tooWide(room)).toBeLessThanOrEqual(0);
  });
