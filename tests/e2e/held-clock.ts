import type { Page } from '@playwright/test';

/** The tests' servers run the class clock so many times as fast as the page's own (scripts/test.mjs). */
const RATE = 40;

export type HeldClock = {
  /** Let so many seconds of the class pass, at once. */
  readonly pass: (seconds: number) => Promise<void>;
  /** The same on the page's own clock, with no timer before its end: a page that is held up. */
  readonly holdUp: (pageMs: number) => Promise<void>;
  /** Let a second of the class pass, again and again, until this is so; at most an hour of class. */
  readonly passUntil: (isSo: () => Promise<boolean> | boolean, stepSeconds?: number) => Promise<void>;
  /** Let the page's clock run by itself again. */
  readonly letGo: () => Promise<void>;
};

/** Sound follows the page's own clock from here on, so that a clock that is held holds it too. */
export const holdSound = (page: Page): Promise<unknown> =>
  page.addInitScript(() =>
    Object.defineProperty(BaseAudioContext.prototype, 'currentTime', {
      get: () => performance.now() / 1_000,
    }),
  );

/** The page's clock stands still and moves only as the test says, so that no machine is too slow to see what passes. */
export async function holdClock(page: Page): Promise<HeldClock> {
  await page.clock.install();
  // It can be stopped only at a time to come: this is far enough for the slowest machine, and jumped to at once.
  await page.clock.pauseAt(new Date(await page.evaluate(() => Date.now() + 10_000)));
  const pass = (seconds: number) => page.clock.fastForward(Math.round((seconds * 1_000) / RATE));
  return {
    pass,
    letGo: () => page.clock.resume(),
    holdUp: (pageMs) => page.clock.fastForward(pageMs),
    passUntil: async (isSo, stepSeconds = 1) => {
      for (let passed = 0; passed < 3_600; passed += stepSeconds) {
        if (await isSo()) return;
        await pass(stepSeconds);
      }
      throw new Error('an hour of class has passed');
    },
  };
}
