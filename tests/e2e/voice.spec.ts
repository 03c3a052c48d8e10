import { expect, test, type Page } from '@playwright/test';
import { USUAL_COUNT_SETTINGS } from '@/ui/hooks/use-count-settings';
import { holdClock, holdSound } from './held-clock';
import { makeClass, stepLink } from './steps';

test.use({ serviceWorkers: 'allow' });

type Word = { readonly at: number; readonly seconds: number; readonly asked: number };

/** Every clip that is put on the audio clock from here on, and what the browser's own voice is asked for. */
async function listenIn(page: Page) {
  await page.addInitScript(
    ([settings]) => {
      const [words, aloud]: [unknown[], string[]] = [[], []];
      Object.assign(window, { words, aloud });
      localStorage.setItem('oskil-ways', settings!);
      const real = AudioBufferSourceNode.prototype.start;
      AudioBufferSourceNode.prototype.start = function (when = 0, offset = 0, seconds = 0) {
        words.push({ at: when, seconds, asked: this.context.currentTime });
        return real.call(this, when, offset, seconds);
      };
      speechSynthesis.getVoices = () => [{ name: 'a voice' } as SpeechSynthesisVoice];
      speechSynthesis.speak = (said) => void aloud.push(said.text);
    },
    [JSON.stringify({ ...USUAL_COUNT_SETTINGS, sound: 'voice' })],
  );
  const of = <T>(name: string) =>
    page.evaluate((key) => (window as unknown as Record<string, T>)[key]!, name);
  return { words: () => of<readonly Word[]>('words'), aloud: () => of<readonly string[]>('aloud') };
}

async function begin(page: Page) {
  await stepLink(page, 'Teach').click();
  await page.getByRole('button', { name: 'Start the class' }).click();
  await expect(page.getByRole('button', { name: 'Start the count' })).toBeVisible();
}

/** The voice is there, by what the sheet says of it. */
async function hasVoice(page: Page) {
  // A key that is pressed before the page listens does nothing.
  await expect(async () => {
    await page.keyboard.press('v');
    await expect(page.getByRole('button', { name: 'Try it out' })).toBeVisible({ timeout: 1_000 });
  }).toPass();
  await page.getByRole('button', { name: 'Try it out' }).click();
  await expect(page.getByText('Sound is on')).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
}

/** The count of the class that is open runs, heard, by a clock that the test moves; six words were tried out before. */
async function countAloud(page: Page) {
  const heard = await listenIn(page);
  await holdSound(page);
  await page.reload();
  await begin(page);
  await hasVoice(page);
  await expect.poll(async () => (await heard.words()).length).toBe(6);
  const clock = await holdClock(page);
  await page.keyboard.press('Space');
  return { heard, clock };
}

const LONG = { count: { mode: 'reps', reps: 100, tempoMs: 4_000 } } as const;

test('while the page is held up again and again, each word begins on its beat, none is lost, none runs into another', async ({
  page,
}) => {
  await makeClass(page, 'Voice class', [['Wrist bends up and down', LONG]]);
  const { heard, clock } = await countAloud(page);
  for (let look = 0; look < 80 && !page.url().endsWith('/wrap-up'); look++)
    await clock.holdUp(look % 8 === 7 ? 300 : 250);
  await clock.letGo();
  await expect(page).toHaveURL(/wrap-up$/);
  const words = (await heard.words()).slice(6).sort((a, b) => a.at - b.at);
  words
    .slice(1)
    .forEach((w, i) => expect(w.at).toBeGreaterThanOrEqual(words[i]!.at + words[i]!.seconds - 0.001));
  // Four seconds of class at 40 times the speed. The first few are due as the key is pressed; the last end the row.
  const beat = 0.1;
  const from = words[words.length >> 1]!.at;
  const [first, last] = [words[8]!, words.at(-3)!].map((w) => Math.round((w.at - from) / beat));
  expect(last! - first!).toBeGreaterThan(80);
  for (let i = first!; i <= last!; i++)
    expect(words.filter((w) => Math.abs(from + i * beat - w.at) < 0.005).length, `beat ${i}`).toBeGreaterThan(
      0,
    );
  expect(await heard.aloud()).toEqual([]);
});

test('sound that a call has taken away is back with the next tap', async ({ page }) => {
  await makeClass(page, 'Interrupted class', ['Wrist bends up and down']);
  await page.addInitScript(() => {
    const [Real, made]: [typeof AudioContext, AudioContext[]] = [AudioContext, []];
    Object.assign(window, { made });
    window.AudioContext = class extends Real {
      constructor() {
        super();
        made.push(this);
      }
    };
  });
  await listenIn(page);
  await page.reload();
  await begin(page);
  await hasVoice(page);
  const state = () => page.evaluate(() => (window as unknown as { made: AudioContext[] }).made[0]!.state);
  await page.evaluate(() => (window as unknown as { made: AudioContext[] }).made[0]!.suspend());
  expect(await state()).toBe('suspended');
  await page.getByRole('heading', { level: 1 }).click();
  await expect.poll(state).toBe('running');
});

test('what the voice has not got, a name of one’s own, is left to the browser’s voice', async ({ page }) => {
  const layers = [{ name: 'tips on the sill' }, { name: 'whole hand on the sill' }];
  await makeClass(page, 'Own words class', [['Wrist bends up and down', { layers }]]);
  const { heard, clock } = await countAloud(page);
  await clock.passUntil(() => page.url().endsWith('/wrap-up'));
  expect(await heard.aloud()).toEqual(expect.arrayContaining(['whole hand on the sill']));
  expect(await heard.aloud()).not.toContain('2');
});

test('the voice is heard while Oskil cannot be reached, and where a browser has no Opus', async ({
  page,
  context,
}) => {
  await makeClass(page, 'Voice offline', ['Wrist bends up and down', 'Palms turn up and down']);
  const heard = await listenIn(page);
  const asked: string[] = [];
  page.on('request', (r) => asked.push(new URL(r.url()).pathname));
  await page.addInitScript(() => {
    const real = HTMLMediaElement.prototype.canPlayType;
    HTMLMediaElement.prototype.canPlayType = function (type) {
      return type.includes('opus') ? '' : real.call(this, type);
    };
  });
  await page.reload();
  await begin(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await hasVoice(page);
  await expect.poll(async () => (await heard.words()).length).toBe(6);
  expect(asked).toContain('/voice/clips.mp3');
  expect(asked).not.toContain('/voice/clips.opus');
  // What makes the class up is kept as the page begins.
  await page.evaluate(async () => {
    const kept = async () => (await (await caches.open('oskil-class-1')).keys()).length;
    while ((await kept()) < 2) await new Promise((resolve) => setTimeout(resolve, 100));
  });
  await context.setOffline(true);
  await page.reload();
  await hasVoice(page);
  await expect.poll(async () => (await heard.words()).length).toBe(6);
});
