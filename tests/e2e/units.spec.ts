import { expect, test, type Page } from '@playwright/test';
import { serverForFile } from './own-server';

const server = serverForFile({ OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });

async function choose(page: Page, weights: string, lengths: string) {
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('Weights in').selectOption({ label: weights });
  await page.getByLabel('Lengths in').selectOption({ label: lengths });
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Settings are saved')).toBeVisible();
}

async function openPerson(page: Page, name: string) {
  await page.goto(`${server.url}/people`);
  await page.getByRole('link', { name }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
}

test('pounds and inches by choice: typed, read again, measured, on the bench and on paper; kept in kilograms and centimetres', async ({
  page,
}) => {
  await choose(page, 'Pounds, lb', 'Inches, in');
  await openPerson(page, 'Otto H');
  await page.getByLabel('Mass, lb').fill('24');
  await page.getByLabel('Height, in').fill('64');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Mass is at least 25 kg (55 lb)')).toBeVisible();
  await expect(page.getByLabel('Mass, lb')).toHaveValue('24');
  await page.getByLabel('Mass, lb').fill('143');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Otto is saved')).toBeVisible();
  await openPerson(page, 'Otto H');
  await expect(page.getByLabel('Mass, lb')).toHaveValue('143');
  await expect(page.getByLabel('Height, in')).toHaveValue('64');

  const record = page.url();
  await page.goto(`${record}/measure`);
  await page.getByText('Write grip down by hand').click();
  const typed = page.getByRole('region', { name: 'What the meter showed' });
  await expect(typed.getByLabel('It shows steps of, lb')).toBeVisible();
  await typed.getByRole('group', { name: 'Left hand, lb' }).getByLabel('Try 1').fill('300');
  await expect(typed.getByText('At most 264')).toBeVisible();
  await typed.getByRole('group', { name: 'Left hand, lb' }).getByLabel('Try 1').fill('44');
  await typed.getByRole('button', { name: 'Keep this test' }).click();
  await expect(page.getByText('The grip test is kept')).toBeVisible();
  await page.goto(`${record}/measure?what=thumb`);
  await page.getByLabel('Thumb web span, left, in').fill('5.3');
  await page.getByLabel('Thumb web span, right, in').fill('5');
  await expect(page.getByLabel('Thumb web span, left, in')).toHaveValue('5.25');
  await page.getByRole('button', { name: 'Keep these measures' }).click();
  await expect(page.getByText('2 measures are kept')).toBeVisible();

  await page.goto(`${record}/results`);
  const measures = page.getByRole('region', { name: 'Measures of each hand' });
  await expect(measures.getByRole('row', { name: /^Grip, left/ })).toContainText('44 lb');
  await expect(measures.getByRole('row', { name: /^Thumb web span, left/ })).toContainText('5.25 in');
  await expect(page.locator('#main')).not.toContainText(/\d (kg|cm)\b/);
  await page.goto(`${record}/summary`);
  await expect(page.getByRole('article')).toContainText('44 lb');
  await expect(page.getByRole('article')).not.toContainText(/\d (kg|cm)\b/);

  await page.goto(`${server.url}/loading`);
  await expect(page.getByLabel('Mass, lb', { exact: true })).toHaveValue(/^\d+$/);
  await expect(page.getByRole('region', { name: 'Weight on each wrist' })).toContainText(/[\d.]+ lb/);
  await page.getByRole('button', { name: /^A lean on a worktop/ }).click();
  await page.getByRole('button', { name: 'More: Hands up, in' }).click();
  await expect(page.locator('#main')).not.toContainText(/\d (kg|cm)\b/);

  await choose(page, 'Kilograms, kg', 'Centimetres, cm');
  await openPerson(page, 'Otto H');
  await expect(page.getByLabel('Mass, kg')).toHaveValue('64.86');
  await expect(page.getByLabel('Height, cm')).toHaveValue('163');
  await page.goto(`${record}/results`);
  await expect(page.getByRole('row', { name: /^Grip, left/ })).toContainText('20 kg');
});
