import { expect, test } from '@playwright/test';
import { makeClass, openMore, rowOf, stepLink, rowTitles } from './steps';

test('a dose changes on its cord: beads by button and arrow, a bar by drawing it longer', async ({
  page,
}) => {
  await makeClass(page, 'Cord class', ['Wrist bends up and down', 'Palms press at the chest'], ['Esi O']);
  const wrist = rowOf(page, 'Wrist bends up and down');
  const cord = wrist.getByRole('group', { name: /^Wrist bends up and down:/ });
  const count = async () => Number(/: (\d+) times/.exec((await cord.getAttribute('aria-label'))!)![1]);
  const start = await count();
  await wrist.hover();
  await wrist.getByRole('button', { name: 'One more of Wrist bends up and down' }).click();
  await expect.poll(count).toBe(start + 1);
  await cord.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(count).toBe(start - 1);
  await page.keyboard.press('Control+z');
  await expect.poll(count).toBe(start);

  const bars = rowOf(page, 'Palms press at the chest').getByRole('group', { name: /holds? of/ });
  const held = async () => Number(/of (\d+) s/.exec((await bars.getAttribute('aria-label'))!)![1]);
  const seconds = await held();
  await bars.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(held).toBe(seconds + 1);
  const box = (await bars.boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 20 - 8, box.y + box.height / 2, { steps: 3 });
  await page.mouse.up();
  await expect.poll(held).toBe(seconds);
  await expect(page.getByText('Saved: Dose of Palms press at the chest')).toBeVisible();
});

test('a row takes a school’s dose, stands on a rung and is counted to music', async ({ page }) => {
  await makeClass(page, 'Rung class', ['Palms turn up and down'], ['Esi O']);
  const title = (await rowTitles(page))[0]!;
  await rowOf(page, title)
    .getByRole('button', { name: new RegExp(`^${title}`) })
    .click();
  await openMore(page);
  const rung = page.getByLabel('Rung, gentlest first');
  await expect(rung).toBeVisible();
  const gentlest = (await rung.locator('option').first().textContent())!.replace(/^1\. /, '');
  await rung.selectOption('0');
  await expect(rowOf(page, title).first()).toContainText(gentlest);
  await page.getByLabel('Counting style').selectOption('gentle');
  await expect(page.getByRole('textbox', { name: 'Repetitions' })).toHaveValue('3');
  await page.getByRole('textbox', { name: 'Repetitions' }).fill('4');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Counting style')).toHaveValue('own');
  await page.getByRole('button', { name: 'Count it to music' }).click();
  await expect(page.getByText(/beats? each; it fills \d+ phrases? of 8\./)).toBeVisible();
  await page.getByRole('textbox', { name: 'Repetitions' }).fill('7');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/no longer fills its phrases: fitted again 7 become 6 and /)).toBeVisible();
  await page.getByRole('button', { name: 'Fit it again' }).click();
  await expect(page.getByRole('textbox', { name: 'Repetitions' })).toHaveValue('6');
  await page.reload();
  await expect(rowOf(page, title).first()).toContainText(gentlest);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now.getByText(gentlest, { exact: false })).toBeVisible();
});

test('a row has a way in and a prop of its own, the class a usual way in, and the clock and the kit follow', async ({
  page,
}) => {
  await makeClass(page, 'Own way in', ['Ball squeeze', 'Wrist bends up and down']);
  const time = page.getByRole('region', { name: 'What the time is made of' });
  const openTime = () => page.getByRole('region', { name: 'Time', exact: true }).getByRole('button').click();
  await page.locator('[data-row]', { hasText: 'Ball squeeze' }).click();
  await expect(page.getByText(/way in 0:12, /)).toBeVisible();
  await openMore(page);
  await page.getByLabel('Way in', { exact: true }).selectOption('Explained first, 25 s');
  await expect(page.getByText(/way in 0:25, /)).toBeVisible();
  await page.getByLabel('Way in', { exact: true }).selectOption('Own seconds');
  await page.getByRole('textbox', { name: 'Seconds before the count' }).fill('40');
  await page.keyboard.press('Tab');
  await expect(page.getByText(/way in 0:40, /)).toBeVisible();

  await page.getByLabel('With', { exact: true }).selectOption('Silicone egg');
  await expect(page.getByText(/^Saved: Props of/)).toBeVisible();
  await page.getByRole('button', { name: /^Kit: 1 prop/ }).click();
  await expect(page.getByRole('region', { name: 'Kit' })).toContainText('silicone egg');

  await openTime();
  await time.getByRole('button', { name: 'Way in', exact: true }).click();
  await time.getByLabel('Into a new movement').selectOption('Flows on, 0 s');
  await expect(page.getByText('Saved: The usual way in')).toBeVisible();
  await page.reload();
  await openTime();
  await time.getByRole('button', { name: 'Way in', exact: true }).click();
  await expect(time.getByLabel('Into a new movement')).toHaveValue('0');
  await page.locator('[data-row]', { hasText: 'Ball squeeze' }).click();
  await expect(page.getByText(/way in 0:40, /)).toBeVisible();
});

test('a talk row has its words, and they stand on the screen when it is taught; a quick shake is a few seconds', async ({
  page,
}) => {
  await makeClass(page, 'Talking class', ['Ball squeeze']);
  await page.getByRole('button', { name: 'Add to arrive' }).click();
  await page.getByRole('button', { name: 'Talk', exact: true }).click();
  await expect(page.getByText(/^Saved: Add/)).toBeVisible();
  const talk = page.locator('[data-row]', { hasText: 'Talk' });
  const words = page.getByLabel('What is said, asked or read');
  if ((await words.count()) === 0) await talk.click();
  await words.fill('What did your hands do this week?');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Saved: Words of Talk')).toBeVisible();
  await page.getByRole('button', { name: 'Add to move' }).click();
  await page.getByRole('button', { name: 'Quick shake' }).click();
  await expect(page.locator('[data-row]', { hasText: 'Quick shake' })).toBeVisible();
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('group', { name: 'For this row' })).toContainText(
    'What did your hands do this week?',
  );
});

test('passes are chosen, put in order and given more; layers have names; the same for the other side; a short form on paper', async ({
  page,
}) => {
  await makeClass(page, 'Passes class', [
    'Ball squeeze',
    ['Press the hollow of the palm', { sides: 'left' }],
  ]);
  await page.getByRole('button', { name: /^Ball squeeze/ }).click();
  const cord = page
    .getByRole('row')
    .filter({ has: page.getByRole('button', { name: /^Ball squeeze/ }) })
    .getByRole('img', { name: /each hand/ });
  await openMore(page);
  await page.getByRole('button', { name: 'palm up earlier' }).click();
  await expect(cord).toHaveAccessibleName(/^6 times palm up, then 6 palm down, each hand/);
  await page.getByRole('button', { name: 'More: More palm down' }).click();
  await expect(cord).toHaveAccessibleName(/^6 times palm up, then 7 palm down, each hand/);
  await expect(page.getByText('12 palm up, 14 palm down')).toBeVisible();
  await page.getByRole('checkbox', { name: 'palm up' }).uncheck();
  await expect(cord).toHaveAccessibleName(/^7 times palm down, each hand/);
  await page.getByRole('button', { name: 'Build it up in layers' }).click();
  await page.getByLabel('Layer 2', { exact: true }).fill('with the feet');
  await page.getByLabel('Layer 2', { exact: true }).press('Enter');
  await expect(cord).toHaveAccessibleName(/built up: small, then with the feet/);
  await page.getByLabel('until told').check();
  await expect(cord).toHaveAccessibleName(/^until told, usually 7 times palm down/);
  await page.getByRole('button', { name: /^Ball squeeze/ }).click();

  await page.getByRole('button', { name: 'Choose rows' }).click();
  await expect(page.getByRole('button', { name: 'Same for the other side' })).toBeDisabled();
  await page.getByLabel('Choose Press the hollow of the palm').check();
  await page.getByRole('button', { name: 'Same for the other side' }).click();
  await expect(page.getByRole('img', { name: /right hand only/ })).toBeVisible();
  await expect(page.getByText(/^Saved: The same for the other side/)).toBeVisible();

  await page.goto(`${new URL(page.url()).pathname}/paper?sheet=short`);
  await expect(page.getByRole('article')).toContainText(
    /Each movement once, each side and pass of it too: \d+:\d\d/,
  );
  await expect(page.getByRole('article')).not.toContainText('Ansel');
});

test('a row is made easier, harder, or something else takes its place, and each is taken back', async ({
  page,
}) => {
  await makeClass(
    page,
    'Instead class',
    ['Ball squeeze', 'Wrist bends up and down'],
    ['Ansel B', 'Delphine M'],
  );
  await page.getByRole('button', { name: /^Ball squeeze/ }).click();
  // What is seldom changed is folded away.
  await expect(page.getByLabel('Rung, gentlest first')).toHaveCount(0);
  await page.getByRole('button', { name: /^Easier: / }).click();
  await expect(page.getByText(/^Saved: Easier: ball squeeze/)).toBeVisible();
  await page.getByRole('button', { name: 'Harder: the usual form' }).click();
  await expect(page.getByText(/^Saved: Harder: ball squeeze/)).toBeVisible();
  await page.getByRole('button', { name: 'Something else instead' }).click();
  const instead = page.getByRole('group', { name: 'Instead of ball squeeze' });
  const first = instead.getByRole('button').first();
  // Each says what it would be for those who come.
  await expect(first).toContainText(/\((for all as it is|.*(in their own way|left out))\)$/);
  const name = (await first.textContent())!.replace(/ \(.*$/, '');
  await first.click();
  await expect(page.getByText(new RegExp(`^Saved: ${name} instead of ball squeeze`))).toBeVisible();
  await expect(rowOf(page, name)).toBeVisible();
  await expect(rowOf(page, 'Ball squeeze')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(rowOf(page, 'Ball squeeze')).toBeVisible();
  await expect(rowOf(page, name)).toHaveCount(0);
});
