import { expect, test } from '@playwright/test';
import { noFaults } from './axe';
import { pdfSides, printedSides } from './sides';

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
  await expect(sheet.getByRole('row', { name: /Ball squeeze/ })).toContainText(
    '6 times palm down, then 6 palm up, each hand',
  );
  await expect(sheet.getByRole('row', { name: /Ball squeeze/ })).toContainText(
    'Bashir K: thumb outside the grip',
  );
  await expect(sheet).toContainText('Ferran R, throughout: left rests where nothing else is said');
  await expect(sheet).toContainText('Odile sits beside');
  await noFaults(page);

  // Printed by a browser a sheet takes as many sides as its PDF, which is made without one.
  for (const [name, words, most] of [
    ['Cue sheet', /Ball squeeze/, 9],
    ['Cue sheet on two sides', /Ball squeeze/, 3],
    ['Cue sheet with easier and stronger', /Easier: /, 5],
    ['Short form', /Each movement once/, 2],
    ['Large print for the group', /Ball squeeze/, 6],
    ['Register', /Pain and effort from 0, none, to 10/, 1],
    ['Kit and packing', /foam ball/i, 1],
    ['Safety page', /sharp or shooting pain/, 1],
  ] as const) {
    await page.getByRole('navigation', { name: 'Sheets' }).getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('article', { name, exact: true })).toContainText(words);
    await noFaults(page);
    const sides = await printedSides(page);
    expect(sides).toBeLessThanOrEqual(most);
    expect([name, await pdfSides(page)]).toEqual([name, sides]);
    if (['Large', 'Kit and', 'Safety'].some((n) => name.startsWith(n)))
      await expect(page.getByRole('article', { name, exact: true })).not.toContainText('Bashir');
  }
});

test('a summary is handed over from the results of a person, and a sheet asked for wrongly is answered', async ({
  page,
  request,
}) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Esi O' }).click();
  await page.getByRole('link', { name: 'Results' }).click();
  await page.getByRole('link', { name: 'Summary to hand over' }).click();
  const sheet = page.getByRole('article', { name: 'Summary' });
  await expect(sheet.getByRole('heading', { name: 'Esi O' })).toBeVisible();
  await expect(sheet.getByRole('row', { name: /^Grip, left/ })).toContainText('kg');
  await expect(sheet).toContainText('not a diagnosis');
  await noFaults(page);
  const sides = await printedSides(page);
  expect(sides).toBeLessThanOrEqual(2);
  expect(await pdfSides(page)).toBe(sides);

  await page.goto('/terms');
  const hrefs = await page.locator('#main a').evaluateAll((all) => all.map((a) => a.getAttribute('href')!));
  await page.goto(`${hrefs.find((href) => /^\/terms\/[0-9a-f-]{36}$/.test(href))!}/summary`);
  await expect(page.getByRole('heading', { name: /^How the group did/ })).toBeVisible();
  const ofHost = await printedSides(page);
  expect(ofHost).toBe(1);
  expect(await pdfSides(page)).toBe(ofHost);

  const headers = { 'sec-fetch-site': 'same-origin' };
  const none = await request.get('/files/out/cue/00000000-0000-4000-8000-000000000000', { headers });
  expect(none.status()).toBe(404);
  expect(((await none.json()) as { message: string }).message).toBe('There is nothing to print here.');
  // Without a page of ours or a token nothing goes out.
  expect((await request.get('/files/out/cue/00000000-0000-4000-8000-000000000000')).status()).toBe(401);
});
