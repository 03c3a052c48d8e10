import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { noFaults } from './axe';

test('a backup is made, taken away, brought again, and put back after somebody was lost', async ({
  page,
}) => {
  test.slow();
  await page.goto('/settings');
  await page.getByRole('link', { name: 'Backups' }).click();
  await page.getByRole('button', { name: 'Back up now' }).click();
  // It is made, and restored on trial, before it counts.
  await expect(page.getByText('Backed up, and restored on trial')).toBeVisible({ timeout: 60_000 });
  await noFaults(page);
  const coming = page.waitForEvent('download');
  await page
    .getByRole('link', { name: /^Take away the backup/ })
    .first()
    .click();
  const taken = readFileSync((await (await coming).path())!);

  await page.goto('/people');
  await page.getByRole('link', { name: 'Mirek Z' }).click();
  await page.getByRole('button', { name: 'Erase', exact: true }).click();
  await page.getByLabel(/^Type Mirek Z/).fill('Mirek Z');
  await page.getByRole('button', { name: 'Erase for good' }).click();
  await expect(page).toHaveURL(/\/people$/);

  await page.goto('/backup');
  const bring = (name: string, buffer: Buffer) =>
    page.locator('input[type=file]').setInputFiles({ name, mimeType: 'application/octet-stream', buffer });
  await bring('broken.oskil', taken.subarray(0, 4_000));
  await expect(page.getByRole('alert').filter({ hasText: 'This backup is damaged' })).toContainText(
    'Nothing was touched',
  );
  await bring('mine.oskil', taken);
  await expect(page.getByRole('heading', { name: /^The backup of/ })).toBeVisible({ timeout: 120_000 });
  const people = page.getByRole('region', { name: 'People' });
  await expect(people).toContainText('1 would come back: Mirek Z');
  await noFaults(page);
  await page.getByRole('button', { name: 'Restore this backup' }).click();
  await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 120_000 });
  await expect(page.getByRole('row', { name: /before a restore/ }).first()).toBeVisible();
  await page.goto('/people');
  await expect(page.getByRole('link', { name: 'Mirek Z' })).toBeVisible();
});

test('a backup that there is not is not found, and a foreign page gets none', async ({ page, request }) => {
  await page.goto('/backup/2026-01-01-000000-daily.oskil');
  await expect(page.getByRole('heading', { name: 'That page is not here' })).toBeVisible();
  const foreign = { headers: { 'sec-fetch-site': 'cross-site' } };
  for (const path of ['/files/backup/2026-01-01-000000-daily.oskil', '/files/backup/..%2f..%2fpackage.json'])
    expect((await request.get(path, foreign)).status()).toBe(403);
  expect((await request.post('/api/backups', { ...foreign, data: {} })).status()).toBe(403);
});
