import { expect, test, type Page } from '@playwright/test';
import { USUAL_COUNT_SETTINGS } from '@/ui/hooks/use-count-settings';
import { makeClass, stepLink } from './steps';

test.use({ serviceWorkers: 'allow' });

/** A microphone that hears a tone all the time, or nothing at all; and which clips are played, by the rate of their samples. */
const withMicrophone = (page: Page, hears: boolean) =>
  page.addInitScript(
    ([gain, settings]) => {
      localStorage.setItem('oskil-ways', settings as string);
      const rates: number[] = [];
      Object.assign(window, { rates });
      const real = AudioBufferSourceNode.prototype.start;
      AudioBufferSourceNode.prototype.start = function (...when) {
        if (!(this.context instanceof OfflineAudioContext)) rates.push(this.buffer!.sampleRate);
        return real.apply(this, when);
      };
      navigator.mediaDevices.getUserMedia = () => {
        const context = new AudioContext();
        const [tone, level] = [context.createOscillator(), context.createGain()];
        level.gain.value = gain as number;
        const out = context.createMediaStreamDestination();
        tone.connect(level).connect(out);
        tone.start();
        return Promise.resolve(out.stream);
      };
    },
    [hears ? 0.3 : 0, JSON.stringify({ ...USUAL_COUNT_SETTINGS, sound: 'voice', voice: 'own' })] as const,
  );

test('an instructor records the words of the count, hears them again, and they are what is said in class', async ({
  page,
}) => {
  await withMicrophone(page, true);
  await page.goto('/settings');
  await page.getByRole('link', { name: 'Your own voice' }).click();
  await expect(page.getByText(/^0 of \d+ recorded$/)).toBeVisible();
  await page.getByRole('button', { name: /^Record \d+ words$/ }).click();
  const said = page.getByRole('region', { name: 'Recording' });
  await expect(said.getByRole('status')).toHaveText('1');
  await expect(said.getByRole('status')).toHaveText('3');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText(/^2 of \d+ recorded$/)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: '2', exact: true }).click();
  await page.getByRole('button', { name: 'Hear it' }).click();
  const rates = () => page.evaluate(() => (window as unknown as { rates: number[] }).rates);
  await expect.poll(rates).toEqual([16_000]);
  await page.getByRole('button', { name: 'Say it again' }).click();
  await expect(said).toBeVisible();
  await expect(page.getByText(/^2 of \d+ recorded$/)).toBeVisible();

  // In class: the two words are one's own, what was not recorded is said by the voice that ships.
  await makeClass(page, 'Own voice class', ['Wrist bends up and down']);
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
  await page.keyboard.press('v');
  await expect(page.getByLabel('Voice')).toHaveValue('own');
  await expect(async () => {
    const before = (await rates()).length;
    await page.getByRole('button', { name: 'Try it out' }).click();
    await expect.poll(async () => (await rates()).length - before, { timeout: 5_000 }).toBe(6);
    // ready, and, 1, 2, 3, and rest
    expect((await rates()).slice(before)).toEqual([48_000, 48_000, 16_000, 16_000, 48_000, 48_000]);
  }).toPass();

  await page.goto('/settings/voice');
  await page.getByRole('button', { name: 'Throw my voice away' }).click();
  await expect(page.getByText(/^0 of \d+ recorded$/)).toBeVisible();
});

test('what is not heard is told by its words, and a microphone that is not given too', async ({ page }) => {
  await withMicrophone(page, false);
  await page.goto('/settings/voice');
  await page.getByRole('button', { name: /^7\b/ }).click();
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(page.getByText('Not heard: 7. Come nearer, and record them again.')).toBeVisible();
  await page.evaluate(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new Error('denied'));
  });
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(page.getByText(/^The browser did not give the microphone/)).toBeVisible();
});
