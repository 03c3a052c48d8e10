import { expect, test, type Page } from '@playwright/test';
import { removeFolder, scratchFolder, send, startOwn, type OwnServer } from './own-server';
import { BLANK_PERSON } from './steps';

async function openMeasure(page: Page, name: string) {
  await page.goto('/people');
  await page.getByRole('link', { name }).click();
  await page.getByRole('link', { name: 'Measure', exact: true }).click();
  await expect(page.getByRole('heading', { name: `Grip of ${name}` })).toBeVisible();
}

const now = (page: Page) => page.getByRole('region', { name: 'Squeeze' }).getByRole('status');
const read = (page: Page) => page.getByRole('button', { name: 'Read the meter' });

test('a grip test: hands by turns, the curve, what does not count and why, the score of both schools, the result', async ({
  page,
}) => {
  await openMeasure(page, 'Otto H');
  const strength = page.getByRole('textbox', { name: 'Strength, kg' });
  await expect(now(page)).toHaveText(/^(Right|Left) hand, try 1 of 3$/);
  const first = (await now(page).textContent())!.split(' ')[0]!;

  await page.getByLabel('What happens').selectOption({ label: 'Begun before the word' });
  await read(page).click();
  await expect(
    page.getByText('The squeeze began before the word. Let go, wait for it, then squeeze.'),
  ).toBeVisible();
  await expect(now(page)).toHaveText(`${first} hand, try 1 of 3`);
  await page.getByLabel('What happens').selectOption({ label: 'The meter is lost' });
  await read(page).click();
  await expect(
    page.getByText('The meter was lost. Check that it is on and near, and try again.'),
  ).toBeVisible();

  await page.getByLabel('What happens').selectOption({ label: 'A steady squeeze' });
  for (let i = 0; i < 6; i++) {
    await strength.fill(String(30 + i));
    await page.keyboard.press('Enter');
    await expect(read(page)).toBeEnabled();
    await read(page).click();
    await expect(page.getByRole('img', { name: /^Force against time, peak 3\d/ })).toBeVisible();
  }
  await expect(now(page)).toHaveText('Both hands are done');
  const tries = page.getByRole('region', { name: 'This test' });
  const row = tries.getByRole('row', { name: new RegExp(`^${first.toLowerCase()}`) });
  await expect(row).toContainText(/3\d\.\d, 3\d\.\d, 3\d\.\d/);
  const best = await row.getByRole('cell').last().textContent();
  await page.getByLabel('Score').selectOption('mean of three');
  await expect(row.getByRole('cell').last()).not.toHaveText(best!);

  await page.getByRole('button', { name: 'Keep this test' }).click();
  await expect(page.getByText('The grip test is kept')).toBeVisible();
  await expect(tries).toHaveCount(0);
  const results = page.getByRole('region', { name: 'Results' });
  await expect(results).toContainText(/kg (then|on the first day)/);
  await page.getByRole('link', { name: 'Back to the record' }).click();
  await expect(page.getByText(/grip/i).filter({ visible: true }).first()).toBeVisible();
});

test('a hand that has just squeezed rests for a minute, unless one says otherwise', async ({ page }) => {
  await openMeasure(page, 'Lorna V');
  await read(page).click();
  await expect(page.getByRole('img', { name: /, peak/ })).toBeVisible();
  await read(page).click();
  // At the tests’ clock a minute is a second and a half.
  await expect(page.getByText(/hand rests 0:\d\d more|hand, try 2 of 3/).first()).toBeVisible();
  await expect(read(page)).toBeEnabled();
});

test.describe('with data of one’s own', () => {
  const folder = scratchFolder();
  let own: OwnServer;
  test.beforeAll(async () => {
    own = await startOwn(folder, { OSKIL_TODAY: '2026-11-24', OSKIL_CLOCK_RATE: '40' });
  });
  test.afterAll(async () => {
    await own.stop('SIGTERM');
    removeFolder(folder);
  });

  test('what the meter showed is typed in first; a simulated test is marked and counts for nothing', async ({
    page,
  }) => {
    const id = String((await send('POST', `${own.url}/api/people`, BLANK_PERSON)).json.id);
    await page.goto(`${own.url}/people/${id}/measure`);
    const typed = page.getByRole('region', { name: 'What the meter showed' });
    await typed.getByLabel('Instrument').fill('Hydraulic meter');
    await typed.getByLabel('It shows steps of, kg').fill('none');
    await expect(typed.getByText('A step is a number')).toBeVisible();
    await typed.getByRole('group', { name: 'Left hand, kg' }).getByLabel('Try 1').fill('14');
    await typed.getByRole('button', { name: 'Keep this test' }).click();
    await expect(typed.getByText('One of the fields is not right yet. Nothing was kept.')).toBeVisible();
    await typed.getByLabel('It shows steps of, kg').fill('1');
    await typed.getByRole('group', { name: 'Left hand, kg' }).getByLabel('Try 2').fill('15');
    await typed.getByRole('button', { name: 'Keep this test' }).click();
    await expect(page.getByText('15.0 kg on the first day')).toBeVisible();
    await expect(typed.getByLabel('Instrument')).toHaveValue('Hydraulic meter');

    await page.getByText('Try the simulated meter').click();
    await page.getByRole('button', { name: 'Read the meter' }).click();
    await expect(page.getByRole('img', { name: /, peak/ })).toBeVisible();
    await page.getByRole('button', { name: 'Keep this test' }).last().click();
    await expect(page.getByText('The grip test is kept').last()).toBeVisible();
    await page.goto(`${own.url}/people/${id}/results`);
    const measures = page.getByRole('region', { name: 'Measures of each hand' });
    await expect(measures.getByRole('row', { name: /^Grip, left/ })).toContainText('15 kg');
    await expect(measures.getByRole('row', { name: /^Grip, right/ })).toHaveCount(0);
    await page.getByText('Simulated readings, counted for nothing: 1').click();
    await expect(page.getByText(/^Grip, right: [\d.]+ kg on .*, simulated$/)).toBeVisible();
  });

  test('a scale over Bluetooth is a try for the hand whose turn it is; one that goes is told of, and what was read stays', async ({
    page,
  }) => {
    const id = String((await send('POST', `${own.url}/api/people`, BLANK_PERSON)).json.id);
    // A stand-in for the browser’s Bluetooth: it sends what a scale of the open weight-scale service would.
    await page.addInitScript(() => {
      const weight = Object.assign(new EventTarget(), {
        value: undefined as DataView | undefined,
        startNotifications: () => Promise.resolve(),
      });
      const device = Object.assign(new EventTarget(), {
        name: 'Hall scale',
        gatt: {
          connect: () =>
            Promise.resolve({
              getPrimaryService: () => Promise.resolve({ getCharacteristic: () => Promise.resolve(weight) }),
            }),
          disconnect: () => undefined,
        },
      });
      Object.defineProperty(navigator, 'bluetooth', {
        value: { requestDevice: () => Promise.resolve(device) },
      });
      Object.assign(window, {
        weigh: (kg: number) => {
          const steps = Math.round(kg / 0.005);
          weight.value = new DataView(Uint8Array.from([0, steps % 256, Math.floor(steps / 256)]).buffer);
          weight.dispatchEvent(new Event('characteristicvaluechanged'));
        },
        goAway: () => device.dispatchEvent(new Event('gattserverdisconnected')),
      });
    });
    await page.goto(`${own.url}/people/${id}/measure?what=press`);
    await page.getByRole('button', { name: 'Connect a scale' }).click();
    const scale = page.getByRole('region', { name: 'A scale over Bluetooth' });
    await expect(scale).toContainText('Hall scale is connected');
    const first = (await scale.getByRole('status').textContent())!.split(' ')[0]!;
    const other = first === 'Right' ? 'Left' : 'Right';
    const weigh = (kg: number) =>
      page.evaluate((n) => (window as unknown as { weigh: (kg: number) => void }).weigh(n), kg);
    await weigh(9.4);
    await expect(scale.getByRole('status')).toHaveText(`${other} hand, try 1 of 3`);
    await weigh(8.25);
    await expect(scale.getByRole('status')).toHaveText(`${first} hand, try 2 of 3`);
    const field = page.getByLabel(`Press on a scale, ${first.toLowerCase()}, kg`);
    await expect(field).toHaveValue('9.4');
    await page.evaluate(() => (window as unknown as { goAway: () => void }).goAway());
    await expect(scale.getByText('The scale is gone.')).toBeVisible();
    await expect(field).toHaveValue('9.4');
    await page.getByRole('button', { name: 'Keep these measures' }).click();
    await expect(page.getByText('2 measures are kept')).toBeVisible();

    // The simulated scale is there to try out; what it reads takes no real one's place.
    await page.getByText('Try the simulated scale').click();
    const simulated = page.getByRole('region', { name: 'Press on a scale' });
    await simulated.getByRole('button', { name: 'Press the scale' }).click();
    await expect(field).toHaveValue(/^\d/);
    await expect(page.getByText('Read off the simulated scale')).toBeVisible();
    await page.getByRole('button', { name: 'Keep these measures' }).click();
    await expect(page.getByText('does not take the place of a real one of the same day')).toBeVisible();
    await page.goto(`${own.url}/people/${id}/results`);
    await expect(
      page.getByRole('row', { name: new RegExp(`^Press on a scale, ${first.toLowerCase()}`) }),
    ).toContainText('9.5 kg');
  });
});
