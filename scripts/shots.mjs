// Pictures of the main views, from the demo running at OSKIL_URL (default http://127.0.0.1:4820), freshly reset.
import { launchChromium } from './lib/chromium.mjs';

const base = process.env.OSKIL_URL ?? 'http://127.0.0.1:4820';
const browser = await launchChromium();
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
const shot = async (name) => {
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  console.log(name);
};
const open = async (path) => page.goto(`${base}${path}`);
const button = (name) => page.getByRole('button', { name });

await open('/');
await shot('today');
await open('/people');
await shot('people');
await page.getByRole('link', { name: 'Delphine M' }).click();
await page.getByRole('heading', { name: 'Delphine M' }).waitFor();
await shot('person');
await open('/movements');
await page.getByLabel('Find by word, prop or joint').fill('fingers');
await shot('movements');
await open('/movements/thumb-to-tips');
await page.waitForTimeout(1_300);
await shot('movement');
await open('/loading');
await button(/^A lean on a worktop/).click();
await page.evaluate(() => window.scrollTo(0, 0));
await shot('loading');
await open('/classes');

await page
  .getByRole('row', { name: /Wednesday Hands.*planned/ })
  .getByRole('link')
  .click();
await page.getByRole('heading', { name: 'Wednesday Hands, week 4' }).waitFor();
await shot('class');
await button('View').click();
await page.getByLabel('Traces').click();
await page.getByLabel('Show the reserve of').selectOption({ label: 'Esi O' });
await page.keyboard.press('Escape');
await page.locator('#row-grip-3').evaluate((row) => row.scrollIntoView({ block: 'center' }));
await shot('class-traces');
await button('View').click();
await page.getByLabel('Who may do what').click();
await page.keyboard.press('Escape');
await button('Draft a class').click();
await page.getByLabel('bone loading').check();
await page.getByLabel(/^keep what is in the plan/).uncheck();
await page.getByRole('button', { name: 'Draft', exact: true }).click();
await button('Use this draft').waitFor();
await page.getByRole('region', { name: 'Draft' }).evaluate((e) => e.scrollIntoView());
await shot('class-draft');
await page.getByRole('button', { name: 'Close', exact: true }).click();
await page.locator('#row-grip-3').evaluate((row) => row.scrollIntoView({ block: 'center' }));
await page.locator('#row-grip-3 button[id^="cell-"]').nth(3).focus();
await shot('class-weave');
await open(new URL(page.url()).pathname);
await button('Put in a hand break of 30 s').click();
await page.getByText('Saved: Put in a hand break').waitFor();

await page.getByRole('link', { name: 'Door' }).click();
await button('Pain in the right hand: 4').click();
await page.getByRole('link', { name: 'On to teaching' }).click();
await button('Start the class').waitFor();
await button('Start the class').click();
await page.getByRole('heading', { name: 'Welcome, what today is for' }).waitFor();
await upTo('Ball squeeze');
await page.keyboard.press('Space');
await page.waitForTimeout(9_000);
await shot('teach-count');
const room = await context.newPage();
await room.goto(`${base}/room`);
await room.getByRole('heading', { level: 1 }).waitFor();
await room.waitForTimeout(1_200);
await room.screenshot({ path: 'docs/screenshots/room.png' });
await room.close();
await page.keyboard.press('m');
await button('Hamish S: Eased it').click();
await shot('teach-marks');
await page.keyboard.press('Escape');

await open('/classes');
await page
  .getByRole('row', { name: /Wednesday Hands.*written up/ })
  .nth(1)
  .getByRole('link')
  .click();
await page.getByRole('heading', { name: /^Wrap-up/ }).waitFor();
await shot('wrap-up');
const taught = new URL(page.url()).pathname;
await page.getByRole('link', { name: 'Home practice' }).click();
await button(/^Make \d+ cards$/).click();
await page.getByRole('article', { name: 'Card for Ansel B' }).waitFor();
await page.waitForTimeout(5_500);
await shot('home-card');
await open(taught);
await page.getByRole('heading', { name: /^Wrap-up/ }).waitFor();
await open('/practice/group');
await page.getByLabel('Class', { exact: true }).selectOption({ label: 'More for grip, 45 minutes' });
await page.getByLabel('Who comes').selectOption('12');
await page.getByRole('radio', { name: /^A hard Tuesday/ }).check();
await button('Begin the practice').click();
await page.getByRole('region', { name: 'The group' }).waitFor();
await upTo('Finger taps in order');
await page.keyboard.press('ArrowUp');
await page.keyboard.press('Space');
await page.waitForTimeout(14_000);
await shot('practice');

await open('/people');
await page.getByRole('link', { name: 'Ansel B' }).click();
await page.getByRole('link', { name: 'Results', exact: true }).click();
await page.getByRole('heading', { name: 'Results of Ansel B' }).waitFor();
await shot('results');
await open('/classes');
await page
  .getByRole('row', { name: /Friday Slow Hands.*planned/ })
  .getByRole('link')
  .click();
await page.getByRole('heading', { name: /^Friday Slow Hands, week/ }).waitFor();
await open(`${new URL(page.url()).pathname}/measuring`);
for (const station of ['Grip', 'Press']) {
  const card = page.getByRole('region', { name: station, exact: true });
  await card.getByRole('button', { name: /sits down$/ }).click();
  await card.getByRole('button', { name: 'Done' }).waitFor();
}
await page.waitForTimeout(1_500);
await shot('measuring-day');
await open('/terms');
await page.getByRole('link', { name: /^Wednesday Hands, / }).click();
await button(/^Plan \d+ classes$/).click();
const bead = button(/^Ball squeeze, week 6, /);
await bead.waitFor();
await bead.focus();
await page.keyboard.press('ArrowUp');
await page.waitForTimeout(11_000);
await page.evaluate(() => window.scrollTo(0, 0));
await shot('term');
await browser.close();

/** Pass over rows until the one with this title. */
async function upTo(title) {
  for (let i = 0; i < 60; i++) {
    if ((await page.locator('h1').first().textContent()) === title) return;
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(120);
  }
  throw new Error(`${title} did not come`);
}
