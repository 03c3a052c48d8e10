import { readFileSync } from 'node:fs';

const { dependencies, devDependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as Record<
  'dependencies' | 'devDependencies',
  Record<string, string>
>;
const listed = [...readFileSync('docs/dependencies.md', 'utf8').matchAll(/`([^`]+)`/g)]
  .map((m) => m[1]!)
  .filter((name) => !name.endsWith('.json'));

test('every package has its reason and licence, and none is listed that is not there', () => {
  const there = [...Object.keys(dependencies), ...Object.keys(devDependencies)].sort();
  expect([...listed].sort()).toEqual(there);
});

test('every version is exact', () => {
  for (const version of Object.values({ ...dependencies, ...devDependencies }))
    expect(version).toMatch(/^\d+\.\d+\.\d+$/);
});
