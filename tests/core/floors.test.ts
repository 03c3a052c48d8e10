import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ESLint } from 'eslint';

const eslint = new ESLint();

/** What the linter says of a file with these words at this place. */
async function said(filePath: string, text: string): Promise<readonly string[]> {
  const [result] = await eslint.lintText(text, { filePath });
  return result!.messages.filter((m) => m.ruleId?.startsWith('import-x/')).map((m) => m.message);
}
const importing = (names: string, from: string) => `import { ${names} } from '${from}';\nvoid [${names}];\n`;

test.each([
  ['up a floor', 'src/core/dose/pace.ts', importing('findRow', '../plan'), /stands above/],
  [
    'to a neighbour on the same floor',
    'src/core/teach/drift.ts',
    importing('draftClass', '../draft'),
    /stands above/,
  ],
  [
    'past a door, from within the core',
    'src/core/plan/check/kit.ts',
    importing('doseTotals', '../../dose/totals'),
    /by the door/,
  ],
  ['past a door, from a page', 'src/app/page.tsx', importing('findRow', '@/core/plan/plan'), /by the door/],
  [
    'past a door, from the server',
    'src/server/shell/ids.ts',
    importing('findRow', '@/core/plan/plan'),
    /by the door/,
  ],
])('an import %s is refused', async (_, file, text, message) => {
  expect((await said(file, text)).join()).toMatch(message);
});

test.each([
  ['down, by the door', 'src/core/plan/check/kit.ts', importing('doseTotals', '../../dose')],
  ['within a folder', 'src/core/plan/check/kit.ts', importing('findRow', '../plan')],
  ['from a page by the door', 'src/app/page.tsx', importing('findRow', '@/core/plan')],
])('an import %s is let by', async (_, file, text) => {
  expect(await said(file, text)).toEqual([]);
});

test('two files that import each other are found', async () => {
  // plan.ts is imported by the file that this one would import.
  const text = `${readFileSync('src/core/plan/plan.ts', 'utf8')}\n${importing('findBlock', './check/earlier-row')}`;
  expect((await said('src/core/plan/plan.ts', text)).join()).toMatch(/cycle/i);
});

const core = readdirSync('src/core', { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.ts'));

test('every folder of the core has a door of a screen at most', () => {
  const folders = readdirSync('src/core', { withFileTypes: true }).filter((e) => e.isDirectory());
  for (const { name } of folders) {
    const door = readFileSync(join('src/core', name, 'index.ts'), 'utf8');
    expect([name, door.split('\n').length <= 80]).toEqual([name, true]);
    expect([name, door.includes('export *')]).toEqual([name, false]);
  }
});

test('the name of a type means one thing in the core', () => {
  const named = core.flatMap((file) =>
    [...readFileSync(join('src/core', file), 'utf8').matchAll(/^export (?:type|interface) (\w+)/gm)].map(
      (m) => ({
        name: m[1]!,
        file,
      }),
    ),
  );
  const twice = named.filter(({ name }) => named.filter((other) => other.name === name).length > 1);
  expect(twice.map(({ name, file }) => `${name} in ${file}`).sort()).toEqual([]);
});

test('what only its own file uses is not exported', () => {
  const sources = ['src', 'tests'].flatMap((root) =>
    readdirSync(root, { recursive: true, encoding: 'utf8' })
      .filter((f) => /\.tsx?$/.test(f))
      .map((f) => ({
        file: join(root, f),
        words: new Set(readFileSync(join(root, f), 'utf8').match(/\w+/g)),
      })),
  );
  const alone = core.flatMap((file) => {
    const path = join('src/core', file);
    return [
      ...readFileSync(path, 'utf8').matchAll(/^export (?:async )?(?:type|const|function|class) (\w+)/gm),
    ]
      .map((m) => m[1]!)
      .filter((name) => !sources.some((s) => s.file !== path && s.words.has(name)))
      .map((name) => `${name} in ${file}`);
  });
  expect(alone).toEqual([]);
});
