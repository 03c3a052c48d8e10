import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Nothing that axe finds is wrong with the page as it is now, or with a part of it where the rest was looked at before. */
export const noFaults = async (page: Page, part = 'html') => {
  await expect(page).toHaveTitle(/Oskil/);
  // A toast that is fading out has, for a moment, no contrast.
  const { violations } = await new AxeBuilder({ page })
    .include(part)
    .exclude('[data-sonner-toaster]')
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' | ')}`)).toEqual([]);
};
