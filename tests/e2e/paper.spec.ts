import { expect, test } from '@playwright/test';
import { noFaults } from './axe';

const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type\s*\/Page\b(?!s)/g)!.length;

test('the sheets of a class: each on its side of paper, with no names where others see it', async ({
  page,
}) => {
  test.slow();
  // The third week is over, so that no other test changes it.
  await page.goto('/classes');
  const third = page.getByRole('row', { name: /^Wednesday Hands .* 3 \d+ people/ }).getByRole('link');
  await page.goto((await third.getAttribute('href'))!.replace('wrap-up', 'paper'));
  const sheet = page.getByRole('article');
  await expect(sheet.getByRole('heading', { name: 'Wednesday Hands, week 3' })).toBeVisible();
  await expect(sheet.getByRole('row', { name: /Ball squeeze/ })).toContainText('6 times each hand');
  await expect(sheet.getByRole('row', { name: /Ball squeeze/ })).toContainText('Ferran R');
  await expect(sheet).toContainText('Odile sits beside');
  await noFaults(page);
  // Two sides for the demo as it is; other tests have given people more to look after by now.
  expect(pagesOf(await page.pdf({ format: 'A4', preferCSSPageSize: true }))).toBeLessThanOrEqual(3);

  for (const [name, words, most] of [
    ['Large print for the group', /Ball squeeze/, 6],
    ['Register', /Pain and effort from 0, none, to 10/, 1],
    ['Kit and packing', /foam ball/i, 1],
    ['Safety page', /sharp or shooting pain/, 1],
  ] as const) {
    await page.getByRole('navigation', { name: 'Sheets' }).getByRole('link', { name }).click();
    await expect(page.getByRole('article', { name })).toContainText(words);
    await noFaults(page);
    expect(pagesOf(await page.pdf({ format: 'A4', preferCSSPageSize: true }))).toBeLessThanOrEqual(most);
    if (name !== 'Register') await expect(page.getByRole('article', { name })).not.toContainText('Ferran');
  }
});
