import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Nothing that axe finds is wrong with the page as it is now, or with a part of it where the rest was looked at before. */
export const noFaults = async (page: Page, part = 'html') => {
  // A page that is just being left has no title and no parts for a moment.
  await expect(async () => {
    await expect(page).toHaveTitle(/Oskil/);
    // Contrast takes half of the time, and comes from the theme: it is looked at by itself.
    const { violations } = await axe(page).include(part).disableRules('color-contrast').analyze();
    expect(told(violations)).toEqual([]);
  }).toPass({ timeout: 30_000 });
};

/** Everything on the page stands out enough from what is behind it. */
export const enoughContrast = async (page: Page) => {
  const { violations } = await axe(page).withRules('color-contrast').analyze();
  expect(told(violations)).toEqual([]);
};

const axe = (page: Page) =>
  // A toast that is fading out has, for a moment, no contrast.
  // What is right is not told of, and nothing is sent out of the page to be put together (no frame of elsewhere is in ours): both
  // take ten times as long as the look itself on a large page.
  new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .exclude('[data-sonner-toaster]');

const told = (violations: Awaited<ReturnType<AxeBuilder['analyze']>>['violations']) =>
  violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' | ')}`);
