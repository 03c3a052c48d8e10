import { expect, type APIResponse, type Locator, type Page } from '@playwright/test';
import { CATALOGUE } from '@/catalogue/movements';
import { primaryCount, type Dose } from '@/core/dose';
import { nobodyKnown } from '@/core/people';
import { newMovementRow, rowStep } from '@/core/plan/edit/new-rows';
import { emptyPlan } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';

/** For what is about motion: `test.use(MOVING)`. */
export const MOVING = { contextOptions: { reducedMotion: 'no-preference' } } as const;

/** A person as the routes take one. */
export const BLANK_PERSON = { ...nobodyKnown({ firstName: 'Ida', initial: 'X' }), screened: true };

/** A dose whose range reaches as far as its count. */
const inRange = (dose: Dose): Dose => {
  const n = primaryCount(dose.count);
  return { ...dose, fewest: Math.min(dose.fewest, n), most: Math.max(dose.most, n) };
};

/** The demo's planned Friday class. */
export async function openFriday(page: Page): Promise<void> {
  await page.goto('/classes');
  await page
    .getByRole('row', { name: /Friday Slow Hands.*planned/ })
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { name: 'Friday Slow Hands, week 4' })).toBeVisible();
}

/**
 * A small class of a test's own, with these people and these rows in its second section, open on its plan. It is made by the
 * routes; tests/e2e/journey.spec.ts makes one by hand.
 */
export async function makeClass(
  page: Page,
  name: string,
  rows: readonly (string | readonly [title: string, dose: Partial<Dose>])[],
  people: readonly string[] = ['Ansel B', 'Delphine M'],
): Promise<void> {
  const { request } = page;
  const done = async (answer: Promise<APIResponse>) => {
    const reply = await answer;
    expect(reply.status(), await reply.text()).toBe(200);
    return (await reply.json()) as { id: string };
  };
  const details = { name, place: '', day: NEW_CLASS_DAY, startsAt: '10:30', slotMinutes: 45 };
  const { id } = await done(request.post('/api/classes', { data: details }));
  const list = await (await request.get('/people')).text();
  const idOf = (person: string): string =>
    new RegExp(`href="/people/([0-9a-f-]{36})"[^>]*>${person}<`).exec(list)![1]!;
  const roster = { personIds: people.map(idOf), helpers: [] };
  await done(request.put(`/api/classes/${id}/roster`, { data: roster }));
  let plan = emptyPlan();
  for (const [version, entry] of rows.entries()) {
    const [title, dose] = typeof entry === 'string' ? [entry, {}] : entry;
    const movement = CATALOGUE.movements.find((m) => m.name === title)!;
    const index = plan.sections.find((s) => s.id === 'move')!.rows.length;
    const row = newMovementRow(plan, movement, 'made');
    const step = rowStep('move', { ...row, dose: inRange({ ...row.dose, ...dose }) }, index);
    const data = { type: 'edit', version, label: `Add ${title}`, step };
    await done(request.post(`/api/classes/${id}/plan`, { data }));
    const added = applyStep(plan, step);
    if (added.ok) plan = added.value.plan;
  }
  await page.goto(`/classes/${id}`);
  await expect(page.getByRole('columnheader', { name: people[0]! })).toBeVisible();
}

/** A row put into the second section by hand, with its editor open. */
export async function addRow(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: 'Add to move' }).click();
  await page.getByLabel('Find a movement').fill(title);
  await page.getByRole('button', { name: new RegExp(`^\\w+ ${title}`) }).click();
  await expect(page.getByRole('button', { name: `Move ${title}` })).toBeVisible();
  await expect(page.getByText(/^Saved: Add/)).toBeVisible();
}

/** The day that a first class is proposed for when it is made by hand. */
const NEW_CLASS_DAY = '2026-11-24';

/** The seldom changed fields of the row whose editor is open. */
export const openMore = (page: Page) => page.getByRole('button', { name: /^More: sides/ }).click();

/** The row of a plan by its title, whatever a rule says of it. */
export const rowOf = (page: Page, title: string) =>
  page.getByRole('row').filter({ has: page.getByRole('button', { name: new RegExp(`^${title}( \\(|$)`) }) });

/** A step of the class in the row over its pages. */
export const stepLink = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Steps of the class' }).getByRole('link', { name });

/** How the running order is looked at, chosen in its menu. */
export async function look(page: Page, choose: (menu: Locator) => Promise<void>): Promise<void> {
  await page.getByRole('button', { name: 'View', exact: true }).click();
  await choose(page.getByRole('dialog'));
  await page.keyboard.press('Escape');
}

/** What a test before this one typed into these forms and left there is let go. */
export async function nothingTyped(page: Page, ...forms: readonly string[]): Promise<void> {
  for (const form of forms) {
    const reply = await page.request.delete(`/api/unsaved/${form}`, { data: {} });
    expect(reply.status(), form).toBe(200);
  }
}

/** What the rows of a plan are called, in their order. */
export const rowTitles = (page: Page) =>
  page
    .locator('tr[id^="row-"] th button')
    .evaluateAll((all) => all.map((b) => b.textContent?.replace(/ \(\w+\)$/, '')));
