import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MODELS } from '@/catalogue/models';
import { enduranceCheck } from '@/core/models/endurance-check';
import { leanCheck } from '@/core/models/lean-check';
import { modelsMarkdown } from '@/core/models/markdown';
import { realChangeCheck, readinessCheck } from '@/core/models/chance-check';

test('each model says what goes in and comes out, where it is from and what its limits are', () => {
  for (const m of MODELS) {
    for (const said of [m.use, m.comesOut, ...m.goesIn, ...m.sources, ...m.limits])
      expect([m.id, said.trim().length > 0]).toEqual([m.id, true]);
    expect([m.id, m.goesIn.length, m.sources.length > 0, m.limits.length > 0]).toEqual([
      m.id,
      expect.any(Number),
      true,
      true,
    ]);
  }
  expect(new Set(MODELS.map((m) => m.id)).size).toBe(MODELS.length);
});

test('docs/models.md says the same as the app: npm run models writes it', () => {
  expect(readFileSync('docs/models.md', 'utf8')).toBe(modelsMarkdown(MODELS));
});

test('what a check says is in its picture, and within what the models promise', () => {
  for (const check of MODELS.flatMap((m) => m.checks)) {
    const { series, says, valid } = check();
    expect(says).not.toMatch(/NaN|undefined|Infinity/);
    expect(valid[0]).toBeLessThan(valid[1]);
    for (const s of series)
      for (const [x, y] of s.points)
        expect([s.name, Number.isFinite(x), Number.isFinite(y)]).toEqual([s.name, true, true]);
  }
  const [law, model] = enduranceCheck().series;
  for (const [i, [share, seconds]] of model!.points.entries())
    if (share <= 0.6) expect(Math.abs(seconds / law!.points[i]![1] - 1)).toBeLessThan(0.2);
  const [measured, , middle] = leanCheck().series;
  for (const [height, percent] of measured!.points) {
    const near = middle!.points.reduce((a, b) => (Math.abs(b[0] - height) < Math.abs(a[0] - height) ? b : a));
    expect(Math.abs(near[1] - percent)).toBeLessThanOrEqual(8);
  }
  for (const s of realChangeCheck().series)
    for (const [spread, percent] of s.points) if (spread <= 1.5) expect(percent).toBeLessThanOrEqual(8);
  for (const [i, most] of [10, 2].entries())
    for (const [spread, percent] of readinessCheck().series[i]!.points)
      if (spread <= 9) expect(percent).toBeLessThanOrEqual(most);
});

test('every way from a number leads to a model that is there', () => {
  const ids = MODELS.map((m) => m.id);
  const asked = files('src/app').flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/<WorkedOut\s+id="([a-z-]+)"/g)].map((m) => m[1]!),
  );
  expect(existsSync('src/ui/page/worked-out.tsx')).toBe(true);
  expect(asked.filter((id) => !ids.includes(id))).toEqual([]);
  // Each of them is asked for somewhere.
  expect(ids.filter((id) => !asked.includes(id))).toEqual([]);
});

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? files(join(folder, e.name)) : e.name.endsWith('.tsx') ? [join(folder, e.name)] : [],
  );
