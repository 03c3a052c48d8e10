import { expect, test } from '@playwright/test';
import { noFaults } from './axe';
import { MOVING } from './steps';

test.use(MOVING);

test('a drill of two minutes: answered by key and by tap, told why, and at its end what was missed', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-24T09:00:00Z') });
  await page.goto('/practice');
  await page.getByRole('button', { name: 'Begin: Sides while facing the group' }).click();
  const drill = page.getByRole('region', { name: 'Sides while facing the group' });
  await expect(drill.getByText('0 of 0 right, 2:00 left')).toBeVisible();
  await page.keyboard.press('1');
  await expect(drill.getByRole('status')).toContainText(/^(Right\.|It is: (left|right)\.) /);
  // A second press answers nothing more.
  await page.keyboard.press('2');
  await expect(drill.getByText(/ of 1 right, /)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(drill.getByRole('status')).toHaveText('');
  await page.clock.runFor(121_000);
  await expect(drill.getByText('time is up')).toBeVisible();
  // The last one is answered in peace.
  await drill.getByRole('button', { name: 'right' }).click();
  await drill.getByRole('button', { name: 'See how it went' }).click();
  await expect(page.getByText(/^[0-2] of 2 questions right\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Another drill' }).click();
  await expect(page.getByRole('button', { name: /^Begin: / })).toHaveCount(5);
});

test('each drill asks, and fits a phone; who strains is drawn, and told to whoever does not see it', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/practice');
  for (const name of ['Finger orders', 'Spot the strain', 'The gentler way', 'What is left']) {
    await page.getByRole('button', { name: `Begin: ${name}` }).click();
    const drill = page.getByRole('region', { name });
    await expect(drill.getByText('0 of 0 right')).toBeVisible();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth))
      .toBeLessThanOrEqual(0);
    if (name === 'Spot the strain') {
      const people = drill.getByRole('list', { name: 'Who sits there' }).getByRole('img');
      await expect(people).toHaveCount(5);
      const seen = await people.evaluateAll((all) => all.map((p) => p.getAttribute('aria-label')!));
      const who = seen.findIndex((s) => !s.endsWith(': at ease'));
      await drill.getByRole('button', { name: `Number ${who + 1}` }).click();
      await expect(drill.getByRole('status')).toContainText(/^Right\. .* Say: “/);
    }
    await noFaults(page, 'main');
    await drill.getByRole('button', { name: 'End here' }).click();
    await page.getByRole('button', { name: 'Another drill' }).click();
  }
});
