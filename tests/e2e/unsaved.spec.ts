import { expect, test, type Page } from '@playwright/test';
import { serverForFile } from './own-server';

const server = serverForFile({ OSKIL_DEMO: '1', OSKIL_TODAY: '2026-11-24' });

type Form = {
  readonly name: string;
  readonly open: (page: Page) => Promise<void>;
  /** Buttons that bring more fields. */
  readonly more?: readonly string[];
};

const at = (path: string) => (page: Page) => page.goto(server.url + path).then(() => {});
/** Where the last link to such a page leads, from another. */
const from =
  (path: string, to: RegExp, rest = '') =>
  async (page: Page) => {
    await page.goto(server.url + path);
    const hrefs = await page.locator('#main a').evaluateAll((all) => all.map((a) => a.getAttribute('href')!));
    await page.goto(server.url + hrefs.findLast((href) => to.test(href))! + rest);
  };

const FORMS: readonly Form[] = [
  {
    name: 'a new person',
    open: at('/people/new'),
    more: ['Add a condition', 'Add a clearance', 'Add a measure'],
  },
  { name: 'a person', open: from('/people', /^\/people\/[0-9a-f-]{36}$/) },
  { name: 'a new class', open: at('/classes/new') },
  { name: 'settings', open: at('/settings') },
  { name: 'a movement of one’s own', open: at('/movements/new?from=thumb-to-tips') },
  { name: 'a term', open: from('/terms', /^\/terms\/[0-9a-f-]{36}$/, '/change') },
  { name: 'a wrap-up', open: from('/', /decide$/, '/../wrap-up') },
];

for (const { name, open, more = [] } of FORMS)
  test(`${name}: every field is filled in, the page is left without saving, and all of it is there again`, async ({
    page,
  }) => {
    await open(page);
    for (const button of more) await page.getByRole('button', { name: button }).click();
    const filled = await fillAll(page);
    expect(filled).toBeGreaterThan(3);
    const before = await valuesOf(page);
    await expect(page.getByText('Kept as you type. It counts once it is saved.')).toBeVisible();
    // Left by the menu, and opened anew.
    await page.getByRole('link', { name: 'Today', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
    await open(page);
    await expect(page.getByText(/^What you typed here on .* is back/)).toBeVisible();
    await expect.poll(() => valuesOf(page)).toEqual(before);
    // Thrown away, it is as it was saved.
    await page.getByRole('button', { name: 'Throw it away' }).click();
    await expect(page.getByText(/^What you typed here on/)).toHaveCount(0);
    await open(page);
    await expect.poll(() => valuesOf(page)).not.toEqual(before);
    await expect(page.getByText(/^What you typed here on/)).toHaveCount(0);
  });

test('the last letter is kept too, however quickly one leaves; what is saved leaves nothing behind', async ({
  page,
}) => {
  await page.goto(`${server.url}/people/new`);
  await page.getByLabel('First name or nickname').fill('Winnie');
  await page.getByRole('link', { name: 'Classes', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Classes', level: 1 })).toBeVisible();
  await page.goBack();
  await expect(page.getByLabel('First name or nickname')).toHaveValue('Winnie');
  await page.getByLabel('Initial').fill('T');
  await page.waitForResponse(
    (r) => r.url().endsWith('/api/unsaved/person.new') && r.request().method() === 'PUT',
  );
  await page.reload();
  await expect(page.getByLabel('Initial')).toHaveValue('T');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('link', { name: 'Winnie T' })).toBeVisible();
  await page.goto(`${server.url}/people/new`);
  await expect(page.getByLabel('First name or nickname')).toHaveValue('');
  await expect(page.getByLabel('First name or nickname')).toBeEnabled();
});

test('what was saved does not come back, however quickly one leaves after it', async ({ page }) => {
  const wording = page.getByLabel('The venue’s safety wording');
  await page.goto(`${server.url}/settings`);
  await wording.fill('The kit hangs by the door.');
  await expect(page.getByText('Kept as you type. It counts once it is saved.')).toBeVisible();
  // What was kept is to be forgotten, and the page is left before an answer comes.
  let asked = 0;
  await page.route('**/api/unsaved/settings.all', (route) =>
    route.request().method() === 'DELETE' && asked++ === 0 ? undefined : route.continue(),
  );
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('Settings are saved')).toBeVisible();
  await expect.poll(() => asked).toBe(1);
  await page.goto(`${server.url}/`);
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.goto(`${server.url}/settings`);
  await expect(wording).toHaveValue('The kit hangs by the door.');
  await expect(wording).toBeEnabled();
  await expect(page.getByText(/is back\. It counts once it is saved/)).toHaveCount(0);
});

test('what could not be kept is told of, and is kept with the next chance', async ({ page }) => {
  await page.goto(`${server.url}/classes/new`);
  await page.route('**/api/unsaved/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await page.getByLabel('Name').fill('Porch class');
  await expect(page.getByText(/^Oskil could not be reached\. What you typed is still here/)).toBeVisible();
  await expect(page.getByText('Kept as you type. It counts once it is saved.')).toHaveCount(0);
  await page.unroute('**/api/unsaved/**');
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.goto(`${server.url}/classes/new`);
  await expect(page.getByLabel('Name')).toHaveValue('Porch class');
});

test('a list of people that was not kept yet is back, with what was answered', async ({ page }) => {
  await page.goto(`${server.url}/people/list`);
  await page.getByLabel('One person a line').fill('Nobody Z, broken right wrist');
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Today', level: 1 })).toBeVisible();
  await page.goto(`${server.url}/people/list`);
  await expect(page.getByLabel('One person a line')).toHaveValue('Nobody Z, broken right wrist');
});

const FIELDS = '#main form :is(input, textarea, select):not([type=file], [type=range], [type=password])';

/** Everything in the forms of the page is set to something else; how many fields that were. */
async function fillAll(page: Page): Promise<number> {
  await expect(page.locator(FIELDS).first()).toBeEnabled();
  const fields = page.locator(FIELDS);
  let filled = 0;
  // What is chosen in one field may bring or take another.
  for (let i = 0; ; i++) {
    const field = await fieldAt(page, i);
    if (field === 'none') break;
    if (field === 'closed') continue;
    const { tag, type, mode, value, others } = field;
    const here = fields.nth(i);
    // The last of several passes cannot be taken out.
    if (type === 'checkbox') await here.click();
    else if (tag === 'SELECT') {
      if (others.length === 0) continue;
      await here.selectOption(others.at(-1)!);
    } else if (type === 'date') await here.fill('2026-12-03');
    else if (type === 'time') await here.fill('09:15');
    else if (mode === 'numeric' || mode === 'decimal' || type === 'number')
      await here.fill(value === '' ? '7' : String(Number(value) + 1));
    else await here.fill(`${value} x${i}`.trim());
    filled++;
  }
  // What a field makes of its text stands once it is left.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  return filled;
}

/** What kind of field comes at this place and what it holds, asked in one go; `closed` takes nothing now, `none` is past the last. */
const fieldAt = (page: Page, at: number) =>
  page.locator(FIELDS).evaluateAll((all, i) => {
    const field = all[i] as HTMLInputElement | HTMLSelectElement | undefined;
    if (!field) return 'none' as const;
    if (field.matches(':disabled') || !field.checkVisibility({ visibilityProperty: true }))
      return 'closed' as const;
    const options = field instanceof HTMLSelectElement ? [...field.options].map((o) => o.value) : [];
    const others = options.filter((value) => value !== field.value);
    return { tag: field.tagName, type: field.type, mode: field.inputMode, value: field.value, others };
  }, at);

const valuesOf = (page: Page): Promise<readonly string[]> =>
  page.locator(FIELDS).evaluateAll((all) =>
    all.map((f) => {
      const field = f as HTMLInputElement;
      return field.type === 'checkbox' ? String(field.checked) : field.value;
    }),
  );
