import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { loadsOfRow } from '@/core/load/person-load';
import type { Person } from '@/core/people/person';
import { verdictFor } from '@/core/screening/verdict';
import { person } from '../people';

const loads = (id: string, people: readonly Person[]) => {
  const movement = CATALOGUE.movement(id)!;
  const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
  return loadsOfRow(movement, people, (personId) =>
    verdictFor(
      people.find((p) => p.id === personId)!,
      movement,
      movement.dose,
      context,
    ),
  );
};
const positions: Person['positions'] = ['chair', 'table', 'standing'];

test('a known body has its own band; a heavier one bears more, to scale', () => {
  const [a, b] = loads('worktop-lean', [
    person({ heightCm: 165, massKg: 50, positions }),
    person({ heightCm: 165, massKg: 100, positions }),
  ]);
  expect(a!.known).toBe(true);
  expect(b!.fromKg).toBeCloseTo(2 * a!.fromKg, 6);
  expect(b!.toKg).toBeCloseTo(2 * a!.toKg, 6);
  expect(a!.rung).toBeGreaterThan(2);
});

test('where nothing is known the range covers light and heavy people', () => {
  const [unknown] = loads('table-lean', [person({ positions })]);
  const [light] = loads('table-lean', [person({ massKg: 45, heightCm: 162, positions })]);
  expect(unknown!.known).toBe(false);
  expect(unknown!.fromKg).toBeGreaterThanOrEqual(light!.fromKg);
  expect(unknown!.toKg).toBeGreaterThan(unknown!.fromKg * 2);
});

test('who swaps or rests bears nothing, and what does not load says nothing', () => {
  const median = person({
    conditions: [{ conditionId: 'median-nerve', side: 'both', state: 'settled', since: null, spots: [] }],
    positions,
  });
  expect(loads('table-lean', [median])).toEqual([]);
  expect(loads('ball-squeeze', [person()])).toEqual([]);
});

test('one hand alone may take up to what both would', () => {
  const weak = person({
    conditions: [{ conditionId: 'wrist-fracture', side: 'L', state: 'not cleared', since: null, spots: [] }],
    positions,
  });
  const [alone] = loads('thigh-press', [weak]);
  const [both] = loads('thigh-press', [person({ positions })]);
  expect([alone!.hands, both!.hands]).toEqual(['R', 'both']);
  expect(alone!.fromKg).toBeCloseTo(both!.fromKg, 9);
  expect(alone!.toKg).toBeCloseTo(2 * both!.toKg, 9);
});
