import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { subset } from 'semver';

const { dependencies, devDependencies, engines } = JSON.parse(readFileSync('package.json', 'utf8')) as Record<
  'dependencies' | 'devDependencies' | 'engines',
  Record<string, string>
>;
const tables = readFileSync('docs/dependencies.md', 'utf8').split('## The voice')[0]!;
const listed = [...tables.matchAll(/`([^`]+)`/g)].map((m) => m[1]!).filter((name) => !name.endsWith('.json'));

test('every package has its reason and licence, and none is listed that is not there', () => {
  const there = [...Object.keys(dependencies), ...Object.keys(devDependencies)].sort();
  expect([...listed].sort()).toEqual(there);
});

test('every version is exact', () => {
  for (const version of Object.values({ ...dependencies, ...devDependencies }))
    expect(version).toMatch(/^\d+\.\d+\.\d+$/);
});

type Locked = {
  readonly license?: string;
  readonly integrity?: string;
  readonly inBundle?: boolean;
  readonly dev?: boolean;
  readonly optional?: boolean;
  readonly hasInstallScript?: boolean;
  readonly engines?: { readonly node?: string };
};
const { packages } = JSON.parse(readFileSync('package-lock.json', 'utf8')) as {
  packages: Record<string, Locked>;
};
const locked = Object.entries(packages)
  .filter(([path]) => path !== '')
  .map(([path, p]) => ({ ...p, name: path.replace(/^.*node_modules\//, '') }));

/** Let us use, change and hand on. */
const FREE = /^\(?(MIT|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|BlueOak-1\.0\.0|OFL-1\.1|Zlib|CC0-1\.0)\b/;
/** What is free too, in words of its own, or only built or tested with. */
const OTHERWISE: Readonly<Record<string, string>> = {
  'png-js': 'MIT, in its LICENSE alone',
  'dejavu-fonts-ttf': 'the free licence of the fonts',
  'caniuse-lite': 'CC-BY-4.0: a table for the build',
};
const licenceIsFine = ({ name, license = '', dev, optional }: (typeof locked)[number]): boolean =>
  FREE.test(license) ||
  name in OTHERWISE ||
  // Tools of ours; and pictures, which Next would shrink with them if we let it.
  (dev === true && /^(MPL-2\.0|PSF-2\.0|Python-2\.0)/.test(license)) ||
  (optional === true && name.startsWith('@img/sharp'));

test('every package that comes along is as it was locked, and its licence lets us use it', () => {
  expect(locked.length).toBeGreaterThan(500);
  expect(locked.filter((p) => !p.inBundle && !p.integrity?.startsWith('sha512-')).map((p) => p.name)).toEqual(
    [],
  );
  expect(locked.filter((p) => !licenceIsFine(p)).map((p) => `${p.name}: ${p.license}`)).toEqual([]);
});

test('every package runs on the Node that the README asks for', () => {
  const oldest = /You need Node ([\d.]+) or newer/.exec(readFileSync('README.md', 'utf8'))![1]!;
  expect(engines.node).toBe(`>=${oldest}`);
  const ours = [`${oldest} - 20`, '22.13 - 22', '24 - 26'];
  const refusing = locked.filter(
    (p) => !p.optional && ours.some((nodes) => !subset(nodes, p.engines?.node ?? '*')),
  );
  expect(refusing.map((p) => `${p.name}: ${p.engines?.node}`)).toEqual([]);
});

test('a Node that is too old is told at the start', () => {
  const said = (...versions: string[]) =>
    JSON.parse(
      execFileSync(process.execPath, [
        ...['--input-type=module', '-e'],
        `import { nodeTooOld } from './scripts/lib/prepare.mjs';
         console.log(JSON.stringify(${JSON.stringify(versions)}.map((v) => nodeTooOld(v))))`,
      ]).toString(),
    ) as (string | null)[];
  for (const sentence of said('18.20.4', '20.9.0', '20.18.3'))
    expect(sentence).toMatch(/^Oskil needs Node 20\.19 or newer, and this is [\d.]+\. Install a newer one/);
  expect(said('20.19.0', '20.20.2', '22.13.0', '24.1.0')).toEqual([null, null, null, null]);
});

test('no package of the app runs anything when it is installed', () => {
  expect(locked.filter((p) => p.hasInstallScript && !p.dev).map((p) => p.name)).toEqual([]);
});

test('the lock file names no host', () => {
  expect(readFileSync('package-lock.json', 'utf8')).not.toMatch(/"resolved"/);
});
