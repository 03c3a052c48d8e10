// The whole check: types, lint, formatting, Jest, a production build, Playwright against it. With --quick, what needs no database,
// no browser and no long time.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumPath } from './lib/chromium-path.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { failedInJest, failedOnScreens } from './lib/failures.mjs';
import { build, ensureInstalled, run, runBeside } from './lib/prepare.mjs';
import { demoFolder, emptyFolder, startScratchDemo } from './lib/scratch-server.mjs';

/** So many beside each other, each with an app and data of its own: most of a screen's test is waiting. */
const WORKERS = 2;
/** A Tuesday, so that Wednesday's class comes next whatever day the tests run on. */
const TODAY = '2026-11-24';
/** Constraints, row policies, two writers at once, times, sums and the demo: the rest is the same SQL again. */
const DIFFERS_BY_ENGINE = [
  'constraints',
  'demo',
  'instructors',
  'lock',
  'long-ago',
  'people-meanwhile',
  'plan-versions',
  'postgres',
  'taken-away',
  'write-up-meanwhile',
];

/** What is drafted, practised and drawn over and over, seven seconds and more a file: the quick loop leaves it to the whole check. */
const LONG = [
  'draft',
  'draft-groups',
  'draft-order',
  'formats/class-sound',
  'hand/hand',
  'hand/scene',
  'judgement',
  'measure/results',
  'practice/practice',
  'starters',
];

const isQuick = process.argv.includes('--quick');
ensureInstalled();
if (!isQuick) ensureChromium();

const scratch = mkdtempSync(join(tmpdir(), 'oskil-test-'));
const totals = { passed: 0, failed: 0, skipped: 0 };
/** What failed and why, told again at the end: a long log is rarely read whole. */
const failures = [];
let broken = false;
const begun = Date.now();

const step = (name, ok) => {
  // Some run beside each other, so that when they were done says more than what each took.
  console.log(
    `${ok ? 'ok' : 'FAILED'}: ${name}, ${Math.round((Date.now() - begun) / 1000)} s after the beginning`,
  );
  if (!ok) broken = true;
  return ok;
};

const types = async () =>
  run('npx', ['next', 'typegen']) === 0 && (await runBeside('npx', ['tsc', '--noEmit'])) === 0;
const script = async (name) => {
  // What was looked at before and is as it was is not looked at again.
  const place = `.cache/${name.replace(':', '-')}`;
  const remembering = ['--', '--cache', '--cache-strategy', 'content', '--cache-location', place];
  return (await runBeside('npm', ['run', '-s', name, ...(isQuick ? remembering : [])])) === 0;
};
// It takes one core twice as long as the others: the tests need not wait for it.
const linted = script('lint');
const [typed, formatted] = await Promise.all([types(), script('format:check')]);
step('types', typed);
step('formatting', formatted);
if (isQuick)
  jest('unit tests, but for the long ones', [
    'tests/core',
    '--testPathIgnorePatterns',
    ...LONG.map((name) => `tests/core/${name}.test`),
  ]);
else jest('unit and store tests', []);
step('lint', await linted);
if (!isQuick) {
  await onPostgres();
  if (step('build', build() === 0)) await playwright();
}

rmSync(scratch, { recursive: true, force: true });
for (const told of failures) console.log(`\n${told}`);
console.log(`${totals.passed} passed, ${totals.failed} failed, ${totals.skipped} skipped`);
process.exit(broken || totals.failed > 0 || totals.passed === 0 ? 1 : 0);

function jest(name, args, env = {}) {
  const file = join(scratch, `jest-${name.replace(/\W+/g, '-')}.json`);
  step(name, run('npm', ['run', '-s', 'unit', '--', ...args, '--json', `--outputFile=${file}`], env) === 0);
  if (!existsSync(file)) return step(`${name}: results`, false);
  const result = JSON.parse(readFileSync(file, 'utf8'));
  failures.push(...failedInJest(result));
  totals.passed += result.numPassedTests;
  totals.failed += result.numFailedTests;
  totals.skipped += result.numPendingTests + result.numTodoTests;
}

/** The same tests of the store on a PostgreSQL server, where there is one to be had. */
async function onPostgres() {
  const postgres = await startPostgres();
  if (!postgres)
    return console.log('PostgreSQL is not here and could not be installed: its tests did not run.');
  jest(
    'store tests on PostgreSQL',
    DIFFERS_BY_ENGINE.map((name) => `tests/store/${name}.test`),
    {
      OSKIL_TEST_POSTGRES: postgres.url,
    },
  );
  await postgres.stop();
}

async function playwright() {
  const empty = await emptyFolder(join(scratch, 'empty'));
  if (!step('a new folder', empty !== null)) return;
  const demo = await demoFolder(join(scratch, 'demo'), empty, TODAY);
  if (!step('a new folder with the demo', demo !== null)) return;
  const servers = await Promise.all(
    Array.from({ length: WORKERS }, () =>
      startScratchDemo(
        {
          OSKIL_CLOCK_RATE: '40',
          OSKIL_TODAY: TODAY,
        },
        demo,
      ),
    ),
  );
  const file = join(scratch, 'playwright.json');
  if (
    step(
      'the app starts',
      servers.every((s) => s.started),
    )
  ) {
    const env = {
      OSKIL_URLS: servers.map((s) => s.url).join(' '),
      OSKIL_E2E_JSON: file,
      OSKIL_E2E_EMPTY: empty,
      OSKIL_E2E_DEMO: demo,
    };
    const args = ['playwright', 'test', '--output', join(scratch, 'results')];
    step('screens in Chromium', (await runBeside('npx', args, env)) === 0);
  }
  const closed = await Promise.all(servers.map((s) => s.stop()));
  step('the app closes cleanly', closed.every(Boolean));
  if (!existsSync(file)) return step('Playwright results', false);
  const { stats, suites } = JSON.parse(readFileSync(file, 'utf8'));
  failures.push(...failedOnScreens(suites));
  totals.passed += stats.expected + stats.flaky;
  totals.failed += stats.unexpected;
  totals.skipped += stats.skipped;
}

/** Chromium comes from Debian; where we may not install it, say what to install. */
function ensureChromium() {
  if (chromiumPath()?.includes('headless-shell') || process.env.CHROMIUM_PATH) return;
  const isDebianRoot = existsSync('/usr/bin/apt-get') && process.getuid?.() === 0;
  if (isDebianRoot && run('apt-get', ['update', '-qq']) === 0)
    for (const name of ['chromium-headless-shell', 'chromium']) {
      const status = run('apt-get', ['install', '-y', '-qq', name], { DEBIAN_FRONTEND: 'noninteractive' });
      if (status === 0) break;
    }
  if (chromiumPath()) return;
  console.error('Chromium is needed for the screen tests. Install it, and set CHROMIUM_PATH to where it is.');
  process.exit(1);
}
