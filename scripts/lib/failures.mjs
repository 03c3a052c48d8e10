// What failed and why, in a few lines each, from the reports of Jest and of Playwright.
const LINES = 14;

/** Of Jest's report: the tests that failed. */
export const failedInJest = ({ testResults }) =>
  testResults.flatMap(({ name, message, assertionResults }) => {
    const failed = assertionResults.filter((t) => t.status === 'failed');
    // A file that does not load has no tests.
    if (failed.length === 0 && message) return [told(name, message)];
    return failed.map((t) => told(`${name} › ${t.fullName}`, t.failureMessages.join('\n')));
  });

/** Of Playwright's report: the tests that failed, and those that did not pass at first, each with every try that failed. */
export const failedOnScreens = (suites) =>
  suites.flatMap((suite) => [
    ...(suite.specs ?? []).flatMap((spec) =>
      spec.tests.flatMap(({ results }) =>
        results
          .filter((r) => r.status !== 'passed' && r.status !== 'skipped')
          .map((r) => told(`${spec.file}:${spec.line} › ${spec.title}, try ${r.retry + 1}`, why(r))),
      ),
    ),
    ...failedOnScreens(suite.suites ?? []),
  ]);

const why = ({ status, errors }) => errors.map((e) => e.message ?? '').join('\n') || status;

const told = (what, message) =>
  [
    what,
    ...message
      // Colours of a terminal.
      .replace(/\u001b\[[0-9;]*m/g, '')
      .split('\n')
      .filter((line) => line.trim() !== '')
      .slice(0, LINES)
      .map((line) => `  ${line.slice(0, 300)}`),
  ].join('\n');
