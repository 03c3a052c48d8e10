import { readFileSync } from 'node:fs';
import { CATALOGUE } from '@/catalogue/movements';

test('docs/figures.md grades the picture of every movement once, and none as saying little', () => {
  const rows = [...readFileSync('docs/figures.md', 'utf8').matchAll(/^\| `([\w-]+)` +\| +([A-D]) /gm)];
  expect(rows.map(([, id]) => id).sort()).toEqual(CATALOGUE.movements.map((m) => m.id).sort());
  expect(rows.filter(([, , grade]) => grade === 'C' || grade === 'D')).toEqual([]);
});
